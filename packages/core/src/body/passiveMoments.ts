import { SIDES, type SideLetter } from './maths.js';
import { NM_PER_KG, type JointName } from './muscles.js';
import type { Posture } from './posture.js';

/** What ligaments and muscles that are at their length hold about one axis of a joint, without being asked to work. */
export interface PassiveMoment {
  joint: JointName;
  side?: SideLetter;
  axis: 0 | 1 | 2;
  way: 1 | -1;
  /** % of body weight × height. */
  upTo: number;
}

/** From 0 at one angle to 1 at another. */
const between = (angle: number, from: number, full: number): number =>
  Math.max(0, Math.min(1, (angle - from) / (full - from)));

/** Less than this is left out, Nm per kg. */
const LEAST = 0.01;

/**
 * What holds near the end of a range without strength: the back of a bent low back, the front of a hollowed one,
 * long hamstrings, straight knees and elbows. In Nm per kg, by angle; from memory (Riener and Edrich 1999 for hip, knee
 * and ankle), rough. Muscles may use it and need not: nobody hangs in a joint because it is there.
 */
export function passiveMoments(posture: Posture): PassiveMoment[] {
  const found: PassiveMoment[] = [];
  const put = (joint: JointName, axis: 0 | 1 | 2, way: 1 | -1, nm: number, side?: SideLetter): void => {
    if (nm > LEAST) found.push({ joint, axis, way, upTo: nm / NM_PER_KG, ...(side ? { side } : {}) });
  };
  put('trunk', 2, 1, 1.2 * between(posture.lumbar, 25, 50));
  put('trunk', 2, -1, 0.9 * between(-posture.lumbar, 10, 28));
  const bent = 0.6 * between(Math.abs(posture.side), 20, 45);
  put('trunk', 0, 1, bent);
  put('trunk', 0, -1, bent);
  for (const side of SIDES) {
    const outward = side === 'R' ? 1 : -1;
    const knee = posture[`knee${side}`];
    const [flexion, abduction] = posture[`hip${side}`];
    const hamstrings = between(flexion, 60, 100) * between(-knee, -40, -5);
    put('knee', 2, -1, 0.5 * between(-knee, -8, -1) + 0.5 * hamstrings, side);
    put('knee', 2, 1, 0.6 * between(knee, 120, 150), side);
    put('hip', 2, -1, 0.9 * hamstrings + 0.4 * between(flexion, 110, 130), side);
    put('hip', 2, 1, 0.6 * between(-flexion, 5, 25), side);
    put('hip', 0, outward, 0.6 * between(abduction, 30, 60), side);
    put('ankle', 2, -1, 0.4 * between(posture[`ankle${side}`], 12, 30), side);
    put('elbow', 2, 1, 0.8 * between(-posture[`elbow${side}`], -12, -2), side);
    put('wrist', 0, outward, 0.2, side);
  }
  return found;
}
