import type { Verdict } from '../fitting/types.js';
import type { StepChange } from '../record/types.js';

/** What somebody was given at a step of a class. */
export interface Given {
  step: number;
  /** The pose that was asked, and the one that was given. */
  asked: string;
  pose: string;
  verdict: Verdict;
}

/** What a class was planned to be. */
export interface ClassSums {
  /** How long it was planned, minutes. */
  minutes: number;
  /** What each who was down for it was given, by id of person: each step once. */
  given: Readonly<Record<string, readonly Given[]>>;
  /** Props of which the hall had too few, and by how many. */
  short: readonly { prop: string; by: number }[];
}

/** How a class was for somebody who was down for it. */
export interface RecordInClass {
  personId: string;
  came: boolean;
  painBefore: number | null;
  painAfter: number | null;
  effort: number | null;
  changes: readonly StepChange[];
}

/** A class that was recorded. */
export interface RecordedClass {
  id: string;
  title: string;
  /** `YYYY-MM-DD`. */
  on: string;
  /** Its group; none where it is of no group. */
  groupId: string | null;
  /** Its sequence as text. */
  plan: string;
  /** Left out where its fitting can no longer be read. */
  sums?: ClassSums;
  records: readonly RecordInClass[];
}

/** How many of each. */
export type Verdicts = Readonly<Record<Verdict, number>>;

/** A class as a whole. */
export interface ClassInReport {
  id: string;
  title: string;
  on: string;
  came: number;
  /** So many were down for it. */
  of: number;
  /** As it was planned. */
  minutes: number;
  /** Means of those who said it before and after, 0 to 10. */
  pain?: { before: number; after: number; said: number };
  /** How hard it was, the mean, 0 to 10. */
  effort?: number;
  /** What those who came were given, step by step. */
  given: Verdicts;
  /** Steps that were done smaller or stopped in class. */
  changed: number;
  /** The sequence is not that of the class before it of the same group, or of the same name. */
  isOtherPlan: boolean;
}

/** What was done for one person. */
export interface PersonInReport {
  personId: string;
  came: number;
  of: number;
  /** Of the classes that she came to. */
  minutes: number;
  given: Verdicts;
  /** Steps that were done smaller, and stopped, in class. */
  smaller: number;
  stopped: number;
  /** Classes after which pain was up, and down, by a change that matters. */
  painUp: number;
  painDown: number;
  /** What was given instead of poses that were asked, the most often first. */
  instead: readonly { asked: string; pose: string; times: number }[];
}

/** A pose that was asked, by how often it had to be changed. */
export interface PoseInReport {
  pose: string;
  /** How many classes asked it, and how many people did something at it: once for each who came and step. */
  classes: number;
  times: number;
  given: Verdicts;
  smaller: number;
  stopped: number;
  /** How many different people something was changed for, and how many stopped it. */
  people: number;
  stoppedBy: number;
  /** What was given most often in its place. */
  instead?: { pose: string; times: number };
  /** Why it would be better not to plan it for these people. */
  advice?: 'another' | 'stopped';
}

/** Hours of one month, or of one name of a class. */
export interface Taught {
  what: string;
  classes: number;
  minutes: number;
  /** How many came, in all. */
  came: number;
}

/** A prop that was short. */
export interface PropShort {
  prop: string;
  classes: number;
  /** By how many it was short at most, and when last. */
  most: number;
  last: string;
}

/** Somebody who did not come. */
export interface NotCome {
  personId: string;
  /** When she came last before; null where she has never come. */
  last: string | null;
  /** So many classes she was down for. */
  missed: number;
}

/** What was done in a period. */
export interface Report {
  classes: readonly ClassInReport[];
  people: readonly PersonInReport[];
  poses: readonly PoseInReport[];
  months: readonly Taught[];
  titles: readonly Taught[];
  short: readonly PropShort[];
  notCome: readonly NotCome[];
}
