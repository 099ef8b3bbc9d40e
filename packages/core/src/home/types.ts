import type { LaneStep } from '../fitting/types.js';

/** A step of a class, as somebody practises it alone at home. */
export interface HomeStep {
  /** Of the class that it comes from, counted from 1. */
  step: number;
  variant: string;
  /** Where it is done only part of its way: of which version, and how far, as a teacher says it. */
  partOf?: string;
  says?: string;
  /** In her own breaths; `seconds` is for one side. */
  hold: LaneStep['hold'];
  sides: LaneStep['sides'];
  /** What is needed, as it is found in a house: "a thick book, firm". */
  house: readonly string[];
  cues: readonly string[];
  /** How often a day, from and to. */
  often: readonly [least: number, most: number];
  /** What a teacher would look at: it is hers to say whether it can be done unseen. */
  eye: readonly string[];
  /** What the teacher wrote to it. */
  note?: string;
}

/** A step that is not for home, and why. */
export interface NotAtHome {
  step: number;
  variant: string;
  why: string;
}

/** What of a class somebody may practise alone. */
export interface HomeDraft {
  steps: readonly HomeStep[];
  notAtHome: readonly NotAtHome[];
  /** Why nothing is for home at all. */
  refused?: string;
  /** Who should be there. */
  withWhom?: string;
}
