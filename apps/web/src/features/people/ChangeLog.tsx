import { useState } from 'react';
import { usePersonChanges } from '../../data/people/usePersonChanges.js';
import { changeLog } from '../../domain/person/changeLog.js';
import { sayDay } from '../../ui/sayDay.js';
import { Reading } from '../../ui/states.js';

/** What was changed of somebody, when, and by whom. */
export function ChangeLog({ id }: { id: string }) {
  const [isOpen, setOpen] = useState(false);
  const reading = usePersonChanges(id, isOpen);
  const entries = reading.data && changeLog(reading.data);
  return (
    <details className="mt-8 mb-8" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-9 cursor-pointer content-center font-display text-xl font-semibold">
        What was changed
      </summary>
      {isOpen && <Reading what="Loading what was changed" of={reading} />}
      <ol className="divide-y divide-line rounded-xl border border-line bg-paper empty:hidden">
        {entries?.map(({ savedAt, by, says }) => (
          <li key={savedAt} className="flex flex-wrap gap-x-4 px-4 py-2">
            <span className="w-56 text-soft">
              {sayDay(savedAt)}
              {by && `, ${by}`}
            </span>
            <ul className="min-w-60 flex-1">
              {says.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </details>
  );
}
