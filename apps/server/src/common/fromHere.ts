import type { FastifyRequest } from 'fastify';

/** Whether whoever asks sits at this computer: the first owner and the demo are theirs alone. */
export const isFromHere = ({ raw: { socket } }: FastifyRequest): boolean =>
  /^(::ffff:)?127\.|^::1$/.test(socket.remoteAddress ?? '');

/** Whether it came encrypted. */
export const isSecure = ({ raw: { socket } }: FastifyRequest): boolean =>
  'encrypted' in socket && Boolean(socket.encrypted);
