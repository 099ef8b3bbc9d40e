import type { MidlineMeasure, MeasureName, SidedMeasure } from '../poses/measures.js';
import type { Action, Breath, Family, Level } from '../poses/types.js';
import type { Opening } from '../people/openings.js';
import type { Details, Person } from '../people/types.js';

/** Measures whose share of the usual range rules speak of. */
export const USE_NAMES = [
  'lumbarFlexionUse',
  'lumbarExtensionUse',
  'thoracicFlexionUse',
  'thoracicExtensionUse',
  'neckFlexionUse',
  'neckExtensionUse',
  'sideBendUse',
  'lumbarTwistUse',
  'thoracicTwistUse',
] as const;
export type UseName = (typeof USE_NAMES)[number];

/** What a bound can look at: a measure, a limb's measure on its worse side, or a share of the usual range. */
export type Quantity = MeasureName | MidlineMeasure | SidedMeasure | UseName;

/**
 * Seconds that add up along a lane: flat on the back, with the head below the heart, with the pelvis above
 * it; in one run, or over the class.
 */
export const SUMS = [
  'supineUnbroken',
  'supineTotal',
  'headDownUnbroken',
  'headDownTotal',
  'pelvisUpUnbroken',
  'pelvisUpTotal',
] as const;
export type Sum = (typeof SUMS)[number];

/** What rules may ask not to be strengthened. */
export const STRENGTHENED = ['pelvic floor'] as const;

/**
 * One condition on a variant, its hold or its place in the class. It *bites* when the value
 * passes the number, or the word is one of those named.
 */
export type Bound =
  /** `said`: the limit as it is said, where it is held with the uncertainty of the measure. */
  | { measure: Quantity; over: number; said?: number }
  | { measure: Quantity; under: number }
  | { holdOver: number }
  | { sum: Sum; over: number }
  | { level: readonly Level[] }
  | { levelNot: readonly Level[] }
  | { breath: readonly Breath[] }
  | { support: readonly ('none' | 'hand' | 'trunk')[] }
  | { purposeNot: readonly Action[] }
  | { familyNot: readonly Family[] }
  /** A pose that is there to strengthen one of these. */
  | { strengthens: readonly (typeof STRENGTHENED)[number][] }
  /** Another pose than these, by id. */
  | { poseNot: readonly string[] }
  | { levelChange: true }
  /** It takes more practice than this, 0 to 4. */
  | { skillOver: number }
  /** On the way between the floor and what is above it. */
  | { floorWay: true }
  /** A limb that lifts itself, and is not lifted by the hands. */
  | { unhelped: 'arm' | 'leg' }
  /** Held, not moving. */
  | { still: true };

export type RuleLevel = 'never' | 'limit' | 'need' | 'watch';
export type EvidenceKind = 'published' | 'common-practice' | 'memory';
/**
 * What a rule or a position rests on; `found` is what published work found, `cite` its id among the
 * sources.
 */
export interface Evidence {
  kind: EvidenceKind;
  source: string;
  found?: string;
  cite?: string;
}
/** Published work. */
export interface Source {
  citation: string;
  found: string;
}

/** A test on a stage's facts; all of a rule's tests must hold. */
export type StageTest =
  | { fact: string; from: number }
  | { fact: string; below: number }
  | { fact: string; is: readonly (string | boolean)[] };

/** What a stage asks of measures: it is broken where *all* bounds bite. */
export interface Rule {
  id: string;
  level: RuleLevel;
  when?: readonly StageTest[];
  /** The rule holds only where the house view on a topic is one of these positions. */
  house?: { topic: string; positions: readonly string[] };
  all: readonly [Bound, ...Bound[]];
  /**
   * Which limb the bounds look at. Left out: the worse side of each measure. `each`: all bounds on the same
   * limb, either one. `affected`: the same, on the sides that the condition is on.
   */
  limb?: 'each' | 'affected';
  /** For a need: what is put within reach so that the variant passes. */
  adds?: { prop: string; where: string };
  /** What is said in class. */
  cue?: string;
  reason: string;
  evidence: Evidence;
  /** The limit as it is said, where it is held with the uncertainty of the measure. */
  said?: number;
  /** Holds back what a team has not ordered by name. */
  unlessOrdered?: true;
  /** Where it is not as the rulebook has it: moved by the hall, or the hall's own. */
  changed?: { how: 'tightened' | 'loosened' | 'own'; by: string; reason: string; from?: number };
}

