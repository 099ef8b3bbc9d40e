import type { BallName, Hinge, MidlineKey } from './posture.js';

/**
 * Usual active ranges in degrees, the denominator of every *use*.
 *
 * Source: AAOS, *Joint Motion* (1965), from memory, except: neck flexion 55 (Youdas 1992; 45 in
 * AAOS would give alarms in a usual neck, so the person's own measured range or 55 is used), and
 * the split of the thoracolumbar values by region (derived: White and Panjabi 1990; flexion
 * 55 + 25, extension 17 + 8, side bend 35, rotation 9 + 36). Wrist, knee flexion and ankle use
 * the passive range under load (common practice: 90, 160, 40), or all fours and sitting on the
 * heels would count as end range for everyone.
 */
export const USUAL_RANGE = {
  lumbarFlexion: 55,
  lumbarExtension: 17,
  thoracicFlexion: 25,
  thoracicExtension: 8,
  neckFlexion: 55,
  neckExtension: 45,
  neckRotation: 60,
  neckSideBend: 45,
  sideBend: 35,
  lumbarTwist: 9,
  thoracicTwist: 36,
  hipFlexion: 120,
  hipExtension: 30,
  hipAbduction: 45,
  hipAdduction: 30,
  hipRotationIn: 45,
  hipRotationOut: 45,
  shoulderFlexion: 180,
  shoulderAbduction: 180,
  shoulderExtension: 60,
  shoulderRotationIn: 70,
  shoulderRotationOut: 90,
  hipFlexionWithKneeStraight: 80,
  kneeHyperextension: 10,
  wristExtension: 90,
  kneeFlexion: 160,
  ankleFlexion: 40,
} as const;

type Limits = readonly [low: number, high: number];

/** What a human joint can do at most, passively: the solver's walls, not anybody's goal. */
export const JOINT_LIMITS: Readonly<
  Record<Exclude<MidlineKey, 'x' | 'y' | 'z' | 'pitch' | 'roll' | 'yaw'> | Hinge, Limits>
> = {
  lumbar: [-35, 60],
  thorax: [-30, 45],
  neck: [-70, 65],
  side: [-55, 55],
  twist: [-50, 50],
  neckSide: [-45, 45],
  neckTwist: [-80, 80],
  knee: [-3, 158],
  ankle: [-65, 35],
  inversion: [-25, 40],
  elbow: [-3, 150],
  forearm: [-85, 90],
  wrist: [-80, 90],
  girdle: [-20, 35],
  protraction: [-25, 30],
};

/** The same for the ball joints: flexion, abduction, outward rotation. */
export const BALL_LIMITS: Readonly<Record<BallName, readonly [Limits, Limits, Limits]>> = {
  hip: [
    [-30, 145],
    [-35, 75],
    [-50, 80],
  ],
  shoulder: [
    [-75, 190],
    [-60, 180],
    [-95, 100],
  ],
};
