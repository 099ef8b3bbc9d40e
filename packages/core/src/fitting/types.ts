import type { Shortened } from './keepTime.js';
import type { Measures } from '../poses/measures.js';
import type { Breath, Level } from '../poses/types.js';
import type { Alert, Evidence, RuleLevel, UseName } from '../rules/types.js';

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
  on: 'asked' | 'chosen';
  /** The topic of the house view that put it in force, and the positions under which it is. */
  house?: { topic: string; positions: readonly string[] };
  /** Where the hall has moved it, or it is the hall's own. */
  changed?: { how: 'tightened' | 'loosened' | 'own'; by: string; reason: string; from?: number };
}

/** Where the house view let something pass that another position would not. */
export interface AllowedBy { topic: string; name: string; position: string; positionName: string; other: string; rule: string; reason: string }

/** A prop and where it goes. Heights are the declared ones; sizing to the person comes later. */
export interface PropUse { prop: string; count: number; heightCm: number; where: string }

/** Another way that would have done, with what it costs against the step's intent. */
export interface Alternative { pose: string; variant: string; verdict: Verdict; holdSeconds: number; cost: number }

/** What one person does at one step. */
export interface LaneStep {
  step: number;
  asked: string;
  askedPose: string;
  askedVariant: string;
  pose: string;
  variant: string;
  verdict: Verdict;
  level: Level;
  breath: Breath;
  /** `seconds` is for one side, all rounds included. */
  hold: { breaths?: number; rounds?: number; seconds: number };
  sides: readonly ('right' | 'left')[];
  /** Seconds from the start of the class. */
  clock: { start: number; end: number };
  props: readonly PropUse[];
  cues: readonly string[];
  /** How one gets here from the step before, where the level changes; `none` where no way suits and someone must help. */
  way?: { moves: readonly { id: string; name: string }[]; seconds: number; none: boolean; instead: readonly string[]; pause?: string };
  /** Of the chosen variant for this person, with the spine's shares of the usual (or the person's measured) range. */
  measures: Measures & Readonly<Record<UseName, number>>;
  findings: readonly Finding[];
  allowedBy?: readonly AllowedBy[];
  alternatives: readonly Alternative[];
}

export interface Lane {
  person: string;
  stages: readonly { condition: string; name: string; label: string }[];
  alerts: readonly Alert[];
  steps: readonly LaneStep[];
}

/** The result for a class, with the versions it was made with. */
export interface Fitting {
  title: string;
  on: string;
  rulebook: string;
  catalogue: string;
  /** Minutes asked for, planned after holds were shortened, as written, and still over. */
  minutes: { asked: number; planned: number; written: number; over: number };
  steps: readonly { step: number; text: string; section?: string; note?: string; pose: string; variant: string; start: number; end: number; shortened?: Shortened }[];
  lanes: readonly Lane[];
  /** Props needed at once; where the hall's stock is known and does not reach, by how many it is short. */
  room: readonly { prop: string; count: number; short?: number }[];
}
