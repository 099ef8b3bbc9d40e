import type { FastifyReply, FastifyRequest } from 'fastify';

/** More than anyone writes; checked before anything else is done with a request. */
const MOST = {
  /** Tables within lists within tables. */
  nesting: 32,
  /** Entries of a list, fields of a table. */
  entries: 2000,
  /** Letters of one text. */
  letters: 20_000,
};

/**
 * What of a value is more than is read, in words; undefined where it is not. It goes through without calling
 * itself, so that no depth can exhaust it.
 *
 * @example tooMuchIn({ name: 'A' }) // undefined
 */
export function tooMuchIn(value: unknown): string | undefined {
  const left: { value: unknown; depth: number }[] = [{ value, depth: 1 }];
  for (let next = left.pop(); next; next = left.pop()) {
    const { value: one, depth } = next;
    if (typeof one === 'string' && one.length > MOST.letters)
      return `A text of ${one.length} letters is too long; ${MOST.letters} are read.`;
    // Bytes are of a size that whoever reads them has set.
    if (typeof one !== 'object' || one === null || Buffer.isBuffer(one)) continue;
    if (depth > MOST.nesting) return `What was sent is nested too deep; ${MOST.nesting} levels are read.`;
    const entries: unknown[] = Array.isArray(one) ? one : Object.values(one);
    if (entries.length > MOST.entries)
      return `A list of ${entries.length} entries is too long; ${MOST.entries} are read.`;
    for (const entry of entries) left.push({ value: entry, depth: depth + 1 });
  }
  return undefined;
}

/** Refuses what is larger than anyone writes, before it costs anything. */
export function sizeCheck({ body }: FastifyRequest, reply: FastifyReply, next: () => void): void {
  const message = tooMuchIn(body);
  if (!message) return next();
  void reply.code(413).send({ statusCode: 413, message });
}
