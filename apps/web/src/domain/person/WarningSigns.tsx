import type { PersonLine } from '../../data/types.js';
import { warningSignsFor } from './warningSigns.js';

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
      {warningSignsFor(person).map(([id, { asks, who }]) => (
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
