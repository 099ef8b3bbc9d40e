import { fitsOf, PROP_TASKS, type Fits, type PropTask, type Stock } from '@lotus-steady/core';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useStock } from '../../data/hall/useStock.js';
import { useSaveProp } from '../../data/people/useSaveProp.js';
import type { PersonKnown } from '../../data/types.js';
import { useSize } from '../../workers/useWork.js';
import { Button } from '../../ui/Button.js';
import { sayDate } from '../../domain/words/say.js';
import { today } from '../../data/today.js';
import { Problem } from '../../ui/states.js';

const WHAT: Readonly<Record<PropTask, string>> = {
  'shoulder-stand-blankets': 'Shoulder stand: under the shoulders',
  'twist-knees': 'Lying twist: under the knees',
  'fold-hands': 'Standing fold: under the hands',
  'seat-legs-long': 'Legs long: under the seat',
  'seat-cross-legged': 'Cross-legged: under the seat',
  'head-on-side': 'On the side: under the head',
  'thigh-roll': 'Roll between the thighs',
};
/** Where a measured range decides: the poorer side counts. */
const RANGES: Readonly<Partial<Record<PropTask, readonly [key: keyof Fits, label: string]>>> = {
  'shoulder-stand-blankets': ['neckFlexion', 'neck bends forward, degrees'],
  'twist-knees': ['trunkRotation', 'trunk turns, degrees'],
  'fold-hands': ['hipFlexionWithKneeStraight', 'straight leg rises, degrees'],
  'seat-legs-long': ['hipFlexionWithKneeStraight', 'straight leg rises, degrees'],
  'seat-cross-legged': ['hipFlexion', 'hip bends, degrees'],
  'thigh-roll': ['hipWidthCm', 'between the front hip bones, cm'],
};

/** What was measured just now, for each task; empty where nothing was. */
type Measured = Record<PropTask, string>;
const NOTHING_MEASURED = Object.fromEntries(PROP_TASKS.map((task) => [task, ''])) as Measured;

interface SizeProps {
  person: PersonKnown;
  task: PropTask;
  stock: Stock;
  form: UseFormReturn<Measured>;
}

function Size({ person, task, stock, form }: SizeProps) {
  const measured = form.watch(task);
  const range = RANGES[task];
  const saving = useSaveProp(person.id);
  const kept = person.propNotes.find((note) => note.task === task);
  const value = Number(measured);
  const fits: Fits = {
    ...fitsOf(person, today()),
    ...(range && measured && value > 0 && value < 200 ? { [range[0]]: value } : {}),
  };
  const { data: size, error } = useSize(task, fits, stock);
  return (
    <li className="rounded-xl border border-line bg-paper p-4">
      <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <div className="min-w-64 flex-1">
          <h3 className="font-semibold">{WHAT[task]}</h3>
          {error && <Problem error={error} />}
          {!size && !error && (
            <p role="status" className="text-soft">
              working it out …
            </p>
          )}
          {size && (
            <>
              <p>
                <strong className="tabular-nums">{size.heightCm} cm</strong>: {size.words}
                {size.layers.missCm > 1 && size.heightCm <= 45 && (
                  <span className="text-clay">
                    {' '}
                    ({size.layers.missCm.toFixed(1)} cm off with what is here)
                  </span>
                )}
              </p>
              <p className="text-sm text-soft">
                {size.from.measured ? 'From the measured range' : 'From the usual range, not measured yet'}.
                At home: {size.household}. {size.also}
              </p>
              <p className="mt-1">{size.check}</p>
            </>
          )}
          {kept && (
            <p className="mt-1 flex items-center gap-1 font-semibold text-teal">
              <Check aria-hidden size={18} />
              What worked on {sayDate(kept.on)}: {kept.heightCm} cm, {kept.words}
            </p>
          )}
        </div>
        {range && (
          <label className="text-sm text-soft">
            {range[1]}
            <input
              type="number"
              inputMode="numeric"
              min={1}
              max={199}
              {...form.register(task)}
              placeholder={String(fits[range[0]] ?? 'usual')}
              className="block min-h-11 w-40 rounded-lg border border-strong-line bg-paper px-2 text-ink"
            />
          </label>
        )}
        {size && (
          <Button
            disabled={saving.isPending}
            onClick={() => saving.mutate({ task, heightCm: size.heightCm, words: size.words, on: today() })}
          >
            This worked
          </Button>
        )}
      </div>
      {saving.error && <Problem error={saving.error} />}
    </li>
  );
}

/** How high things should be for someone, from their height and ranges; what worked is kept. */
export function PropSizes({ person }: { person: PersonKnown }) {
  const form = useForm<Measured>({ defaultValues: NOTHING_MEASURED });
  const draft = useDraft(form, `person:${person.id}:props`, undefined);
  const [open, setOpen] = useState(draft.typedAt !== undefined);
  const stock = useStock();
  return (
    <section className="mb-8">
      <div className="mb-3 flex items-center gap-4">
        <h2 className="text-xl">Props that fit</h2>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'Work out heights'}
        </Button>
      </div>
      {!open && person.propNotes.length > 0 && (
        <ul className="list-disc pl-5">
          {person.propNotes.map((note) => (
            <li key={note.task}>
              {WHAT[note.task]}: {note.heightCm} cm, {note.words} ({sayDate(note.on)})
            </li>
          ))}
        </ul>
      )}
      {open && (
        <>
          <p className="mb-3 text-soft">
            Worked out from this person’s height and ranges. The check in the room decides.
          </p>
          <ul className="space-y-3">
            {PROP_TASKS.map((task) => (
              <Size key={task} person={person} task={task} stock={stock} form={form} />
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
