import { CONDITIONS } from '../../catalogue/rules/index.js';
import type { Catalogue } from '../poses/catalogue.js';
import type { Pose, Variant } from '../poses/types.js';
import { USUAL_HOUSE_VIEW, type HouseView } from '../rules/houseView.js';
import { judge, type Breach } from '../rules/judge.js';
import { SOMEBODY } from '../rules/rulebook.js';
import { stagePerson, type StagedPerson } from '../rules/stagePerson.js';
import { breathSeconds } from '../timing/pace.js';
import { trialOf } from './candidates.js';



/** A made-up person with one condition of which nothing more is known: the careful stage of it. */
export function somebodyWith(condition: string, on: string, houseView: HouseView): StagedPerson {
  const born = condition === 'child' ? `${Number(on.slice(0, 4)) - 7}-01-01` : undefined;
  return stagePerson({ ...SOMEBODY, ...(born ? { born, heightCm: 125 } : {}), conditions: [{ condition, details: {} }] }, on, houseView);
}

/** Every rule that a variant breaks for someone when it is held that long (breaths or rounds; as usual unless said otherwise), on the side it is described on. */
export function careFor(catalogue: Catalogue, pose: Pose, variant: Variant, staged: StagedPerson, on: string, held = pose.hold.usual): Breach[] {
  const holdSeconds = held * breathSeconds(staged.person, variant.breath, on);
  const ask = { catalogue, view: USUAL_HOUSE_VIEW, pose, variant, holdSeconds, sides: pose.side ? (['right', 'left'] as const) : [], on, before: { supineUnbroken: 0, supineTotal: 0 } };
  return judge(staged.rules, trialOf(ask, staged, pose, variant, holdSeconds, undefined), staged.person.ranges);
}

/** Whether nothing but cues speaks against a variant. */
export const suits = (breaches: readonly Breach[]): boolean => breaches.every(({ rule }) => rule.level === 'watch' || (rule.level === 'need' && rule.adds !== undefined));

/** Who should take care with a variant and why: conditions whose careful stage has something to say. */
export const whoTakesCare = (catalogue: Catalogue, pose: Pose, variant: Variant, on: string, houseView: HouseView): { condition: string; name: string; breaches: Breach[] }[] =>
  CONDITIONS.map(({ id, name }) => ({ condition: id, name, breaches: careFor(catalogue, pose, variant, somebodyWith(id, on, houseView), on) })).filter(({ breaches }) => breaches.length > 0);
