/**
 * Saying it.
 *
 * In: choices, and fittings that are done.
 * Out: entries with findings, cues and alternatives; props and places; order notes; a handover; what
 * differs between two fittings; what an assistant sees of one, and what somebody does in it.
 */
export { careFor, somebodyWith, suits, whoTakesCare } from './care.js';
export { classAlerts } from './classAlerts.js';
export { compareFittings, type Comparison } from './compareFittings.js';
export { draftsOf, sitOut } from './describe.js';
export {
  figureOf,
  handover,
  type Handover,
  type HandoverOther,
  type HandoverStep,
  type SheetFigure,
} from './handover.js';
export { laneSums } from './laneSums.js';
export { orderNotes } from './orderNotes.js';
export { ownSheet, type SheetStep } from './ownSheet.js';
export { placesOf, roomOf } from './propsAndPlaces.js';
export { readFitting } from './readFitting.js';
export { sayCost } from './sayCost.js';
export { trialOf } from './trial.js';
export { waitOut } from './waitOut.js';
export { withoutHealth } from './withoutHealth.js';
export { withoutPerson } from './withoutPerson.js';
