import type { Catalogue, Fitting } from '@lotus-steady/core';
import type { Figures } from './figures.js';
import type { Paper } from './paper/paper.js';

/** What sheets there are of a class. */
export const SHEET_KINDS = ['class', 'large', 'handover', 'mats', 'pictures', 'poses'] as const;
export type SheetKind = (typeof SHEET_KINDS)[number];

/** What a sheet is made from, and what it is put on. */
export interface Sheet {
  title: string;
  /** "Thursday 3 December 2026, 18:00 · Saltmarsh Hall". */
  when: string;
  fitting: Fitting;
  catalogue: Catalogue;
  figures: Figures;
  paper: Paper;
  /** Picture cards have no names: they are shown to children who do not read yet. */
  isWordless: boolean;
}

/** On every sheet for a teacher. */
export const CAUTION =
  'The usual cautions are shown. Each person’s own doctor, midwife or physiotherapist and local rules ' +
  'come first; the teacher decides.';

export const TEAL = '#235f63';
export const CLAY = '#9c4529';
export const SOFT = '#55615f';
export const LINE = '#d8ccb6';
