/**
 * Keeping time as a mixed-integer model: the reference that `fitMinutes` is held against, in tests and in
 * the benchmark.
 */
import fc from 'fast-check';
import highs from 'highs';
import type { TimeStage } from '../../src/fitting/time/fitMinutes.js';

export interface Solver {
  solve(model: string): {
    Status: string;
    ObjectiveValue: number;
    Columns: Record<string, { Primal?: number }>;
  };
}
export const solver = (): Promise<Solver> => (highs as unknown as () => Promise<Solver>)();

export interface TimeProblem {
  stages: readonly TimeStage[];
  gap: (from: number, to: number) => number;
  budget: number;
}

/**
 * Generated classes of 1 to 9 steps, some of which may be left out, with seconds between them that depend
 * on what comes before.
 */
export function timeProblems(count: number, seed: number): TimeProblem[] {
  const problems = fc.record({
    steps: fc.array(
      fc.record({
        options: fc.array(
          fc.record({ seconds: fc.integer({ min: 5, max: 120 }), cost: fc.integer({ min: 0, max: 50 }) }),
          { minLength: 1, maxLength: 6 },
        ),
        leaveOut: fc.option(fc.integer({ min: 10, max: 90 }), { nil: undefined }),
        level: fc.integer({ min: 0, max: 3 }),
      }),
      { minLength: 1, maxLength: 9 },
    ),
    share: fc.double({ min: 0.25, max: 1, noNaN: true }),
  });
  return fc.sample(problems, { numRuns: count, seed }).map(({ steps, share }) => ({
    stages: steps.map(({ options, leaveOut }) => ({
      options,
      ...(leaveOut === undefined ? {} : { leaveOut }),
    })),
    gap: (from, to) =>
      from >= 0 && steps[from]!.level !== steps[to]!.level
        ? 10 * Math.abs(steps[from]!.level - steps[to]!.level)
        : 0,
    budget: Math.floor(
      share * steps.reduce((sum, { options }) => sum + Math.max(...options.map(({ seconds }) => seconds)), 0),
    ),
  }));
}

/** What a choice comes to. */
export function timeOf(
  { stages, gap }: TimeProblem,
  chosen: readonly number[],
): { seconds: number; cost: number } {
  let seconds = 0;
  let cost = 0;
  let last = -1;
  chosen.forEach((choice, i) => {
    if (choice < 0) {
      cost += stages[i]!.leaveOut!;
      return;
    }
    seconds += gap(last, i) + stages[i]!.options[choice]!.seconds;
    cost += stages[i]!.options[choice]!.cost;
    last = i;
  });
  return { seconds, cost };
}

const sum = (terms: readonly (readonly [number, string])[]): string =>
  terms.length
    ? terms.map(([by, name]) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`).join(' ')
    : '0 nothing';

/**
 * The least cost that fits, by the solver; undefined where nothing fits. One binary for each option, one
 * for each pair of steps that follow each other.
 */
export function solveTime(highs: Solver, { stages, gap, budget }: TimeProblem): number | undefined {
  const n = stages.length;
  const options = stages.flatMap((stage, i) =>
    stage.options.map((option, j) => ({ name: `x${i}_${j}`, i, ...option })),
  );
  const arcs: { name: string; from: number; to: number; seconds: number; cost: number }[] = [];
  for (let from = -1; from < n; from++) {
    let left = 0;
    for (let to = from + 1; to <= n; to++) {
      arcs.push({ name: `a${from + 1}_${to}`, from, to, seconds: to < n ? gap(from, to) : 0, cost: left });
      if (to === n || stages[to]!.leaveOut === undefined) break;
      left += stages[to]!.leaveOut!;
    }
  }
  const into = (to: number) => arcs.filter((arc) => arc.to === to);
  const out = (from: number) => arcs.filter((arc) => arc.from === from);
  const times =
    (factor: number) =>
    ({ name }: { name: string }) =>
      [factor, name] as const;
  const model = [
    'Minimize',
    ` obj: ${sum([...options, ...arcs].map(({ cost, name }) => [cost, name]))}`,
    'Subject To',
    ` time: ${sum([...options, ...arcs].map(({ seconds, name }) => [seconds, name]))} <= ${budget}`,
    ` start: ${sum(out(-1).map(({ name }) => [1, name]))} = 1`,
    ...stages.flatMap((_, i) => [
      ` flow${i}: ${sum([...into(i).map(times(1)), ...out(i).map(times(-1))])} = 0`,
      ` one${i}: ${sum([...options.filter((option) => option.i === i).map(times(1)), ...into(i).map(times(-1))])} ` +
        `= 0`,
    ]),
    'Binary',
    ` ${[...options, ...arcs].map(({ name }) => name).join(' ')}`,
    'End',
  ].join('\n');
  const found = highs.solve(model);
  return found.Status === 'Optimal' ? found.ObjectiveValue : undefined;
}
