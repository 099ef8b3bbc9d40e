import { parseSequence } from '@lotus-steady/core';
import { FRAMES } from '@lotus-steady/core/frames';
import { CalendarRange, PencilLine, Shuffle } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { catalogue } from '../../data/catalogue.js';
import { useAddSequence } from '../../data/sequences/useAddSequence.js';
import { Understood } from '../../domain/plan/Understood.js';
import { Button } from '../../ui/Button.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { useAddress } from '../../ui/useAddress.js';
import { Problem } from '../../ui/states.js';
import type { Begun } from '../../workers/beginWork.js';
import { CourseDialog } from './course/CourseDialog.js';
import { beginningOf, choiceOf, STARTS, type StartChoice, type StartFor } from './startChoice.js';
import { useBegun } from './useBegun.js';

/** A class begun from a frame: who it is for, what it aims at, how long it is; then it is hers to change. */
export function StartScreen() {
  const [params, choose] = useAddress();
  const { themes } = catalogue();
  const choice = choiceOf(params, themes);
  const begun = useBegun(beginningOf(choice));
  const add = useAddSequence();
  const navigate = useNavigate();
  const [isCourse, setCourse] = useState(false);
  const take = (): void =>
    add.mutate({ source: begun.data!.source }, { onSuccess: ({ id }) => void navigate(`/sequences/${id}`) });
  return (
    <Page
      wide
      up={[{ to: '/sequences', name: 'Sequences' }]}
      title="Start from a frame"
      about="Filled from the catalogue for the people it is for; everything in it is yours to change."
      main={
        <Button look="main" disabled={!begun.data || begun.isPlaceholderData || add.isPending} onClick={take}>
          <PencilLine aria-hidden size={20} />
          Use it
        </Button>
      }
      tools={
        <>
          <Button onClick={() => choose({ nr: String(choice.seed + 1) })}>
            <Shuffle aria-hidden size={20} />
            Another one
          </Button>
          <Button onClick={() => setCourse(true)}>
            <CalendarRange aria-hidden size={20} />
            Make a course of it
          </Button>
        </>
      }
    >
      {isCourse && (
        <CourseDialog
          title={choice.start.name}
          asked={beginningOf(choice)}
          onClose={() => setCourse(false)}
        />
      )}
      <div className="grid gap-6 px-5 py-5 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
        <div className="space-y-5">
          <WhoFor
            chosen={choice.start}
            onChoose={({ id }) => choose({ for: id, minutes: '', aim: '', nr: '' })}
          />
        </div>
        <div className="space-y-4">
          <What choice={choice} themes={themes} onChoose={choose} />
          {add.error && <Problem error={add.error} />}
          {begun.error && <Problem error={begun.error} again={() => void begun.refetch()} />}
          {begun.data ? (
            <div aria-busy={begun.isFetching} className={begun.isPlaceholderData ? 'opacity-50' : ''}>
              <Preview begun={begun.data} start={choice.start} />
            </div>
          ) : (
            !begun.error && (
              <p role="status" className="text-soft">
                Putting it together …
              </p>
            )
          )}
        </div>
      </div>
    </Page>
  );
}

function WhoFor({ chosen, onChoose }: { chosen: StartFor; onChoose: (start: StartFor) => void }) {
  return (
    <>
      <SelectField
        label="Who is it for?"
        className="lg:hidden"
        hint={chosen.about}
        value={chosen.id}
        onChange={(event) => onChoose(STARTS.find(({ id }) => id === event.target.value)!)}
      >
        {STARTS.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      <fieldset className="max-lg:hidden">
        <legend className="mb-2 font-display text-xl">Who is it for?</legend>
        <div className="grid gap-2 sm:grid-cols-2 lg:max-h-[72vh] lg:grid-cols-1 lg:overflow-y-auto xl:grid-cols-2">
          {STARTS.map((start) => (
            <label
              key={start.id}
              className={
                'cursor-pointer rounded-xl border px-4 py-3 has-focus-visible:outline-3 ' +
                'has-focus-visible:outline-teal ' +
                (start.id === chosen.id
                  ? 'border-teal bg-teal-wash'
                  : 'border-line bg-paper hover:border-strong-line')
              }
            >
              <input
                type="radio"
                name="for"
                className="sr-only"
                checked={start.id === chosen.id}
                onChange={() => onChoose(start)}
              />
              <b className="block leading-snug">{start.name}</b>
              <span className="text-sm text-soft">{start.about}</span>
            </label>
          ))}
        </div>
      </fieldset>
    </>
  );
}

function What({
  choice: { start, aims, aim, theme, minutes },
  themes,
  onChoose,
}: {
  choice: StartChoice;
  themes: readonly { id: string; name: string }[];
  onChoose: (changed: Record<string, string>) => void;
}) {
  const { least, most } = start.minutes;
  return (
    <div className="flex flex-wrap gap-4">
      <SelectField
        label="Aim"
        className="min-w-52 flex-1"
        value={aim}
        onChange={(event) => onChoose({ aim: event.target.value })}
      >
        {aims.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      {start.isLesson && (
        <SelectField
          label="Story"
          className="min-w-44 flex-1"
          value={theme}
          onChange={(event) => onChoose({ story: event.target.value })}
        >
          {themes.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      )}
      <TextField
        key={`${start.id} ${minutes}`}
        label="Minutes"
        className="w-40"
        type="number"
        inputMode="numeric"
        min={least}
        max={most}
        step={5}
        defaultValue={minutes}
        hint={`${least} to ${most}`}
        onBlur={(event) => onChoose({ minutes: event.target.value })}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onChoose({ minutes: event.currentTarget.value });
        }}
      />
    </div>
  );
}

/** What was put together, and for whom it holds. */
function Preview({ begun: { source, minutes, otherwise }, start }: { begun: Begun; start: StartFor }) {
  const { sequence, parts } = useMemo(() => parseSequence(source, catalogue()), [source]);
  const off = Math.round(minutes) - sequence.minutes;
  const people = FRAMES.find(({ id }) => id === start.id)?.people.map(({ name }) => name) ?? [
    start.name.toLowerCase(),
  ];
  return (
    <section aria-label="The class" className="space-y-3">
      <h2 className="text-xl">{sequence.title}</h2>
      <p className="text-soft">
        {sequence.minutes} minutes
        {Math.abs(off) > 1 ? `, of which ${Math.round(minutes)} are filled` : ''}.{' '}
        {otherwise.length ? (
          <b className="text-clay">
            Under your house view and hall rules not all of it suits everybody: {sayOtherwise(otherwise)}.
          </b>
        ) : (
          `Under your house view it suits, as it is written: ${people.join('; ')}.`
        )}{' '}
        Each person’s own doctor, midwife or physiotherapist comes first.
      </p>
      <Understood
        heading="Step by step"
        parts={parts.filter(({ kind }) => kind !== 'title' && kind !== 'minutes')}
        sequence={sequence}
      />
    </section>
  );
}

/** "Week 15 does 2 steps otherwise". */
const sayOtherwise = (otherwise: Begun['otherwise']): string =>
  otherwise
    .map(({ person, steps }) => `${person} does ${steps} ${steps === 1 ? 'step' : 'steps'} otherwise`)
    .join('; ');
