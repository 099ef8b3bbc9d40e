/** A list as one says it: "1 chair, 2 blocks". */
export const sayProps = (props: readonly { prop: string; count: number }[]): string => {
  const sums = new Map<string, number>();
  for (const { prop, count } of props) sums.set(prop, (sums.get(prop) ?? 0) + count);
  return [...sums]
    .map(([prop, count]) => (prop === 'wall' ? 'wall' : `${count} ${prop}${count > 1 ? 's' : ''}`))
    .join(', ');
};
