import { askedSeconds } from '../plan/askedSeconds.js';
import { lineOf } from '../plan/lineFor.js';
import { skillOf } from '../poses/skillOf.js';
import type { Pose, Variant } from '../poses/types.js';
import type { Step } from '../reading/plan.js';
import type { FrameTools } from './tools.js';

/** What is enough of a step to write it. */
export type Part = Pick<Step, 'pose' | 'variant' | 'hold' | 'sides'>;

/** More practice than is asked for of whoever may come: months. */
const SKILL_MOST = 1;
const BOTH = ['right', 'left'] as const;

/** A pose as it is usually done: on both sides where it has sides. */
export const partOf = (pose: Pose, variant: Variant, hold: Part['hold']): Part => ({
  pose,
  variant,
  hold,
  sides: pose.side ? BOTH : [],
});

/** A part as a step by itself, to ask whom it suits. */
export const asStep = (part: Part): Step => ({ ...part, number: 1, line: 1, text: lineOf(part) });

/** What a step takes, about: both sides, the change between them, and saying it, seconds. */
export function partSeconds(part: Part, { on, pace }: FrameTools): number {
  const sides = Math.max(1, part.sides.length);
  return askedSeconds(part, {}, on, pace) * sides + (sides - 1) * pace.changeSide + pace.talkNew;
}

/** Versions of a pose, the usual one first, then by how near they are to it; of two as near the easier one. */
export function fromUsual({ ladder, usual: id }: Pose): Variant[] {
  const usual = ladder.findIndex((variant) => variant.id === id);
  const distance = (variant: Variant): number => {
    const rung = ladder.indexOf(variant);
    return Math.abs(rung - usual) + (rung > usual ? 0.5 : 0);
  };
  return [...ladder].sort((a, b) => distance(a) - distance(b));
}

/** Whether a version is one for people who have hardly practised, with the breath free and nothing to jump. */
export const isForMany = (variant: Variant): boolean =>
  skillOf(variant) <= SKILL_MOST &&
  variant.breath !== 'held' &&
  variant.breath !== 'rapid' &&
  variant.declared.impact !== 'jumping';
