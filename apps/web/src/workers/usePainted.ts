import { useEffect, useState } from 'react';

/** Whether what asks has been painted once: what keeps a processor busy comes after that. */
export function usePainted(): boolean {
  const [isPainted, setPainted] = useState(false);
  useEffect(() => {
    let next: ReturnType<typeof setTimeout> | undefined;
    // A task of its own after the frame: the frame itself is painted in between.
    const frame = requestAnimationFrame(() => {
      next = setTimeout(() => setPainted(true));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(next);
    };
  }, []);
  return isPainted;
}
