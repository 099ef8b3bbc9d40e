import { type LaneStep } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { ChevronLeft, ChevronRight, Pause, Play } from 'lucide-react';
import { useCallback, useEffect, useMemo } from 'react';
import { useNavigate } from 'react-router';
import { useClass } from '../../data/classes/useClass.js';
import type { ClassWhole } from '../../data/types.js';
import { Figure } from '../../domain/figure/Figure.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { sayClock, sayOwnHold, sayProps, shortNames } from '../../domain/words/say.js';
import { Reading } from '../../ui/states.js';
import { frameIn } from '../../domain/figure/frameIn.js';
import { sayOf } from '../../domain/words/sayOf.js';
import { sayWay } from '../../domain/words/sayWay.js';
import { Chosen } from '../../domain/fitting/Chosen.js';
import { Loosened } from '../../domain/fitting/Loosened.js';
import { VerdictMark } from '../../domain/marks/VerdictMark.js';
import { momentsOf, type Moment } from './moments.js';
import { useCountdown } from './useCountdown.js';
import { usePlace } from './usePlace.js';

/** The plain walk through the steps in class. */
export function TeachScreen({ id }: { id: string }) {
  const reading = useClass(id);
  if (reading.data) return <Walk known={reading.data} />;
  return (
    <Page title="Teach">
      <Reading what="Loading the class" of={reading} />
    </Page>
  );
}

/** Facing a class, her right is their left: both are said. */
const SIDES = {
  right: { theirs: 'Their right', yours: 'on your left as you face them' },
  left: { theirs: 'Their left', yours: 'on your right as you face them' },
} as const;

const nameOf = ({ step, side, then, round }: Moment): string =>
  round
    ? `${step.flow!.name}, round ${round.at} of ${step.flow!.rounds}`
    : `${then ? 'What follows: after ' : ''}${variantById(step.variant).pose.name}${side ? `, ${side} side` : ''}`;

function Walk({ known }: { known: ClassWhole }) {
  const moments = useMemo(() => momentsOf(known.fitting), [known.fitting]);
  const names = useMemo(() => shortNames(known.people.map((person) => person.name)), [known.people]);
  const { at, setAt, isBack } = usePlace(known.id, moments.length);
  const now = moments[at]!;
  const countdown = useCountdown(now.seconds, at);
  const go = useCallback(
    (by: number) => setAt((i) => Math.max(0, Math.min(moments.length - 1, i + by))),
    [moments.length, setAt],
  );
  useTeachingKeys(known.id, go, countdown.toggle);
  useScreenOn();
  return (
    <div className="flex h-screen flex-col overflow-hidden text-lg">
      <title>{`Teach ${known.title} · Lotus Steady`}</title>
      <header className="flex items-center gap-4 border-b border-line px-5 py-2">
        <h1 className="text-xl">{known.title}</h1>
        <span className="text-soft tabular-nums">
          {at + 1} of {moments.length}
        </span>
        {isBack && (
          <span role="status" className="flex items-center text-soft">
            Gone on where you were.
            <Button look="quiet" onClick={() => setAt(0)}>
              From the beginning
            </Button>
          </span>
        )}
        {!now.differing.length && <span className="text-soft">everyone together</span>}
        <ButtonLink look="quiet" className="ml-auto" to={`/classes/${known.id}/fitting`}>
          Exit
        </ButtonLink>
        {at === moments.length - 1 && (
          <ButtonLink look="main" to={`/classes/${known.id}/after`}>
            After class
          </ButtonLink>
        )}
      </header>
      <main
        className={
          `grid min-h-0 flex-1 gap-4 overflow-y-auto p-5 ` +
          `${now.differing.length ? 'md:grid-cols-[minmax(0,1fr)_24rem]' : ''}`
        }
      >
        <Now now={now} countdown={countdown} />
        {now.differing.length > 0 && <WhoDiffers now={now} names={names} />}
      </main>
      <Steps next={moments[at + 1]} isFirst={at === 0} onGo={go} />
    </div>
  );
}

