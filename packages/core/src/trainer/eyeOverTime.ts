import type { EyeAnswer, EyeCount, EyeInMonth, EyeOverTime, Seen } from './types.js';

const NONE: EyeCount = { steps: 0, counts: { right: 0, missed: 0, 'not-enough': 0, 'too-much': 0 } };

function counted({ steps, counts }: EyeCount, seen: readonly Seen[]): EyeCount {
  const more = { ...counts };
  for (const one of seen) more[one]++;
  return { steps: steps + seen.length, counts: more };
}

/** How well each kind was seen, by condition: in all, and month by month, the earliest first. */
export function eyeOverTime(answers: readonly EyeAnswer[]): Map<string, EyeOverTime> {
  const kinds = new Map<string, { sum: EyeCount; months: Map<string, EyeInMonth> }>();
  for (const { condition, on, steps } of [...answers].sort((a, b) => a.on.localeCompare(b.on))) {
    const { sum, months } = kinds.get(condition) ?? { sum: NONE, months: new Map<string, EyeInMonth>() };
    const seen = steps.map((step) => step.seen);
    const month = on.slice(0, 7);
    months.set(month, { month, ...counted(months.get(month) ?? NONE, seen) });
    kinds.set(condition, { sum: counted(sum, seen), months });
  }
  return new Map([...kinds].map(([kind, { sum, months }]) => [kind, { sum, months: [...months.values()] }]));
}
