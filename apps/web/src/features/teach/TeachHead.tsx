import type { Moment, TeachingClock } from '@lotus-steady/core';
import { Maximize, MonitorPlay, Settings2 } from 'lucide-react';
import type { ClassWhole } from '../../data/types.js';
import { useLearnedPace } from '../../data/hall/useLearnedPace.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { sayClock } from '../../domain/words/say.js';
import { sayDrift, sayEnd } from './teachWords.js';
import { toggleFullScreen } from './toggleFullScreen.js';
import type { KeptHere } from './useKept.js';
import type { AtTeaching } from './useTeaching.js';
import type { TeachSettings } from './useTeachSettings.js';

interface Props {
  known: ClassWhole;
  at: AtTeaching;
  moments: readonly Moment[];
  clock: TeachingClock;
  settings: TeachSettings;
  onSettings: (changed: Partial<TeachSettings>) => void;
  isCut: boolean;
  isCutting: boolean;
  /** Why the rest could not be fitted into the time. */
  problem: string | undefined;
  kept: KeptHere;
  /** Opens what there is to say of a screen for the class. */
  onScreen: () => void;
  onAgain: () => void;
}

const SUMMARY =
  'flex min-h-11 cursor-pointer list-none items-center gap-2 rounded-lg px-2 font-semibold text-teal ' +
  'hover:bg-teal-wash';

const KEPT_WORDS: Readonly<Record<KeptHere, string>> = {
  'not yet': 'Not kept on this device yet.',
  kept: 'Kept on this device until the class is over: it goes on, and opens again, without a network.',
  'not here':
    'Goes on without a network while this page is open. This browser does not open it again without one: it keeps ' +
    'nothing, or does not trust the certificate of the hall’s computer.',
};

/** Where the class is, how long still, and how it stands against its plan. */
export function TeachHead({
  known,
  at,
  moments,
  clock,
  settings,
  onSettings,
  isCut,
  isCutting,
  problem,
  kept,
  onScreen,
  onAgain,
}: Props) {
  const { teaching, now } = at;
  const off = useLearnedPace().data?.learned?.off;
  const isOver = teaching.ended !== undefined;
  return (
    <header className="flex flex-wrap items-center gap-x-5 border-b border-line px-5 py-1 sm:py-2">
      <h1 className="text-xl">{known.title}</h1>
      <span className="text-soft tabular-nums">
        {teaching.at + 1} of {moments.length}
      </span>
      {at.isBack && (
        <span role="status" className="flex items-center text-soft">
          Gone on where you were.
          <Button look="quiet" onClick={onAgain}>
            From the beginning
          </Button>
        </span>
      )}
      {isCutting && <span role="status">Fitting the rest into the time …</span>}
      {isCut && <span className="text-soft">the rest fits the time</span>}
      {problem && (
        <b role="alert" className="text-clay">
          {problem}
        </b>
      )}
      <span className="flex flex-wrap items-center gap-x-4 sm:ml-auto">
        <span className="text-xl tabular-nums" aria-label="Time left in the class">
          <b>{sayClock(clock.toGo)}</b> <span className="text-lg text-soft">to go</span>
        </span>
        {teaching.begun !== undefined && (
          <span>
            <b className={clock.behind < 90 ? '' : 'text-clay'}>{sayDrift(clock.behind)}</b>
            {!isOver && <span className="text-soft">, {sayEnd(clock, now, off)}</span>}
          </span>
        )}
        <details className="relative">
          <summary className={SUMMARY}>
            <Settings2 aria-hidden size={20} />
            <span className="max-sm:sr-only">How it runs</span>
          </summary>
          <div className="absolute right-0 z-20 w-72 space-y-1 rounded-xl border border-line bg-paper p-4 shadow-xl">
            <CheckField
              label="Goes on by itself"
              checked={teaching.isSelfRunning}
              onChange={({ target }) => at.do({ act: 'self-running', on: target.checked })}
            />
            <CheckField
              label="Counts up, not down"
              checked={settings.counting === 'up'}
              onChange={({ target }) => onSettings({ counting: target.checked ? 'up' : 'down' })}
            />
            <CheckField
              label="Counts aloud"
              checked={settings.isAloud}
              onChange={({ target }) => onSettings({ isAloud: target.checked })}
            />
            <CheckField
              label="Chime at both ends of a hold"
              checked={settings.hasChime}
              onChange={({ target }) => onSettings({ hasChime: target.checked })}
            />
            <CheckField
              label="Words to say; with the voice, read aloud"
              checked={settings.hasWords}
              onChange={({ target }) => onSettings({ hasWords: target.checked })}
            />
            <Button
              look="quiet"
              onClick={({ currentTarget }) => {
                currentTarget.closest('details')!.open = false;
                onScreen();
              }}
            >
              <MonitorPlay aria-hidden size={20} />A screen for the class …
            </Button>
            <p className="border-t border-line pt-2 text-base text-soft">{KEPT_WORDS[kept]}</p>
          </div>
        </details>
        {document.fullscreenEnabled && (
          <Button look="quiet" aria-label="Full screen" onClick={() => void toggleFullScreen()}>
            <Maximize aria-hidden size={20} />
          </Button>
        )}
        {isOver || teaching.at === moments.length - 1 ? (
          <ButtonLink look={isOver ? 'main' : 'plain'} to={`/classes/${known.id}/after`}>
            After class
          </ButtonLink>
        ) : null}
        <ButtonLink look="quiet" to={`/classes/${known.id}/fitting`}>
          Exit
        </ButtonLink>
      </span>
    </header>
  );
}
