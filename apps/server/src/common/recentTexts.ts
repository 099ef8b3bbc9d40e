import { LRUCache } from 'lru-cache';

/** What is taken away for good with something else is gone from here too after this, milliseconds. */
const KEPT_FOR = 10 * 60 * 1000;

/**
 * Answers that were made lately, as text or its bytes, each under the id and the version of what it says: another
 * version has another text, so that none is ever old. Those asked for last are kept.
 *
 * @param most so much text, characters or bytes
 */
export const recentTexts = <T extends string | Buffer = string>(most: number): LRUCache<string, T> =>
  new LRUCache({ maxSize: most, ttl: KEPT_FOR, sizeCalculation: (text) => text.length });

/** The key of a text. */
export const versionKey = ({ id, version }: { id: string; version: number }): string => `${id} ${version}`;
