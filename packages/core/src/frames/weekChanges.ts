import type { Step } from '../reading/plan.js';

/** What became of a step from one plan to the next. */
export interface WeekChange {
  kind: 'further' | 'easier' | 'longer' | 'shorter' | 'new' | 'gone';
  /** The step as it is now; as it was, where it is gone. */
  step: Step;
}

/** Seconds, breaths or rounds on one scale are only held against their like. */
const isLonger = (before: Step, after: Step): number =>
  before.hold.unit === after.hold.unit ? Math.sign(after.hold.count - before.hold.count) : 0;

function changeOf(before: Step, after: Step): WeekChange | undefined {
  const rung = ({ pose, variant }: Step): number => pose.ladder.indexOf(variant);
  const up = Math.sign(rung(after) - rung(before));
  if (up) return { kind: up > 0 ? 'further' : 'easier', step: after };
  const held = isLonger(before, after);
  return held ? { kind: held > 0 ? 'longer' : 'shorter', step: after } : undefined;
}

/**
 * What changes from one plan to another, pose by pose: all else repeats.
 *
 * @example weekChanges(week1.steps, week2.steps) // [{ kind: 'further', step: tree, full }, …]
 */
export function weekChanges(before: readonly Step[], after: readonly Step[]): WeekChange[] {
  const left = [...before];
  const changes = after.flatMap((step): WeekChange[] => {
    const same = left.findIndex(
      ({ pose, sides }) => pose === step.pose && sides.join() === step.sides.join(),
    );
    const at = same < 0 ? left.findIndex(({ pose }) => pose === step.pose) : same;
    if (at < 0) return [{ kind: 'new', step }];
    const change = changeOf(left.splice(at, 1)[0]!, step);
    return change ? [change] : [];
  });
  return [...changes, ...left.map((step): WeekChange => ({ kind: 'gone', step }))];
}
