import type { Rule } from './types.js';

/** A way in which a rule can be met. */
export type Satisfies =
  | 'lower rung'
  | 'prop'
  | 'shorter hold'
  | 'other breath'
  | 'support'
  | 'lifted by the hands'
  | 'other level'
  | 'another pose'
  | 'keep moving'
  | 'slowly';

/**
 * The ways that satisfy a rule, read off its bounds: undoing any one of them is enough.
 *
 * @example waysToSatisfy(rule with a hold over 30 s and the head below the heart) // ['shorter hold',
 * 'lower rung', 'prop']
 */
export function waysToSatisfy({ all, adds, level }: Rule): Satisfies[] {
  const ways = new Set<Satisfies>();
  if (adds) ways.add('prop');
  for (const bound of all) {
    if ('holdOver' in bound || 'sum' in bound) ways.add('shorter hold');
    else if ('breath' in bound) ways.add('other breath');
    else if ('support' in bound) ways.add('support');
    else if ('level' in bound || 'levelNot' in bound) ways.add('other level');
    else if ('unhelped' in bound) ways.add('lifted by the hands');
    else if ('still' in bound) ways.add('keep moving');
    else if ('levelChange' in bound) ways.add('slowly');
    else if ('measure' in bound) {
      ways.add('lower rung');
      if (/Flexion|Extension|BelowHeart|Share|Load|Abduction/.test(bound.measure)) ways.add('prop');
    }
  }
  if (level !== 'watch' && !ways.has('slowly')) ways.add('another pose');
  return [...ways];
}
