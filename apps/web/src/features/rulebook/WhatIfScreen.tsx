import type { InputError, Mark, StagedPerson } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { X } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { today } from '../../data/today.js';
import { LazyFigure } from '../../domain/figure/LazyFigure.js';
import { MarkSign } from '../../domain/marks/Mark.js';
import { ConditionPicker } from '../../domain/person/ConditionPicker.js';
import { StageFields } from '../../domain/person/StageFields.js';
import { useStaging } from '../../domain/person/useStaging.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Empty } from '../../ui/states.js';
import { markAtlas, MARKS, type Asked, type Marked } from './markAtlas.js';

/**
 * Chosen stages, and the whole atlas marked again for them. Nothing is kept, and nothing of it stands in
 * the address but the condition one came from.
 */
export function WhatIfScreen() {
  const [params] = useSearchParams();
  const staging = useStaging(today());
  const [asked, setAsked] = useState<Asked>(() => startWith(params.get('with')));
  const later = useDeferredValue(asked);
  const { staged, errors, marked } = useMemo(() => markAtlas(later, staging), [later, staging]);
  return (
    <Page
      wide
      title="What if"
      about="Choose stages; the whole atlas is marked again."
      up={[{ to: '/rulebook', name: 'Rulebook' }]}
    >
      <div className="grid gap-x-8 px-5 py-4 lg:grid-cols-[24rem_minmax(0,1fr)]">
        <section aria-label="Whose stages" className="space-y-4">
          <StageChoice
            asked={asked}
            errors={errors}
            onChange={(part) => setAsked((now) => ({ ...now, ...part }))}
          />
          <ReadAs staged={staged} />
        </section>
        <section aria-label="The atlas, marked">
          <MarkedAtlas marked={marked} isEmpty={!asked.conditions.length} />
        </section>
      </div>
    </Page>
  );
}

const startWith = (condition: string | null): Asked => ({
  conditions:
    condition && RULEBOOK.conditions.some(({ id }) => id === condition)
      ? [{ id: condition, details: {} }]
      : [],
  on: today(),
  born: '',
  heightCm: '',
});

/** Conditions with their stages, a day, and a body. */
function StageChoice({
  asked: { conditions, on, born, heightCm },
  errors,
  onChange,
}: {
  asked: Asked;
  errors: readonly InputError[];
  onChange: (part: Partial<Asked>) => void;
}) {
  const wrong = (field: string): string | undefined => errors.find((error) => error.field === field)?.message;
  return (
    <>
      <ConditionPicker
        label="Somebody with"
        taken={conditions.map(({ id }) => id)}
        onPick={(id) => onChange({ conditions: [...conditions, { id, details: {} }] })}
      />
      {conditions.map(({ id, details }, i) => {
        const condition = RULEBOOK.conditions.find((known) => known.id === id)!;
        return (
          <div key={id} className="rounded-xl border border-line bg-sunk p-4">
            <div className="flex items-center justify-between">
              <h2 className="text-lg">{condition.name}</h2>
              <Button
                look="quiet"
                aria-label={`Take ${condition.name} away`}
                onClick={() => onChange({ conditions: conditions.filter((one) => one.id !== id) })}
              >
                <X aria-hidden size={20} />
              </Button>
            </div>
            <StageFields
              condition={condition}
              details={details}
              wrong={(key) => wrong(`conditions[${i}].${key}`)}
              onChange={(next) =>
                onChange({
                  conditions: conditions.map((one) => (one.id === id ? { id, details: next } : one)),
                })
              }
            />
          </div>
        );
      })}
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="On"
          type="date"
          value={on}
          onChange={(event) => onChange({ on: event.target.value })}
        />
        <TextField
          label="Height, cm"
          inputMode="numeric"
          placeholder="165"
          value={heightCm}
          error={wrong('heightCm')}
          onChange={(event) => onChange({ heightCm: event.target.value })}
        />
        <TextField
          label="Born"
          type="date"
          value={born}
          error={wrong('born')}
          onChange={(event) => onChange({ born: event.target.value })}
        />
      </div>
    </>
  );
}

/** How the stages are read, and what there is to know and to ask. */
const ReadAs = ({ staged: { stages, alerts } }: { staged: StagedPerson }) => (
  <>
    {stages.length > 0 && (
      <p>Read as {stages.map(({ name, label }) => (label ? `${name}: ${label}` : name)).join('; ')}.</p>
    )}
    <ul className="space-y-1">
      {alerts.map(({ kind, text }) => (
        <li key={text} className={kind === 'stop' || kind === 'conflict' ? 'font-semibold text-clay' : ''}>
          {text}
        </li>
      ))}
    </ul>
  </>
);

/** Every version under its mark; one mark alone where it is chosen. */
function MarkedAtlas({ marked, isEmpty }: { marked: readonly Marked[]; isEmpty: boolean }) {
  const [show, setShow] = useState<Mark>();
  const shown = show ? marked.filter(({ mark }) => mark === show) : marked;
  return (
    <>
      <div role="group" aria-label="Show" className="mb-3 flex flex-wrap gap-2">
        {MARKS.map((mark) => (
          <button
            key={mark}
            type="button"
            aria-pressed={show === mark}
            onClick={() => setShow(show === mark ? undefined : mark)}
            className={
              `min-h-11 rounded-full border px-4 ` +
              `${show === mark ? 'border-2 border-teal bg-teal-wash' : 'border-line bg-paper'}`
            }
          >
            <MarkSign mark={mark} count={marked.filter((one) => one.mark === mark).length} />
          </button>
        ))}
      </div>
      {isEmpty && <Empty>Choose a condition to see what it changes.</Empty>}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(11.5rem,1fr))] gap-3">
        {shown.map((one) => (
          <li key={one.variant.id} className="[content-visibility:auto] [contain-intrinsic-size:auto_15rem]">
            <MarkedCard {...one} />
          </li>
        ))}
      </ul>
    </>
  );
}

const MarkedCard = ({ pose, variant, mark, reason }: Marked) => (
  <Link
    to={`/atlas/${pose.id}?variant=${variant.id}`}
    className={
      `block h-full rounded-2xl border bg-(--fig-paper) p-2 hover:border-teal ` +
      `${mark === 'limited' || mark === 'never' ? 'border-dashed border-strong-line' : 'border-line'}`
    }
  >
    <LazyFigure variant={variant.id} width={168} height={120} className="w-full" decorative />
    <MarkSign mark={mark} />
    <span className="block leading-tight font-bold">{pose.name}</span>
    <span className="block text-sm leading-tight text-soft">{variant.name}</span>
    {reason && <span className="mt-1 block text-sm leading-tight">{reason}</span>}
  </Link>
);
