import { createHmac, timingSafeEqual } from 'node:crypto';
import type { CookieSerializeOptions } from '@fastify/cookie';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { isSecure } from '../common/fromHere.js';

/** Whose session a cookie is of: somebody's with an account, or a person's with her private link. */
export type SessionKind = 'session' | 'mine';

/** Requests that change nothing. */
const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Cookies have no ports: what two servers on one computer keep in a browser is told apart by name. Encrypted, the name
 * says that nobody but this host may have set it.
 */
const nameOf = (kind: SessionKind | `${SessionKind}-token`, request: FastifyRequest): string => {
  const port = /:(\d+)$/.exec(request.headers.host ?? '')?.[1];
  return `${isSecure(request) ? '__Host-' : ''}lotus-${kind}${port ? `-${port}` : ''}`;
};

const optionsFor = (request: FastifyRequest): CookieSerializeOptions => ({
  path: '/',
  sameSite: 'strict',
  secure: isSecure(request),
});

/** What a page sends with every change, so that no other page can have asked for it: made of the session's secret. */
const tokenOf = (secret: string): string => createHmac('sha256', secret).update('change').digest('base64url');

/** The secret of the session that a request came with. */
export const secretIn = (request: FastifyRequest, kind: SessionKind): string | undefined =>
  request.cookies[nameOf(kind, request)];

/** Gives a browser its session, and its pages what they send with a change. */
export function giveSession(
  request: FastifyRequest,
  reply: FastifyReply,
  kind: SessionKind,
  secret: string,
): void {
  const options = optionsFor(request);
  void reply.setCookie(nameOf(kind, request), secret, { ...options, httpOnly: true });
  void reply.setCookie(nameOf(`${kind}-token`, request), tokenOf(secret), options);
}

export function takeSession(request: FastifyRequest, reply: FastifyReply, kind: SessionKind): void {
  const options = optionsFor(request);
  void reply.clearCookie(nameOf(kind, request), options);
  void reply.clearCookie(nameOf(`${kind}-token`, request), options);
}

/** Whether a change was asked for by a page of ours: it read the token, as no page from elsewhere can. */
export function isOurs(request: FastifyRequest, secret: string): boolean {
  if (READS.has(request.method)) return true;
  const shown = Buffer.from(String(request.headers['x-lotus-token'] ?? ''));
  const right = Buffer.from(tokenOf(secret));
  return shown.length === right.length && timingSafeEqual(shown, right);
}
