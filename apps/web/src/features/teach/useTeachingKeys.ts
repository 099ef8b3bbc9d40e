import { useEffect, useRef, type TouchEvent } from 'react';
import { useKeys, type KeyWords } from '../../ui/keys.js';

/** What keys, pedals and swipes do in class. */
export interface TeachingKeys {
  toggle: () => void;
  next: () => void;
  back: () => void;
  skip: () => void;
  repeat: () => void;
  more: () => void;
  change: () => void;
  stop: () => void;
  endOnTime: () => void;
  undo: () => void;
  games: () => void;
  fullScreen: () => void;
  leave: () => void;
}

const WORDS: readonly KeyWords[] = [
  ['Space', 'starts the hold, pauses it; on a button it presses that button'],
  ['→ or Page Down, a pedal’s too', 'goes on'],
  ['← or Page Up', 'goes back'],
  ['S', 'skips to the next step'],
  ['R', 'repeats'],
  ['M', 'a minute more'],
  ['C', 'a change for one'],
  ['X', 'somebody stops'],
  ['E', 'ends on time'],
  ['U', 'takes the last thing back'],
  ['K', 'chime, countdown and games, where children come'],
  ['F', 'full screen, and back'],
];

const KEYS: Readonly<Record<string, keyof TeachingKeys>> = {
  ArrowRight: 'next',
  PageDown: 'next',
  ArrowLeft: 'back',
  PageUp: 'back',
  s: 'skip',
  r: 'repeat',
  m: 'more',
  c: 'change',
  x: 'stop',
  e: 'endOnTime',
  u: 'undo',
  k: 'games',
  f: 'fullScreen',
  Escape: 'leave',
};
/** What presses itself when Space comes while it has the focus. */
const CONTROLS = 'button, a, input, select, textarea, summary, [role="button"]';

/** A swipe is this long at least, CSS pixels, and goes sideways. */
const SWIPE = 70;

/** Keys of the screen; none of them while something is open over it, or typed. */
export function useTeachingKeys(keys: TeachingKeys): void {
  useKeys(WORDS);
  const latest = useRef(keys);
  latest.current = keys;
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement;
      if (event.defaultPrevented) return;
      if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('[role="dialog"]')) return;
      if (target.closest('input, select, textarea, [contenteditable]')) return;
      if (event.key === ' ') {
        if (target.closest(CONTROLS)) return;
        event.preventDefault();
        return latest.current.toggle();
      }
      const does = KEYS[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (!does) return;
      event.preventDefault();
      latest.current[does]();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

/** Sideways on a touch screen: on to the left, back to the right. */
export function useSwipe(next: () => void, back: () => void) {
  const from = useRef<{ x: number; y: number }>(undefined);
  return {
    onTouchStart: ({ touches }: TouchEvent): void => {
      const touch = touches[0];
      from.current = touches.length === 1 && touch ? { x: touch.clientX, y: touch.clientY } : undefined;
    },
    onTouchEnd: ({ changedTouches }: TouchEvent): void => {
      const touch = changedTouches[0];
      const began = from.current;
      from.current = undefined;
      if (!touch || !began) return;
      const [dx, dy] = [touch.clientX - began.x, touch.clientY - began.y];
      if (Math.abs(dx) < SWIPE || Math.abs(dy) > Math.abs(dx) / 2) return;
      if (dx < 0) next();
      else back();
    },
  };
}
