import { usualRange, type RangeToMeasure } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo, useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { DrawnFigure } from '../../domain/figure/DrawnFigure.js';
import { marksFor } from '../../domain/figure/marksFor.js';
import { bodyOf } from '../../domain/fitting/bodies.js';
import type { PersonValues } from '../../domain/person/personValues.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { BlanketsFor } from './BlanketsFor.js';
import { measuringScene } from './measuringScene.js';
import { keptOf, keysOf, readBothWays } from './rangeKeys.js';
import { canTilt, useTilt } from './useTilt.js';

const WAYS = ['right', 'left'] as const;

/** One range: how it is measured, the picture at what was measured, both sides, what is usual at their age. */
export function RangeField({
  of,
  form,
  person,
  age,
}: {
  of: RangeToMeasure;
  form: UseFormReturn<PersonValues>;
  person: PersonLine;
  age: number | undefined;
}) {
  const usual = usualRange(of.range, age, RULEBOOK.norms);
  const [side, setSide] = useState<'right' | 'left'>('right');
  const ranges = form.watch('ranges');
  const keys = keysOf(of);
  const typed = ranges[keys[side === 'left' && keys.length > 1 ? 1 : 0]!] ?? '';
  const value = Number(typed.replace(',', '.'));
  const degrees = typed.trim() && Number.isFinite(value) ? Math.min(200, Math.max(0, value)) : usual.middle;
  const body = useMemo(() => bodyOf(person, today()), [person]);
  const scenes = useMemo(() => [measuringScene(of, degrees, side, body)], [of, degrees, side, body]);
  const measure = of.sides === 'limb' ? `${of.range}${side === 'right' ? 'Right' : 'Left'}` : of.range;
  const marks = useMemo(() => marksFor(measure, degrees), [measure, degrees]);
  const set = (key: string, words: string, note?: string): void => {
    form.setValue(`ranges.${key}` as 'ranges.neckFlexion', words, { shouldDirty: true });
    const dated = { ...form.getValues('dated') };
    if (words.trim()) dated[`ranges.${key}`] = { on: today(), from: 'measured', ...(note ? { note } : {}) };
    else delete dated[`ranges.${key}`];
    form.setValue('dated', dated, { shouldDirty: true });
  };
  return (
    <section aria-labelledby="range" className="min-w-0">
      <div className="flex flex-wrap gap-6">
        <figure className="rounded-2xl bg-(--fig-paper)">
          <DrawnFigure
            scenes={scenes}
            marks={marks}
            label={`${of.says}, ${degrees} degrees`}
            width={360}
            height={320}
            className="h-auto max-w-full"
          />
          <figcaption className="pb-2 text-center text-soft">
            {typed.trim() ? `At ${degrees}°, as measured` : `At ${degrees}°, as usual ${usual.says}`}
          </figcaption>
        </figure>
        <div className="min-w-60 flex-1 space-y-3">
          <h3 id="range" className="text-xl first-letter:uppercase">
            {of.says}
          </h3>
          <p>{of.does}</p>
          <dl className="space-y-2">
            <div>
              <dt className="text-sm text-soft">Goniometer</dt>
              <dd>{of.goniometer}</dd>
            </div>
            {of.phone && (
              <div>
                <dt className="text-sm text-soft">Phone</dt>
                <dd>{of.phone}</dd>
              </div>
            )}
          </dl>
          <p className="text-soft">
            Usual: {usual.middle}° {usual.says}
            {usual.careful !== undefined && `; nine in ten have ${usual.careful}°`}.
          </p>
        </div>
      </div>
      <div className="mt-4 flex flex-wrap gap-6">
        {of.sides === 'both-ways' ? (
          <BothWays
            of={of}
            note={form.getValues('dated')[`ranges.${of.range}`]?.note ?? noteOf(person, of)}
            kept={typed}
            onSet={set}
            onSide={setSide}
          />
        ) : (
          keys.map((key, i) => (
            <OneSide
              key={key}
              of={of}
              label={of.sides === 'limb' ? WAYS[i]! : 'Degrees'}
              value={ranges[key] ?? ''}
              since={person.intake.dated?.[`ranges.${key}`]?.on}
              onFocus={() => setSide(WAYS[i] ?? 'right')}
              onSet={(words) => set(key, words)}
            />
          ))
        )}
      </div>
      {of.range === 'neckFlexion' && typed.trim() && (
        <BlanketsFor heightCm={person.heightCm} build={body.build} neckFlexion={degrees} />
      )}
    </section>
  );
}

