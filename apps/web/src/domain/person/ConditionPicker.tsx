import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { conditionChoices } from '../words/ruleWords.js';

interface Props {
  label: string;
  taken: readonly string[];
  onPick: (id: string) => void;
  without?: ReadonlySet<string>;
}

/** Conditions and groups to choose from, one after the other; typing finds one however it is called. */
export function ConditionPicker({ label, taken, onPick, without }: Props) {
  const choices = useMemo(
    () => conditionChoices(RULEBOOK.conditions.filter(({ id }) => !taken.includes(id) && !without?.has(id))),
    [taken, without],
  );
  return (
    <ComboboxField
      label={label}
      hint="Type a name, or look through the list."
      placeholder="pregnancy, slipped disc, POTS …"
      nothing="No condition of that name."
      choices={choices}
      value=""
      onChange={onPick}
    />
  );
}
