import { useState } from 'react';
import { usePeople } from '../../data/people/usePeople.js';
import type { PersonLine } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { SearchField } from '../../ui/SearchField.js';

/** So many names are offered at once; a few letters find the rest. */
const OFFERED = 8;

/** Whose body figures are drawn with: nobody's in particular, or that of one person, found by name. */
export function ForWhom({
  person,
  onChange,
}: {
  person: Pick<PersonLine, 'name'> | undefined;
  onChange: (id: string | undefined) => void;
}) {
  const [words, setWords] = useState('');
  const found = usePeople(words);
  if (person)
    return (
      <p className="flex flex-wrap items-center gap-2">
        Drawn with the height, build and ranges of <b>{person.name}</b>.
        <Button look="quiet" onClick={() => onChange(undefined)}>
          Nobody in particular
        </Button>
      </p>
    );
  return (
    <div className="flex flex-wrap items-center gap-2">
      <SearchField
        label="Draw them for somebody"
        placeholder="Draw them for somebody"
        value={words}
        onChange={setWords}
        className="w-64"
      />
      {words.trim() &&
        (found.data ?? []).slice(0, OFFERED).map(({ id, name }) => (
          <Button
            key={id}
            onClick={() => {
              setWords('');
              onChange(id);
            }}
          >
            {name}
          </Button>
        ))}
    </div>
  );
}
