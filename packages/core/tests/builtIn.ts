/** Everything of the core, with the built-in catalogue and rulebook already handed in. */
import { BUILT_IN, RULEBOOK } from '../builtIn/index.js';
import * as core from '../src/index.js';
import type { Build, FitInput, HallRules, Person, Pose, StagedPerson } from '../src/index.js';

export * from '../src/index.js';
import type { HouseView } from '../src/rules/houseViewTypes.js';
export { BUILT_IN, RULEBOOK };

export const { poses: POSES, ways: WAYS, themes: THEMES } = BUILT_IN;
export const { conditions: CONDITIONS, conflicts: CONFLICTS, houseViewTopics: HOUSE_VIEW_TOPICS } = RULEBOOK;
export const { warningSigns: WARNING_SIGNS, limitKinds: LIMIT_KINDS, sources: SOURCES } = RULEBOOK;
export const USUAL_HOUSE_VIEW = RULEBOOK.usualHouseView;

export const variantById = (id: string) => BUILT_IN.variant(id);
export const measuresFor = (id: string, heightCm: number, build?: Build) =>
  BUILT_IN.measures(id, heightCm, build);
/** What a shape asks of the supple body it is drawn on, where nothing is short. */
export const drawnFor = (id: string, heightCm: number, build?: Build) =>
  BUILT_IN.measures(id, heightCm, build, SUPPLE);
const SUPPLE = Object.fromEntries(
  core.GIVING_JOINTS.map((joint) => [joint, 360]),
) as unknown as core.BodyRanges;
export const posturesFor = (id: string, heightCm: number, build?: Build) =>
  BUILT_IN.postures(id, heightCm, build);
export const withOwn = (own: readonly core.OwnVariant[]) => BUILT_IN.withOwn(own);
export const RULEBOOK_VERSION = RULEBOOK.version;
export const rankPoses = (written: string, most?: number, poses: readonly Pose[] = POSES) =>
  core.rankPoses(written, poses, most);
export const sizeProp = (task: core.PropTask, fits: core.Fits, stock?: core.Stock) =>
  core.sizeProp(task, fits, BUILT_IN, stock);
export const somebodyWith = (condition: string, on: string, houseView: HouseView) =>
  core.somebodyWith(condition, settingsOf(on, houseView));
export const nextChanges = (person: Person, on: string, houseView: HouseView, most?: number) =>
  core.nextChanges(person, settingsOf(on, houseView), most);
export const conditionById = (id: string) => RULEBOOK.condition(id);
export const ruleById = (id: string) => RULEBOOK.rule(id);

/** Settings of a day on which nothing about the hall is unusual. */
export const settingsOf = (on: string, houseView: HouseView = USUAL_HOUSE_VIEW, hall?: HallRules) => ({
  rulebook: RULEBOOK,
  on,
  houseView,
  poseName: BUILT_IN.poseName,
  ...(hall ? { hall } : {}),
});

export const stagePerson = (
  person: Person,
  on: string,
  houseView: HouseView,
  hall?: HallRules,
): StagedPerson => core.stagePerson(person, settingsOf(on, houseView, hall));
export const parseSequence = (source: string, poses: readonly Pose[] = POSES) =>
  core.parseSequence(source, poses === POSES ? BUILT_IN : { ...BUILT_IN, poses });
export const resolvePose = (written: string, poses: readonly Pose[] = POSES) =>
  core.resolvePose(written, poses);
export const resolveCondition = (written: string) => core.resolveCondition(written, CONDITIONS);
export const readPeople = (input: unknown, on?: string) => core.readPeople(input, RULEBOOK, on);
export const readHouseView = (chosen: unknown) => core.readHouseView(chosen, RULEBOOK);
export const readHallRules = (input: unknown) => core.readHallRules(input, RULEBOOK);

/** What a class is fitted from, the built-in catalogue and rulebook unless said otherwise. */
type Input<T extends core.FitterInput> = Omit<T, 'catalogue' | 'rulebook'> &
  Partial<Pick<T, 'catalogue' | 'rulebook'>>;
export const fitClass = (input: Input<FitInput>) =>
  core.fitClass({ catalogue: BUILT_IN, rulebook: RULEBOOK, ...input } as FitInput);
export const createFitter = (input: Input<core.FitterInput>) =>
  core.createFitter({ catalogue: BUILT_IN, rulebook: RULEBOOK, ...input } as core.FitterInput);
