import type { SidedMeasure, MidlineMeasure } from '../poses/measures.js';
import type { Opening } from './openings.js';
import type { Side } from '../side.js';

/** A movement that can be measured on a person: `neckFlexion`, `shoulderFlexionRight`. */
export type RangeName = MidlineMeasure | `${SidedMeasure}${'Right' | 'Left'}`;

/** How someone is on the day. */
export interface Today {
  pain?: number;
  /** Where it hurts: see `bodyPlaces.ts`. */
  painAt?: readonly string[];
  bleeding?: boolean;
  bp?: string;
  dizzy?: boolean;
  headache?: boolean;
  fever?: boolean;
  slept?: string | number;
  /** Warning signs: ids of the list, or words. */
  signs?: readonly string[];
  /** What else is new, in a few words. */
  news?: string;
  /** It was asked at the door. */
  asked?: boolean;
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
/** How long someone stands on one leg, as they say: not at all, a moment, ten seconds and more. */
export const ON_ONE_LEG = ['no', 'moment', 'long'] as const;
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
  oneLeg?: (typeof ON_ONE_LEG)[number];
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

/** Where something that is known of someone comes from. */
export const FACT_SOURCES = ['said', 'measured', 'letter'] as const;

/** Since when something is known of someone, and from where. */
export interface KnownSince {
  on: string;
  from: (typeof FACT_SOURCES)[number];
  /** What else was seen: "right 62, left 50". */
  note?: string;
}

/** What someone has agreed to, when, and who took it down. */
export interface Consent {
  words: string;
  on: string;
  by: string;
}

/** What is asked of someone once, in the order it is asked. */
export const INTAKE_GROUPS = [
  'who',
  'why',
  'health',
  'dates',
  'body',
  'hurts',
  'can',
  'hopes',
  'consent',
] as const;
export type IntakeGroup = (typeof INTAKE_GROUPS)[number];

/** What was told when someone first came, beside what limits them. */
export interface Intake {
  /** Why they come, in their own words. */
  why?: string;
  /** What they hope for, by id: see {@link HOPES}. */
  hopes?: readonly string[];
  consent?: Consent;
  /** Since when each fact is known, by its name: see `datedFacts.ts`. */
  dated?: Readonly<Record<string, KnownSince>>;
  /** Groups that have been asked. */
  asked?: readonly IntakeGroup[];
}

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
  intake?: Intake;
}

/** Something wrong with what was entered: where, and what to do about it. */
export interface InputError {
  field: string;
  message: string;
}
