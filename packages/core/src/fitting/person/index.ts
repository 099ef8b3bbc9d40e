/**
 * What one person may do.
 *
 * In: a staged person, the catalogue, the house view, and what a step asks.
 * Out: a lane table (how every variant stands for them on either side), candidates for a step, and whole
 * options with both sides.
 */
export { KINDS_MOST, addedUp, bodyTable, propBit, propOf, type BodyTable, type Taken } from './bodyTable.js';
export { asked, worthSeconds, type Ask, type Candidate } from './candidates.js';
export { COUNTED } from './counted.js';
export { LONG_FOLD, deepOf } from './deep.js';
export { easierRows } from './easier.js';
export { flowAsks, flowKey, inRounds, runsThatEnd, staySeconds, type FlowAsk } from './flowAsk.js';
export { laneTable, type LaneTable } from './lane.js';
export { narrowed, optionsOf, othersOf, type Option, type SideChoice } from './options.js';
export { COUNTER_NEEDS } from './outcome.js';
export { propsOf } from './propsOf.js';
export { sidesOf } from './sidesOf.js';
export { similarity } from './similarity.js';
export { asksAnew, asksMore, asksMorePartway } from './asksMore.js';
