import { momentOfShown, type Shown } from '@lotus-steady/core';
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { ApiError } from '../../data/client.js';
import { catalogue } from '../../data/catalogue.js';
import { useOnScreen } from '../../data/screen/useScreen.js';
import { useScreenOn } from '../../ui/useScreenOn.js';
import { Pacer } from '../../domain/breath/Pacer.js';
import { Stage } from './Stage.js';

/** What the class sees: figure, breath and count. What opens it stands behind the `#`, which no server is sent. */
export function ClassScreen() {
  const [secret] = useState(() => window.location.hash.slice(1));
  const { data, error } = useOnScreen(secret);
  useScreenOn();
  return (
    <main className="flex h-dvh flex-col items-center justify-center gap-6 overflow-hidden p-6 text-2xl">
      <title>For the class · Lotus Steady</title>
      <OnIt data={data} error={error} />
    </main>
  );
}

const Words = ({ children }: { children: ReactNode }) => (
  <p role="status" className="flex items-center gap-4 font-display text-3xl">
    <img src="/mark.svg" alt="" width={56} height={56} />
    {children}
  </p>
);

function OnIt({ data, error }: Pick<ReturnType<typeof useOnScreen>, 'data' | 'error'>) {
  // A look that was lost changes nothing: the class goes on. Switched off, it shows nothing any more.
  if (error && isOff(error)) return <Words>{error.message}</Words>;
  if (!data) return <Words>{error ? error.message : 'Opening …'}</Words>;
  if (!data.shown) return <Words>It begins soon.</Words>;
  if (data.shown.isOver) return <Words>Thank you.</Words>;
  return <Shows shown={data.shown} toldAt={data.at - (data.age ?? 0)} />;
}

const isOff = (error: Error): boolean => error instanceof ApiError && error.status === 404;

/** Of two tellings of the same the later is not gone by, unless they are further apart, milliseconds. */
const APART = 300;

function Shows({ shown, toldAt }: { shown: Shown; toldAt: number }) {
  const key = JSON.stringify([shown.now, shown.phase, shown.runs, shown.more]);
  // The instant of this page's clock at which the phase would have begun, had it never been paused.
  const began = useRef({ key: '', at: 0 });
  const at = toldAt - shown.passed;
  if (began.current.key !== key || Math.abs(began.current.at - at) > APART) began.current = { key, at };
  const { runs, phase, more } = shown;
  const passed = useCallback(
    () => (runs ? performance.now() - began.current.at : shown.passed) / 1000,
    [runs, shown.passed],
  );
  useTicks(runs);
  // Told anew every second, what is the same stays the same to the letter and to the page.
  const moment = useMemo(() => momentOfShown(shown.now), [shown.now]);
  const before = useMemo(() => shown.before && momentOfShown(shown.before), [shown.before]);
  const body = useMemo(
    () => ({ heightCm: shown.heightCm, build: shown.build }),
    [shown.heightCm, shown.build],
  );
  return (
    <div className="grid size-full grid-cols-[minmax(0,1fr)_auto] items-center gap-8 max-md:grid-cols-1">
      {moment.then || !isKnown(shown) ? (
        <p className="text-center font-display text-4xl">{moment.then ? 'Rest, and breathe.' : ''}</p>
      ) : (
        <Stage
          key={key}
          moment={moment}
          before={before && isKnown({ now: shown.before! }) ? before : undefined}
          phase={phase}
          runs={runs}
          passed={passed}
          body={body}
        />
      )}
      {isKnown(shown) && (
        <div className="md:scale-125 md:pr-10">
          <Pacer
            moment={moment}
            phase={phase}
            runs={runs}
            passed={passed}
            total={moment.seconds + more / 1000}
            counting={shown.isUp ? 'up' : 'down'}
          />
        </div>
      )}
    </div>
  );
}

/** A hall's own version is not known where nobody is signed in: it has no figure here. */
const isKnown = ({ now: { variant, round = [] } }: Pick<Shown, 'now'>): boolean =>
  [variant, ...round.map((shape) => shape.variant)].every((id) =>
    catalogue().rows.some((row) => row.variant.id === id),
  );

/** Draws the count again, which is looked at as the breath is not. */
function useTicks(runs: boolean): void {
  const [, tick] = useState(0);
  useEffect(() => {
    if (!runs) return undefined;
    const timer = setInterval(() => tick((before) => before + 1), 200);
    return () => clearInterval(timer);
  }, [runs]);
}
