import { ForbiddenException, Injectable, UnauthorizedException } from '@nestjs/common';
import type { FastifyRequest } from 'fastify';
import { ContextSource, type RequestContext } from '../common/context.js';
import { HallTokens } from '../halls/hallTokens.js';
import { isOurs, secretIn } from './cookies.js';
import { Sessions } from './sessions.js';

/** What is a person's own, and nobody else's. */
const MINE = /^\/api\/mine(\/|\?|$)/;

/** Who is signed in on the browser that asks; a machine shows the token of a hall, where those are given. */
@Injectable()
export class SessionContext extends ContextSource {
  constructor(
    private readonly sessions: Sessions,
    private readonly tokens: HallTokens,
  ) {
    super();
  }

  /** @throws UnauthorizedException @throws ForbiddenException for a change that no page of ours asked for */
  async of(request: FastifyRequest): Promise<RequestContext> {
    if (request.headers.authorization !== undefined) return this.tokens.of(request);
    const isMine = MINE.test(request.url);
    const secret = secretIn(request, isMine ? 'mine' : 'session');
    const session = secret === undefined ? undefined : await this.sessions.find(secret);
    if (!session || (session.role === 'person') !== isMine)
      throw new UnauthorizedException(
        isMine ? 'This page is closed. Open it with your link again.' : 'Sign in first.',
      );
    if (!isOurs(request, secret!))
      throw new ForbiddenException('This was not asked for by a page of this hall. Reload the page.');
    const { id, accountId, personId, hallId, role } = session;
    return { hallId, userId: (accountId ?? personId)!, role, sessionId: id };
  }
}
