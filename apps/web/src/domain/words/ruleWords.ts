import {
  USE_NAMES,
  type Bound,
  type Condition,
  type ConditionGroup,
  type Quantity,
  type Rule,
  type RuleLevel,
} from '@lotus-steady/core';
import { measureWords } from './measureWords.js';

/** Groups of the rulebook in the order of the page. */
export const GROUPS: readonly (readonly [ConditionGroup, string])[] = [
  ['life', 'Stages of life'],
  ['ability', 'What someone can do'],
  ['heart', 'Heart and circulation'],
  ['eyes', 'Eyes'],
  ['back', 'Back and bones'],
  ['neck', 'Neck'],
  ['arms', 'Shoulders, arms, hands'],
  ['legs', 'Hips, knees, feet'],
  ['belly', 'Belly and pelvis'],
  ['nerves', 'Nerves and head'],
  ['breath', 'Breath, blood, energy'],
  ['whole', 'The whole person'],
];

/** Conditions as a list to choose from, under the headings of the page, however they are called. */
export const conditionChoices = (conditions: readonly Condition[]) =>
  GROUPS.flatMap(([group, heading]) =>
    conditions
      .filter((condition) => condition.group === group)
      .map(({ id, name, aliases, maybe = [] }) => ({
        value: id,
        label: name,
        group: heading,
        words: [...aliases, ...maybe],
      })),
  );

export const LEVEL_WORDS: Readonly<Record<RuleLevel, string>> = {
  never: 'never',
  limit: 'limit',
  need: 'something must be there',
  watch: 'a cue',
};

const USES = new Set<string>(USE_NAMES);
const SUPPORTS = { none: 'no support', hand: 'a hand on something', trunk: 'the trunk supported' } as const;

/** What a measure is a share of, where it is one: said and typed in per cent. */
export function percentOf(measure: Quantity): 'of the usual range' | 'of body weight' | undefined {
  if (USES.has(measure)) return 'of the usual range';
  return /Share$|^(wrist|knee|spine)Load$/.test(measure) ? 'of body weight' : undefined;
}

/** A limit's number with its unit: "120°", "5 cm", "60 % of the usual range". */
export function sayLimit(measure: Quantity, value: number): string {
  const share = percentOf(measure);
  if (share) return `${Math.round(value * 100)} % ${share}`;
  return `${value}${measureWords(measure, value, value).unit}`;
}

/** One bound in words: when it bites. */
export function sayBound(bound: Bound): string {
  if ('measure' in bound) {
    const words = measureWords(bound.measure, 1, 1).words.replace(', share of range', '');
    if ('over' in bound)
      return bound.over === 0
        ? `${words.toLowerCase()}`
        : `${words.toLowerCase()} over ${sayLimit(bound.measure, bound.over)}`;
    return `${words.toLowerCase()} under ${sayLimit(bound.measure, bound.under)}`;
  }
  if ('holdOver' in bound) return `held over ${bound.holdOver} s`;
  if ('sum' in bound) return `${measureWords(bound.sum, 1, 1).words.toLowerCase()} over ${bound.over} s`;
  if ('level' in bound) return bound.level.join(' or ');
  if ('levelNot' in bound) return `anything but ${bound.levelNot.join(' or ')}`;
  if ('breath' in bound) return `breath ${bound.breath.join(' or ')}`;
  if ('support' in bound) return bound.support.map((support) => SUPPORTS[support]).join(' or ');
  if ('still' in bound) return 'held still';
  if ('purposeNot' in bound) return 'an active shape';
  if ('strengthens' in bound) return `strengthening the ${bound.strengthens.join(' or ')}`;
  if ('poseNot' in bound) return 'not ordered by the team';
  if ('familyNot' in bound) return `anything but ${bound.familyNot.join(', ')}`;
  return 'on a change of level';
}

const LIMB_WORDS = { affected: ', on that side', each: ', on one side' };

/** What a rule looks at, in one sentence. */
export const sayBounds = ({ all, limb }: Pick<Rule, 'all' | 'limb'>): string =>
  `${all.map(sayBound).join(' and ')}${limb ? LIMB_WORDS[limb] : ''}`;
