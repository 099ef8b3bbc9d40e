import { keep } from '../cache.js';
import { LIMB_ANGLES, SPINE_ANGLES } from '../poses/measures.js';
import { USE_NAMES, type Bound, type Quantity, type Rule } from './types.js';

/** What is measured no better than so much, and from which limit on that matters: below it nothing is nothing. */
const TOLERANCES: readonly (readonly [is: (measure: string) => boolean, tolerance: number, from: number])[] =
  [
    // Angles, degrees.
    [(measure) => ANGLES.has(measure), 3, 10],
    // Shares of the usual range.
    [(measure) => USES.has(measure), 0.05, 0.3],
    // Shares of body weight.
    [(measure) => /Share$|^(wristLoad|kneeLoad)(Right|Left)?$/.test(measure), 0.05, 0.3],
    // Heights, cm.
    [(measure) => /(Below|Above)Heart$/.test(measure), 1, 5],
  ];

const USES = new Set<string>(USE_NAMES);
const ANGLES = new Set<string>([
  ...LIMB_ANGLES.flatMap((name) => [name, `${name}Right`, `${name}Left`]),
  ...SPINE_ANGLES,
]);

/** How far past a limit a measure may be without anyone knowing that it is. */
const toleranceOf = (measure: Quantity, limit: number): number =>
  TOLERANCES.find(([is, , from]) => is(measure) && limit >= from)?.[1] ?? 0;

/**
 * A limit as it is held against what is measured: what is past it by no more than the measure's own uncertainty (3
 * degrees, 0.05 of a share, 1 cm) stays, and is watched. What must never be, and what looks at several numbers at once,
 * is taken at its word.
 *
 * @example within(limit of 90 degrees at the knee) // a limit of 93, and a watch from 90 to 93
 */
export const within = (rule: Rule): readonly Rule[] => kept.get(rule) ?? keep(kept, rule, widened(rule));

/** The same rule has the same ones, so that what is looked up by rule is found again. */
const kept = new WeakMap<Rule, readonly Rule[]>();

function widened(rule: Rule): readonly Rule[] {
  const at = rule.all.findIndex((bound) => 'measure' in bound);
  const bound = rule.all[at];
  const isSingle = rule.all.filter((one) => 'measure' in one).length === 1;
  if (rule.level !== 'limit' || !isSingle || !bound || !('over' in bound) || !('measure' in bound))
    return [rule];
  const tolerance = toleranceOf(bound.measure, bound.over);
  if (!tolerance) return [rule];
  const most = Math.round((bound.over + tolerance) * 1000) / 1000;
  const others = rule.all.filter((_, i) => i !== at);
  const bounds = (...own: readonly Bound[]): Rule['all'] => [...own, ...others] as unknown as Rule['all'];
  return [
    { ...rule, said: rule.said ?? bound.over, all: bounds({ measure: bound.measure, over: most }) },
    {
      ...rule,
      id: `${rule.id}-near`,
      level: 'watch',
      said: rule.said ?? bound.over,
      all: bounds(bound, { measure: bound.measure, under: most + NEXT }),
      cue: 'No further than it is comfortable today.',
      reason: `Just at its limit, by less than can be measured. ${rule.reason}`,
    },
  ];
}

/** Whether a rule only says that something is just at its limit. */
export const isNear = ({ level, said }: Rule): boolean => level === 'watch' && said !== undefined;

/** What is at the widened limit is still within it. */
const NEXT = 0.0005;
