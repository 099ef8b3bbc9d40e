import { FLOOR_LEVELS } from '../poses/levels.js';
import type { Level, Pose, Variant } from '../poses/types.js';
import { fold } from './fold.js';
import type { Step } from './plan.js';

/** Whether a pose is breath or rest, which is done where people are. */
export const keepsLevel = ({ purposes: [{ action }] }: Pick<Pose, 'purposes'>): boolean =>
  action === 'breathe' || action === 'rest';

/** Whether breath or rest was asked for by its name alone, so that nobody said where. */
export const isOpenName = (written: string, pose: Pose, variant: Variant): boolean =>
  keepsLevel(pose) &&
  variant.id === pose.usual &&
  [pose.name, ...pose.aliases, ...(pose.writtenAs ?? [])].some((name) => fold(name) === fold(written));

type Place = 'floor' | 'chair' | 'standing';
const placeOf = (level: Level): Place => {
  if (FLOOR_LEVELS.has(level)) return 'floor';
  return level === 'chair' ? 'chair' : 'standing';
};

/** Where one may sit on the floor to breathe, the usual way first. */
const ON_THE_FLOOR: readonly Level[] = ['sitting', 'kneeling', 'lying', 'side-lying'];

/**
 * The way to breathe or rest where people are: on their level where there is one, on the floor if they are there; the
 * usual way where it is no further, or where there is none.
 */
function keptAt({ pose, variant: usual }: Pick<Step, 'pose' | 'variant'>, level: Level): Variant {
  const there = placeOf(level);
  if (placeOf(usual.level) === there) return usual;
  const on = (wanted: Level): Variant | undefined => pose.ladder.find((variant) => variant.level === wanted);
  const near = there === 'floor' ? [level, ...ON_THE_FLOOR] : [level];
  return near.map(on).find((variant) => variant !== undefined) ?? usual;
}

/** The way to breathe before anybody is anywhere: where a plan goes on on the floor, sitting there. */
const atFirst = ({ pose, variant: usual }: Step, next: Level): Variant =>
  placeOf(next) === 'floor' && placeOf(usual.level) !== 'floor'
    ? (pose.ladder.find(({ level }) => level === 'sitting') ?? usual)
    : usual;

/**
 * Steps with breath and rest on the level people are on, the one that the step before ends on.
 *
 * @example "Knees to chest", "Long out-breath": lying on the back, and not on a chair
 */
export function whereTheyAre(steps: readonly Step[]): Step[] {
  const first = steps.find(({ isOpen }) => !isOpen)?.variant;
  const next = first && (first.entry ?? first.level);
  let level: Level | undefined;
  const variantOf = (step: Step): Variant => {
    if (!step.isOpen) return step.variant;
    if (level) return keptAt(step, level);
    return next ? atFirst(step, next) : step.variant;
  };
  return steps.map((step) => {
    const variant = variantOf(step);
    level = variant.exit ?? variant.level;
    return variant === step.variant ? step : { ...step, variant };
  });
}