/** Space starts and stops the clock, arrows and page keys move, Escape leaves. */
function useTeachingKeys(id: string, go: (by: number) => void, toggle: () => void): void {
  const navigate = useNavigate();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key === ' ') {
        event.preventDefault();
        toggle();
      } else if (event.key === 'ArrowRight' || event.key === 'PageDown') go(1);
      else if (event.key === 'ArrowLeft' || event.key === 'PageUp') go(-1);
      else if (event.key === 'Escape') void navigate(`/classes/${id}/fitting`);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [go, toggle, navigate, id]);
}

/** The screen stays on during the class, where the browser can do that. */
function useScreenOn(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    void navigator.wakeLock
      ?.request('screen')
      .then((held) => {
        lock = held;
      })
      .catch(() => undefined);
    return () => void lock?.release();
  }, []);
}

type Countdown = ReturnType<typeof useCountdown>;

/** What everyone does now: name, side, figure, cues, and how long still. */
function Now({ now, countdown }: { now: Moment; countdown: Countdown }) {
  const { pose, variant } = variantById(now.step.variant);
  if (now.round) return <Round now={now} round={now.round} countdown={countdown} />;
  return (
    <section aria-label="Now" className="flex min-h-0 flex-col">
      <div aria-live="polite">
        <h2 className="text-3xl md:text-[2.75rem]">
          {now.then ? `After ${pose.name.toLowerCase()}` : pose.name}
        </h2>
        {now.then && (
          <p className="mt-2 text-2xl">Each does what suits; the others rest and follow the breath.</p>
        )}
        {now.side && (
          <p className="mt-2 text-2xl">
            <b className="font-display text-teal">{SIDES[now.side].theirs}</b>{' '}
            <span className="text-soft">{SIDES[now.side].yours}</span>
            <span className="block text-lg text-soft">{pose.side}</span>
          </p>
        )}
      </div>
      <div className="flex min-h-40 flex-1 items-center justify-center gap-3 py-2">
        {(now.then ? [0] : variant.frames.map((_, i) => i)).map((frame) => (
          <Figure
            key={frame}
            variant={now.then ? now.differing[0]!.entry.variant : now.step.variant}
            frame={frame}
            side={now.then ? undefined : now.side}
            width={420}
            height={330}
            className="h-full max-h-[46vh] min-w-0 flex-1"
          />
        ))}
      </div>
      <ul className="mb-3 space-y-1 text-xl">
        {!now.then && variant.cues.map((cue) => <li key={cue}>{cue}</li>)}
        {!now.then && now.step.note && <li className="italic text-soft">{now.step.note}</li>}
      </ul>
      <Clock countdown={countdown} seconds={now.seconds} text={now.step.text} />
    </section>
  );
}

/** A round of a flow: its shapes in their order, each with its breath. */
function Round({
  now: { step, seconds },
  round: { at, shapes },
  countdown,
}: {
  now: Moment;
  round: NonNullable<Moment['round']>;
  countdown: Countdown;
}) {
  const { name, rounds } = step.flow!;
  return (
    <section aria-label="Now" className="flex min-h-0 flex-col">
      <div aria-live="polite">
        <h2 className="text-3xl md:text-[2.75rem]">{name}</h2>
        <p className="mt-2 text-2xl">
          Round {at} of {rounds}
        </p>
      </div>
      <ol className="grid flex-1 grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] content-start gap-x-3 gap-y-4 py-4">
        {shapes.map(({ step: shape, side }, i) => (
          <li key={i} className="text-center leading-tight">
            <Figure
              variant={shape.variant}
              frame={frameIn(shape)}
              side={side}
              width={168}
              height={128}
              className="mx-auto"
              decorative
            />
            <b className="block">
              {variantById(shape.variant).pose.name}
              {side && <span className="text-teal">, their {side}</span>}
            </b>
            <span className="block text-soft">
              {sayOf({ text: '', ...(shape.flow ? { flow: shape.flow } : {}) })}
            </span>
          </li>
        ))}
      </ol>
      <Clock countdown={countdown} seconds={seconds} text={step.section ?? ''} />
    </section>
  );
}

