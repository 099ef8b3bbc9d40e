import type { FastifyReply, FastifyRequest } from 'fastify';

const LOCAL = new Set(['127.0.0.1', 'localhost', '[::1]']);

/**
 * Only this machine, by a local name: a web page elsewhere that points its own name at
 * 127.0.0.1 must not read health data, nor may a foreign page post to us.
 */
export function hostCheck(request: FastifyRequest, reply: FastifyReply, next: () => void): void {
  const host = request.headers.host ?? '';
  const origin = request.headers.origin;
  const local = LOCAL.has(host.replace(/:\d+$/, ''));
  const own = !origin || origin === `http://${host}`;
  if (local && own) return next();
  void reply.code(403).send({ statusCode: 403, message: 'Lotus Steady answers on this computer only.' });
}
