/**
 * Keeps a value under its key and gives it back; where there are as many as may be kept, the oldest goes
 * (a `Map` only: a `WeakMap` lets go by itself). Asked for like this, so that nothing is made twice and
 * looking up stays quick:
 *
 * @example
 * const square = squares.get(3) ?? keep(squares, 3, 3 * 3);
 */
export function keep<K, V>(cache: { set(key: K, value: V): unknown }, key: K, value: V, most = Infinity): V {
  if (cache instanceof Map && cache.size >= most) cache.delete(cache.keys().next().value);
  cache.set(key, value);
  return value;
}
