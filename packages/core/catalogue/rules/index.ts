import type { Condition } from '../../src/authoring/ruleWords.js';
import { BACK } from './back.js';
import { BELLY } from './belly.js';
import { chairUser, wheelchairUser } from './chairUser.js';
import { child } from './child.js';
import { EYES } from './eyes.js';
import { GROUPS } from './groups.js';
import { HEART } from './heart.js';
import { highBloodPressure } from './highBloodPressure.js';
import { LEGS } from './legs.js';
import { lumbarDisc } from './lumbarDisc.js';
import { afterBirth, complicatedPregnancy, menstruation, pelvicGirdlePain } from './motherhood.js';
import { NECK_AND_ARMS } from './neckAndArms.js';
import { NERVES_AND_BREATH } from './nervesAndBreath.js';
import { olderAdult } from './olderAdult.js';
import { pregnancy } from './pregnancy.js';
import { somethingElse } from './somethingElse.js';
import { MORE_MAYBE, MORE_NAMES } from './names.js';
import { WEEKLY } from './weekly.js';

const named = (names: string | undefined): readonly string[] => names?.split('|') ?? [];

/** A condition with all that people call it. */
const withNames = (one: Condition): Condition => ({
  ...one,
  aliases: [...one.aliases, ...named(MORE_NAMES[one.id])],
  ...(one.maybe || MORE_MAYBE[one.id] ? { maybe: [...(one.maybe ?? []), ...named(MORE_MAYBE[one.id])] } : {}),
});

const ALL: readonly Condition[] = [
  pregnancy,
  complicatedPregnancy,
  pelvicGirdlePain,
  afterBirth,
  menstruation,
  child,
  olderAdult,
  chairUser,
  wheelchairUser,
  ...GROUPS,
  highBloodPressure,
  ...HEART,
  ...EYES,
  lumbarDisc,
  ...BACK,
  ...NECK_AND_ARMS,
  ...LEGS,
  ...BELLY,
  ...NERVES_AND_BREATH,
  ...WEEKLY,
  somethingElse,
];

/** Every condition and group of the rulebook. */
export const CONDITIONS: readonly Condition[] = ALL.map(withNames);