export type Fact = number | string | boolean;

/** A limb's side, as measures name it. */
export type LimbSide = 'Right' | 'Left';

export type AlertKind = 'stop' | 'refer' | 'clearance' | 'ask' | 'conflict' | 'stage';
/** Something to know before class. */
export interface Alert {
  kind: AlertKind;
  text: string;
}

/** What a condition means on a date. */
export interface Stage {
  /** The stage in a few words: "27 weeks 3 days". */
  label: string;
  facts: Readonly<Record<string, Fact>>;
  alerts: readonly Alert[];
  /** The sides it is on, where it has sides; not known means both. */
  sides?: readonly LimbSide[];
}

export interface StageInput {
  details: Details;
  person: Person;
  on: string;
}

/** One question a condition asks about itself. */
export interface DetailField {
  key: string;
  label: string;
  type: 'date' | 'number' | 'text' | 'boolean' | 'list' | 'choice';
  choices?: readonly string[];
  /** How one asks for it. */
  question?: string;
  /** How far a joint goes, degrees: more of a measure is a limit then, in place of one of the condition's rules. */
  range?: { measure: SidedMeasure | MidlineMeasure; inPlaceOf: string };
}

/** Where a condition stands in the rulebook. */
export type ConditionGroup =
  | 'life'
  | 'ability'
  | 'heart'
  | 'eyes'
  | 'back'
  | 'neck'
  | 'arms'
  | 'legs'
  | 'belly'
  | 'nerves'
  | 'breath'
  | 'whole';

/** How someone waits for a medical clearance, and what one that says no more than yes usually opens. */
export interface Hold {
  /** The detail that says when it was; left out where it did not happen on one day. */
  dated?: 'operatedOn' | 'since';
  /** Not in class for so many days after it, cleared or not. */
  awayDays?: number;
  /** From so many weeks after it nobody needs to say yes any more. */
  overWeeks?: number;
  /** What may be done before anyone has said yes, where it is a part of the body the rest of which is well. */
  meanwhile?: { detail: string; is: readonly string[]; opens: readonly Opening[] };
  /** What is said of the wait. */
  waits: string;
  /** What a bare yes opens, from which week on: the last that has come. */
  usually: readonly { fromWeek: number; opens: readonly Opening[] }[];
}

/** A diagnosis, a life stage or a group. */
export interface Condition {
  id: string;
  name: string;
  aliases: readonly string[];
  /** What it may be called, and others too: asked about, never taken for it. */
  maybe?: readonly string[];
  group: ConditionGroup;
  fields: readonly DetailField[];
  /** What can be practised well. */
  well: string;
  /** The clearance it needs, and whose; absent where none is. */
  clearance?: string;
  /** How it waits for that; absent where the rules or a stop say it, or it only asks. */
  hold?: Hold;
  /** Warning signs to ask for, by id, beside those for everyone. */
  warnings: readonly string[];
  /** What to say to the person. */
  say: string;
  /** When to send her to whom. */
  refer: string;
  /** Known without being named: the person has it on that date. */
  inherent?: (person: Person, on: string) => boolean;
  stage: (input: StageInput) => Stage;
  rules: readonly Rule[];
}

/** A sign that stops the class: what is asked, and whom to call. */
export interface WarningSign {
  asks: string;
  act: 'emergency' | 'today';
  who: string;
  everyone?: true;
}

/**
 * Two conditions that pull apart: what one needs, the other must not have; and poses that suit both at
 * their careful stages, by id.
 */
export interface Conflict {
  between: readonly [string, string];
  text: string;
  neutral: readonly string[];
}

/**
 * A kind of personal limit: how it is said, whether it is on one side, what number it takes, and the bounds
 * it means.
 */
export interface LimitKind {
  says: string;
  sided?: true;
  unit?: 'degrees' | 'seconds';
  usual?: number;
  bound: (most: number) => readonly [Bound, ...Bound[]];
}

/** How long children of an age hold a shape and sit through a class. `below` is the first age past it. */
export interface ChildBand {
  band: string;
  from: number;
  below: number;
  holdSeconds: number;
  classMinutes: number;
}
