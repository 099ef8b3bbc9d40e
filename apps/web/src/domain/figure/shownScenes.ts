import { unpackPosture, type Variant } from '@lotus-steady/core';
import { mirrorScene, neutralLook, type FigureScene, type Look } from '@lotus-steady/figure/scene';
import type { Shown } from '../../workers/solveWork.js';
import { scenesOf } from './scenesOf.js';

/** What is shown, on whom and from where. */
interface Asked {
  pose: string;
  variant: Variant;
  heightCm: number;
  build: Shown['build'];
  look?: Look;
  left: boolean;
}

/**
 * The key frames of a variant as the worker has solved them for a body; the stored ones nearest to it until they are
 * there.
 */
export function shownScenes(
  shown: Shown | undefined,
  { pose, variant, heightCm, build, look, left }: Asked,
): FigureScene[] {
  if (!shown) return scenesOf(variant, { heightCm, build, look, left });
  const scenes = shown.postures.map((packed): FigureScene => ({
    posture: unpackPosture(packed),
    heightCm: shown.heightCm,
    build: shown.build,
    look: look ?? neutralLook(pose, shown.build),
    props: shown.props,
    view: variant.view,
    eyesClosed: variant.declared.eyesClosed,
  }));
  return left ? scenes.map(mirrorScene) : scenes;
}