const noteOf = ({ intake }: PersonLine, { range }: RangeToMeasure): string =>
  intake.dated?.[`ranges.${range}`]?.note ?? '';

interface SideProps {
  of: RangeToMeasure;
  label: string;
  value: string;
  since?: string;
  onFocus: () => void;
  onSet: (words: string) => void;
}

/** One side's degrees: typed, from a tape, or read off the phone that lies on it. */
function OneSide({ of, label, value, since, onFocus, onSet }: SideProps) {
  const tilt = useTilt();
  return (
    <div className="w-64 space-y-2">
      <TextField
        label={label === 'Degrees' ? label : `${label[0]!.toUpperCase()}${label.slice(1)}, degrees`}
        inputMode="numeric"
        value={value}
        onFocus={onFocus}
        onChange={(event) => onSet(event.target.value)}
        hint={since ? `Measured ${sayDate(since)}` : undefined}
      />
      {of.tape && (
        <TextField
          label={of.tape.reads}
          inputMode="decimal"
          onFocus={onFocus}
          onChange={(event) => {
            const cm = Number(event.target.value.replace(',', '.'));
            if (event.target.value.trim() && Number.isFinite(cm))
              onSet(String(Math.round(cm * of.tape!.degreesPerCm)));
          }}
        />
      )}
      {of.phone && canTilt() && (
        <div className="flex flex-wrap items-center gap-2">
          <Button onClick={tilt.begin}>{tilt.isOn ? 'Lay on again' : 'Measure with this phone'}</Button>
          {tilt.degrees !== undefined && (
            <Button
              look="main"
              onClick={() => {
                onSet(String(tilt.degrees));
                tilt.stop();
              }}
            >
              Take {tilt.degrees}°
            </Button>
          )}
          {tilt.problem && <p className="text-clay">{tilt.problem}</p>}
        </div>
      )}
    </div>
  );
}

/** What goes both ways and is kept once: both are measured, the lesser is kept, and the note says both. */
function BothWays({
  of,
  note,
  kept,
  onSet,
  onSide,
}: {
  of: RangeToMeasure;
  note: string;
  /** What is kept of it now: the lesser. */
  kept: string;
  onSet: (key: string, words: string, note?: string) => void;
  onSide: (side: 'right' | 'left') => void;
}) {
  const [typed, setTyped] = useState(() => readBothWays(of, note, kept));
  const set = (side: 'right' | 'left', words: string): void => {
    const next = { ...typed, [side]: words };
    setTyped(next);
    const read = WAYS.flatMap((way) => {
      const number = Number(next[way].replace(',', '.'));
      return next[way].trim() && Number.isFinite(number) ? [[way, number] as const] : [];
    });
    if (!read.length) return onSet(of.range, '');
    const least = Math.min(...read.map(([, number]) => number));
    onSet(of.range, String(keptOf(of, least)), read.map(([way, number]) => `${way} ${number}`).join(', '));
  };
  return (
    <>
      {WAYS.map((side) => (
        <TextField
          key={side}
          label={`To the ${side}, degrees`}
          inputMode="numeric"
          className="w-64"
          value={typed[side]}
          onFocus={() => onSide(side)}
          onChange={(event) => set(side, event.target.value)}
          hint={side === 'left' ? 'The lesser of the two is kept for poses.' : undefined}
        />
      ))}
    </>
  );
}
