import type { FastifyReply, FastifyRequest } from 'fastify';

const LOCAL = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** How many Host headers came: of two, a proxy may have looked at the other. */
const hostsOf = ({ raw }: FastifyRequest): number =>
  raw.rawHeaders.filter((name, i) => i % 2 === 0 && name.toLowerCase() === 'host').length;

/**
 * Only this machine, by a local name: a web page elsewhere that points its own name at
 * 127.0.0.1 must not read health data, nor may a foreign page post to us.
 */
export function hostCheck(request: FastifyRequest, reply: FastifyReply, next: () => void): void {
  const host = request.headers.host ?? '';
  const origin = request.headers.origin;
  const site = request.headers['sec-fetch-site'];
  const local = LOCAL.has(host.replace(/:\d+$/, '')) && hostsOf(request) === 1;
  const own = !origin || origin === `http://${host}`;
  // A link from elsewhere may open a page; data is for our own pages alone.
  const asked = !site || site === 'same-origin' || site === 'none' || !request.url.startsWith('/api/');
  if (local && own && asked) return next();
  void reply.code(403).send({ statusCode: 403, message: 'Lotus Steady answers on this computer only.' });
}
