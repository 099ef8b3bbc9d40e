import type { FastifyReply, FastifyRequest } from 'fastify';
import { isSecure } from './fromHere.js';

const LOCAL = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** How many Host headers came: of two, a proxy may have looked at the other. */
const hostsOf = ({ raw }: FastifyRequest): number =>
  raw.rawHeaders.filter((name, i) => i % 2 === 0 && name.toLowerCase() === 'host').length;

/**
 * By a local name on this machine, and encrypted by the names it has in its network: a web page elsewhere that points a
 * name of its own at us must not read health data, nor may a foreign page post to us.
 *
 * @param names which the encrypted door answers to just now
 */
export const hostCheck =
  (names: () => readonly string[]) =>
  (request: FastifyRequest, reply: FastifyReply, next: () => void): void => {
    const host = request.headers.host ?? '';
    const origin = request.headers.origin;
    const site = request.headers['sec-fetch-site'];
    const secure = isSecure(request);
    const name = host.replace(/:\d+$/, '').toLowerCase();
    const known = (secure ? names().includes(name) : LOCAL.has(name)) && hostsOf(request) === 1;
    const own = !origin || origin === `${secure ? 'https' : 'http'}://${host}`;
    // A link from elsewhere may open a page; data is for our own pages alone.
    const asked = !site || site === 'same-origin' || site === 'none' || !request.url.startsWith('/api/');
    if (known && own && asked) return next();
    const message = secure
      ? 'Lotus Steady does not answer to this name. LOTUS_HOSTS adds one.'
      : 'Lotus Steady answers on this computer only.';
    void reply.code(403).send({ statusCode: 403, message });
  };
