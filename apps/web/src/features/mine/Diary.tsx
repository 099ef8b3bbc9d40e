import { useState } from 'react';
import { useTakeBackEntry, useWriteSoon } from '../../data/mine/useMine.js';
import type { DiaryEntry } from '../../data/types.js';
import { sayEntry } from '../../domain/person/sayEntry.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { BOX, FieldFrame } from '../../ui/Field.js';
import { Problem } from '../../ui/states.js';

/** How it is, in a tap and a few words; what was written can be taken back. */
export function Diary({ entries, today }: { entries: readonly DiaryEntry[]; today: string }) {
  const write = useWriteSoon();
  const takeBack = useTakeBackEntry();
  const [pain, setPain] = useState<number>();
  const [words, setWords] = useState('');
  const send = (): void =>
    write.mutate(
      { on: today, ...(pain === undefined ? {} : { pain }), ...(words.trim() ? { words } : {}) },
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
                  {entry.unreadable ? 'This cannot be read just now.' : sayEntry(entry)}
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
