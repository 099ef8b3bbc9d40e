import { createHmac, timingSafeEqual } from 'node:crypto';
import { Inject, Injectable, UnauthorizedException } from '@nestjs/common';
import type { FastifyRequest } from 'fastify';
import { ContextSource, type RequestContext } from '../common/context.js';

/** The secret that all servers of many halls share; null where there is one hall. */
export const HALL_KEY = 'lotus:hall-key';

const signed = (hallId: string, key: string): string =>
  createHmac('sha256', key).update(hallId).digest('base64url');

/**
 * What whoever asks for a hall shows, as `Authorization: Bearer …`.
 *
 * @param key the secret that all servers of the halls share
 */
export const hallToken = (hallId: string, key: string): string => `${hallId}.${signed(hallId, key)}`;

/** Machines of many halls, each let in by the token of its hall: nothing of who is in is kept in a server. */
@Injectable()
export class HallTokens extends ContextSource {
  /** @param key without it no token is good */
  constructor(@Inject(HALL_KEY) private readonly key: string | null) {
    super();
  }

  /** @throws UnauthorizedException without the token of a hall */
  async of({ headers }: FastifyRequest): Promise<RequestContext> {
    const [, hallId, shown] = /^Bearer ([\w-]{36})\.([\w-]{43})$/.exec(headers.authorization ?? '') ?? [];
    const right = this.key && hallId ? Buffer.from(signed(hallId, this.key)) : undefined;
    if (!hallId || !right || !timingSafeEqual(Buffer.from(shown!), right))
      throw new UnauthorizedException('This needs the token of a hall.');
    return { hallId, userId: 'owner', role: 'owner' };
  }
}
