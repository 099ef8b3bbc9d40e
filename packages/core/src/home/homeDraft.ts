import { withoutHealth } from '../fitting/explain/index.js';
import type { Fitting, Lane, LaneStep } from '../fitting/types.js';
import { ageOn } from '../calendar/dates.js';
import type { Catalogue } from '../poses/catalogue.js';
import type { StagedPerson } from '../rules/stagePerson.js';
import { skillOf } from '../poses/skillOf.js';
import { atHome, type HouseProp } from './houseProps.js';
import { howOften } from './howOften.js';
import type { HomeDraft, HomeStep, NotAtHome } from './types.js';

/** Months of practice: what takes so much is done under a teacher's eyes. */
const WITH_A_TEACHER = 3;
/** Who stands on one leg no longer than this is not left to it alone, seconds. Common practice, no published source. */
const STEADY = 10;
/** A child under this age practises with a grown-up. */
const ALONE_FROM = 12;

/**
 * What of a class somebody may practise alone at home: as it is fitted to her on a day, and without what needs somebody
 * beside her, what falls hard where she falls, and what is not in the house.
 *
 * @param staged the person on that day
 * @param on the day, `YYYY-MM-DD`
 * @param has what is in the house
 * @returns each step once, in the order of the class; a version that comes again, the first time
 */
export function homeDraft(
  fitting: Fitting,
  staged: StagedPerson,
  { catalogue, on, has }: { catalogue: Catalogue; on: string; has: readonly HouseProp[] },
): HomeDraft {
  const { person, abilities, alerts, stopped } = staged;
  const lane = fitting.lanes.find(({ personId }) => personId === person.id);
  if (!lane || stopped) {
    const why = alerts.find(({ kind }) => kind === 'stop' || kind === 'clearance' || kind === 'refer');
    return { steps: [], notAtHome: [], refused: why?.text ?? 'Nothing may be practised just now.' };
  }
  const plain = withoutHealth(fitting, catalogue).lanes.find(({ personId }) => personId === person.id)!;
  const leftOut = new Set(fitting.steps.filter((one) => one.leftOut).map(({ step }) => step));
  const conditions = person.conditions.map(({ condition }) => condition);
  const unsteady = abilities.frail || abilities.oneLeg.value < STEADY;
  const seen = new Set<string>();
  const steps: HomeStep[] = [];
  const notAtHome: NotAtHome[] = [];
  lane.steps.forEach((entry, i) => {
    const { step, variant, asFarAs, hold, sides } = entry;
    const key = `${variant} ${asFarAs?.share ?? 1} ${sides.length === 1 ? sides[0] : ''}`;
    if (leftOut.has(step) || seen.has(key)) return;
    seen.add(key);
    const house = atHome(entry.props, has);
    const why =
      notAlone(entry, catalogue, unsteady) ?? (house ? undefined : 'what it needs is not in the house');
    if (why) notAtHome.push({ step, variant, why });
    else
      steps.push({
        ...{ step, variant, hold, sides, house: house! },
        ...(asFarAs ? { partOf: asFarAs.of, says: asFarAs.says } : {}),
        cues: plain.steps[i]!.cues,
        often: howOften(catalogue.variant(variant).pose, conditions),
        eye: watched(entry),
      });
  });
  const isChild = person.born !== undefined && ageOn(person.born, on) < ALONE_FROM;
  return { steps, notAtHome, ...(isChild ? { withWhom: 'a grown-up who has read this' } : {}) };
}

/** Why a step is not done alone; undefined where it may be. */
function notAlone(
  { way, override, level, breath, measures, variant: id }: Lane['steps'][number],
  catalogue: Catalogue,
  unsteady: boolean,
): string | undefined {
  const { variant } = catalogue.variant(id);
  if (way?.none) return 'somebody has to help her there';
  if (override?.breaks.length) return 'you chose it against a limit, and were beside her';
  if (level === 'inverted') return 'upside down, with somebody beside her';
  if (breath === 'held' || breath === 'rapid') return 'breath that is held or rapid is led by a teacher';
  if (measures.jumping > 0) return 'it hops or jumps';
  if (skillOf(variant) >= WITH_A_TEACHER) return 'it takes months of practice under a teacher’s eyes';
  const isBalance = (measures.oneLeg > 0 || measures.heelsLifted > 0) && variant.support === 'none';
  return unsteady && isBalance ? 'it balances with nothing to hold, and she is unsteady' : undefined;
}

/** What is to be watched in a step that was chosen for her. */
const watched = ({ findings }: LaneStep): string[] => [
  ...new Set(
    findings
      .filter(({ on, level, met }) => on === 'chosen' && level === 'watch' && !met)
      .map(({ reason }) => reason),
  ),
];
