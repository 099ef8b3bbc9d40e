/** The domain of Lotus Steady: bodies, poses, rules and fitting. No clock, no network, no screen. */
export * from './body/maths.js';
export * from './body/posture.js';
export * from './body/build.js';
export * from './body/kinematics.js';
export * from './body/shape.js';
export * from './body/ranges.js';
export { outline } from './body/support.js';
export * from './poses/types.js';
export * from './poses/measures.js';
export * from './poses/catalogue.js';
export * from './poses/exportCatalogue.js';
export { POSES } from '../catalogue/poses/index.js';
export { THEMES } from '../catalogue/themes.js';
export type { StoryShape, Theme } from './poses/themes.js';
export { WAYS } from '../catalogue/ways.js';
export type { Way } from './poses/ways.js';
export { CONDITIONS } from '../catalogue/rules/index.js';
export { HOUSE_VIEW_TOPICS, type Topic, type Position } from '../catalogue/houseView.js';
export * from './reading/resolvePose.js';
export * from './reading/resolveCondition.js';
export * from './people/types.js';
export * from './people/readPeople.js';
export * from './rules/types.js';
export * from './calendar/dates.js';
export * from './calendar/gestation.js';
export * from './rules/bloodPressure.js';
export * from './rules/houseView.js';
export * from './rules/judge.js';
export {
  compileRules,
  decidingRule,
  judgeAll,
  markOf,
  rowsBroken,
  type CompiledRule,
  type Mark,
} from './rules/judgeAll.js';
export { measureTable, type MeasureTable } from './rules/measureTable.js';
export * from './rules/sums.js';
export * from './rules/hallRules.js';
export * from './rules/nextChanges.js';
export * from './rules/rulebook.js';
export * from './rules/waysToSatisfy.js';
export { exportRulebook } from './rules/exportRulebook.js';
export { SOURCES } from '../catalogue/sources.js';
export { WARNING_SIGNS, type WarningSign } from '../catalogue/warningSigns.js';
export { CONFLICTS } from '../catalogue/rules/conflicts.js';
export { LIMIT_KINDS, type LimitKind, type LimitKindId } from '../catalogue/ownLimits.js';
export * from './rules/stagePerson.js';
export * from './reading/parseSequence.js';
export * from './fitting/time/pace.js';
export * from './fitting/types.js';
export * from './fitting/person/similarity.js';
export * from './fitting/explain/care.js';
export * from './fitting/fitClass.js';
export * from './fitting/fitter.js';
export type { OneForAll } from './fitting/together/oneForAll.js';
export * from './plan/choices.js';
export * from './fitting/explain/compareFittings.js';
export * from './fitting/explain/handover.js';
export { readFitting } from './fitting/explain/readFitting.js';
export * from './plan/editSequence.js';
export { COST_SCALE, sayCost } from './fitting/explain/sayCost.js';
export { lineFor } from './plan/lineFor.js';
export { nextHold } from './plan/nextHold.js';
export { orderNotes, type OrderNote } from './fitting/explain/orderNotes.js';
export * from './fitting/ways/floorVisits.js';
export { fold, words } from './reading/fold.js';
export * from './reading/rankPoses.js';
export * from './reading/plainSpelling.js';
export * from './props/fromStock.js';
export * from './props/sizeProp.js';
export * from './props/readStock.js';
export * from './props/underFeet.js';
export * from './poses/ownVariant.js';
export * from './poses/partsOnFloor.js';
export * from './poses/solveAll.js';
export { variantPrint } from './poses/variantPrint.js';
export * from './poses/solveVariant.js';
export { measureShape } from './poses/measureShape.js';
export { AUTHOR_HEIGHT } from './body/residuals.js';
export { solveShape } from './body/solve.js';
