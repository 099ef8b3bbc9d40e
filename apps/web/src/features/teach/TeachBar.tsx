import type { Moment, Teaching } from '@lotus-steady/core';
import {
  Bell,
  ChevronLeft,
  ChevronRight,
  CirclePlus,
  Clock3,
  Hand,
  OctagonX,
  Pause,
  Play,
  Repeat,
  SkipForward,
  Undo2,
} from 'lucide-react';
import { Button } from '../../ui/Button.js';
import { nameOfMoment } from './teachWords.js';
import type { TeachingKeys } from './useTeachingKeys.js';

interface Props {
  teaching: Teaching;
  next: Moment | undefined;
  /** Whether it would be paused, and not started. */
  isGoing: boolean;
  on: TeachingKeys;
  canUndo: boolean;
  /** Whether children come, who have games. */
  hasGames: boolean;
}

const BIG = 'min-h-16 px-5! text-xl';
const SMALL = 'min-h-12 min-w-11 text-lg';

/** What there is to press in class: the large ones in reach of a thumb, what is rarer above them. */
export const TeachBar = ({ teaching, next, isGoing, on, canUndo, hasGames }: Props) => (
  <footer className="border-t border-line bg-paper px-4 py-2">
    <div className="mb-2 flex flex-wrap gap-x-1 gap-y-1">
      <Button look="quiet" className={SMALL} onClick={on.more}>
        <CirclePlus aria-hidden size={20} />
        <span className="max-sm:sr-only">A minute more</span>
      </Button>
      <Button look="quiet" className={SMALL} onClick={on.repeat}>
        <Repeat aria-hidden size={20} />
        <span className="max-sm:sr-only">Repeat</span>
      </Button>
      <Button look="quiet" className={SMALL} onClick={on.skip} disabled={!next}>
        <SkipForward aria-hidden size={20} />
        <span className="max-sm:sr-only">Skip the step</span>
      </Button>
      <Button
        look="quiet"
        className={SMALL}
        onClick={on.endOnTime}
        disabled={!next || teaching.begun === undefined}
      >
        <Clock3 aria-hidden size={20} />
        <span className="max-sm:sr-only">End on time</span>
      </Button>
      {canUndo && (
        <Button look="quiet" className={SMALL} onClick={on.undo}>
          <Undo2 aria-hidden size={20} />
          <span className="max-sm:sr-only">Undo</span>
        </Button>
      )}
      <span className="ml-auto flex flex-wrap gap-2">
        {hasGames && (
          <Button className={SMALL} onClick={on.games}>
            <Bell aria-hidden size={20} />
            With the children
          </Button>
        )}
        <Button className={SMALL} onClick={on.change}>
          <Hand aria-hidden size={20} />
          Change for one
        </Button>
        <Button className={`${SMALL} border-clay! text-clay`} onClick={on.stop}>
          <OctagonX aria-hidden size={20} />
          Stop
        </Button>
      </span>
    </div>
    <div className="flex items-stretch gap-3">
      <Button className={BIG} onClick={on.back} disabled={teaching.at === 0}>
        <ChevronLeft aria-hidden />
        <span className="max-sm:sr-only">Back</span>
      </Button>
      <Button
        look="main"
        className={`${BIG} min-w-40`}
        onClick={on.toggle}
        disabled={teaching.phase === 'done'}
      >
        {isGoing ? <Pause aria-hidden /> : <Play aria-hidden />}
        {toggleWord(teaching, isGoing)}
      </Button>
      <p className="flex min-w-0 flex-1 flex-col justify-center text-center text-lg leading-tight max-sm:hidden">
        {next ? (
          <>
            <span className="truncate">
              Next: <b>{nameOfMoment(next)}</b>
            </span>
            {!next.round && next.step.text !== nameOfMoment(next) && (
              <span className="truncate text-soft">{next.step.text}</span>
            )}
          </>
        ) : (
          'The last step'
        )}
      </p>
      <Button className={`${BIG} ml-auto`} onClick={on.next} disabled={!next}>
        <span className="max-sm:sr-only">Next</span>
        <ChevronRight aria-hidden />
      </Button>
    </div>
  </footer>
);

function toggleWord({ begun, phase, isSelfRunning, passed }: Teaching, isGoing: boolean): string {
  if (isGoing) return 'Pause';
  if (phase === 'hold' && passed > 0) return 'Go on';
  return begun === undefined && isSelfRunning ? 'Begin' : 'Start';
}
