import { X } from 'lucide-react';
import { useState } from 'react';
import { usePeople } from '../../../data/people/usePeople.js';
import type { PersonLine } from '../../../data/types.js';
import { Button } from '../../../ui/Button.js';
import { SearchField } from '../../../ui/SearchField.js';

/** So many names are offered; a few letters find the rest. */
const OFFERED = 6;

/** Who comes to a course: found by name, added, and taken out again. */
export function Enrolled({
  people,
  busy,
  onChange,
}: {
  people: readonly PersonLine[];
  busy: boolean;
  onChange: (ids: string[]) => void;
}) {
  const [words, setWords] = useState('');
  const found = usePeople(words);
  const ids = people.map(({ id }) => id);
  const offered = (found.data ?? []).filter(({ id }) => !ids.includes(id)).slice(0, OFFERED);
  return (
    <section aria-label="Who is enrolled" className="space-y-2">
      <h2 className="text-xl">Who is enrolled ({people.length})</h2>
      <ul className="divide-y divide-line rounded-xl border border-line bg-paper empty:hidden">
        {people.map(({ id, name }) => (
          <li key={id} className="flex items-center justify-between pl-4">
            {name}
            <Button
              look="quiet"
              disabled={busy}
              aria-label={`Take ${name} out`}
              onClick={() => onChange(ids.filter((one) => one !== id))}
            >
              <X aria-hidden size={18} />
            </Button>
          </li>
        ))}
      </ul>
      <SearchField
        label="Find somebody to enrol"
        placeholder="Enrol somebody"
        value={words}
        onChange={setWords}
        className="block w-full"
      />
      <ul className="flex flex-wrap gap-2">
        {offered.map(({ id, name }) => (
          <li key={id}>
            <Button
              className="min-h-9 py-0.5!"
              disabled={busy}
              onClick={() => {
                onChange([...ids, id]);
                setWords('');
              }}
            >
              {name}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
