/** Every version of the built-in catalogue, as scenes. */
import { propsFor } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import type { FigureScene } from '../src/index.js';

export const VARIANTS = [
  ...BUILT_IN.poses.flatMap(({ ladder }) => ladder),
  ...BUILT_IN.ways.map(({ variant }) => variant),
];

/** The key frames of a version as scenes. */
export function scenesOf(id: string, heightCm = 165, build?: FigureScene['build']): FigureScene[] {
  const variant = VARIANTS.find((one) => one.id === id)!;
  const solved = BUILT_IN.postures(id, heightCm, build);
  return solved.postures.map((posture) => ({
    posture,
    heightCm: solved.heightCm,
    build,
    props: propsFor(variant, solved.heightCm),
    view: variant.view,
    eyesClosed: variant.declared.eyesClosed,
  }));
}
