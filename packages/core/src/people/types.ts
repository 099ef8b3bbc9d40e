import type { SidedMeasure, MidlineMeasure } from '../poses/measures.js';
import type { Opening } from './openings.js';
import type { Side } from '../side.js';

/** A movement that can be measured on a person: `neckFlexion`, `shoulderFlexionRight`. */
export type RangeName = MidlineMeasure | `${SidedMeasure}${'Right' | 'Left'}`;

/** How someone is on the day. */
export interface Today {
  pain?: number;
  bleeding?: boolean;
  bp?: string;
  dizzy?: boolean;
  headache?: boolean;
  fever?: boolean;
  slept?: string | number;
  /** Warning signs: ids of the list, or words. */
  signs?: readonly string[];
}

/** Details of one person's condition, as entered: dates, words, numbers, lists. */
export type Details = Readonly<Record<string, string | number | boolean | readonly string[]>>;

/** A condition someone has, by id, with its details. */
export interface PersonCondition {
  condition: string;
  details: Details;
}

/** A person's own limit: what, on which side, how far, who set it and until when. */
export interface OwnLimit {
  /** A kind of the rulebook's `limitKinds`. */
  kind: string;
  side?: Side;
  most?: number;
  by: string;
  until?: string;
  why?: string;
}

/**
 * A professional's clearance. It lifts only what it names: a condition's waiting, or one rule. Of a condition it may
 * say what it opens; where it does not, it opens what such a team usually means at that week.
 */
export interface Clearance {
  for: string;
  opens?: readonly Opening[];
  by: string;
  on: string;
  until?: string;
  words?: string;
}

/** Someone who comes to class. What is not known has its usual value filled in. */
export interface Person {
  /** Stands for this person in choices and fittings; the name where nothing else was given. */
  id: string;
  name: string;
  born?: string;
  heightCm: number;
  weightKg?: number;
  can: { stand: boolean; floor: boolean; kneel: boolean };
  /** Measured ranges in degrees. */
  ranges: Readonly<Partial<Record<RangeName, number>>>;
  conditions: readonly PersonCondition[];
  screening: Readonly<
    Partial<Record<'fallsLastYear' | 'tugSeconds' | 'chairStands' | 'tandemSeconds', number>>
  >;
  today: Today;
  limits: readonly OwnLimit[];
  clearances: readonly Clearance[];
  /** Norms of strength and balance are by sex. */
  sex?: 'woman' | 'man';
  /** How they want to be spoken of. */
  pronoun?: 'she' | 'he' | 'they';
}

/** Something wrong with what was entered: where, and what to do about it. */
export interface InputError {
  field: string;
  message: string;
}
