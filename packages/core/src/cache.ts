/** What a cache must be able to do: a `Map`, or a `WeakMap` where the keys are objects that come and go. */
interface Cache<K, V> {
  get(key: K): V | undefined;
  has(key: K): boolean;
  set(key: K, value: V): unknown;
}

/**
 * The value kept under a key; made, and kept, when it is first asked for.
 *
 * @param most so many are kept; where there are more, the oldest goes (a `Map` only)
 * @example
 * cached(squares, 3, () => 9); // 9, and again without making it
 */
export function cached<K, V>(cache: Cache<K, V>, key: K, make: () => V, most = Infinity): V {
  const kept = cache.get(key);
  if (kept !== undefined || cache.has(key)) return kept as V;
  const value = make();
  if (cache instanceof Map && cache.size >= most) cache.delete(cache.keys().next().value);
  cache.set(key, value);
  return value;
}
