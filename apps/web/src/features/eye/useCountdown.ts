import { useEffect, useRef, useState } from 'react';

/**
 * Seconds that are left of some, counted from when this is first shown.
 *
 * @param runs whether it is counted at all @param onEnd told once, when nothing is left
 */
export function useCountdown(seconds: number, runs: boolean, onEnd: () => void): number {
  const [left, setLeft] = useState(seconds);
  const end = useRef(onEnd);
  useEffect(() => {
    end.current = onEnd;
  }, [onEnd]);
  useEffect(() => {
    if (!runs) return;
    const until = Date.now() + seconds * 1000;
    const timer = setInterval(() => {
      const now = Math.max(0, Math.ceil((until - Date.now()) / 1000));
      setLeft(now);
      if (now > 0) return;
      clearInterval(timer);
      end.current();
    }, 250);
    return () => clearInterval(timer);
  }, [seconds, runs]);
  return left;
}
