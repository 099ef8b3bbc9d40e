/** Keeps a value under its key; where there are as many as may be kept, the oldest goes. */
export function remember<K, V>(known: Map<K, V>, key: K, value: V, most: number): V {
  if (known.size >= most) known.delete(known.keys().next().value as K);
  known.set(key, value);
  return value;
}
