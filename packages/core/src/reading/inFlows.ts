/**
 * What is done one after the other, each alone or all of a flow together.
 *
 * @param flowOf the flow that something is part of
 * @example A tree and two shapes of a salute: [[tree], [mountain, fold]]
 */
export function inFlows<T>(done: readonly T[], flowOf: (one: T) => { number: number } | undefined): T[][] {
  const groups: T[][] = [];
  for (const one of done) {
    const last = groups.at(-1);
    const flow = flowOf(one);
    if (flow && last && flowOf(last[0]!)?.number === flow.number) last.push(one);
    else groups.push([one]);
  }
  return groups;
}
