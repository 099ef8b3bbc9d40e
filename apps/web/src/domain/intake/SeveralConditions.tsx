import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { readConditionNames, type SaidCondition } from '@lotus-steady/core';
import { useState } from 'react';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';

/** Conditions as they are said in one breath, with commas; what is none of the list is kept in its own words. */
export function SeveralConditions({
  taken,
  onAdd,
}: {
  taken: readonly string[];
  onAdd: (conditions: readonly SaidCondition[]) => void;
}) {
  const [said, setSaid] = useState('');
  const read = readConditionNames(said, RULEBOOK.conditions).filter(
    ({ condition }) => condition === 'something-else' || !taken.includes(condition),
  );
  const add = (): void => {
    onAdd(read);
    setSaid('');
  };
  return (
    <div>
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          label="Several at once"
          hint="As it is said, with commas: high blood pressure, left frozen shoulder, POTS"
          value={said}
          className="min-w-64 flex-1"
          onChange={(event) => setSaid(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || !read.length) return;
            event.preventDefault();
            add();
          }}
        />
        <Button disabled={!read.length} onClick={add} className="mb-6">
          Add {read.length || ''}
        </Button>
      </div>
      {read.length > 0 && (
        <p aria-live="polite">
          {read
            .map(({ condition, words }) =>
              words ? `something else: “${words}”` : RULEBOOK.condition(condition).name,
            )
            .join(' · ')}
        </p>
      )}
    </div>
  );
}
