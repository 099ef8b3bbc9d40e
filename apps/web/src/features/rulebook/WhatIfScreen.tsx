import {
  compileRules,
  decidingRule,
  judgeAll,
  markOf,
  measureTable,
  readPerson,
  SOMEBODY,
  stagePerson,
  type InputError,
  type Mark,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { X } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useStaging } from '../../domain/person/useStaging.js';
import { catalogue } from '../../data/catalogue.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { MarkSign } from '../../domain/marks/Mark.js';
import { Page } from '../../ui/Page.js';
import { today } from '../../data/today.js';
import { Empty } from '../../ui/states.js';
import { LazyFigure } from '../../domain/figure/LazyFigure.js';
import { ConditionPicker } from '../../domain/person/ConditionPicker.js';
import { readDetails, StageFields, type TypedDetails } from '../../domain/person/StageFields.js';

const MARKS: readonly Mark[] = ['allowed', 'with-care', 'limited', 'never'];

interface Asked {
  conditions: readonly { id: string; details: TypedDetails }[];
  on: string;
  born: string;
  heightCm: string;
}

/**
 * Chosen stages, and the whole atlas marked again for them. Nothing is kept, and nothing of it stands in
 * the address but the condition one came from.
 */
export function WhatIfScreen() {
  const [params] = useSearchParams();
  const staging = useStaging(today());
  const first = params.get('with');
  const [asked, setAsked] = useState<Asked>({
    conditions:
      first && RULEBOOK.conditions.some(({ id }) => id === first) ? [{ id: first, details: {} }] : [],
    on: today(),
    born: '',
    heightCm: '',
  });
  const [show, setShow] = useState<Mark | ''>('');
  const change = (part: Partial<Asked>): void => setAsked((now) => ({ ...now, ...part }));
  const later = useDeferredValue(asked);
  const { staged, errors, table, compiled, codes, order, counts } = useMemo(() => {
    const errors: InputError[] = [];
    const person = readPerson(
      {
        name: 'somebody',
        ...(later.born ? { born: later.born } : {}),
        ...(later.heightCm ? { heightCm: Number(later.heightCm) } : {}),
        conditions: later.conditions.map(({ id, details }) => ({
          condition: id,
          ...readDetails(
            RULEBOOK.conditions.find((known) => known.id === id)!,
            details,
          ),
        })),
      },
      '',
      errors,
      RULEBOOK,
      later.on,
    );
    const body = errors.length ? SOMEBODY : person;
    const staged = stagePerson(body, { ...staging, on: later.on || today() });
    const table = measureTable(catalogue(), body, later.on || today());
    const compiled = compileRules(staged);
    const codes = judgeAll(compiled, table);
    return {
      staged,
      errors,
      table,
      compiled,
      codes,
      order: table.rows.map((_, row) => row).sort((a, b) => codes[b]! - codes[a]! || a - b),
      counts: MARKS.map((_, code) => codes.reduce((sum, each) => sum + (each === code ? 1 : 0), 0)),
    };
  }, [later, staging]);
  const wrong = (field: string): string | undefined => errors.find((error) => error.field === field)?.message;
  return (
    <Page
      wide
      title="What if"
      about="Choose stages; the whole atlas is marked again."
      up={[{ to: '/rulebook', name: 'Rulebook' }]}
    >
      <div className="grid gap-x-8 px-5 py-4 lg:grid-cols-[24rem_minmax(0,1fr)]">
        <section aria-label="Whose stages" className="space-y-4">
          <ConditionPicker
            label="Somebody with"
            taken={asked.conditions.map(({ id }) => id)}
            onPick={(id) => change({ conditions: [...asked.conditions, { id, details: {} }] })}
          />
          {asked.conditions.map(({ id, details }, i) => {
            const condition = RULEBOOK.conditions.find((known) => known.id === id)!;
            return (
              <div key={id} className="rounded-xl border border-line bg-sunk p-4">
                <div className="flex items-center justify-between">
                  <h2 className="text-lg">{condition.name}</h2>
                  <Button
                    look="quiet"
                    aria-label={`Take ${condition.name} away`}
                    onClick={() => change({ conditions: asked.conditions.filter((one) => one.id !== id) })}
                  >
                    <X aria-hidden size={20} />
                  </Button>
                </div>
                <StageFields
                  condition={condition}
                  details={details}
                  wrong={(key) => wrong(`conditions[${i}].${key}`)}
                  onChange={(next) =>
                    change({
                      conditions: asked.conditions.map((one) =>
                        one.id === id ? { id, details: next } : one,
                      ),
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
              value={asked.on}
              onChange={(event) => change({ on: event.target.value })}
            />
            <TextField
              label="Height, cm"
              inputMode="numeric"
              placeholder="165"
              value={asked.heightCm}
              error={wrong('heightCm')}
              onChange={(event) => change({ heightCm: event.target.value })}
            />
            <TextField
              label="Born"
              type="date"
              value={asked.born}
              error={wrong('born')}
              onChange={(event) => change({ born: event.target.value })}
            />
          </div>
          {staged.stages.length > 0 && (
            <p>
              Read as{' '}
              {staged.stages.map(({ name, label }) => (label ? `${name}: ${label}` : name)).join('; ')}.
            </p>
          )}
          <ul className="space-y-1">
            {staged.alerts.map(({ kind, text }) => (
              <li
                key={text}
                className={kind === 'stop' || kind === 'conflict' ? 'font-semibold text-clay' : ''}
              >
                {text}
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="The atlas, marked">
          <div role="group" aria-label="Show" className="mb-3 flex flex-wrap gap-2">
            {MARKS.map((mark, code) => (
              <button
                key={mark}
                type="button"
                aria-pressed={show === mark}
                onClick={() => setShow(show === mark ? '' : mark)}
                className={
                  `min-h-11 rounded-full border px-4 ` +
                  `${show === mark ? 'border-2 border-teal bg-teal-wash' : 'border-line bg-paper'}`
                }
              >
                <MarkSign mark={mark} count={counts[code]!} />
              </button>
            ))}
          </div>
          {!asked.conditions.length && <Empty>Choose a condition to see what it changes.</Empty>}
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(11.5rem,1fr))] gap-3">
            {order.map((row) => {
              const { pose, variant } = table.rows[row]!;
              const mark = markOf(codes[row]!);
              if (show && mark !== show) return null;
              const reason =
                mark === 'allowed' ? undefined : decidingRule(compiled, table, row, codes[row]!)?.rule.reason;
              return (
                <li
                  key={variant.id}
                  className="[content-visibility:auto] [contain-intrinsic-size:auto_15rem]"
                >
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
                </li>
              );
            })}
          </ul>
        </section>
      </div>
    </Page>
  );
}
