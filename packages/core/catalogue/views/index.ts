import type { Pose, Variant } from '../../src/authoring/poseWords.js';
import { MEASURED_VIEWS } from './measured.js';

/** A part of the body that a view may hide. */
export type HiddenPart = 'head' | `${'hand' | 'foot' | 'knee'}${'R' | 'L'}`;

/** A variant seen from where it is told best. */
const seen = (variant: Variant): Variant => {
  const view = MEASURED_VIEWS[variant.id];
  return view ? { ...variant, view } : variant;
};

/** Poses seen from where they are told best: their author's view, unless another was measured to be clearly better. */
export const withViews = (poses: readonly Pose[]): Pose[] => poses.map((pose) => ({ ...pose, ladder: pose.ladder.map(seen) as unknown as Pose['ladder'] }));