/** Starts, stops and shows the seconds that are left. */
function Clock({
  countdown: { left, runs, toggle },
  seconds,
  text,
}: {
  countdown: Countdown;
  seconds: number;
  text: string;
}) {
  const part = seconds ? left / seconds : 0;
  return (
    <div className="flex items-center gap-5">
      <Button look="main" className="min-h-16 w-36 text-xl" onClick={toggle} disabled={left === 0}>
        {runs ? <Pause aria-hidden /> : <Play aria-hidden />}
        {runs ? 'Pause' : 'Start'}
      </Button>
      <div className="flex-1" role="timer" aria-label={`${Math.ceil(left)} seconds left`}>
        <div className="flex items-baseline justify-between">
          <span className="font-display text-[2.75rem] font-semibold tabular-nums">
            {left === 0 ? 'Come out slowly' : sayClock(Math.ceil(left))}
          </span>
          <span className="text-soft">{text}</span>
        </div>
        <div className="h-3 overflow-hidden rounded-full bg-sunk outline outline-line">
          <div className="h-full rounded-full bg-teal" style={{ width: `${part * 100}%` }} />
        </div>
      </div>
    </div>
  );
}

/** Whoever does something else now, those who do the same together. */
const WhoDiffers = ({ now, names }: { now: Moment; names: Map<string, string> }) => (
  <section
    aria-label="Who differs"
    className="flex min-h-0 flex-col gap-2 md:border-l md:border-line md:pl-4"
  >
    <h2 className="text-xl">{now.then ? 'Who does what' : 'Who differs, and how'}</h2>
    <ul className="min-h-0 flex-1 space-y-2 md:overflow-y-auto">
      {byWay(now).map(({ entry, people }) => (
        <Way
          key={`${entry.askedVariant} ${people.join()}`}
          entry={entry}
          bare={now.then}
          isOfRound={now.round !== undefined}
          people={people.map((name) => names.get(name) ?? name)}
          side={now.side}
        />
      ))}
    </ul>
  </section>
);

/** Back, what comes next, and on. */
const Steps = ({
  next,
  isFirst,
  onGo,
}: {
  next: Moment | undefined;
  isFirst: boolean;
  onGo: (by: number) => void;
}) => (
  <footer className="flex items-center gap-4 border-t border-line bg-paper px-5 py-2">
    <Button onClick={() => onGo(-1)} disabled={isFirst}>
      <ChevronLeft aria-hidden />
      Back
    </Button>
    <p className="min-w-0 flex-1 truncate text-center">
      {next ? (
        <>
          Next: <b>{nameOf(next)}</b> {!next.round && <span className="text-soft">{next.step.text}</span>}
        </>
      ) : (
        'The last step'
      )}
    </p>
    <Button onClick={() => onGo(1)} disabled={!next}>
      Next
      <ChevronRight aria-hidden />
    </Button>
  </footer>
);

/** People who do the same together. */
function byWay({ differing }: Moment): { entry: LaneStep; people: string[] }[] {
  const ways = new Map<string, { entry: LaneStep; people: string[] }>();
  for (const { name, entry } of differing) {
    const key = `${entry.askedVariant}|${entry.variant}|${Math.round(entry.hold.seconds)}`;
    const way = ways.get(key) ?? { entry, people: [] };
    way.people.push(name);
    ways.set(key, way);
  }
  return [...ways.values()];
}

function Way({
  entry,
  people,
  side,
  bare,
  isOfRound,
}: {
  entry: LaneStep;
  people: readonly string[];
  side?: 'right' | 'left';
  bare?: boolean;
  /** Says which shape of the round it is about. */
  isOfRound: boolean;
}) {
  const { pose } = variantById(entry.variant);
  return (
    <li className="flex items-center gap-2 rounded-xl border border-line bg-paper p-2">
      <Figure
        variant={entry.variant}
        side={pose.side ? side : undefined}
        className="w-26 shrink-0"
        decorative
      />
      <div className="leading-tight">
        <b className="text-indigo">{people.join(', ')}</b>
        <span className="block">
          {!bare && <VerdictMark verdict={entry.verdict} />}
          <Loosened entries={[entry]} />
          <Chosen entries={[entry]} />
        </span>
        {isOfRound && <span className="block text-soft">{variantById(entry.askedVariant).pose.name}:</span>}
        <span className="block first-letter:uppercase">{sayWay(entry)}</span>
        <span className="block text-soft">
          {[sayOwnHold(entry), sayProps(entry.props)].filter(Boolean).join(' · ')}
        </span>
        {entry.waits && (
          <span className="block text-soft">
            done {entry.waits} s early: {entry.waitOut ?? 'rests, or follows the breath'}
          </span>
        )}
      </div>
    </li>
  );
}
