import { completePosture } from '@lotus-steady/core/body';

/** Half way between the ends of what hips, knees, shoulders and elbows do most: how the body is sculpted. */
export const REST_POSTURE = completePosture({
  hip: [15, 12, 0],
  knee: 15,
  shoulder: [0, 45, 0],
  elbow: 15,
  inversion: 0,
});
