import type { EyeAnswer, EyeInMonth, Seen } from './types.js';

const NONE: Readonly<Record<Seen, number>> = { right: 0, missed: 0, 'not-enough': 0, 'too-much': 0 };

/** How well each kind was seen, month by month: by condition, the earliest month first. */
export function eyeOverTime(answers: readonly EyeAnswer[]): Map<string, EyeInMonth[]> {
  const kinds = new Map<string, Map<string, EyeInMonth>>();
  for (const { condition, on, steps } of [...answers].sort((a, b) => a.on.localeCompare(b.on))) {
    const months = kinds.get(condition) ?? new Map<string, EyeInMonth>();
    kinds.set(condition, months);
    const month = on.slice(0, 7);
    const { counts, steps: before } = months.get(month) ?? { counts: NONE, steps: 0 };
    const more = { ...counts };
    for (const { seen } of steps) more[seen]++;
    months.set(month, { month, steps: before + steps.length, counts: more });
  }
  return new Map([...kinds].map(([kind, months]) => [kind, [...months.values()]]));
}
