import { useGroups } from '../../data/groups/useGroups.js';
import { SelectField } from '../../ui/Field.js';

/** Narrows a list to one group; nothing where there is no group. @param all what the whole list is called */
export function GroupSelect({
  value,
  all,
  onChange,
}: {
  /** By id; empty for the whole list. */
  value: string;
  all: string;
  onChange: (id: string) => void;
}) {
  const { data: groups = [] } = useGroups();
  if (!groups.length) return null;
  return (
    <SelectField
      label="Group"
      labelLook="small"
      className="w-56"
      value={value}
      onChange={({ target }) => onChange(target.value)}
    >
      <option value="">{all}</option>
      {groups.map(({ id, title }) => (
        <option key={id} value={id}>
          {title}
        </option>
      ))}
    </SelectField>
  );
}
