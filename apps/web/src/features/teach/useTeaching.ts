import {
  NOT_BEGUN,
  teach,
  teachingAt,
  type Act,
  type Moment,
  type Teaching,
  type TimeLeft,
} from '@lotus-steady/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { NOTHING_TOLD, useMarksSent, type Told } from './useMarksSent.js';
import { forgetDraft, keepDraft, readDraft } from '../../data/drafts/drafts.js';

/** A class is gone on with for so long, milliseconds: six hours. After that it is begun. */
const GOES_ON_FOR = 6 * 60 * 60 * 1000;
/** The words on the screen are looked at anew so often, milliseconds; breath and figure look for themselves. */
const LOOKS_EVERY = 200;

/** What is kept on this device while a class is taught. */
interface Kept {
  teaching: Teaching;
  /** Where the rest of the class was made to end on time. */
  left: TimeLeft | null;
  /** Which changes the server has been told of. */
  told: Told;
}

export const teachDraft = (id: string): string => `class:${id}:teaching`;

/** Where a class is on this device; undefined where it is not being taught. */
export function keptTeaching(id: string, now = Date.now()): Kept | undefined {
  const kept = readDraft<Kept, undefined>(teachDraft(id), {
    teaching: NOT_BEGUN,
    left: null,
    told: NOTHING_TOLD,
  });
  return kept && now - kept.at < GOES_ON_FOR ? kept.values : undefined;
}

/** A class while it is taught, kept over a reload or a crash to the second. */
export interface AtTeaching {
  teaching: Teaching;
  /** The instant it is shown at, ms since 1970. */
  now: number;
  do: (act: Act) => void;
  /** Takes the last thing that was done back. */
  undo?: () => void;
  /** Whether it was gone back to, and nothing was done since. */
  isBack: boolean;
  again: () => void;
  /** Why what is changed cannot be kept. */
  notNoted: string | undefined;
}

/** @param moments of the class; others than before where the rest of it was cut */
export function useTeaching(id: string, moments: readonly Moment[], left: TimeLeft | null): AtTeaching {
  const [kept] = useState(() => keptTeaching(id));
  const back = kept?.teaching;
  const [{ state, before }, setState] = useState<{ state: Teaching; before: readonly Teaching[] }>({
    state: back ?? NOT_BEGUN,
    before: [],
  });
  const [now, setNow] = useState(Date.now);
  const known = useRef(moments);
  known.current = moments;
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), LOOKS_EVERY);
    return () => clearInterval(timer);
  }, []);
  const told = useRef(kept?.told ?? NOTHING_TOLD);
  const notNoted = useMarksSent(id, state, told);
  useEffect(() => {
    if (state === NOT_BEGUN && !left) forgetDraft(teachDraft(id));
    else keepDraft(teachDraft(id), { teaching: state, left, told: told.current } satisfies Kept, undefined);
  }, [id, state, left]);
  const act = useCallback((one: Act): void => {
    const at = Date.now();
    setNow(at);
    setState((was) => ({
      state: teach(was.state, one, known.current, at),
      before: [...was.before, was.state].slice(-UNDO_MOST),
    }));
  }, []);
  const undo = useCallback(
    () =>
      setState((was) => {
        const last = was.before[was.before.length - 1];
        return last ? { state: last, before: was.before.slice(0, -1) } : was;
      }),
    [],
  );
  const again = useCallback(() => setState({ state: NOT_BEGUN, before: [] }), []);
  // Of a class that was cut there may be fewer moments than it had got to.
  const teaching = teachingAt(within(state, moments.length), moments, now);
  return {
    teaching,
    now,
    do: act,
    ...(before.length ? { undo } : {}),
    isBack: back !== undefined && state === back,
    again,
    notNoted,
  };
}

const UNDO_MOST = 50;

const within = (state: Teaching, count: number): Teaching =>
  state.at < count ? state : { ...state, at: Math.max(0, count - 1) };
