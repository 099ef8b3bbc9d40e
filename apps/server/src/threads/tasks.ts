/**
 * What is worked out in threads of its own: everything whose time depends on what somebody sends. Plain values
 * go in and come out; {@link WorkPool} loads this file.
 */
import type { HomeSheetTask } from '../home/writeHomeSheet.js';
import type { SheetTask } from '../sheets/writeSheet.js';

export { writeCalendar } from '../calendar/writeCalendar.js';
export { assistantFitting } from '../classes/assistantFitting.js';
export { compareWithToday } from '../classes/compareWithToday.js';
export { doneInClass } from '../classes/doneInClass.js';
export { fitDraft } from '../classes/fitDraft.js';
export { fittingWithoutPerson } from '../classes/fittingWithoutPerson.js';
export { draftLetter } from '../letters/draftLetter.js';
export { dueOfPeople } from '../due/dueOfPeople.js';
export { answerEyeCase, showEyeCase } from '../eye/eyeCases.js';
export { answerOwnEyeCase, ownEyeCase } from '../eye/ownEyeCase.js';
export { homeDraft } from '../home/homeDraft.js';
export { ownSheets } from '../classes/ownSheets.js';
export { unpackedFitting } from '../classes/unpackedFitting.js';
export { checkOwnVariant } from '../own-variants/checkOwnVariant.js';
export { measureAnew } from '../own-variants/measureAnew.js';
export { conditionsCalled } from '../people/conditionsCalled.js';
export { checkPerson } from '../people/checkPerson.js';
export { measuredHeights } from '../proposals/measuredHeights.js';
export { sumsOfClasses } from '../reports/sumsOfClasses.js';
export { titleOfSequence } from '../sequences/titleOfSequence.js';

/** The body that figures are drawn from is loaded with the first sheet alone. */
export const writeSheet = async (task: SheetTask): Promise<Uint8Array> =>
  (await import('../sheets/writeSheet.js')).writeSheet(task);
export const writeHomeSheet = async (task: HomeSheetTask): Promise<Uint8Array> =>
  (await import('../home/writeHomeSheet.js')).writeHomeSheet(task);
export const writeLetter = async (task: { text: string; on: string; said: string }): Promise<Uint8Array> =>
  (await import('../letters/writeLetter.js')).writeLetter(task);
