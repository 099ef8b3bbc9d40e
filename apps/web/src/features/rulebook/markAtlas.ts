import {
  compileRules,
  decidingRule,
  judgeAll,
  lesserRanges,
  markOf,
  measureTable,
  readPerson,
  SOMEBODY,
  stagePerson,
  type InputError,
  type Mark,
  type Pose,
  type StagedPerson,
  type StageSettings,
  type Variant,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { catalogue } from '../../data/catalogue.js';
import { today } from '../../data/today.js';
import { readDetails, type TypedDetails } from '../../domain/person/details.js';

/** Stages that were chosen, a day and a body; all as typed. */
export interface Asked {
  conditions: readonly { id: string; details: TypedDetails }[];
  on: string;
  born: string;
  heightCm: string;
}

export const MARKS: readonly Mark[] = ['allowed', 'with-care', 'limited', 'never'];

/** One variant as it stands for the chosen stages, and the rule that decides. */
export interface Marked {
  pose: Pose;
  variant: Variant;
  mark: Mark;
  reason?: string;
}

const writtenOf = ({ conditions, born, heightCm }: Asked): Record<string, unknown> => ({
  name: 'somebody',
  ...(born ? { born } : {}),
  ...(heightCm ? { heightCm: Number(heightCm) } : {}),
  conditions: conditions.map(({ id, details }) => ({
    condition: id,
    ...readDetails(
      RULEBOOK.conditions.find((known) => known.id === id)!,
      details,
    ),
  })),
});

/** The whole atlas marked for somebody with the chosen stages: what must not be first. */
export function markAtlas(
  asked: Asked,
  staging: StageSettings,
): { staged: StagedPerson; errors: readonly InputError[]; marked: readonly Marked[] } {
  const errors: InputError[] = [];
  const person = readPerson(writtenOf(asked), '', errors, RULEBOOK, asked.on);
  const body = errors.length ? SOMEBODY : person;
  const on = asked.on || today();
  const staged = stagePerson(body, { ...staging, on });
  const table = measureTable(catalogue(), body, on, { ranges: lesserRanges(staged.abilities.body) });
  const compiled = compileRules(staged);
  const codes = judgeAll(compiled, table);
  const marked = table.rows
    .map((_, row) => row)
    .sort((a, b) => codes[b]! - codes[a]! || a - b)
    .map((row): Marked => {
      const mark = markOf(codes[row]!);
      const reason =
        mark === 'allowed' ? undefined : decidingRule(compiled, table, row, codes[row]!)?.rule.reason;
      return { ...table.rows[row]!, mark, ...(reason ? { reason } : {}) };
    });
  return { staged, errors, marked };
}
