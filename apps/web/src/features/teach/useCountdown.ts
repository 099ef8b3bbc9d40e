import { useCallback, useEffect, useRef, useState } from 'react';

/** A hold that runs down: seconds left, whether it runs, and how to start, pause and set it back. */
export function useCountdown(seconds: number, key: unknown) {
  const [left, setLeft] = useState(seconds);
  const [runs, setRuns] = useState(false);
  const last = useRef(0);
  useEffect(() => {
    setLeft(seconds);
    setRuns(false);
  }, [seconds, key]);
  useEffect(() => {
    if (!runs) return undefined;
    last.current = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      const passed = (now - last.current) / 1000;
      last.current = now;
      setLeft((value) => Math.max(0, value - passed));
    }, 200);
    return () => clearInterval(timer);
  }, [runs]);
  useEffect(() => {
    if (left === 0) setRuns(false);
  }, [left]);
  const toggle = useCallback(() => setRuns((now) => !now), []);
  return { left, runs, toggle };
}
