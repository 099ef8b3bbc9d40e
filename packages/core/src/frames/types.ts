import type { Action, Family, Level, Place, Region } from '../poses/types.js';

/** Somebody whom a frame is made for; dates are counted from the day of the class. */
export interface FramePerson {
  name: string;
  years?: number;
  heightCm?: number;
  /** Of pregnancy, on the day. */
  pregnantWeek?: number;
  /** Since they gave birth, on the day. */
  weeksAfterBirth?: number;
  /** The rest, as `readPeople` reads it; `conditions` come after those of the numbers above. */
  written?: Readonly<Record<string, unknown>>;
  /** Details of the pregnancy or the birth. */
  details?: Readonly<Record<string, unknown>>;
}

/** Which poses a slot may take: all that is given must hold. */
export interface SlotFrom {
  /** Where people are, in the order in which they come there. */
  levels: readonly Level[];
  /** Nothing but these poses. */
  poses?: readonly string[];
  places?: readonly Place[];
  families?: readonly Family[];
  actions?: readonly Action[];
  /** Poses that have no place here, by id. */
  not?: readonly string[];
  /** Only what stands or lies on props. */
  propped?: true;
}

/** A part of a class that is filled from the catalogue. */
export interface FrameSlot {
  /** What the part is called. */
  section: string;
  from: SlotFrom;
  /** Of the minutes that are left beside arriving and rest, as weights among the slots. */
  share: number;
  /** One step of so many minutes: arriving, and staying. Its share is not asked then. */
  minutes?: number;
}

/** A class that is yet to be filled: who it is for, how long it is, and its parts. */
export interface Frame {
  id: string;
  name: string;
  /** Who it is for and what it keeps to, in a sentence. */
  about: string;
  /** Whom it must suit as it is written. */
  people: readonly FramePerson[];
  minutes: { least: number; usual: number; most: number };
  /** Of the usual hold: under one where it is kept short, over one where it is long and quiet. */
  holds: number;
  /** The most static work that is asked: 1 as in cat, 2 as in a warrior, 3 as in plank. */
  work: 1 | 2 | 3;
  /** Poses that are not for this group though no rule speaks against them, by id. */
  not?: readonly string[];
  slots: readonly FrameSlot[];
  /** Versions of rest that may end it, the best first; the first that suits everybody is taken. */
  rest: readonly string[];
}

/** What a class is to do most of all. */
export interface Aim {
  id: string;
  name: string;
  regions?: readonly Region[];
  actions?: readonly Action[];
  energy?: 'settling' | 'lifting';
}

/** A sequence ready to teach: its frame says who it is for. */
export interface ReadySequence {
  id: string;
  /** The frame of the people whom it suits as it is written; of a lesson its age band. */
  frame: string;
  about: string;
  source: string;
}

/** A course ready to begin, see `courseWeeks` and `lessonUnit`. */
export interface ReadyCourse {
  id: string;
  title: string;
  about: string;
  weeks: number;
  /** A sequence ready to teach, by id; or a lesson, by the ids of what it is made of. */
  from:
    | { sequence: string }
    | { lesson: { band: string; theme: string; aim: string; minutes: number; seed: number } };
}
