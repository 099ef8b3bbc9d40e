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
 * say what it opens; where it does not, it opens what such a team usually means at that week. Where it only names
 * poses that the team ordered, those may be done and everything else waits on.
 */
export interface Clearance {
  for: string;
  opens?: readonly Opening[];
  /** Poses that the team ordered by name, by id. */
  poses?: readonly string[];
  by: string;
  on: string;
  until?: string;
  words?: string;
}

/** How someone gets up from the floor. */
export const FROM_FLOOR = ['alone', 'chair', 'help', 'no'] as const;
export type FromFloor = (typeof FROM_FLOOR)[number];
/** How someone gets up from a chair: without hands, with them, with someone's help. */
export const FROM_CHAIR = ['free', 'hands', 'help'] as const;
/** How someone walks. */
export const WALKS = ['free', 'stick', 'frame'] as const;
/** How long someone has practised. */
export const PRACTISED = ['new', 'months', 'years'] as const;
export const LIMBS = ['rightArm', 'leftArm', 'rightLeg', 'leftLeg'] as const;
export type Limb = (typeof LIMBS)[number];
/** What is the matter with a limb that is not full: it is weak, does not move by itself, or is missing. */
export const LIMB_STATES = ['weak', 'still', 'missing'] as const;

/** What someone has told of what they can do; what is left out nobody has asked, and is read from norms. */
export interface Can {
  stand: boolean;
  kneel: boolean;
  floor?: FromFloor;
  chair?: (typeof FROM_CHAIR)[number];
  walks?: (typeof WALKS)[number];
  /** Takes weight on the hands. */
  hands?: boolean;
  /** Reaches overhead with both arms. */
  overhead?: boolean;
  /** Lies flat on the back. */
  flat?: boolean;
  /** Sits on the floor or a stool without a back. */
  sits?: boolean;
  /** Limbs that are not full. */
  limbs?: Readonly<Partial<Record<Limb, (typeof LIMB_STATES)[number]>>>;
  practised?: (typeof PRACTISED)[number];
}

/** What can be measured before a class. */
export const SCREENING = [
  'fallsLastYear',
  'tugSeconds',
  'chairStands',
  'tandemSeconds',
  'oneLegSeconds',
] as const;

/** Someone who comes to class. What is not known has its usual value filled in. */
export interface Person {
  /** Stands for this person in choices and fittings; the name where nothing else was given. */
  id: string;
  name: string;
  born?: string;
  heightCm: number;
  weightKg?: number;
  can: Can;
  /** Measured ranges in degrees. */
  ranges: Readonly<Partial<Record<RangeName, number>>>;
  conditions: readonly PersonCondition[];
  screening: Readonly<Partial<Record<(typeof SCREENING)[number], number>>>;
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
