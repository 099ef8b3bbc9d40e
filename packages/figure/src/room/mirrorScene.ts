import { mirrorPosture } from '@lotus-steady/core/body';
import { mirrorProps } from '../props/mirrorProps.js';
import type { FigureScene } from './stage.js';

/** The same scene in a mirror: the left form of a pose that is described on the right. */
export const mirrorScene = (scene: FigureScene): FigureScene => ({
  ...scene,
  posture: mirrorPosture(scene.posture),
  props: mirrorProps(scene.props),
  view: [180 - scene.view[0], scene.view[1]],
});
