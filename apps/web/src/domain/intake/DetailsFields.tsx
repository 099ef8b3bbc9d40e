import type { DetailThatMatters, DetailField, KnownSince } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { UseFormReturn } from 'react-hook-form';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { SelectField, TextField } from '../../ui/Field.js';
import type { PersonValues } from '../person/personValues.js';
import { StageFields } from '../person/StageFields.js';
import { sayDate } from '../words/say.js';

const SOURCES: readonly (readonly [KnownSince['from'], string])[] = [
  ['said', 'they say so'],
  ['letter', 'a letter or report'],
  ['measured', 'measured here'],
];

/**
 * What each condition asks about itself: dates, and details of which some answer changes something; beside each what
 * the answers change, and what they come to today.
 */
export function DetailsFields({
  form: { watch, setValue },
  wrong,
  line,
  matters,
  stages = [],
  own,
}: {
  form: UseFormReturn<PersonValues>;
  wrong: (field: string) => string | undefined;
  line: Pick<PersonLine, 'intake'>;
  /** Which details change something; all are asked where that is not known. */
  matters?: readonly DetailThatMatters[];
  /** What the conditions come to today: "Pregnancy, 27 weeks 3 days". */
  stages?: readonly string[];
  /** She says it herself: then that is where it is from. */
  own?: boolean;
}) {
  const conditions = watch('conditions');
  const dated = watch('dated');
  if (!conditions.length)
    return <p className="text-soft">No condition is known that asks for a date. Go on to the next.</p>;
  return (
    <div className="space-y-4">
      {conditions.map(({ condition: id, details }, i) => {
        const condition = RULEBOOK.conditions.find((known) => known.id === id);
        if (!condition) return null;
        const fact = `conditions.${id}`;
        const since = dated[fact] ?? line.intake.dated?.[fact];
        const asked = condition.fields.filter(
          ({ key }) =>
            !matters ||
            key === 'cleared' ||
            details[key] !== undefined ||
            matters.some((one) => one.condition === id && one.key === key),
        );
        return (
          <section key={id} className="rounded-2xl border border-line bg-paper p-4">
            <h3 className="text-lg">{condition.name}</h3>
            <ComesTo stages={stages} condition={condition.name} />
            {condition.clearance && (
              <p className="mb-2 text-soft">Medical clearance: {condition.clearance}</p>
            )}
            <StageFields
              condition={{ ...condition, fields: asked.map((field) => saying(field, id, matters)) }}
              details={details}
              wrong={(key) => wrong(`conditions[${i}].${key}`)}
              onChange={(next) => setValue(`conditions.${i}.details`, next, { shouldDirty: true })}
            />
            {!own && (
              <div className="mt-3 flex flex-wrap gap-3 border-t border-line pt-3">
                <SelectField
                  label="Known from"
                  labelLook="small"
                  value={since?.from ?? ''}
                  className="w-48"
                  onChange={(event) =>
                    setValue(
                      'dated',
                      {
                        ...dated,
                        [fact]: {
                          ...(since ?? { on: today() }),
                          from: event.target.value as KnownSince['from'],
                        },
                      },
                      { shouldDirty: true },
                    )
                  }
                >
                  {!since && <option value="">nobody has said</option>}
                  {SOURCES.map(([value, words]) => (
                    <option key={value} value={value}>
                      {words}
                    </option>
                  ))}
                </SelectField>
                <TextField
                  label="Known since"
                  type="date"
                  max={today()}
                  className="w-44"
                  value={since?.on ?? ''}
                  onChange={(event) =>
                    event.target.value &&
                    setValue(
                      'dated',
                      { ...dated, [fact]: { from: since?.from ?? 'said', on: event.target.value } },
                      { shouldDirty: true },
                    )
                  }
                />
              </div>
            )}
          </section>
        );
      })}
    </div>
  );
}

/** A field that says what its answers change. */
function saying(
  field: DetailField,
  condition: string,
  matters: readonly DetailThatMatters[] | undefined,
): DetailField {
  const said = matters
    ?.find((one) => one.condition === condition && one.key === field.key)
    ?.answers.map(({ value, opens, closes }) => {
      const words = { true: 'yes', false: 'no' }[String(value)] ?? String(value);
      const poses = [opens && `opens ${opens}`, closes && `closes ${closes}`].filter(Boolean).join(', ');
      return `${words}: ${poses ? `${poses} ${opens + closes === 1 ? 'pose' : 'poses'}` : 'other ways, holds or cues'}`;
    })
    .join('; ');
  if (!said) return field;
  return { ...field, question: [field.question, said].filter(Boolean).join(' ') };
}

/** The stage it comes to today: "Pregnancy, 27 weeks 3 days". */
function ComesTo({ stages, condition }: { stages: readonly string[]; condition: string }) {
  const said = stages.find((one) => one.startsWith(`${condition},`));
  if (!said) return null;
  return (
    <p className="mb-2 text-teal">
      {said.slice(condition.length + 2)} <span className="text-soft">({sayDate(today())})</span>
    </p>
  );
}
