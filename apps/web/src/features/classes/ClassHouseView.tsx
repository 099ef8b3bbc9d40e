import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useHall } from '../../data/hall/useHall.js';
import { SelectField } from '../../ui/Field.js';

interface Props {
  chosen: Readonly<Record<string, string>>;
  onChange: (chosen: Record<string, string>) => void;
}

/** Where this class differs from the hall's view; everything else stays as the hall has it. */
export function ClassHouseView({ chosen, onChange }: Props) {
  const hall = useHall().houseView;
  const count = Object.keys(chosen).length;
  return (
    <details className="rounded-xl border border-line bg-paper px-4 py-2">
      <summary className="min-h-9 content-center font-semibold">
        House view, for this class{count > 0 && `: ${count} other than the hall`}
      </summary>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        {Object.entries(RULEBOOK.houseViewTopics).map(([id, { name, positions }]) => (
          <SelectField
            key={id}
            label={name}
            value={chosen[id] ?? hall[id]}
            onChange={(event) => {
              const { [id]: _old, ...rest } = chosen;
              onChange(event.target.value === hall[id] ? rest : { ...rest, [id]: event.target.value });
            }}
          >
            {positions.map((position) => (
              <option key={position.id} value={position.id}>
                {position.name}
                {position.id === hall[id] ? ' (the hall)' : ''}
              </option>
            ))}
          </SelectField>
        ))}
      </div>
    </details>
  );
}
