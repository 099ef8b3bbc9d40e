/**
 * The domain of Lotus Steady: bodies, poses, rules and fitting. No clock, no network, no screen, no data of its
 * own: a {@link Catalogue} of poses and a {@link Rulebook} are handed in.
 *
 * @example
 * import { fitClass, parseSequence, readPeople } from '@lotus-steady/core';
 * import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
 *
 * const { sequence } = parseSequence('# Thursday\n- Tree, 5 breaths each side', BUILT_IN);
 * const { people } = readPeople([{ name: 'Ines', born: '1984-05-19' }], RULEBOOK, '2026-11-26');
 * const fitting = fitClass({
 *   sequence,
 *   people,
 *   on: '2026-11-26',
 *   houseView: RULEBOOK.usualHouseView,
 *   catalogue: BUILT_IN,
 *   rulebook: RULEBOOK,
 * });
 * fitting.lanes[0]!.steps[0]!.verdict; // 'as-written'
 */

// Bodies: segments, builds, postures, contacts, solving.
export { BUILDS, buildOf, partOfFrame, type Build } from './body/build.js';
export { buildBody, type Body, type Frame } from './body/kinematics.js';
export {
  SIDES,
  add,
  cross,
  dot,
  eased,
  length,
  lerp,
  mean,
  multiply,
  rotate,
  rotationX,
  rotationY,
  scale,
  signOf,
  sub,
  unit,
  unrotate,
  type SideLetter,
  type Vec3,
} from './body/maths.js';
export {
  completePosture,
  mirrorPosture,
  packPosture,
  unpackPosture,
  type Ball,
  type Posture,
} from './body/posture.js';
export { BALL_LIMITS, JOINT_LIMITS, USUAL_RANGE } from './body/ranges.js';
export { AUTHOR_HEIGHT } from './body/residuals.js';
export { chairBoxes, wallAt, type PropPlacement } from './body/shape.js';
export type { Shape } from './body/shape.js';
export { solveShape } from './body/solve.js';
export { rangesOn } from './body/rangesOn.js';
export {
  GIVING_JOINTS,
  lesserRanges,
  mirrorRanges,
  rangeOf,
  USUAL_BODY,
  type BodyRanges,
  type GivingJoint,
} from './body/bodyRanges.js';
export { outline } from './body/support.js';

// Poses, what they measure, and the catalogue.
export { makeCatalogue, type Catalogue, type CatalogueData } from './poses/catalogue.js';
export { readCatalogue, readTables, writeCatalogue, writeTables } from './poses/catalogueFile.js';
export { counterPosesFor, type CounterNeed } from './poses/counterPoses.js';
export { exportCatalogue } from './poses/exportCatalogue.js';
export { inBody } from './poses/inBody.js';
export { measureShape } from './poses/measureShape.js';
export { skillOf } from './poses/skillOf.js';
export {
  MEASURE_NAMES,
  mirrorMeasures,
  worstMeasures,
  type Judged,
  type MeasureName,
  type Measures,
} from './poses/measures.js';
export {
  MISFIT_MOST,
  OUTSIDE_MOST,
  OWN_JOINTS,
  faultsIn,
  faultsOf,
  ownFrames,
  variantOfOwn,
  type OwnAngles,
  type OwnVariant,
} from './poses/ownVariant.js';
export {
  packMeasure,
  packSolutions,
  unpackMeasure,
  unpackSolutions,
  type PackedSolutions,
} from './poses/packedSolutions.js';
export { PART_SHARES, partId } from './poses/partway/parts.js';
export { solvePartway } from './poses/partway/solvePartway.js';
export { partsOnFloor } from './poses/partsOnFloor.js';
export type { Solution } from './poses/solutions.js';
export { compact, solveAll } from './poses/solveAll.js';
export { propsFor } from './poses/sizedProps.js';
export { isShownByStored, solveFor, type SolvedFor } from './poses/solveFor.js';
export { figureLabel } from './poses/figureLabel.js';
export { scalesWithHeight, solveVariant, type StoredSolutions } from './poses/solveVariant.js';
export type { StoryShape, Theme } from './poses/themes.js';
export type { Family, Level, Pose, Purpose, Variant } from './poses/types.js';
export { variantPrint } from './poses/variantPrint.js';
export type { Way } from './poses/ways.js';

