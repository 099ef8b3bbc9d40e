import type { WarningSign } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useEffect, useRef, useState } from 'react';
import {
  useCloseMine,
  useMine,
  useOpenMine,
  useTakeBackEntry,
  useWriteDiary,
} from '../../data/mine/useMine.js';
import type { DiaryEntry, OwnClass } from '../../data/types.js';
import { variantById } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import type { PersonBody } from '../../domain/fitting/bodies.js';
import { sayDate, sayHold, sayProps, sayWhen } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { FieldFrame, BOX } from '../../ui/Field.js';
import { OwnForm } from './OwnForm.js';
import { Loading, Problem } from '../../ui/states.js';

/** A person's own page: the next classes as she does them, and her diary. It opens by her private link alone. */
export function MineScreen() {
  const secret = useRef(window.location.hash.slice(1));
  const open = useOpenMine();
  const { mutate } = open;
  const [isOpen, setIsOpen] = useState(!secret.current);
  const mine = useMine(isOpen);
  const [fills, setFills] = useState(false);
  useEffect(() => {
    if (!secret.current) return;
    mutate(secret.current, {
      onSuccess: () => {
        // Who looks over her shoulder, or at where this browser has been, finds no link.
        window.history.replaceState(null, '', '/mine');
        setIsOpen(true);
      },
    });
  }, [mutate]);
  const error = open.error ?? mine.error;
  const { data } = mine;
  return (
    <main id="main" className="mx-auto w-full max-w-4xl px-5 py-6">
      <title>Your page · Lotus Steady</title>
      {error && <Problem error={error} />}
      {!data && !error && <Loading what="Opening your page" />}
      {data && (
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
          <Diary entries={data.diary} />
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

/** How it is, in a tap and a few words; what was written can be taken back. */
function Diary({ entries }: { entries: readonly DiaryEntry[] }) {
  const write = useWriteDiary();
  const takeBack = useTakeBackEntry();
  const [pain, setPain] = useState<number>();
  const [words, setWords] = useState('');
  const send = (): void =>
    write.mutate(
      { ...(pain === undefined ? {} : { pain }), ...(words.trim() ? { words } : {}) },
      {
        onSuccess: () => {
          setPain(undefined);
          setWords('');
        },
      },
    );
  return (
    <section aria-labelledby="diary" className="mb-8 rounded-2xl border border-line bg-paper p-5">
      <h2 id="diary" className="text-xl">
        How is it today?
      </h2>
      <fieldset className="my-3">
        <legend className="mb-1">Pain, from 0 (none) to 10 (the worst)</legend>
        <div className="flex flex-wrap gap-1">
          {Array.from({ length: 11 }, (_, i) => (
            <button
              key={i}
              type="button"
              aria-pressed={pain === i}
              onClick={() => setPain(pain === i ? undefined : i)}
              className={`size-11 rounded-lg border tabular-nums ${
                pain === i ? 'border-teal bg-teal font-bold text-teal-ink' : 'border-strong-line bg-paper'
              }`}
            >
              {i}
            </button>
          ))}
        </div>
      </fieldset>
      <FieldFrame label="A few words, if you like">
        {(ids) => (
          <textarea
            {...ids}
            rows={2}
            maxLength={500}
            value={words}
            onChange={(event) => setWords(event.target.value)}
            className={`${BOX} border-strong-line`}
          />
        )}
      </FieldFrame>
      <Button
        look="main"
        className="mt-3"
        disabled={write.isPending || (pain === undefined && !words.trim())}
        onClick={send}
      >
        Write it down
      </Button>
      {write.isSuccess && (
        <p role="status" className="mt-2 text-soft">
          Written. Your teacher sees it.
        </p>
      )}
      {(write.error ?? takeBack.error) && <Problem error={(write.error ?? takeBack.error)!} />}
      {entries.length > 0 && (
        <details className="mt-4">
          <summary className="min-h-9 cursor-pointer content-center">
            What you wrote ({entries.length})
          </summary>
          <ul className="divide-y divide-line">
            {entries.map((entry) => (
              <li key={entry.id} className="flex flex-wrap items-center gap-x-4 py-1">
                <span className="w-44 text-soft">{sayDate(entry.on)}</span>
                <span className="flex-1">
                  {entry.unreadable
                    ? 'This cannot be read just now.'
                    : [entry.pain === undefined ? '' : `pain ${entry.pain}`, entry.words]
                        .filter(Boolean)
                        .join(': ')}
                </span>
                <Button look="quiet" disabled={takeBack.isPending} onClick={() => takeBack.mutate(entry.id)}>
                  Take back
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
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
