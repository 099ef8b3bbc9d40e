import type { Vec3 } from '@lotus-steady/core/body';

/**
 * Lines on the skin of the face, in the head's axes, cm at 165 cm of height. Eyes and brows are the right one's; the
 * others cross the middle.
 */
export interface FaceLines {
  upperLid: Vec3[];
  lowerLid: Vec3[];
  closedLid: Vec3[];
  /** Closed: it ends where it begins. */
  iris: Vec3[];
  brow: Vec3[];
  /** The inside of an ear. */
  ear: Vec3[];
  nose: Vec3[];
  mouth: Vec3[];
}
