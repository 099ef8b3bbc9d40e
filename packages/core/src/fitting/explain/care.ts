import type { Catalogue } from '../../poses/catalogue.js';
import type { Pose, Variant } from '../../poses/types.js';
import { judge, type Breach } from '../../rules/judge.js';
import { SOMEBODY } from '../../rules/rulebook.js';
import { stagePerson, type StagedPerson, type StageSettings } from '../../rules/stagePerson.js';
import { countSeconds } from '../../people/pace.js';
import { NO_SUMS } from '../../rules/sums.js';
import { bodyTable } from '../person/index.js';
import { trialOf } from './trial.js';

/** A made-up person with one condition of which nothing more is known: the careful stage of it. */
export function somebodyWith(condition: string, settings: StageSettings): StagedPerson {
  const born = condition === 'child' ? `${Number(settings.on.slice(0, 4)) - 7}-01-01` : undefined;
  return stagePerson(
    { ...SOMEBODY, ...(born ? { born, heightCm: 125 } : {}), conditions: [{ condition, details: {} }] },
    settings,
  );
}

/**
 * Every rule that a variant breaks for someone when it is held that long (breaths or rounds; as usual
 * unless said otherwise), on the side it is described on.
 */
export function careFor(
  catalogue: Catalogue,
  pose: Pose,
  variant: Variant,
  staged: StagedPerson,
  on: string,
  held = pose.hold.usual,
): Breach[] {
  const holdSeconds = held * countSeconds(pose, variant.breath, staged.person, on);
  const body = bodyTable(catalogue, staged, on);
  return judge(
    staged.rules,
    trialOf({ body }, { sides: [], before: NO_SUMS }, body.table.rowOf.get(variant)!, holdSeconds, undefined),
    staged.person.ranges,
  );
}

/** Whether nothing but cues speaks against a variant. */
export const suits = (breaches: readonly Breach[]): boolean =>
  breaches.every(({ rule }) => rule.level === 'watch' || (rule.level === 'need' && rule.adds !== undefined));

/** Who should take care with a variant and why: conditions whose careful stage has something to say. */
export const whoTakesCare = (
  catalogue: Catalogue,
  pose: Pose,
  variant: Variant,
  settings: StageSettings,
): { condition: string; name: string; breaches: Breach[] }[] =>
  settings.rulebook.conditions
    .map(({ id, name }) => ({
      condition: id,
      name,
      breaches: careFor(catalogue, pose, variant, somebodyWith(id, settings), settings.on),
    }))
    .filter(({ breaches }) => breaches.length > 0);