// Heights of props for a person.
export { USUAL_STOCK, fromStock, type Stock } from './props/fromStock.js';
export { PROP_NAMES } from './props/propNames.js';
export { readStock } from './props/readStock.js';
export {
  doorways,
  footprintOf,
  layOut,
  packing,
  PLACE_SIZES,
  placeNeeds,
  readRoom,
  roomFor,
  roomProblems,
  sightOf,
  teacherAt,
  WALLS,
  type Heading,
  type Door,
  type Packed,
  type Placed,
  type PlaceKind,
  type Point,
  type PlaceNeeds,
  type Room,
  type RoomProblem,
  type Spot,
  type Wall,
} from './room/index.js';
export { isLine } from './reading/isLine.js';
export { fitsOf } from './props/fitsOf.js';
export {
  PROP_TASKS,
  sizeProp,
  variantOfTask,
  whereOfTask,
  type Fits,
  type PropSize,
  type PropTask,
} from './props/sizeProp.js';
export { underFeetCm } from './props/underFeet.js';

// Dates and ages.
export { ageOn, dateAfter, daysBetween, isDate, monthsAfter, spokenDate } from './calendar/dates.js';
export { dueDateFrom, gestationOn } from './calendar/gestation.js';

// People, read and checked.
export { readPeople, readPerson } from './people/readPeople.js';
export type { Alert, DetailField } from './rules/types.js';
export { readConditionNames, type SaidCondition } from './reading/readConditionNames.js';
export { abilitiesOf, type Abilities, type Ability } from './people/abilities.js';
export { STRENGTHS, type StrengthOf } from './people/norms.js';
export {
  FROM_CHAIR,
  FROM_FLOOR,
  INTAKE_GROUPS,
  LIMB_STATES,
  LIMBS,
  PRACTISED,
  SCREENING,
  WALKS,
  type Can,
  type Clearance,
  type InputError,
  type Intake,
  type IntakeGroup,
  type KnownSince,
  type Limb,
  type OwnLimit,
  type Person,
  type Today,
} from './people/types.js';

export {
  BODY_PLACES,
  PAIN_PLACES,
  limitedPlaces,
  placeOf,
  placeOn,
  sayPlace,
  type BodyPlace,
} from './people/bodyPlaces.js';
export { dateFacts, factsOf } from './people/datedFacts.js';
export { differencesOf, mergePerson, takeTheirs, type MergeConflict } from './people/mergePerson.js';
export { HOPES, posesFor, type Hope } from './people/hopes.js';
export {
  MEASURING_PLACES,
  RANGES_TO_MEASURE,
  usualRange,
  type RangeToMeasure,
  type UsualRange,
} from './people/measuring.js';
export {
  BALANCE_STAGES,
  keptOfStages,
  sayScreening,
  type BalanceStage,
  type ScreeningKey,
} from './people/screeningTests.js';

// Classes begun from a frame.
export { sayClock } from './plan/sayClock.js';
export { sayProps } from './props/sayProps.js';
export { shortNames } from './people/shortNames.js';
export { BALANCES, countdownFrom, type Balance } from './children/index.js';
export { scriptsOf, type Said, type ScriptFor } from './script/index.js';
export { matCards, type MatCard, type MatStep } from './sheets/matCards.js';
export { posesOf } from './sheets/posesOf.js';
export { bodySeen, type BodySeen } from './people/bodySeen.js';
export { chanceFrom, type Chance } from './frames/chance.js';
export { COURSE_WEEKS, courseWeeks, weekKinds, type WeekKind } from './frames/courseWeeks.js';
export { timeOffers, type TimeOffer } from './frames/timeOffers.js';
export { lessonUnit } from './frames/lessonUnit.js';
export { weekChanges, type WeekChange } from './frames/weekChanges.js';
export { fillFrame, type FrameAsk } from './frames/fillFrame.js';
export type { FrameTools } from './frames/tools.js';
export { framePeople } from './frames/framePeople.js';
export type { LessonAim, LessonBand } from './frames/lessonTypes.js';
export { shapesOf, writeLesson, type LessonAsk } from './frames/writeLesson.js';
export type { Aim, Frame as ClassFrame, FramePerson } from './frames/types.js';

