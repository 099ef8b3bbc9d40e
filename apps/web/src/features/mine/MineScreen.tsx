import type { WarningSign } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useCloseMine, useMine, useOpenMine } from '../../data/mine/useMine.js';
import { beginDelivering, deliver } from '../../data/outbox/outbox.js';
import type { OwnClass } from '../../data/types.js';
import { variantById } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import type { PersonBody } from '../../domain/fitting/bodies.js';
import { sayHold, sayProps, sayWhen } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { NotSent } from '../../domain/outbox/NotSent.js';
import { keepProgram } from '../../offline/keepProgram.js';
import { Diary } from './Diary.js';
import { HomePractice } from './HomePractice.js';
import { OwnForm } from './OwnForm.js';
import { Loading, Problem } from '../../ui/states.js';

const Player = lazy(async () => ({ default: (await import('./Player.js')).Player }));

/** A person's own page: the next classes as she does them, and her diary. It opens by her private link alone. */
export function MineScreen() {
  const secret = useRef(window.location.hash.slice(1));
  const open = useOpenMine();
  const { mutate } = open;
  const [isOpen, setIsOpen] = useState(!secret.current);
  const mine = useMine(isOpen);
  const [fills, setFills] = useState(false);
  const [plays, setPlays] = useState(false);
  useEffect(() => {
    if (!secret.current) return;
    mutate(secret.current, {
      onSuccess: () => {
        // Who looks over her shoulder, or at where this browser has been, finds no link.
        window.history.replaceState(null, '', '/mine');
        setIsOpen(true);
      },
      // Nothing answers: what this device keeps of it is opened.
      onError: ({ status }) => status === 0 && setIsOpen(true),
    });
  }, [mutate]);
  useEffect(beginDelivering, []);
  const { data } = mine;
  const error = data ? undefined : (mine.error ?? open.error);
  const hasHome = data?.home !== undefined;
  useEffect(() => {
    if (!data) return;
    void deliver();
    if (hasHome) void keepProgram();
    // What is practised is opened anywhere, once it was opened here.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [data !== undefined, hasHome]);
  return (
    <main id="main" className="mx-auto w-full max-w-4xl px-5 py-6">
      <title>Your page · Lotus Steady</title>
      {error && <Problem error={error} />}
      {!data && !error && <Loading what="Opening your page" />}
      {data?.home && plays && (
        <Suspense fallback={null}>
          <Player
            of={data.home}
            today={data.today}
            body={{ heightCm: data.heightCm, build: data.build }}
            onClose={() => setPlays(false)}
          />
        </Suspense>
      )}
      {data && !plays && (
        <>
          <header className="mb-6 flex flex-wrap items-start justify-between gap-3">
            <div>
              <h1 className="text-3xl">{data.name}</h1>
              <p className="text-soft">
                {data.hall}
                {data.teacher && `, with ${data.teacher}`}
              </p>
            </div>
            <Close />
          </header>
          {fills ? (
            <OwnForm onClose={() => setFills(false)} />
          ) : (
            <p className="mb-8">
              <Button onClick={() => setFills(true)}>Fill in my form</Button>
              <span className="ml-3 text-soft">
                What your teacher should know. Nothing counts until it is read.
              </span>
            </p>
          )}
          <NotSent className="mb-6" />
          {data.home && (
            <HomePractice
              key={data.home.id}
              of={data.home}
              today={data.today}
              body={{ heightCm: data.heightCm, build: data.build }}
              onPlay={() => setPlays(true)}
            />
          )}
          <Diary entries={data.diary} today={data.today} />
          {data.classes.length === 0 && <p className="text-soft">You are down for no class just now.</p>}
          {data.classes.map((one, i) => (
            <Sheet
              key={one.on + one.title}
              of={one}
              isOpen={i === 0}
              body={{ heightCm: data.heightCm, build: data.build }}
            />
          ))}
          <StopSigns />
        </>
      )}
    </main>
  );
}

/** What is more than a class can answer, and whom to call: the rulebook's signs for everyone. */
function StopSigns() {
  const signs = Object.entries<WarningSign>(RULEBOOK.warningSigns).filter(([, { everyone }]) => everyone);
  return (
    <section className="mt-8 border-t border-line pt-3">
      <h2 className="text-xl">When to stop</h2>
      <p className="text-soft">Your own doctor, midwife or physiotherapist comes first.</p>
      <ul className="list-disc pl-5">
        {signs.map(([id, { asks, who }]) => (
          <li key={id}>
            {asks}: <b>{who}</b>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Close() {
  const close = useCloseMine();
  if (close.isSuccess) return <p role="status">Closed on this device. Your link opens it again.</p>;
  return (
    <Button look="quiet" disabled={close.isPending} onClick={() => close.mutate()}>
      Close on this device
    </Button>
  );
}

/** A class as she does it. */
const Sheet = ({
  of: { title, on, time, place, steps },
  isOpen,
  body,
}: {
  of: OwnClass;
  isOpen: boolean;
  body: PersonBody;
}) => (
  <details open={isOpen} className="mb-4 rounded-2xl border border-line bg-paper p-5">
    <summary className="cursor-pointer">
      <b className="font-display text-xl">{title}</b>
      <span className="block text-soft">{sayWhen({ on, time, place })}</span>
    </summary>
    <ol className="mt-3 divide-y divide-line">
      {steps.map((step) => {
        const { pose, variant } = variantById(step.variant);
        return (
          <li key={`${step.step} ${step.sides.join()}`} className="flex gap-4 py-3">
            <Figure
              variant={step.variant}
              side={step.sides.length === 1 ? step.sides[0] : undefined}
              heightCm={body.heightCm}
              build={body.build}
              decorative
              className="w-28 shrink-0"
            />
            <div>
              <p>
                <b>{pose.name}</b>
                {variant.name ? `, ${variant.name}` : ''}
                {step.sides.length === 1 ? ` (${step.sides[0]} side)` : ''}
              </p>
              <p className="text-soft">
                {sayHold(step.hold, step.sides)}
                {step.props.length ? ` · ${sayProps(step.props)}` : ''}
              </p>
              <ul className="list-disc pl-5">
                {step.cues.map((cue) => (
                  <li key={cue}>{cue}</li>
                ))}
              </ul>
            </div>
          </li>
        );
      })}
    </ol>
  </details>
);
