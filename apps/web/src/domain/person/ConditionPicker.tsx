import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import type { Condition } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useState } from 'react';
import { FieldFrame } from '../../ui/Field.js';
import { GROUPS } from '../words/ruleWords.js';

interface Props {
  label: string;
  taken: readonly string[];
  onPick: (id: string) => void;
  without?: ReadonlySet<string>;
}

const isCalled = ({ name, aliases }: Condition, typed: string): boolean =>
  [name, ...aliases].some((word) => word.toLowerCase().includes(typed));

/**
 * Conditions and groups to choose from, by where they stand in the rulebook; typing finds one however it is
 * called. Arrow keys look, Enter picks.
 */
export function ConditionPicker({ label, taken, onPick, without }: Props) {
  const [typed, setTyped] = useState('');
  const find = typed.trim().toLowerCase();
  const open = RULEBOOK.conditions.filter(
    (condition) =>
      !taken.includes(condition.id) && !without?.has(condition.id) && (!find || isCalled(condition, find)),
  );
  return (
    <Combobox<string | null>
      immediate
      value={null}
      onChange={(id) => {
        if (id) onPick(id);
        setTyped('');
      }}
    >
      <FieldFrame label={label} hint="Type a name, or look through the list.">
        {(ids) => (
          <ComboboxInput
            {...ids}
            autoComplete="off"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            placeholder="pregnancy, slipped disc, POTS …"
            className="min-h-11 w-full rounded-lg border border-strong-line bg-paper px-3 py-2 text-ink"
          />
        )}
      </FieldFrame>
      <ComboboxOptions
        anchor="bottom start"
        className={
          'z-50 max-h-80 w-(--input-width) overflow-y-auto rounded-xl border border-line bg-paper p-1 ' +
          'shadow-xl [--anchor-gap:4px]'
        }
      >
        {!open.length && <p className="p-3 text-soft">No condition of that name.</p>}
        {GROUPS.map(([group, name]) => {
          const here = open.filter((condition) => condition.group === group);
          return (
            here.length > 0 && (
              <div key={group} role="group" aria-label={name}>
                <p aria-hidden className="px-3 pt-2 text-sm text-soft">
                  {name}
                </p>
                {here.map(({ id, name: called }) => (
                  <ComboboxOption
                    key={id}
                    value={id}
                    className="min-h-10 cursor-pointer content-center rounded-lg px-3 data-focus:bg-teal-wash"
                  >
                    {called}
                  </ComboboxOption>
                ))}
              </div>
            )
          );
        })}
      </ComboboxOptions>
    </Combobox>
  );
}
