import type { BodyRanges } from '../body/bodyRanges.js';
import type { SequenceEdit } from '../plan/editSequence.js';
import type { Measures } from '../poses/measures.js';
import type { InFlow } from '../reading/plan.js';
import type { Breath, Level } from '../poses/types.js';
import type { Alert, Evidence, RuleLevel, Sum, UseName } from '../rules/types.js';

export type Verdict = 'as-written' | 'eased' | 'swapped' | 'rest';

/** One rule met by one variant for one person. `met`: the chosen variant satisfies it. */
export interface Finding {
  rule: string;
  condition: string;
  level: RuleLevel;
  measure: string;
  value: number | string;
  limit: number | string;
  reason: string;
  met: boolean;
  evidence: Evidence;
  /** What it is about: the asked way, held against a rule or against what the person can do; or the chosen one. */
  on: 'asked' | 'ability' | 'chosen';
  /** The topic of the house view that put it in force, and the positions under which it is. */
  house?: { topic: string; positions: readonly string[] };
  /** Where the hall has moved it, or it is the hall's own. */
  changed?: { how: 'tightened' | 'loosened' | 'own'; by: string; reason: string; from?: number };
}

/** Where the house view let something pass that another position would not. */
export interface AllowedBy {
  topic: string;
  name: string;
  position: string;
  positionName: string;
  other: string;
  rule: string;
  reason: string;
}

/** A prop and where it goes. Heights are the declared ones; sizing to the person comes later. */
export interface PropUse {
  prop: string;
  count: number;
  heightCm: number;
  where: string;
}

/** Another way that would have done, with what it costs against the step's intent. */
export interface Alternative {
  pose: string;
  variant: string;
  verdict: Verdict;
  holdSeconds: number;
  cost: number;
}

/**
 * How someone gets from level to level; `none` where no way suits and someone must help. `pause` is what to
 * say to those who must go slowly, `pauseSeconds` what it takes.
 */
export interface WayTaken {
  /** Each by the id of its way; `backwards` where that is taken from its end. */
  moves: readonly { id: string; name: string; backwards?: true }[];
  seconds: number;
  none: boolean;
  instead: readonly string[];
  pause?: string;
  pauseSeconds?: number;
}

/** A counter-pose put in after a deep step, for this person. */
export interface Then {
  pose: string;
  variant: string;
  level: Level;
  breath: Breath;
  hold: { breaths?: number; rounds?: number; seconds: number };
  sides: readonly ('right' | 'left')[];
  props: readonly PropUse[];
  cues: readonly string[];
  reason: string;
  way?: WayTaken;
}

/** The teacher's own choice in a cell: why, and which rules it goes against. */
export interface OverrideTaken {
  reason: string;
  breaks: readonly string[];
}

/** The same pose, only to the point at which everything holds for this person. */
export interface AsFarAs {
  /** The variant that is done part of its way, by id. */
  of: string;
  /** Of the way from its plain start, 0 to 1. */
  share: number;
  /** The joint that says how far, see `jointAngle`; where it is then, and where it would be, degrees. */
  joint: string;
  degrees: number;
  wholeDegrees: number;
  /** The share in words: "about half way". */
  far: string;
  /** As a teacher says it. */
  says: string;
}

/** What someone does instead who tires or hurts in the middle of a step; each of it holds for her. */
export interface Easier {
  /** The same pose, less far: which part of it, and how far, as a teacher says it. */
  lessFar?: { variant: string; says: string };
  /** The next supported way of it. */
  supported?: string;
  /** A shape to rest in. */
  rest?: string;
}

