import { renamed, type PlanPart, type Sequence, type SequenceError } from '@lotus-steady/core';
import type { UseFormReturn } from 'react-hook-form';
import { useSequences } from '../../data/sequences/useSequences.js';
import { Button } from '../../ui/Button.js';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { edge, FieldFrame } from '../../ui/Field.js';
import type { PlanValues } from './planValues.js';
import { Understood } from '../../domain/plan/Understood.js';

interface Props {
  form: UseFormReturn<PlanValues>;
  /** What the text says, and the lines that cannot be read. */
  sequence: Sequence | undefined;
  lines: readonly SequenceError[];
  /** What became of each piece of the text. */
  parts: readonly PlanPart[];
  error?: string;
}

/** The sequence of a class: taken from a kept one, or written; lines that cannot be read with the nearest names. */
export function SequenceFields({
  form: { register, setValue, getValues },
  sequence,
  lines,
  parts,
  error,
}: Props) {
  const sequences = useSequences();
  const write = (sequenceText: string): void => setValue('sequenceText', sequenceText, { shouldDirty: true });
  const isRead = sequence && !lines.length;
  return (
    <section className="space-y-4">
      <h2 className="text-xl">The sequence</h2>
      <ComboboxField
        label="Start from"
        placeholder={
          sequences.isPending ? 'Loading the sequences …' : 'Choose a sequence, or paste one below'
        }
        nothing="No sequence of that name."
        choices={(sequences.data ?? [])
          .filter(({ archived }) => !archived)
          .map(({ id, title }) => ({ value: id, label: title }))}
        value=""
        onChange={(id) => {
          const chosen = sequences.data?.find((item) => item.id === id);
          if (!chosen) return;
          write(chosen.source);
          setValue('sequenceId', id, { shouldDirty: true });
          if (!getValues('title')) setValue('title', chosen.title, { shouldDirty: true });
        }}
      />
      <FieldFrame
        label="Sequence"
        error={error}
        hint={
          isRead
            ? `${sequence.steps.length} steps, ${sequence.minutes} minutes`
            : 'As you jot it down: one step a line, a table, or in one go: cat cow 6 rounds, then tree 30 s e/s'
        }
      >
        {(ids) => (
          <textarea
            {...ids}
            {...register('sequenceText')}
            rows={16}
            spellCheck={false}
            className={`w-full rounded-lg border bg-paper px-3 py-2 leading-relaxed ${edge(error)}`}
            placeholder={'Thursday Mixed\n60 min\nCat cow x 6\nTree 30 s e/s\nSavasana 5 min'}
          />
        )}
      </FieldFrame>
      {lines.length > 0 && (
        <div role="alert" className="rounded-xl border border-clay bg-clay-wash p-4">
          <ul className="space-y-2">
            {lines.map(({ from, to, text, message, nearest }) => (
              <li key={`${from} ${message}`}>
                {message}
                {nearest.length > 0 && (
                  <span className="mt-1 flex flex-wrap gap-2">
                    {nearest.map((name) => (
                      <Button
                        key={name}
                        className="min-h-9 px-2! py-0.5!"
                        onClick={() => {
                          const all = getValues('sequenceText');
                          write(all.slice(0, from) + renamed(text, name) + all.slice(to));
                        }}
                      >
                        {name}
                      </Button>
                    ))}
                  </span>
                )}
              </li>
            ))}
          </ul>
        </div>
      )}
      {sequence && sequence.steps.length > 0 && <Understood parts={parts} sequence={sequence} />}
    </section>
  );
}
