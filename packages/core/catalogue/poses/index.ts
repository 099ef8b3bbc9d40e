import type { Pose } from '../../src/authoring/poseWords.js';
import { advancedPoses } from './advanced.js';
import { allFoursPoses } from './allFours.js';
import { balancePoses } from './balance.js';
import { breathPoses } from './breath.js';
import { chairPoses } from './chair.js';
import { childrenPoses } from './children.js';
import { chairWorkPoses } from './chairWork.js';
import { deeperPoses } from './deeper.js';
import { GROWS } from './grows.js';
import { jointPoses } from './joints.js';
import { kneelingPoses } from './kneeling.js';
import { pronePoses } from './prone.js';
import { proneWorkPoses } from './proneWork.js';
import { restPoses, seatedPoses } from './seatedAndRest.js';
import { seatedWorkPoses } from './seatedWork.js';
import { SKILL } from './skill.js';
import { invertedPoses, restorativePoses, sidePoses } from './sideInvertedRest.js';
import { smallMovePoses } from './smallMoves.js';
import { standingPoses } from './standing.js';
import { standingWorkPoses } from './standingWork.js';
import { supinePoses } from './supine.js';
import { supineWorkPoses } from './supineWork.js';

const BY_FAMILY: readonly Pose[] = [
  ...breathPoses,
  ...jointPoses,
  ...chairPoses,
  ...chairWorkPoses,
  ...standingPoses,
  ...standingWorkPoses,
  ...balancePoses,
  ...allFoursPoses,
  ...kneelingPoses,
  ...pronePoses,
  ...proneWorkPoses,
  ...supinePoses,
  ...supineWorkPoses,
  ...seatedPoses,
  ...seatedWorkPoses,
  ...sidePoses,
  ...invertedPoses,
  ...restPoses,
  ...restorativePoses,
  ...deeperPoses,
  ...advancedPoses,
  ...smallMovePoses,
  ...childrenPoses,
];

/** Every pose of the catalogue, by family. */
export const POSES: readonly Pose[] = BY_FAMILY.map((pose) => ({
  ...pose,
  ladder: pose.ladder.map((variant) => {
    const skill = SKILL[variant.id];
    const grows = GROWS[variant.id];
    return { ...variant, ...(skill === undefined ? {} : { skill }), ...(grows ? { grows } : {}) };
  }),
}));
