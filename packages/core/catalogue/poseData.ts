/** What the built-in catalogue is made of, besides its solutions. */
import { withBreath } from './breathFrames.js';
import { COUNTER_POSES } from './counterPoses.js';
import { withNames } from './names/index.js';
import { FLOWS } from './flows.js';
import { POSES } from './poses/index.js';
import { THEMES } from './themes.js';
import { withViews } from './views/index.js';
import { WAYS } from './ways.js';

export const CATALOGUE_DATA = {
  poses: withBreath(withViews(withNames(POSES))),
  flows: FLOWS,
  ways: WAYS,
  themes: THEMES,
  counterPoses: COUNTER_POSES,
};
