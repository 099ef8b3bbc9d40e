import { movableBound, type HallRules, type MovedLimit, type Rule } from '@lotus-steady/core';
import { today } from '../../data/today.js';
import { percentOf, sayLimit } from '../../domain/words/ruleWords.js';

/** A moved limit as it is typed. */
export interface LimitValues {
  to: string;
  reason: string;
  by: string;
  /** A looser number is meant. */
  meant: boolean;
}

const asNumber = (typed: string): number => Number(typed.replace(',', '.'));

/** A rule's number as a form has it: a share is typed as it is said, in per cent. */
export function limitOf(rule: Rule) {
  const movable = movableBound(rule)!;
  const bound = rule.all[movable.index]!;
  /** Per cent of what; undefined where it is no share. */
  const share = 'measure' in bound ? percentOf(bound.measure) : undefined;
  const scale = share ? 100 : 1;
  return {
    share,
    /** The rulebook's own number. */
    usual: 'measure' in bound ? sayLimit(bound.measure, movable.value) : `${movable.value} s`,
    numberOf: ({ to }: LimitValues): number => asNumber(to) / scale,
    /** The hall's number for this rule, where it has moved it. */
    movedIn: ({ moved }: HallRules): MovedLimit | undefined => moved.find((one) => one.rule === rule.id),
    valuesOf: (moved: MovedLimit | undefined, teacher: string): LimitValues => ({
      to: String(Math.round((moved?.to ?? movable.value) * scale * 1000) / 1000),
      reason: moved?.reason ?? '',
      by: moved?.by ?? teacher,
      meant: false,
    }),
    moveOf: ({ to, reason, by }: LimitValues): MovedLimit => ({
      rule: rule.id,
      to: asNumber(to) / scale,
      reason,
      by,
      on: today(),
    }),
  };
}

/** The hall's rules with another number for one of them, or with the rulebook's; the others stay. */
export const withMove = (rules: HallRules, rule: string, move: MovedLimit | undefined): HallRules => ({
  ...rules,
  moved: [...rules.moved.filter((one) => one.rule !== rule), ...(move ? [move] : [])],
});