// From what people write to poses and steps.
export { fold, words } from './reading/fold.js';
export { OPENING_WORDS, OPENINGS, sayOpenings, type Opening } from './people/openings.js';
export { PRONOUNS, pronounOf, type Pronoun } from './people/pronouns.js';
export {
  parseSequence,
  type InFlow,
  type Known,
  type Sequence,
  type SequenceError,
  type Step,
} from './reading/parseSequence.js';
export type { Plan, PlanPart } from './reading/plan.js';
export { readPlan } from './reading/readPlan.js';
export { renamed } from './reading/renamed.js';
export { plainSpelling } from './poses/plainSpelling.js';
export { rankPoses } from './reading/rankPoses.js';
export { resolveCondition } from './reading/resolveCondition.js';
export { resolvePose } from './reading/resolvePose.js';

// What a teacher changes: edits and choices.
export { NO_CHOICES, readChoices, type Choices, type Override, type StepSwap } from './plan/choices.js';
export {
  editSequence,
  writtenOut,
  followedChoices,
  movedChoices,
  type SequenceEdit,
} from './plan/editSequence.js';
export { planTable, TABLE_HEADS } from './plan/planTable.js';
export { roundLine } from './plan/roundLine.js';
export { lineFor, lineOf } from './plan/lineFor.js';
export {
  measuredAnew,
  readOwnVariant,
  type OwnVariantDraft,
  type ReadOwnVariant,
} from './plan/readOwnVariant.js';
export { nextHold } from './plan/nextHold.js';
export { sayHeld } from './plan/sayHeld.js';
export { sayAsked } from './plan/sayAsked.js';

// The rulebook: stages, rules, judging.
export { isTooHighToPractise, parseReading, pressureClass } from './rules/bloodPressure.js';
export { exportRulebook } from './rules/exportRulebook.js';
export {
  NO_HALL_RULES,
  isLoosened,
  movableBound,
  readHallRules,
  type HallRules,
  type MovedLimit,
  type OwnRule,
} from './rules/hallRules.js';
export { readHouseView } from './rules/houseView.js';
export type { Position, Topic } from './rules/houseViewTypes.js';
export { isSoft } from './rules/isSoft.js';
export { judge, limbsOf, quantityOf, standing, type Breach, type Trial } from './rules/judge.js';
export { compileRules, decidingRule, judgeAll, markOf, rowsBroken, type Mark } from './rules/judgeAll.js';
export { limbsOfSide } from './rules/limbs.js';
export { measureTable, strengthenedBy, type MeasureTable } from './rules/measureTable.js';
export { strengthAsked, type Band, type StrengthAsked } from './rules/strengthAsked.js';
export { answersThatMatter, type DetailAnswer, type DetailThatMatters } from './rules/answersThatMatter.js';
export { answersThatOpen, type OpenQuestion } from './rules/answersThatOpen.js';
export { openPoses, poseChanges, type PoseChanges } from './rules/openPoses.js';
export { changesOn, nextChanges, type Change } from './rules/nextChanges.js';
export {
  SOMEBODY,
  makeRulebook,
  rulebookVersion,
  trialDetails,
  type Rulebook,
  type RulebookData,
} from './rules/rulebook.js';
export {
  conflictText,
  stagePerson,
  type ActiveRule,
  type StageSettings,
  type StagedPerson,
} from './rules/stagePerson.js';
export { NO_SUMS, sumsAfter } from './rules/sums.js';
export {
  SUMS,
  USE_NAMES,
  type Bound,
  type Condition,
  type Hold,
  type ConditionGroup,
  type Conflict,
  type Evidence,
  type LimbSide,
  type LimitKind,
  type Quantity,
  type Rule,
  type RuleLevel,
  type StageTest,
  type WarningSign,
} from './rules/types.js';
export { waysToSatisfy } from './rules/waysToSatisfy.js';

