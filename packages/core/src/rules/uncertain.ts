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
 * degrees, 0.05 of a share, 1 cm) stays, and is watched; of a limit that looks at several numbers at once any may be.
 * What must never be is taken at its word.
 *
 * @example within(limit of 90 degrees at the knee) // a limit of 93, and a watch from 90 to 93
 */
export const within = (rule: Rule): readonly Rule[] => kept.get(rule) ?? keep(kept, rule, widened(rule));

/** The same rule has the same ones, so that what is looked up by rule is found again. */
const kept = new WeakMap<Rule, readonly Rule[]>();

function widened(rule: Rule): readonly Rule[] {
  if (rule.level !== 'limit') return [rule];
  const mosts = rule.all.map((bound) => mostOf(bound));
  const first = mosts.findIndex((most) => most !== undefined);
  if (first < 0) return [rule];
  const of = rule.all[first] as { over: number };
  const said = rule.said ?? of.over;
  const bounds = (...list: readonly Bound[]): Rule['all'] => list as unknown as Rule['all'];
  return [
    {
      ...rule,
      said,
      all: bounds(...rule.all.map((bound, i) => upTo(bound, mosts[i], i === first ? rule.said : undefined))),
    },
    // Just at any one of its limits is watched.
    ...mosts.flatMap((most, i): Rule[] => {
      const bound = rule.all[i]!;
      if (most === undefined || !('measure' in bound)) return [];
      return [
        {
          ...rule,
          id: i === first ? `${rule.id}-near` : `${rule.id}-near-${i + 1}`,
          level: 'watch',
          said,
          all: bounds(
            bound,
            { measure: bound.measure, under: most + NEXT },
            ...rule.all.filter((_, at) => at !== i),
          ),
          cue: 'No further than it is comfortable today.',
          reason: `Just at its limit, by less than can be measured. ${rule.reason}`,
        },
      ];
    }),
  ];
}

/** How far a measure may go without anyone knowing that it is past its bound; undefined where there is no doubt. */
function mostOf(bound: Bound): number | undefined {
  if (!('measure' in bound) || !('over' in bound)) return undefined;
  const tolerance = toleranceOf(bound.measure, bound.over);
  return tolerance ? Math.round((bound.over + tolerance) * 1000) / 1000 : undefined;
}

const upTo = (bound: Bound, most: number | undefined, said: number | undefined): Bound =>
  most === undefined || !('measure' in bound) || !('over' in bound)
    ? bound
    : { measure: bound.measure, over: most, said: said ?? bound.over };

/** Whether a rule only says that something is just at its limit. */
export const isNear = ({ level, said }: Rule): boolean => level === 'watch' && said !== undefined;

/** What is at the widened limit is still within it. */
const NEXT = 0.0005;
