import type { Build } from '@lotus-steady/core';
import type { FigureScene, Look } from '@lotus-steady/figure/scene';
import { useMemo } from 'react';
import { variantById } from '../../data/catalogue.js';
import type { OwnBody } from '../../workers/solveWork.js';
import { useAllShown } from '../../workers/useWork.js';
import { shownScenes } from './shownScenes.js';

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
        return shownScenes(shown[at], {
          pose: pose.id,
          variant: view ? { ...variant, view } : variant,
          heightCm,
          build,
          look,
          left: side === 'left',
        });
      }),
    [asked, shown, side, heightCm, build, look, view],
  );
}
