import type { WarningSign } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { PersonLine } from '../../data/types.js';

const SIGNS: Readonly<Record<string, WarningSign>> = RULEBOOK.warningSigns;

/** Warning signs that everyone is asked for, and those of this person's conditions, with their ids. */
export function warningSignsFor(person: Pick<PersonLine, 'conditions'> | undefined): [string, WarningSign][] {
  const own = new Set(
    (person?.conditions ?? []).flatMap(({ condition }): readonly string[] => {
      const known = RULEBOOK.conditions.find(({ id }) => id === condition);
      return known?.warnings ?? [];
    }),
  );
  return Object.entries(SIGNS).filter(([id, { everyone }]) => everyone || own.has(id));
}
