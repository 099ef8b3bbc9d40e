import type { Fitting, LaneStep } from '../fitting/types.js';
import { isMoving } from '../poses/isMoving.js';
import { skillOf } from '../poses/skillOf.js';
import type { Catalogue } from '../poses/catalogue.js';
import { bites, quantityOf, type Trial } from '../rules/judge.js';
import { NO_SUMS } from '../rules/sums.js';
import type { LimitKind } from '../rules/types.js';
import { farthest } from './farthest.js';
import type { Done, HowFar } from './types.js';

/** From so many degrees on it is worth keeping how far something went; less tells nothing of a limit. */
const DEGREES_LEAST = 1;

type Kinds = Readonly<Record<string, LimitKind>>;

/**
 * What somebody was given at each step of a class that was taught, and how far that went.
 *
 * @param kinds of limits that people have of their own
 * @returns each step once, the longer side where the sides differ; none of what was left out
 */
export function doneOf(
  { lanes, steps }: Pick<Fitting, 'lanes' | 'steps'>,
  personId: string,
  catalogue: Pick<Catalogue, 'variant'>,
  kinds: Kinds,
): Done[] {
  const lane = lanes.find((one) => one.personId === personId);
  const leftOut = new Set(steps.filter((one) => one.leftOut).map(({ step }) => step));
  const done = new Map<number, Done>();
  for (const entry of lane?.steps ?? []) {
    if (leftOut.has(entry.step)) continue;
    const before = done.get(entry.step);
    const far = howFar(entry, catalogue, kinds);
    done.set(entry.step, {
      step: entry.step,
      ...(before && before.seconds >= entry.hold.seconds
        ? { pose: before.pose, variant: before.variant, seconds: before.seconds }
        : { pose: entry.pose, variant: entry.variant, seconds: Math.round(entry.hold.seconds) }),
      ...(entry.asFarAs ? { share: entry.asFarAs.share } : {}),
      far: before ? farthest([before.far, far]) : far,
    });
  }
  return [...done.values()];
}

/** How far each of what may be limited went in one entry. */
function howFar(entry: LaneStep, catalogue: Pick<Catalogue, 'variant'>, kinds: Kinds): HowFar {
  const trial = trialOf(entry, catalogue);
  const far: Record<string, number | readonly [number, number]> = {};
  for (const [id, kind] of Object.entries(kinds)) {
    const value = kind.sided ? onBoth(kind, trial, entry.sides.length > 1) : goes(kind, trial);
    if (typeof value === 'number' ? value > 0 : value[0] > 0 || value[1] > 0) far[id] = value;
  }
  return far;
}

/** Right and left; of what is done on one side after the other each goes as far as the one that is described. */
function onBoth(kind: LimitKind, trial: Trial, bothSides: boolean): readonly [right: number, left: number] {
  const right = goes(kind, trial, 'Right');
  const left = goes(kind, trial, 'Left');
  return bothSides ? [Math.max(right, left), Math.max(right, left)] : [right, left];
}

/** How far one kind goes on a side: degrees or seconds, and 1 or 0 of what is there or not. */
function goes({ unit, bound }: LimitKind, trial: Trial, limb?: 'Right' | 'Left'): number {
  const bounds = bound(0);
  if (!bounds.every((one) => bites(one, trial, {}, limb))) return 0;
  const [first] = bounds;
  if (unit === 'seconds') return Math.round(trial.holdSeconds);
  if (unit !== 'degrees' || !('measure' in first)) return 1;
  const degrees = Math.round(quantityOf(first.measure, trial, {}, limb));
  return degrees >= DEGREES_LEAST ? degrees : 0;
}

/** An entry of a class that was fitted, ready to be held against what limits. */
function trialOf(
  { measures, level, breath, variant: id, hold }: LaneStep,
  catalogue: Pick<Catalogue, 'variant'>,
): Trial {
  const { pose, variant } = catalogue.variant(id);
  return {
    ...{ measures, level, breath, support: variant.support, skill: skillOf(variant) },
    holdSeconds: hold.seconds,
    moving: isMoving(pose, variant),
    action: pose.purposes[0].action,
    family: pose.family,
    pose: pose.id,
    sums: NO_SUMS,
  };
}
