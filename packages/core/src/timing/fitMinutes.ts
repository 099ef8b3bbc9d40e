/** One way to take a step: its seconds in the class, and what it costs against what was asked. */
export interface TimeOption { seconds: number; cost: number }

interface Label { seconds: number; cost: number; choice: number; from?: Label }

/**
 * One option a step, so that the class fits its seconds at the least cost; where nothing fits, the shortest class there is.
 *
 * Exact: every sum of seconds that no other sum beats in both seconds and cost is kept.
 * @param steps the options of each step; the first is as asked
 * @param budget seconds of the class
 * @returns the place of the chosen option in each step's list
 * @example fitMinutes([[{ seconds: 60, cost: 0 }, { seconds: 40, cost: 2 }], [{ seconds: 60, cost: 0 }, { seconds: 50, cost: 1 }]], 110) // [0, 1]
 */
export function fitMinutes(steps: readonly (readonly TimeOption[])[], budget: number): number[] {
  let labels: Label[] = [{ seconds: 0, cost: 0, choice: -1 }];
  for (const options of steps) {
    const reached = labels.flatMap((from) => options.map((option, choice): Label => ({ seconds: Math.round((from.seconds + option.seconds) * 10) / 10, cost: from.cost + option.cost, choice, from })));
    reached.sort((a, b) => a.seconds - b.seconds || a.cost - b.cost);
    labels = [];
    for (const label of reached) if (!labels.length || label.cost < labels[labels.length - 1]!.cost - 1e-9) labels.push(label);
  }
  // Longer costs less: the last that fits is the cheapest.
  let at: Label | undefined = labels.filter(({ seconds }) => seconds <= budget + 1e-6).pop() ?? labels[0];
  const chosen: number[] = [];
  for (; at?.from; at = at.from) chosen.unshift(at.choice);
  return chosen;
}
