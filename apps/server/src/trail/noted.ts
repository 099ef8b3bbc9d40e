import { SetMetadata } from '@nestjs/common';
import type { Did, What } from './entry.js';

/** How a route is written down in the trail. */
export interface Note {
  what: What;
  /** Whose or which its `:id` is, `own`: of whoever asks, or `named` in what is sent. Without it nobody is named. */
  of?: 'person' | 'class' | 'own' | 'named';
  /** What is done, where the method does not say it. */
  did?: Did;
}

export const NOTED = 'lotus:noted';

/** Writes each use of a route into the trail: whatever shows or changes what is known of people has it. */
export const Noted = (what: What, of?: Note['of'], did?: Did) =>
  SetMetadata(NOTED, { what, ...(of ? { of } : {}), ...(did ? { did } : {}) } satisfies Note);
