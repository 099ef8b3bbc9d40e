import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import type { FigureScene, FigureSize, Mark } from '@lotus-steady/figure/scene';
import { atEasel } from './easel.js';

/**
 * The markup of a scene, or of a movement if there are more; what was drawn before stays until it is there.
 *
 * @param scenes undefined while they are not known yet
 */
export function useDrawn(
  scenes: readonly FigureScene[] | undefined,
  size: FigureSize,
  marks: readonly Mark[] = [],
): string | undefined {
  // Names of gradients are the page's: each figure has its own.
  const id = `f${useId().replace(/[^\w]/g, '')}`;
  const { data } = useQuery({
    queryKey: ['drawn', id, scenes, size, marks],
    enabled: scenes !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: (previous: string | undefined) => previous,
    queryFn: () => atEasel().draw(scenes!, size, id, marks),
  });
  return data;
}
