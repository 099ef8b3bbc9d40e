import { useEffect, useRef, useState } from 'react';

/** True from a change of the value until it has been the same for so many milliseconds; false at first. */
export function useIdle(value: unknown, ms: number): boolean {
  const [busy, setBusy] = useState(false);
  const isFirst = useRef(true);
  useEffect(() => {
    if (isFirst.current) {
      isFirst.current = false;
      return undefined;
    }
    setBusy(true);
    const timer = setTimeout(() => setBusy(false), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return busy;
}
