import { X } from 'lucide-react';
import { variantById } from '../../data/catalogue.js';
import type { ClassWhole, RecordEntry } from '../../data/types.js';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { BOX, edge } from '../../ui/Field.js';
import { WhereHurts } from './WhereHurts.js';

type Change = RecordEntry['changes'][number];

/** What was eased or stopped on the day, step by step: where it hurt, and a word. */
export function StepChanges({
  known,
  name,
  changes,
  onChange,
}: {
  known: ClassWhole;
  name: string;
  changes: readonly Change[];
  onChange: (changes: Change[]) => void;
}) {
  const title = (step: number): string =>
    `${step}. ${variantById(known.fitting.steps[step - 1]!.variant).pose.name}`;
  const set = (change: Change, more: Partial<Change>): void =>
    onChange(changes.map((other) => (other === change ? withoutEmpty({ ...change, ...more }) : other)));
  return (
    <>
      {changes.length > 0 && (
        <ul className="space-y-1">
          {changes.map((item) => {
            const what = `${title(item.step)} ${item.what}, ${name}`;
            return (
              <li key={item.step} className="flex flex-wrap items-center gap-2">
                <span className="min-w-56">
                  {title(item.step)} <b>{item.what}</b>
                </span>
                <WhereHurts
                  label={`Where it hurt: ${what}`}
                  value={item.where}
                  onChange={(where) => set(item, { where: where as Change['where'] })}
                />
                <input
                  aria-label={`A word: ${what}`}
                  placeholder="a word"
                  maxLength={300}
                  value={item.word ?? ''}
                  onChange={(event) => set(item, { word: event.target.value })}
                  className={`${BOX} ${edge()} max-w-80 flex-1`}
                />
                <button
                  type="button"
                  aria-label={`Remove: ${what}`}
                  className="min-h-11 px-3"
                  onClick={() => onChange(changes.filter((other) => other !== item))}
                >
                  <X aria-hidden size={16} />
                </button>
              </li>
            );
          })}
        </ul>
      )}
      <div className="flex flex-wrap gap-2">
        {(['eased', 'stopped'] as const).map((what) => (
          <ComboboxField
            key={what}
            label={`Add a step ${what}, ${name}`}
            labelLook="hidden"
            placeholder={`${what} …`}
            className="w-40"
            nothing="No step of that name."
            choices={known.fitting.steps.map(({ step }) => ({ value: String(step), label: title(step) }))}
            value=""
            onChange={(chosen) =>
              onChange(
                [
                  ...changes.filter(({ step }) => step !== Number(chosen)),
                  { step: Number(chosen), what },
                ].sort((a, b) => a.step - b.step),
              )
            }
          />
        ))}
      </div>
    </>
  );
}

/** What was cleared is not there. */
function withoutEmpty({ where, word, ...change }: Change): Change {
  return { ...change, ...(where ? { where } : {}), ...(word ? { word } : {}) };
}