// Fitting a class, and saying it.
export {
  careFor,
  somebodyWith,
  suits,
  whoTakesCare,
  compareFittings,
  type Comparison,
  handover,
  type Handover,
  type HandoverOther,
  type HandoverStep,
  type SheetFigure,
  orderNotes,
  ownSheet,
  readFitting,
  sayCost,
  type SheetStep,
  withoutHealth,
  withoutPerson,
} from './fitting/explain/index.js';
export { asksAnew, asksMore, asksMorePartway } from './fitting/person/index.js';
export { fitClass, type FitInput } from './fitting/fitClass.js';
export { createFitter, type Fitter, type FitterInput } from './fitting/fitter.js';
export { similarity } from './fitting/person/index.js';
export { PACE, PACE_BOUNDS, countSeconds, paceOf, readPace, type Pace } from './people/pace.js';
export type { OneForAll } from './fitting/together/index.js';
export type { Easier, Finding, Fitting, Lane, LaneStep, RunAndTotal, Verdict } from './fitting/types.js';
export type { TimeLeft } from './fitting/time/index.js';
export { floorVisits } from './fitting/ways/index.js';
export type { Side } from './side.js';
export type { OrderNote } from './fitting/types.js';
export type { HouseView } from './rules/houseViewTypes.js';
export type { Details } from './people/types.js';
export { typicalPeople, type TypicalPerson } from './people/typicalPeople.js';
export { retitled } from './reading/retitled.js';
export { askedSeconds } from './plan/askedSeconds.js';
export {
  NoReading,
  readPressure,
  writePressure,
  type PressureDoubt,
  type PressureMeasurement,
  type PressureToSend,
} from './readings/pressureMeasurement.js';
export { readSfloat, writeSfloat } from './readings/sfloat.js';
export type { Bringing, BroughtIn, PersonTold } from './formats/broughtIn.js';
export { readFhir } from './formats/readFhir.js';
export { readPeopleTable, writePeopleTable, type WrittenDown } from './formats/peopleTable.js';
export { lookedAt } from './formats/broughtIn.js';
export { writeFhir } from './formats/writeFhir.js';
export { dueBefore, type Due } from './groups/dueBefore.js';
export {
  askedNext,
  comingOn,
  groupDays,
  weekdayOf,
  type Group,
  type OnRoster,
  type OtherDay,
} from './groups/group.js';

// Teaching a class.
export {
  aloudBetween,
  breathAt,
  breathOf,
  changesOf,
  countAt,
  differingNow,
  changeFor,
  momentsOf,
  NOT_BEGUN,
  oneEach,
  passedIn,
  plannedUntil,
  shapeAt,
  stopped,
  teach,
  teachingAt,
  teachingClock,
  type Act,
  type Aloud,
  type BreathAt,
  type Count,
  type Counted,
  type Counting,
  type Doing,
  type Given,
  type ChangeForOne,
  type Moment,
  type Now,
  type Phase,
  type Teaching,
  type TeachingClock,
  LEAD_PARTS,
  learnPace,
  taughtTimes,
  type LeadPart,
  type LearnedPace,
  type TaughtTime,
  momentOfShown,
  readShown,
  shownMoment,
  type Shown,
  type ShownMoment,
} from './teaching/index.js';
export {
  activityAdvice,
  activityOf,
  doneOf,
  farthest,
  FROM_CLASSES,
  limitsSeen,
  MODERATE,
  NOT_PACED_UP,
  PAIN_MATTERS,
  measuredOverTime,
  progressOf,
  proposals,
  sayProposal,
  type Activity,
  type ActivityAdvice,
  type Done,
  type Flare,
  type HowFar,
  type MeasuredOverTime,
  type Progress,
  type AskProposal,
  type LimitProposal,
  type Proposal,
  type PropProposal,
  type RecordOf,
  type SeenLimit,
  type StepChange,
} from './record/index.js';

// What somebody practises alone at home.
export {
  chosenAtHome,
  homeDraft,
  homeMinutes,
  HOUSE_PROPS,
  sayOften,
  USUAL_HOUSE,
  type HomeDraft,
  type HomeStep,
  type HouseProp,
  type NotAtHome,
} from './home/index.js';

// A letter to whoever treats somebody.
export { LETTER_TO, letterDraft, type LetterInput, type LetterTo } from './letter/index.js';

// What was done in a period.
export {
  classSums,
  reportOf,
  type ClassInReport,
  type ClassSums,
  type NotCome,
  type PersonInReport,
  type PoseInReport,
  type PropShort,
  type RecordedClass,
  type RecordInClass,
  type Report,
  type Taught,
  type Verdicts,
} from './reports/index.js';

// A trainer for the teacher's eye.
export {
  compareEye,
  dueNext,
  EYE_CASES,
  eyeCase,
  eyeOverTime,
  housesDiffer,
  type EyeAnswer,
  type EyeCard,
  type EyeCase,
  type EyeCount,
  type EyeInMonth,
  type EyeStep,
  type EyeWorld,
  type OtherHouse,
  type Seen,
} from './trainer/index.js';
