/** One way to take a step: its seconds in the class, and what it costs against what was asked. */
export interface TimeOption {
  seconds: number;
  cost: number;
}
/** A step's ways, the first as asked, and what it costs to leave it out; without that it stays. */
export interface TimeStage {
  options: readonly TimeOption[];
  leaveOut?: number;
}

interface Label {
  seconds: number;
  cost: number;
  choice: number;
  step: number;
  back?: Label;
}

const tenth = (seconds: number): number => Math.round(seconds * 10) / 10;
const EPSILON = 1e-6;

/** Labels that no other beats in both seconds and cost, by seconds. */
function pareto(labels: Label[]): Label[] {
  labels.sort((a, b) => a.seconds - b.seconds || a.cost - b.cost);
  const kept: Label[] = [];
  for (const label of labels)
    if (!kept.length || label.cost < kept[kept.length - 1]!.cost - 1e-9) kept.push(label);
  return kept;
}

/** A step's cheapest option where a second costs `price`. */
const cheapest = ({ options }: TimeStage, price: number): TimeOption =>
  options.reduce((best, option) =>
    option.cost + price * option.seconds < best.cost + price * best.seconds - 1e-12 ? option : best,
  );

/**
 * The cheapest way from each step to the end where a second costs `price`: its price, seconds and cost.
 * Step -1 is the start.
 */
function backwards(
  stages: readonly TimeStage[],
  gap: (from: number, to: number) => number,
  price: number,
): { total: number[]; seconds: number; cost: number } {
  const n = stages.length;
  const total = new Array<number>(n + 1).fill(Infinity);
  const seconds = new Array<number>(n + 1).fill(0);
  const cost = new Array<number>(n + 1).fill(0);
  const own = stages.map((stage) => cheapest(stage, price));
  for (let from = n - 1; from >= -1; from--) {
    let left = 0;
    for (let to = from + 1; to <= n; to++) {
      const stage = stages[to];
      const step = stage ? own[to]! : { seconds: 0, cost: 0 };
      const between = stage ? tenth(gap(from, to)) : 0;
      const after = stage ? to + 1 : undefined;
      const here =
        left + step.cost + price * (step.seconds + between) + (after === undefined ? 0 : total[after]!);
      if (here < total[from + 1]!) {
        total[from + 1] = here;
        seconds[from + 1] = step.seconds + between + (after === undefined ? 0 : seconds[after]!);
        cost[from + 1] = left + step.cost + (after === undefined ? 0 : cost[after]!);
      }
      if (!stage || stage.leaveOut === undefined) break;
      left += stage.leaveOut;
    }
  }
  return { total, seconds: seconds[0]!, cost: cost[0]! };
}

/** Fewer seconds, or as many at less cost. */
const isLess = (a: TimeOption, b: TimeOption): boolean =>
  a.seconds < b.seconds || (a.seconds === b.seconds && a.cost < b.cost - 1e-9);

/** The choices of the shortest class there is, and of those the cheapest. */
function shortest(stages: readonly TimeStage[], gap: (from: number, to: number) => number): number[] {
  const n = stages.length;
  const own = stages.map(({ options }) =>
    options.reduce((best, option, i) => (isLess(option, options[best]!) ? i : best), 0),
  );
  // From each step to the end: what it takes, and which step comes next.
  const onward: (TimeOption & { to: number })[] = [];
  for (let from = n - 1; from >= -1; from--) {
    let best: (TimeOption & { to: number }) | undefined;
    let left = 0;
    for (let to = from + 1; to <= n; to++) {
      const stage = stages[to];
      const step = stage?.options[own[to]!] ?? { seconds: 0, cost: 0 };
      const after = stage ? onward[to + 1]! : { seconds: 0, cost: 0 };
      const between = stage ? tenth(gap(from, to)) : 0;
      const seconds = tenth(between + step.seconds + after.seconds);
      const here = { seconds, cost: left + step.cost + after.cost, to };
      if (!best || isLess(here, best)) best = here;
      if (stage?.leaveOut === undefined) break;
      left += stage.leaveOut;
    }
    onward[from + 1] = best!;
  }
  const chosen = stages.map(() => -1);
  for (let { to } = onward[0]!; to < n; { to } = onward[to + 1]!) chosen[to] = own[to]!;
  return chosen;
}

