import { eased } from '@lotus-steady/core';
import { useEffect, useState } from 'react';
import { wantsMotion } from '../../ui/wantsMotion.js';

/** So long one way of a movement takes, ms: about half a quiet breath. */
const ONE_WAY = 2600;

/** Playing there and back: where it is, and what can be pressed. */
export interface Playing {
  /** Whether it may be played: motion is wanted. */
  can: boolean;
  on: boolean;
  /** 0 at the first key frame, 1 at the last; undefined before it was played. */
  at: number | undefined;
  toggle: () => void;
  stopAt: (at: number) => void;
}

/** @param of what is played: where it has got to is forgotten when that changes */
export function usePlaying(of: unknown): Playing {
  const [playing, setPlaying] = useState<{ of: unknown; on: boolean; at?: number }>({ of, on: false });
  const mine = playing.of === of ? playing : { on: false, at: undefined };
  const { on } = mine;
  const can = wantsMotion();
  useEffect(() => {
    if (!on) return undefined;
    const began = performance.now();
    let asked = 0;
    const step = (now: number): void => {
      const way = ((now - began) / ONE_WAY) % 2;
      setPlaying({ of, on: true, at: eased(way < 1 ? way : 2 - way) });
      asked = requestAnimationFrame(step);
    };
    asked = requestAnimationFrame(step);
    return () => cancelAnimationFrame(asked);
  }, [on, of]);
  return {
    can,
    on,
    at: mine.at,
    toggle: () => setPlaying({ of, on: !on, at: mine.at }),
    stopAt: (at) => setPlaying({ of, on: false, at }),
  };
}
