import { useCallback, useState } from 'react';

/** A moving figure is to be painted anew within so long, milliseconds: 30 times a second and a little more. */
const WITHIN = 31;
/** Judged over so many pictures: one that is late says nothing. */
const OVER = 8;
/** Each time so much coarser, and no coarser than that: it is still read from two metres. */
const COARSER = 0.85;
const COARSEST = 0.7;

/** The first pictures take long for other reasons: the drawing itself is being made ready. */
const MADE_READY = 3;

/** How often it was judged, and what this device has shown it can do: the next figure begins with it. */
let judged = 0;
let known = 1;

/**
 * How fine a moving figure is painted, of 1: less where the device would not keep up with the movement otherwise.
 *
 * @returns it, and what is told how long a picture took, milliseconds
 */
export function useFineness(): [fineness: number, took: (ms: number) => void] {
  const [fineness, setFineness] = useState(known);
  const [latest] = useState<number[]>(() => []);
  const took = useCallback(
    (ms: number): void => {
      latest.push(ms);
      if (latest.length < OVER) return;
      const middle = latest.sort((a, b) => a - b)[OVER / 2]!;
      latest.length = 0;
      judged++;
      if (judged <= MADE_READY || middle <= WITHIN || known <= COARSEST) return;
      known = Math.max(COARSEST, known * COARSER);
      setFineness(known);
    },
    [latest],
  );
  return [fineness, took];
}
