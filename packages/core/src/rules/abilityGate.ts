import { keep } from '../cache.js';
import { youngHolds, type Muscle } from '../body/muscles.js';
import type { Abilities, Ability } from '../people/abilities.js';
import type { StrengthOf } from '../people/norms.js';
import type { Limb, Person } from '../people/types.js';
import type { Alert, Bound, Evidence, Fact, LimbSide, Rule, Source } from './types.js';

/** What abilities' rules are filed under. */
export const ABILITY = 'ability';

/** Muscle groups whose strength is held against what a pose asks, where they are, and what they do, as words. */
interface Gated {
  muscle: Muscle;
  part: StrengthOf;
  does: string;
  /** Asked of a limb that is weak, and of no other. */
  limbOnly?: true;
  freeOnChair?: true;
}
export const GATED: readonly Gated[] = [
  { muscle: 'kneeExtensor', part: 'legs', does: 'straightening the knees' },
  { muscle: 'hipExtensor', part: 'legs', does: 'straightening the hips' },
  { muscle: 'hipFlexor', part: 'legs', does: 'lifting the thighs' },
  { muscle: 'shoulderFlexor', part: 'arms', does: 'pushing the arms forward' },
  { muscle: 'shoulderExtensor', part: 'arms', does: 'pushing the arms back' },
  { muscle: 'elbowExtensor', part: 'arms', does: 'straightening the elbows' },
  // Balance, not strength, says who stands on one leg; of a limb that is weak it is asked all the same.
  { muscle: 'hipAbductor', part: 'legs', does: 'taking the leg out', limbOnly: true },
  // Walking takes about twice what any pose does.
  { muscle: 'plantarflexor', part: 'legs', does: 'pushing down the toes', limbOnly: true },
  { muscle: 'hipAdductor', part: 'legs', does: 'drawing the leg in', limbOnly: true },
  { muscle: 'kneeFlexor', part: 'legs', does: 'bending the knee', limbOnly: true },
  { muscle: 'shoulderAbductor', part: 'arms', does: 'taking the arm out', limbOnly: true },
  { muscle: 'shoulderAdductor', part: 'arms', does: 'drawing the arm in', limbOnly: true },
  { muscle: 'elbowFlexor', part: 'arms', does: 'bending the elbow', limbOnly: true },
  // A chair has a back to lean on.
  { muscle: 'trunkFlexor', part: 'trunk', does: 'holding the front of the trunk', freeOnChair: true },
  { muscle: 'trunkExtensor', part: 'trunk', does: 'holding the back straight' },
];

/** Up to this many times what there is, is no excess: moments are not known any better. */
const UNCERTAIN = 1.05;
/** From this share on a hold is short, and how long that is, seconds: common practice, no published source. */
const SHORT_FROM = 0.8;
const SHORT_SECONDS = 10;
/**
 * What a weak limb still has; one that does not move by itself has none, but what rests shows as a little.
 * Common practice, no published source.
 */
const LEFT_IN = { weak: 0.4, still: 0.15, missing: 0.15 } as const;

const limbOf = (part: StrengthOf, side: LimbSide): Limb =>
  `${side === 'Right' ? 'right' : 'left'}${part === 'legs' ? 'Leg' : 'Arm'}`;

const capital = (text: string): string => text[0]!.toUpperCase() + text.slice(1);

/** A number as it is said: tenths. */
const tenths = (value: number): number => Math.round(value * 10) / 10;

/**
 * What someone's strength and practice leave of the catalogue, as rules like any other: what asks more than there is is
 * out, what asks nearly all of it is held only shortly.
 */
export function abilityRules(
  abilities: Abilities,
  { can }: Pick<Person, 'can'>,
  sources: Readonly<Record<string, Source>>,
): readonly Rule[] {
  const known = made.get(sources) ?? keep(made, sources, new Map<string, readonly Rule[]>());
  // How far joints go changes what is measured, and none of these rules.
  const { ranges: _ranges, body: _body, ...own } = abilities;
  const key = JSON.stringify([own, can.limbs]);
  return known.get(key) ?? keep(known, key, makeRules(abilities, { can }, sources), MADE_MOST);
}

/** People of one age who are known no better have the same rules, and keep them from class to class. */
const made = new WeakMap<Readonly<Record<string, Source>>, Map<string, readonly Rule[]>>();
const MADE_MOST = 500;

