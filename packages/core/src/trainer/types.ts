import type { Finding, Verdict } from '../fitting/types.js';
import type { Person } from '../people/types.js';
import type { Catalogue } from '../poses/catalogue.js';
import type { Rulebook } from '../rules/rulebook.js';

/** A made-up person and a plan for her: what would you change, and how? */
export interface EyeCase {
  /** Which it is: the same number and rulebook make the same case. */
  number: number;
  /** The condition that it is about, by id. */
  condition: string;
  person: Person;
  /** The day of the class, `YYYY-MM-DD`. */
  on: string;
  /** The plan as text. */
  plan: string;
  /** A pose that she stopped in the last time, by id; none where nothing was written down. */
  stoppedIn?: string;
}

/** What cases are made of. */
export interface EyeWorld {
  catalogue: Catalogue;
  rulebook: Rulebook;
}

/** What a teacher would have done at a step, beside what the fitting does. */
export type Seen =
  /** The same. */
  | 'right'
  /** Left as it was written where it had to be changed. */
  | 'missed'
  /** Changed, and not by enough. */
  | 'not-enough'
  /** Changed where it need not be, or more than it had to be. */
  | 'too-much';

/** One step of a case that was answered. */
export interface EyeStep {
  step: number;
  pose: string;
  /** What the fitting gives, by variant. */
  chosen: string;
  marked: Verdict;
  given: Verdict;
  seen: Seen;
  /** Why the fitting does not do it as it was written: what the asked way meets. */
  because: readonly Finding[];
}

/** A case that was answered. */
export interface EyeAnswer {
  number: number;
  condition: string;
  /** `YYYY-MM-DD`. */
  on: string;
  steps: readonly Pick<EyeStep, 'seen'>[];
}

/** How well one kind was seen in a month. */
export interface EyeInMonth extends EyeCount {
  /** `YYYY-MM`. */
  month: string;
}

/** Steps that were looked at, and how many of them were seen how. */
export interface EyeCount {
  steps: number;
  counts: Readonly<Record<Seen, number>>;
}

/** How well something was seen: in all, and in each month in which it was asked. */
export interface EyeOverTime {
  sum: EyeCount;
  months: readonly EyeInMonth[];
}
