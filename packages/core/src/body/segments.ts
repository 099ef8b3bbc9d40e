/**
 * Segment lengths as a share of standing height.
 *
 * Source: Drillis and Contini 1966 as drawn in Winter, figure 4.1 (from memory). The trunk
 * is split into pelvis, lumbar and thoracic spine so that the shoulder joint (0.818), C7 and
 * the crown (1.000) come out at the drawn heights; the split itself is our own estimate.
 */
export const LENGTH = {
  /** Sole to ankle joint. */
  foot: 0.039,
  shank: 0.246,
  thigh: 0.245,
  /** Midline to hip joint: the joints are closer together than the hips are wide. */
  hipHalf: 0.052,
  /** Hip joints to L5/S1. */
  pelvis: 0.06,
  /** L5/S1 to T12/L1. */
  lumbar: 0.1,
  /** T12/L1 to C7. */
  thorax: 0.165,
  /** How far the shoulder joint lies below C7. */
  shoulderDrop: 0.034,
  shoulderHalf: 0.104,
  upperArm: 0.186,
  forearm: 0.146,
  /** C7 to the top of the neck. */
  neck: 0.07,
} as const;

/**
 * Share of the trunk's side bend and twist that the lumbar spine takes (White and Panjabi 1990, from
 * memory: rotation about 9 of 45 degrees, side bend about 20 of 35 to 45).
 */
export const LUMBAR_SHARE = { sideBend: 0.45, twist: 0.15 } as const;

/**
 * Share of body mass by segment and where along it the centre lies, from the first end.
 *
 * Source: Winter, table 4.1 (after Dempster 1955), from memory. The shares sum to 1.
 */
export const MASS = {
  headAndNeck: { share: 0.081, at: 0.55 },
  thorax: { share: 0.216, at: 0.5 },
  abdomen: { share: 0.139, at: 0.5 },
  pelvis: { share: 0.142, at: 0.4 },
  upperArm: { share: 0.028, at: 0.436 },
  forearm: { share: 0.016, at: 0.43 },
  hand: { share: 0.006, at: 0.5 },
  thigh: { share: 0.1, at: 0.433 },
  shank: { share: 0.0465, at: 0.433 },
  foot: { share: 0.0145, at: 0.5 },
} as const;
