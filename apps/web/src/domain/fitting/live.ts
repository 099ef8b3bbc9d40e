import type { Choices, OneForAll, SequenceEdit } from '@lotus-steady/core';

/** What is edited on the fitting: the sequence as written, and the teacher's choices beside it. */
export interface Plan {
  source: string;
  choices: Choices;
}

/** What can be done to a plan where its fitting is shown. The same object all along: nothing is drawn again. */
export interface Live {
  /** The plan with an edit that is under way, while the page still shows the one before. */
  planNow(): Plan;
  /**
   * Which step of it is the one that the page shows under a number; undefined where it has gone, or an undo
   * is under way.
   */
  stepNow(shown: number): number | undefined;
  edit(edit: SequenceEdit): void;
  choose(change: (choices: Choices) => Choices): void;
  undo(): void;
  redo(): void;
  oneForAll(step: number): Promise<OneForAll[]>;
}
