import type { Pose } from '../../src/poses/types.js';
import { allFoursPoses } from './allFours.js';
import { chairPoses } from './chair.js';
import { pronePoses } from './prone.js';
import { restPoses, seatedPoses } from './seatedAndRest.js';
import { standingPoses } from './standing.js';
import { supinePoses } from './supine.js';

/** Every pose of the catalogue, by family. */
export const POSES: readonly Pose[] = [
  ...chairPoses, ...standingPoses, ...allFoursPoses, ...pronePoses, ...supinePoses, ...seatedPoses, ...restPoses,
];