/**
 * One option a step, or the step left out, so that the class fits its seconds at the least cost; where
 * nothing fits, the shortest class there is.
 *
 * Exact: every sum of seconds that no other sum beats in both seconds and cost is kept, unless even the
 * cheapest way on (with a price on seconds that makes the class fit) costs more than a class already known
 * to fit.
 * @param stages the options of each step
 * @param gap seconds between two steps that follow each other; -1 is the beginning of the class
 * @param budget seconds of the class
 * @returns the place of the chosen option in each step's list; -1 where the step is left out
 * @example fitMinutes([{ options: [{ seconds: 60, cost: 0 }, { seconds: 40, cost: 2 }] }, { options: [{
 * seconds: 60, cost: 0 }, { seconds: 50, cost: 1 }] }], () => 0, 110) // [0, 1]
 */
export function fitMinutes(
  stages: readonly TimeStage[],
  gap: (from: number, to: number) => number,
  budget: number,
): number[] {
  let price = 0;
  let { total, seconds, cost: known } = backwards(stages, gap, price);
  if (seconds > budget + EPSILON) {
    let low = 0;
    let high = 1;
    for (let tries = 0; tries < 40 && backwards(stages, gap, high).seconds > budget + EPSILON; tries++)
      [low, high] = [high, high * 4];
    for (let tries = 0; tries < 40; tries++) {
      const middle = (low + high) / 2;
      if (backwards(stages, gap, middle).seconds <= budget + EPSILON) high = middle;
      else low = middle;
    }
    price = high;
    ({ total, seconds, cost: known } = backwards(stages, gap, price));
    if (seconds > budget + EPSILON) return shortest(stages, gap);
  }
  /** Whether the cheapest way on may still cost no more than what is known. @param onward its price */
  const mayBeBest = (cost: number, spent: number, onward: number): boolean =>
    cost + onward - price * (budget - spent) <= known + EPSILON;
  // What it costs at least to come to a step and go on to the end.
  const arriving = stages.map((stage, i) => {
    const { cost, seconds: taken } = cheapest(stage, price);
    return cost + price * taken + total[i + 1]!;
  });
  const at: Label[][] = [[{ seconds: 0, cost: 0, choice: -1, step: -1 }]];
  const reach = (to: number): Label[] => {
    let labels: Label[] = [];
    let left = 0;
    for (let from = to - 1; from >= -1; from--) {
      const between = to < stages.length ? tenth(gap(from, to)) : 0;
      for (const back of at[from + 1]!) {
        const spent = tenth(back.seconds + between);
        const cost = back.cost + left;
        if (mayBeBest(cost, spent, arriving[to] ?? 0))
          labels.push({ seconds: spent, cost, choice: -1, step: to, back });
      }
      const skipped = from >= 0 ? stages[from]!.leaveOut : undefined;
      if (skipped === undefined) break;
      left += skipped;
    }
    labels = pareto(labels);
    return to === stages.length
      ? labels
      : pareto(
          labels
            .flatMap((label) =>
              stages[to]!.options.map((option, choice): Label => ({
                ...label,
                seconds: tenth(label.seconds + option.seconds),
                cost: label.cost + option.cost,
                choice,
              })),
            )
            .filter((label) => mayBeBest(label.cost, label.seconds, total[to + 1]!)),
        );
  };
  for (let step = 0; step < stages.length; step++) at.push(reach(step));
  const ends = reach(stages.length);
  // Longer costs less: the last that fits is the cheapest.
  const chosen = stages.map(() => -1);
  for (
    let label = (ends.filter((end) => end.seconds <= budget + EPSILON).pop() ?? ends[0])?.back;
    label && label.step >= 0;
    label = label.back
  )
    chosen[label.step] = label.choice;
  return chosen;
}
