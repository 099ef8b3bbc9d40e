import type { QueryKey } from '@tanstack/react-query';
import { clear, createStore, del, delMany, entries, get, setMany, type UseStore } from 'idb-keyval';
import { ApiError } from '../client.js';

/** What was read of the server, kept on this device for when that does not answer. */
interface Kept {
  /** Whose it is. */
  owner: string;
  /** When it is forgotten, ms since 1970. */
  until: number;
  value: unknown;
}

let opened: UseStore | undefined;
const store = (): UseStore => (opened ??= createStore('lotus-steady', 'readings'));
const nameOf = (key: QueryKey): string => JSON.stringify(key);

/** What a server says, or whoever stands before it, that cannot be reached just now. */
const isUnreached = (error: unknown): boolean =>
  error instanceof ApiError && (error.status === 0 || [502, 503, 504].includes(error.status));

/**
 * Keeps readings on this device; what somebody else kept here is forgotten.
 *
 * @param until ms since 1970
 * @throws where the browser keeps nothing, or has no more room
 */
export async function keepReadings(
  owner: string,
  until: number,
  readings: readonly (readonly [key: QueryKey, value: unknown])[],
): Promise<void> {
  await forgetReadingsOfOthers(owner);
  await setMany(
    readings.map(([key, value]) => [nameOf(key), { owner, until, value } satisfies Kept]),
    store(),
  );
}

/** A kept reading; undefined where there is none, or its time is over. @param now ms since 1970 */
export async function readKept<T>(key: QueryKey, now = Date.now()): Promise<T | undefined> {
  const kept = await get<Kept>(nameOf(key), store());
  if (kept && kept.until > now) return kept.value as T;
  if (kept) await del(nameOf(key), store());
  return undefined;
}

/** Reads from the server; where that does not answer, what this device keeps of it. @throws as `read` does */
export async function orKept<T>(key: QueryKey, read: () => Promise<T>): Promise<T> {
  try {
    return await read();
  } catch (error) {
    if (!isUnreached(error)) throw error;
    const kept = await readKept<T>(key).catch(() => undefined);
    if (kept === undefined) throw error;
    return kept;
  }
}

/** Forgets everything: whoever was here has signed out. */
export const forgetReadings = (): Promise<void> => clear(store());

/** Forgets what somebody else kept here. */
export const forgetReadingsOfOthers = (owner: string): Promise<void> =>
  forgetWhere((kept) => kept.owner !== owner);

/** Forgets what has had its time. */
export const forgetOldReadings = (now = Date.now()): Promise<void> =>
  forgetWhere(({ until }) => until <= now);

async function forgetWhere(isOver: (kept: Kept) => boolean): Promise<void> {
  const all = await entries<string, Kept>(store());
  const over = all.filter(([, kept]) => isOver(kept)).map(([name]) => name);
  if (over.length) await delMany(over, store());
}