/** What one person does at one step. */
export interface LaneStep {
  step: number;
  asked: string;
  askedPose: string;
  askedVariant: string;
  pose: string;
  variant: string;
  verdict: Verdict;
  /** Where it is done only part of its way. */
  asFarAs?: AsFarAs;
  level: Level;
  breath: Breath;
  /** `seconds` is for one side, all rounds included. */
  hold: { breaths?: number; rounds?: number; seconds: number };
  sides: readonly ('right' | 'left')[];
  /** Seconds from the start of the class. */
  clock: { start: number; end: number };
  props: readonly PropUse[];
  cues: readonly string[];
  /** How one gets here from the step before, where the level changes. */
  way?: WayTaken;
  /** The shape of the step before, gone on with: one stay, and nothing is set up anew. */
  stays?: true;
  /** What this costs against what was asked; alternatives cost more, or what they cost otherwise. */
  cost: number;
  then?: Then;
  override?: OverrideTaken;
  /** Why it is not what would suit best: there are not enough of a prop, or fewer versions were asked for. */
  because?: { kind: 'stock'; prop: string } | { kind: 'fewer-versions' };
  /** The two sides differ here, and why. */
  sidesDiffer?: string;
  /** Seconds until the others are done: rest, or follow the breath. */
  waits?: number;
  /** What to do meanwhile, where staying in the shape would add to what is limited. */
  waitOut?: string;
  /**
   * Of the chosen variant for this person, with the spine's shares of the usual (or the person's measured)
   * range.
   */
  measures: Measures & Readonly<Record<UseName, number>>;
  findings: readonly Finding[];
  allowedBy?: readonly AllowedBy[];
  alternatives: readonly Alternative[];
  /** Left out where there is nothing easier, and in what was fitted before this was told. */
  easier?: Easier;
}

/** Seconds over the class: the longest run, and all. */
export interface RunAndTotal {
  longest: number;
  total: number;
}

/** What adds up for one person. */
export interface LaneSums {
  supine: RunAndTotal;
  headDown: RunAndTotal;
  pelvisUp: RunAndTotal;
  armsOverhead: RunAndTotal;
  standingStill: RunAndTotal;
  kneeling: RunAndTotal;
  sitting: RunAndTotal;
  floorVisits: number;
}

export interface Lane {
  /** How far their joints go, measured or as people of that age have it: what the figure is drawn with. */
  ranges: BodyRanges;
  personId: string;
  /** What they are called. */
  person: string;
  stages: readonly { condition: string; name: string; label: string }[];
  alerts: readonly Alert[];
  steps: readonly LaneStep[];
  sums: LaneSums;
  /** What may add up at most, seconds; empty where nothing is limited. */
  limits?: Readonly<Partial<Record<Sum, number>>>;
}

/** Where someone is in the room, and what they need beside them. */
export interface PersonPlace {
  personId: string;
  person: string;
  station: 'wall' | 'chair' | 'mat';
  place: number;
  props: readonly { prop: string; count: number; steps: readonly number[] }[];
}

/** A step of the class. `meets`: everyone is in the same pose, so lanes come together again. */
export interface ClassStep {
  step: number;
  text: string;
  section?: string;
  note?: string;
  /** Where it is one shape of a flow. */
  flow?: InFlow;
  pose: string;
  variant: string;
  start: number;
  end: number;
  shortened?: Shortened;
  /** Left out to keep the time. */
  leftOut?: string;
  /** What was asked before the teacher swapped the step for everybody. */
  insteadOf?: { text: string; pose: string; variant: string; reason: string };
  /** How many different things happen at once. */
  versions: number;
  meets: boolean;
}

/** The result for a class, with the versions it was made with. */
export interface Fitting {
  title: string;
  on: string;
  rulebook: string;
  catalogue: string;
  /** Minutes asked for, planned after holds were shortened, as written, and still over. */
  minutes: { asked: number; planned: number; written: number; over: number };
  steps: readonly ClassStep[];
  lanes: readonly Lane[];
  /** Props needed at once; where the hall's stock is known and does not reach, by how many it is short. */
  room: readonly { prop: string; count: number; short?: number }[];
  places: readonly PersonPlace[];
  notes: readonly OrderNote[];
  /** Choices of the teacher's that were not taken: what they name must not be done without a medical clearance. */
  refused: readonly Refused[];
  /** What asking for fewer versions or keeping to the stock changed: lanes' costs before and after. */
  together: { fewerVersions: boolean; costAlone: number; cost: number };
}

export interface Refused {
  personId: string;
  person: string;
  step: number;
  variant: string;
  rule: string;
  reason: string;
}

/** Something about the order of a class, and an edit that would settle it. */
export interface OrderNote {
  kind: 'warm-up' | 'side' | 'pair' | 'counter-pose' | 'rest';
  step?: number;
  text: string;
  fix?: { says: string; edit: SequenceEdit };
}

/** A step shortened to keep the class within its minutes: counts of the asked unit. */
export interface Shortened {
  from: number;
  to: number;
  unit: 'breaths' | 'rounds' | 'seconds';
}

/** A step of one lane before the clock is known. */
export type Draft = Omit<LaneStep, 'clock' | 'step' | 'asked' | 'waits' | 'waitOut' | 'allowedBy'> & {
  allowedBy?: readonly AllowedBy[];
};
