import type { SideLetter } from '@lotus-steady/core/body';

/** Something that is asked of a body, to be drawn on its figure. Numbers come from the measures. */
export type Mark =
  /** How far a joint bends: an arc between its two limbs. */
  | { kind: 'bend'; joint: BendJoint; degrees: number }
  /** A share of the body's weight that a place carries, 0 to 1: an arrow as wide as it. */
  | { kind: 'load'; at: string; share: number }
  /** How far a place is below the heart (or above, negative), cm: two levels and what is between. */
  | { kind: 'level'; at: string; belowHeartCm: number }
  /** How far the trunk turns, degrees: an arc round it from where the pelvis looks to where the chest does. */
  | { kind: 'turn'; degrees: number }
  /** A place that is meant, with no number. */
  | { kind: 'spot'; at: string };

export type BendJoint =
  | `${'hip' | 'hipOut' | 'knee' | 'ankle' | 'shoulder' | 'wrist'}${SideLetter}`
  | 'neck'
  | 'lowBack'
  | 'upperBack'
  | 'side';
