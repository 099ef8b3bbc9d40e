import type { FastifyReply, FastifyRequest } from 'fastify';
import { statfs } from 'node:fs/promises';

/** So much must be free for anything to be saved, megabytes: the database needs room to work and to stop in. */
const NEEDED_MB = 100;
/** The disk is asked again after so many milliseconds. */
const ASKED_EVERY = 1000;
/** Keep nothing, or no more than that somebody is here: nobody is kept from reading. */
const KEEP_LITTLE = new Set([
  '/api/classes/fit',
  '/api/people/find',
  '/api/screen/look',
  '/api/session',
  '/api/session/demo',
  '/api/mine/open',
  '/api/people/:id/home/draft',
  '/api/people/:id/letter/pdf',
  '/api/backup/file',
]);

export interface Disk {
  /** A folder on the disk that the database writes to. */
  folder: string;
  neededMb?: number;
}

/** What is said while nothing can be saved. */
const noRoom = (freeMb: number, neededMb: number): string =>
  `The disk is full: ${neededMb} MB must be free before anything can be saved, and ${freeMb} MB are. ` +
  'Everything can still be read, and what was saved is safe.';

/** Lets nothing be saved while the disk is nearly full, before the database is stopped by it. */
export function diskCheck({ folder, neededMb = NEEDED_MB }: Disk) {
  let asked = -Infinity;
  let freeMb = Infinity;
  return async ({ method, routeOptions }: FastifyRequest, reply: FastifyReply): Promise<unknown> => {
    if (method === 'GET' || method === 'HEAD' || KEEP_LITTLE.has(routeOptions.url ?? '')) return undefined;
    const now = performance.now();
    if (now - asked > ASKED_EVERY) {
      asked = now;
      const { bavail, bsize } = await statfs(folder);
      freeMb = Math.floor((bavail * bsize) / 1e6);
    }
    if (freeMb >= neededMb) return undefined;
    return reply.code(503).send({ statusCode: 503, message: noRoom(freeMb, neededMb) });
  };
}
