import {
  figureLabel,
  NOT_BEGUN,
  passedIn,
  sayHeld,
  teach,
  teachingAt,
  type Side,
  type Teaching,
} from '@lotus-steady/core';
import { useEffect, useMemo, useState } from 'react';
import { variantById } from '../../data/catalogue.js';
import type { HomePractice } from '../../data/types.js';
import { Pacer } from '../../domain/breath/Pacer.js';
import { Figure } from '../../domain/figure/Figure.js';
import { Moving } from '../../domain/figure/Played.js';
import { scenesOf } from '../../domain/figure/scenesOf.js';
import type { PersonBody } from '../../domain/fitting/bodies.js';
import { nameOfHomeStep } from '../../domain/person/nameOfHomeStep.js';
import { Button } from '../../ui/Button.js';
import { useScreenOn } from '../../ui/useScreenOn.js';
import { HowItWent } from './HowItWent.js';

/** One hold of the practice: a step, on one side if it has sides. */
interface Hold {
  step: { step: number; variant: string };
  of: HomePractice['steps'][number];
  side?: Side;
  lead: number;
  seconds: number;
  count: { unit: 'breaths' | 'rounds' | 'seconds'; of: number; each: number };
  /** Seconds of one of her breaths. */
  breath: number;
}

/** Where nobody said in what it is counted, a breath takes so many seconds (common practice, no published source). */
const BREATH = 5;

function holdsOf({ steps }: Pick<HomePractice, 'steps'>): Hold[] {
  return steps.flatMap((of) => {
    const { breaths, rounds, seconds } = of.hold;
    const counted = rounds ?? breaths;
    const count = counted
      ? { unit: rounds ? ('rounds' as const) : ('breaths' as const), of: counted, each: seconds / counted }
      : { unit: 'seconds' as const, of: seconds, each: 1 };
    const breath = counted ? seconds / (breaths ?? counted) : BREATH;
    const sides: readonly (Side | undefined)[] = of.sides.length ? of.sides : [undefined];
    return sides.map((side): Hold => ({
      ...{ step: { step: of.step, variant: of.variant }, of, lead: 0, seconds, count, breath },
      ...(side ? { side } : {}),
    }));
  });
}

/** How often the clock looks, milliseconds. */
const LOOKS = 200;

/** The practice, one thing after the other: how it is set up, then held with the breath as a shape, then the next. */
export function Player({
  of,
  today,
  body,
  onClose,
}: {
  of: HomePractice;
  today: string;
  body: PersonBody;
  onClose: () => void;
}) {
  const holds = useMemo(() => holdsOf(of), [of]);
  const [kept, setKept] = useState<Teaching>(NOT_BEGUN);
  const [now, setNow] = useState(() => Date.now());
  const [isOver, setOver] = useState(false);
  useScreenOn();
  const state = teachingAt(kept, holds, now);
  useEffect(() => {
    const clock = setInterval(() => setNow(Date.now()), LOOKS);
    return () => clearInterval(clock);
  }, []);
  const act = (what: 'start' | 'pause' | 'next' | 'back'): void => {
    const at = Date.now();
    setKept(teach(kept, { act: what }, holds, at));
    setNow(at);
  };
  const hold = holds[state.at]!;
  const runs = state.since !== undefined && state.phase === 'hold';
  const isLast = state.at === holds.length - 1;
  if (isOver)
    return (
      <section className="mb-8 rounded-2xl border border-teal bg-paper p-5">
        <h2 className="text-2xl">Rest a moment.</h2>
        <HowItWent today={today}>
          <Button className="mt-3" onClick={onClose}>
            Back
          </Button>
        </HowItWent>
      </section>
    );
  return (
    <section aria-label="Practising" className="mb-8 rounded-2xl border border-teal bg-paper p-5">
      <p className="text-soft">
        {state.at + 1} of {holds.length}
      </p>
      <Shown hold={hold} isHeld={state.phase === 'hold'} body={body} />
      {state.phase !== 'lead' && (
        <div className="my-3 flex justify-center">
          <Pacer
            moment={hold}
            phase={state.phase}
            runs={runs}
            passed={() => passedIn(teachingAt(kept, holds, Date.now()), Date.now()) / 1000}
            total={hold.seconds}
            counting="down"
          />
        </div>
      )}
      <div className="grid grid-cols-[auto_1fr] gap-3">
        <Button
          className="min-h-14"
          disabled={state.at === 0 && state.phase === 'lead'}
          onClick={() => act('back')}
        >
          Back
        </Button>
        {state.phase === 'lead' && (
          <Button look="main" className="min-h-14 text-lg" onClick={() => act('start')}>
            I am there
          </Button>
        )}
        {state.phase === 'hold' && (
          <Button className="min-h-14 text-lg" onClick={() => act(runs ? 'pause' : 'start')}>
            {runs ? 'Pause' : 'Go on'}
          </Button>
        )}
        {state.phase === 'done' && (
          <Button
            look="main"
            className="min-h-14 text-lg"
            onClick={() => (isLast ? setOver(true) : act('next'))}
          >
            {isLast ? 'Done' : 'Next'}
          </Button>
        )}
      </div>
      <div className="mt-3 flex justify-between">
        <Button look="quiet" onClick={onClose}>
          Stop for now
        </Button>
        {state.phase !== 'done' && (
          <Button look="quiet" onClick={() => (isLast ? setOver(true) : act('next'))}>
            Leave it out
          </Button>
        )}
      </div>
    </section>
  );
}

/** What is done, how one gets there, and its figure: it moves while it is looked at. */
function Shown({ hold: { of, side }, isHeld, body }: { hold: Hold; isHeld: boolean; body: PersonBody }) {
  const { pose, variant } = variantById(of.variant);
  const isLeft = side === 'left' && Boolean(pose.side);
  const scenes = useMemo(
    () => scenesOf(variant, { ...body, look: undefined, left: isLeft }),
    [variant, body, isLeft],
  );
  return (
    <>
      <h2 className="text-2xl">
        {nameOfHomeStep(of)}
        {side && `: ${side}`}
      </h2>
      <div className="mx-auto max-w-96">
        {isHeld ? (
          <Figure
            variant={of.variant}
            side={pose.side ? side : undefined}
            heightCm={body.heightCm}
            build={body.build}
            width={240}
            height={190}
            className="mx-auto w-60"
          />
        ) : (
          <Moving label={figureLabel(pose, variant, scenes.length > 1 ? 'move' : 0, side)} scenes={scenes} />
        )}
      </div>
      {!isHeld && (
        <>
          <p className="font-semibold">{sayHeld(of.hold)}</p>
          {of.says && <p>{of.says}</p>}
          {of.house.length > 0 && <p className="text-soft">You need {of.house.join('; ')}</p>}
          <p>{pose.guide.setUp}</p>
        </>
      )}
      <ul className="list-disc pl-5">
        {of.cues.map((cue) => (
          <li key={cue}>{cue}</li>
        ))}
      </ul>
      {of.note && <p className="text-teal">{of.note}</p>}
    </>
  );
}
