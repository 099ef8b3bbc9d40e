import { useEffect } from 'react';

/**
 * The screen stays on during the class, where the browser can do that; also after a glance elsewhere, for which the
 * browser lets go of it.
 */
export function useScreenOn(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const hold = (): void => {
      if (document.visibilityState !== 'visible') return;
      void navigator.wakeLock
        ?.request('screen')
        .then((held) => {
          if (left) void held.release();
          else lock = held;
        })
        .catch(() => undefined);
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
}
