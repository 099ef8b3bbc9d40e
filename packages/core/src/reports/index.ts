/**
 * What was done in a period.
 *
 * In: the classes that were recorded, with what each who came was given and how it was.
 * Out: classes as a whole, what was done for whom, poses that had to be changed, hours, props that were short, and
 * who did not come.
 */
export { classSums } from './classSums.js';
export { reportOf, type ReportInput } from './reportOf.js';
export type {
  ClassInReport,
  ClassSums,
  Given,
  NotCome,
  PersonInReport,
  PoseInReport,
  PropShort,
  RecordedClass,
  RecordInClass,
  Report,
  Taught,
  Verdicts,
} from './types.js';
