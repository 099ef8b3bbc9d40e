import type { Finding, Lane, LaneStep, Verdict } from '../fitting/types.js';
import type { RuleLevel } from '../rules/types.js';
import type { EyeStep, Seen } from './types.js';

const ORDER: readonly Verdict[] = ['as-written', 'eased', 'swapped', 'rest'];

function seenOf(marked: Verdict, given: Verdict): Seen {
  const [mine, its] = [ORDER.indexOf(marked), ORDER.indexOf(given)];
  if (mine === its) return 'right';
  if (mine > its) return 'too-much';
  return mine === 0 ? 'missed' : 'not-enough';
}

const LEVELS: readonly RuleLevel[] = ['never', 'limit', 'need', 'watch'];

/** What the asked way meets, what weighs most first. */
const reasonsOf = ({ findings }: LaneStep): Finding[] =>
  findings
    .filter(({ on }) => on !== 'chosen')
    .sort((a, b) => LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level));

/** Of a step with two entries, the side that is further from what was asked. */
function furthest(entries: readonly LaneStep[]): LaneStep {
  return entries.reduce((one, other) =>
    ORDER.indexOf(other.verdict) > ORDER.indexOf(one.verdict) ? other : one,
  );
}

/**
 * What a teacher would have done, beside what the fitting does, step by step.
 *
 * @param marks by step; as written where nothing is marked
 */
export function compareEye(marks: Readonly<Record<number, Verdict>>, lane: Pick<Lane, 'steps'>): EyeStep[] {
  const numbers = [...new Set(lane.steps.map(({ step }) => step))];
  return numbers.map((step) => {
    const entry = furthest(lane.steps.filter((one) => one.step === step));
    const marked = marks[step] ?? 'as-written';
    return {
      ...{ step, pose: entry.askedPose, chosen: entry.variant, marked, given: entry.verdict },
      seen: seenOf(marked, entry.verdict),
      because: entry.verdict === 'as-written' ? [] : reasonsOf(entry),
    };
  });
}
