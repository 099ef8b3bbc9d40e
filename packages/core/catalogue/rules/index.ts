import type { Condition } from '../../src/rules/types.js';
import { chairUser, wheelchairUser } from './chairUser.js';
import { child } from './child.js';
import { highBloodPressure } from './highBloodPressure.js';
import { lumbarDisc } from './lumbarDisc.js';
import { olderAdult } from './olderAdult.js';
import { pregnancy } from './pregnancy.js';

/** Every condition and group of the rulebook. */
export const CONDITIONS: readonly Condition[] = [pregnancy, highBloodPressure, lumbarDisc, olderAdult, chairUser, wheelchairUser, child];
