import { shownMoment, type Moment, type Shown } from '@lotus-steady/core';
import { useEffect } from 'react';
import { showOnScreen, useScreen } from '../../data/screen/useScreen.js';
import type { PersonBody } from '../../domain/fitting/bodies.js';
import type { AtTeaching } from './useTeaching.js';
import type { TeachSettings } from './useTeachSettings.js';

/** Told again so often, milliseconds: what was lost on the way is there soon. */
const AGAIN = 15_000;

/** Keeps the screen for the class at what is taught, where there is one. */
export function useShown(
  { teaching }: AtTeaching,
  moments: readonly Moment[],
  body: Pick<PersonBody, 'heightCm' | 'build'>,
  { counting }: Pick<TeachSettings, 'counting'>,
): void {
  const isThere = useScreen().data?.since !== undefined;
  const { at, phase, passed, since, more, ended } = teaching;
  const { heightCm, build } = body;
  useEffect(() => {
    const now = moments[at];
    if (!isThere || !now) return undefined;
    const before = moments[at - 1];
    const tell = (): void => {
      const shown: Shown = {
        now: shownMoment(now),
        ...(before ? { before: shownMoment(before) } : {}),
        phase,
        passed: passed + (since === undefined ? 0 : Math.max(0, Date.now() - since)),
        runs: since !== undefined,
        more,
        isUp: counting === 'up',
        isOver: ended !== undefined,
        ...{ heightCm, build },
      };
      void showOnScreen(shown);
    };
    tell();
    const timer = setInterval(tell, AGAIN);
    return () => clearInterval(timer);
  }, [isThere, moments, at, phase, passed, since, more, ended, counting, heightCm, build]);
}
