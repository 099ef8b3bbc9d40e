import { useEffect, useRef, useState } from 'react';

/** A stopwatch: seconds, to the tenth. */
export interface Stopwatch {
  seconds: number;
  isRunning: boolean;
  start: () => void;
  stop: () => void;
  clear: () => void;
}

/** How often what is shown is read anew, ms. */
const EVERY = 100;

/**
 * Counts the seconds by the clock, not by its own ticks, so that a page in the background counts right too.
 *
 * @param most stops by itself then, seconds
 */
export function useStopwatch(most = Infinity): Stopwatch {
  const [isRunning, setRunning] = useState(false);
  const [seconds, setSeconds] = useState(0);
  const from = useRef(0);
  const since = (): number => Math.min(most, Math.round((performance.now() - from.current) / 100) / 10);
  useEffect(() => {
    if (!isRunning) return;
    const tick = setInterval(() => {
      const now = Math.min(most, Math.round((performance.now() - from.current) / 100) / 10);
      setSeconds(now);
      if (now >= most) setRunning(false);
    }, EVERY);
    return () => clearInterval(tick);
  }, [isRunning, most]);
  return {
    seconds,
    isRunning,
    start: () => {
      from.current = performance.now();
      setSeconds(0);
      setRunning(true);
    },
    stop: () => {
      if (isRunning) setSeconds(since());
      setRunning(false);
    },
    clear: () => {
      setRunning(false);
      setSeconds(0);
    },
  };
}
