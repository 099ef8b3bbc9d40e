import type { WarningSign } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { PersonLine } from '../../data/types.js';

const SIGNS: Readonly<Record<string, WarningSign>> = RULEBOOK.warningSigns;

/** Warning signs that everyone is asked for, and those of this person's conditions. */
function signsFor({ conditions }: PersonLine): [string, WarningSign][] {
  const own = new Set(
    conditions.flatMap(({ condition }): readonly string[] => {
      const known = RULEBOOK.conditions.find(({ id }) => id === condition);
      return known?.warnings ?? [];
    }),
  );
  return Object.entries(SIGNS).filter(([id, { everyone }]) => everyone || own.has(id));
}

/** The signs that stop a class, to be asked for; folded away until one is there. */
export const WarningSigns = ({
  person,
  chosen,
  onSet,
}: {
  person: PersonLine;
  chosen: readonly string[];
  onSet: (signs: readonly string[] | undefined) => void;
}) => (
  <details>
    <summary className="min-h-9 content-center text-teal">
      Warning signs{chosen.length > 0 && `: ${chosen.length} today`}
    </summary>
    <ul className="grid gap-x-4">
      {signsFor(person).map(([id, { asks, who }]) => (
        <li key={id}>
          <label className="flex gap-2 py-0.5">
            <input
              type="checkbox"
              className="mt-1 size-4 shrink-0 accent-(--teal)"
              checked={chosen.includes(id)}
              onChange={(event) => {
                const next = event.target.checked ? [...chosen, id] : chosen.filter((sign) => sign !== id);
                onSet(next.length ? next : undefined);
              }}
            />
            <span>
              {asks} <span className="text-soft">({who})</span>
            </span>
          </label>
        </li>
      ))}
    </ul>
  </details>
);
