import { propsFor, type Build, type Variant } from '@lotus-steady/core';
import { mirrorScene, neutralLook, type FigureScene, type Look } from '@lotus-steady/figure/scene';
import { posturesFor, variantById } from '../../data/catalogue.js';

/** Whose figure it is. */
export interface Drawn {
  heightCm?: number;
  build?: Build;
  look?: Look;
  left?: boolean;
}

/** The key frames of a variant as scenes, from the stored solutions. */
export function scenesOf(
  variant: Pick<Variant, 'id' | 'props' | 'view'> & Partial<Variant>,
  { heightCm = 165, build = 'adult', look, left = false }: Drawn,
): FigureScene[] {
  const solved = posturesFor(variant.id, heightCm, build);
  const scenes = solved.postures.map((posture): FigureScene => ({
    posture,
    heightCm: solved.heightCm,
    build,
    look: look ?? neutralLook(poseOf(variant.id), build),
    props: propsFor(variant, solved.heightCm),
    view: variant.view,
    eyesClosed: variant.declared?.eyesClosed,
  }));
  return left ? scenes.map(mirrorScene) : scenes;
}

/** The pose that a variant is of; ways between levels are their own. */
function poseOf(variant: string): string {
  try {
    return variantById(variant).pose.id;
  } catch {
    return variant;
  }
}