function makeRules(
  abilities: Abilities,
  { can }: Pick<Person, 'can'>,
  sources: Readonly<Record<string, Source>>,
): readonly Rule[] {
  const evidenceOf = ({ cite, says, from }: Ability<unknown>): Evidence => {
    const source = cite === undefined ? undefined : sources[cite];
    return source
      ? { kind: 'memory', source: `${says} (${source.citation}, from memory)`, cite: cite! }
      : { kind: 'common-practice', source: from === 'norm' ? says : `what the person has told you: ${says}` };
  };
  const rules: Rule[] = [];
  const strength = (
    { muscle, part, does, freeOnChair }: Gated,
    { value, says }: { value: number; says: string },
    evidence: Evidence,
    side: LimbSide | undefined,
  ): void => {
    const measure = `${muscle}Moment${side ?? ''}` as 'kneeExtensorMomentRight';
    const id = `own.${muscle}${side ?? ''}`;
    const limb = side ? `${side === 'Right' ? 'right' : 'left'} side: ` : '';
    const holds = youngHolds(muscle) * value;
    const over = (share: number): Bound => ({ measure, over: tenths(holds * share) });
    const where: readonly Bound[] = [
      ...(freeOnChair ? [{ levelNot: ['chair'] } satisfies Bound] : []),
      // A limb that is lifted by the hands does nothing itself.
      ...(side ? [{ unhelped: part === 'legs' ? 'leg' : 'arm' } satisfies Bound] : []),
    ];
    const nearlyAll = `${capital(`${limb}${does}`)}: asks nearly all the strength there is, ${says}:`;
    rules.push(
      {
        id: `${id}-beyond`,
        level: 'limit',
        all: [over(UNCERTAIN), ...where],
        reason: `${capital(`${limb}${does}`)}: asks more strength than there is, ${says}.`,
        evidence,
      },
      {
        id: `${id}-short`,
        level: 'limit',
        all: [over(SHORT_FROM), { holdOver: SHORT_SECONDS }, { still: true }, ...where],
        reason: `${nearlyAll} held only shortly.`,
        evidence,
      },
      ...(abilities.frail
        ? [
            {
              id: `${id}-supported`,
              level: 'limit',
              all: [over(SHORT_FROM), { support: ['none'] }, { still: true }, ...where],
              reason: `${nearlyAll} with a hand on something.`,
              evidence,
            } satisfies Rule,
          ]
        : []),
    );
  };
  for (const group of GATED) {
    const has = abilities.strength[group.part];
    const sides = group.part === 'trunk' ? [] : (['Right', 'Left'] as const);
    const states = sides.map((side) => can.limbs?.[limbOf(group.part, side)]);
    if (!states.some(Boolean)) {
      if (!group.limbOnly) strength(group, has, evidenceOf(has), undefined);
    } else
      sides.forEach((side, i) => {
        const state = states[i];
        if (!state && group.limbOnly) return;
        strength(
          group,
          state ? { value: has.value * LEFT_IN[state], says: LIMB_SAYS[state] } : has,
          state ? { kind: 'common-practice', source: 'what the person has told you' } : evidenceOf(has),
          side,
        );
      });
  }
  // What was measured is a limit of its own, side by side.
  if (abilities.reachBehind.from === 'norm')
    rules.push({
      id: 'own.reach-behind',
      level: 'limit',
      all: [{ measure: 'shoulderExtension', over: abilities.reachBehind.value }],
      reason: `The arms reach behind so far, ${abilities.reachBehind.says}.`,
      evidence: evidenceOf(abilities.reachBehind),
    });
  rules.push({
    id: 'own.practice',
    level: 'limit',
    all: [{ skillOver: abilities.practice.value }],
    reason: `It takes more practice: ${abilities.practice.says}.`,
    evidence: evidenceOf(abilities.practice),
  });
  return rules;
}

const LIMB_SAYS: Readonly<Record<keyof typeof LEFT_IN, string>> = {
  weak: 'and this limb is weak',
  still: 'and this limb does not move by itself',
  missing: 'and this limb is missing',
};

/** What someone can do as facts that the rulebook's own rules of abilities look at. */
export function abilityFacts(
  { can: { limbs, ...told } }: Pick<Person, 'can'>,
  { fromFloor, fromChair, oneLeg, frail }: Abilities,
): Record<string, Fact> {
  const facts: Record<string, Fact> = {
    ...told,
    floor: fromFloor.value,
    oneLegSeconds: oneLeg.value,
    frail,
  };
  if (fromChair) facts.chair = fromChair;
  for (const [limb, state] of Object.entries(limbs ?? {})) facts[limb] = state;
  return facts;
}

/** What was read from norms and takes something away: it is asked for. */
export function assumedAlerts({ fromFloor, oneLeg, strength }: Abilities, { can }: Person): Alert[] {
  if (!can.stand) return [];
  const assumed = [
    fromFloor.from === 'norm' &&
      fromFloor.value !== 'alone' &&
      `getting up from the floor (${fromFloor.says})`,
    oneLeg.from === 'norm' && oneLeg.value < HAND_UNDER && 'standing on one leg',
    strength.legs.careful && 'rising from a chair without hands',
  ].filter((text) => typeof text === 'string');
  return assumed.length
    ? [
        {
          kind: 'ask',
          text: `Not known, read as people of that age are: ${assumed.join(', ')}. Ask, or test it.`,
        },
      ]
    : [];
}

/** On one leg for less than this many seconds: a hand on something (Vellas 1997, from memory). */
const HAND_UNDER = 5;
