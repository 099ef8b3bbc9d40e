import { USUAL_STOCK, type Stock } from '@lotus-steady/core';
import { useMemo } from 'react';
import { useHall } from './useHall.js';

/** What the cupboard of the hall holds to build heights from; what nobody has counted is as usual. */
export function useStock(): Stock {
  const { stock } = useHall();
  return useMemo(
    () => ({
      ...USUAL_STOCK,
      ...Object.fromEntries(
        (['blankets', 'blocks', 'bolsters', 'chairs', 'straps'] as const).flatMap((key) => {
          const count = stock[key] ?? stock[key.slice(0, -1)];
          return count === undefined ? [] : [[key, count]];
        }),
      ),
    }),
    [stock],
  );
}
