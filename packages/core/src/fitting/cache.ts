/** Keeps a value under its key; where there are as many as may be kept, the oldest goes. */
export function remember<K, V>(cache: Map<K, V>, key: K, value: V, most: number): V {
  if (cache.size >= most) cache.delete(cache.keys().next().value as K);
  cache.set(key, value);
  return value;
}
