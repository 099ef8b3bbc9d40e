/** The one worker: heavy sums, off the page's own thread, on one copy of the catalogue. */
import { expose } from 'comlink';
import { askWork } from './askWork.js';
import type { Beginning, Begun, CourseBeginning } from './beginWork.js';
import { fitWork, type DayRules } from './fitWork.js';
import type { OwnVariant } from '@lotus-steady/core';
import { solveWork } from './solveWork.js';
import { takeCatalogue } from './workCatalogue.js';

/** Frames are read when a class is begun from one. */
const begin = async (asked: Beginning, rules: DayRules, own: readonly OwnVariant[]): Promise<Begun> =>
  (await import('./beginWork.js')).begin(asked, rules, own);

/** A course is written week by week: see {@link begin}. */
const beginCourse = async (
  asked: CourseBeginning,
  weeks: number,
  rules: DayRules,
  own: readonly OwnVariant[],
): Promise<string[]> => (await import('./beginWork.js')).beginCourse(asked, weeks, rules, own);

const work = { takeCatalogue, begin, beginCourse, ...askWork, ...fitWork, ...solveWork };
export type Work = typeof work;

expose(work);
