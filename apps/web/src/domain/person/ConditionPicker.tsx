import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { SelectField } from '../../ui/Field.js';
import { GROUPS } from '../words/ruleWords.js';

interface Props {
  label: string;
  taken: readonly string[];
  onPick: (id: string) => void;
  without?: ReadonlySet<string>;
}

/** Conditions and groups to choose from, by where they stand in the rulebook. */
export const ConditionPicker = ({ label, taken, onPick, without }: Props) => (
  <SelectField
    label={label}
    value=""
    onChange={(event) => {
      if (event.target.value) onPick(event.target.value);
    }}
  >
    <option value="">Choose …</option>
    {GROUPS.map(([group, name]) => (
      <optgroup key={group} label={name}>
        {RULEBOOK.conditions
          .filter(
            (condition) =>
              condition.group === group && !taken.includes(condition.id) && !without?.has(condition.id),
          )
          .map((condition) => (
            <option key={condition.id} value={condition.id}>
              {condition.name}
            </option>
          ))}
      </optgroup>
    ))}
  </SelectField>
);
