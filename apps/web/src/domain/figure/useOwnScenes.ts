import { unpackPosture, type Build } from '@lotus-steady/core';
import { mirrorScene, neutralLook, type FigureScene, type Look } from '@lotus-steady/figure/scene';
import { useMemo } from 'react';
import { variantById } from '../../data/catalogue.js';
import type { OwnBody, Shown } from '../../workers/solveWork.js';
import { useAllShown } from '../../workers/useWork.js';
import { scenesOf } from './scenesOf.js';

/** A variant, or part of one, to be solved for a body. */
export interface Solved {
  variant: string;
  own?: OwnBody;
}

/** Whose figure it is, and how it is seen. */
export interface OwnDrawn {
  heightCm: number;
  build: Build;
  look?: Look;
  side?: 'right' | 'left';
  /** Seen from elsewhere than the variant says. */
  view?: FigureScene['view'];
}

/**
 * The key frames of variants one after the other, each solved for one body by the worker; the stored ones nearest to it
 * until it has answered.
 */
export function useOwnScenes(
  asked: readonly Solved[],
  { heightCm, build, look, side, view }: OwnDrawn,
): FigureScene[] {
  const shown = useAllShown(asked, heightCm, build);
  return useMemo(
    () =>
      asked.flatMap(({ variant: id }, at) => {
        const { pose, variant } = variantById(id);
        const left = side === 'left';
        const seen = view ? { ...variant, view } : variant;
        const answer: Shown | undefined = shown[at];
        if (!answer) return scenesOf(seen, { heightCm, build, look, left });
        return answer.postures.map((packed): FigureScene => {
          const scene: FigureScene = {
            posture: unpackPosture(packed),
            heightCm,
            build,
            look: look ?? neutralLook(pose.id),
            props: answer.props,
            view: seen.view,
            eyesClosed: variant.declared.eyesClosed,
          };
          return left ? mirrorScene(scene) : scene;
        });
      }),
    [asked, shown, side, heightCm, build, look, view],
  );
}
