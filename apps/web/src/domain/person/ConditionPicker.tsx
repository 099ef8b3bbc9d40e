import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { conditionChoices } from '../words/ruleWords.js';

interface Props {
  label: string;
  taken: readonly string[];
  /** @param words what was typed, where it is none of the list */
  onPick: (id: string, words?: string) => void;
  /** Whether what is none of the list may be taken in its own words. */
  takesAnything?: boolean;
  without?: ReadonlySet<string>;
}

/** The condition that takes any words. */
const SOMETHING_ELSE = 'something-else';

/** Conditions and groups to choose from, one after the other; typing finds one however it is called. */
export function ConditionPicker({ label, taken, onPick, without, takesAnything }: Props) {
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
      onChange={(id) => onPick(id)}
      {...(takesAnything && !taken.includes(SOMETHING_ELSE)
        ? {
            other: {
              label: (typed: string) => `Something else: “${typed}”`,
              take: (typed: string) => onPick(SOMETHING_ELSE, typed),
            },
          }
        : {})}
    />
  );
}
