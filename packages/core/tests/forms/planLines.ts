/** Lines of plans with what they mean, and what a reader makes of them. */
import { readFileSync } from 'node:fs';
import type { Plan } from '../../src/reading/plan.js';

const UNITS = { breaths: 'b', rounds: 'r', seconds: 's' } as const;
/** Steps in a few letters: "tree.full 5b RL". */
export const stepsOf = (plan: Plan): string[] =>
  plan.steps.map(({ variant, hold, sides }) =>
    [variant.id, `${hold.count}${UNITS[hold.unit]}`, sides.map((side) => side[0]!.toUpperCase()).join('')]
      .filter(Boolean)
      .join(' '),
  );

interface Line {
  text: string;
  want: string;
  /** Asking is as good. */
  mayAsk: boolean;
}

/**
 * Lines with what they mean: a pose or a version, a hold, a side; or note, way, head, minutes; `flow` what follows each other in rounds; `?` is asked about. Half
 * were set aside before the reader was written. Our own, from common practice.
 */
export const planLines = (file: 'tuned' | 'set-aside'): Line[] =>
  readFileSync(new URL(`plan-lines-${file}.txt`, import.meta.url), 'utf8')
    .trim()
    .split('\n')
    .map((line) => {
      const [text, want] = line.split(' ⇒ ') as [string, string];
      return { text, want: want.replace(/ ?\?$/, ''), mayAsk: want.endsWith('?') };
    });

/** Lines that are no steps, and what becomes of them. */
export const KINDS: Readonly<Record<string, string>> = { head: 'section', key: 'minutes', note: 'note', way: 'way' };

/** Whether a plan is one flow: "Sun salutation A × 3", or its shapes: "plank, downward-facing-dog × 5". */
function isFlow({ steps }: Plan, want: string): boolean {
  const [what, rounds] = want.split(' × ') as [string, string];
  const [first] = steps;
  return (
    first?.flow?.rounds === Number(rounds) &&
    steps.every(({ flow }) => flow?.number === first.flow!.number) &&
    (first.flow.name === what || steps.map(({ pose }) => pose.id).join(', ') === what)
  );
}

/** What became of a line in a plan: right, asked about, or wrong. */
export function lookAt(
  { text, want, mayAsk }: Line,
  read: (source: string) => Plan,
): 'right' | 'asked' | 'wrong' {
  const plan = read(`# Any\n${text}`);
  const [, ...parts] = plan.parts;
  if (parts.some(({ kind }) => kind === 'unsure')) return mayAsk ? 'right' : 'asked';
  if (want === 'same') return 'right';
  if (KINDS[want]) return parts.every(({ kind }) => kind === KINDS[want]) ? 'right' : 'wrong';
  if (want.startsWith('flow ')) return isFlow(plan, want.slice(5)) ? 'right' : 'wrong';
  const [name, ...said] = want.split(' ') as [string, ...string[]];
  const steps = stepsOf(plan);
  const total = plan.steps.reduce((sum, { hold }) => sum + hold.count, 0);
  const isRight =
    steps.length > 0 &&
    steps.every(
      (step) =>
        (step.startsWith(`${name}.`) || step.startsWith(`${name} `)) &&
        said.every((one) => step.split(' ').includes(one) || `${total}b` === one),
    );
  return isRight ? 'right' : 'wrong';
}
