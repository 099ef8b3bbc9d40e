import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { differing, type Difference } from '../../ui/differences.js';
import { canAnswers } from './canWords.js';
import { canOf, SCREENING, type PersonValues } from './personValues.js';

const conditionName = (id: string): string =>
  RULEBOOK.conditions.find((condition) => condition.id === id)?.name ?? id;

/** Everything that is filled in of an entry, in the order of its fields. */
const say = (entry: Readonly<Record<string, unknown>>): string =>
  Object.values(entry)
    .filter((value) => value !== '' && value !== false)
    .map((value) => (value === true ? 'yes' : String(value)))
    .join(', ');

const sayCan = (values: PersonValues): string =>
  [values.stand && 'stands', values.kneel && 'weight on the knees', ...canAnswers(canOf(values))]
    .filter(Boolean)
    .join(', ');

/** Two forms of one person side by side, where they differ: one line for each thing the form asks. */
export const personDifferences = (mine: PersonValues, theirs: PersonValues): Difference[] => {
  const row = (label: string, of: (values: PersonValues) => string): readonly [string, string, string] => [
    label,
    of(mine),
    of(theirs),
  ];
  return differing([
    row('Name', ({ name }) => name),
    row('Date of birth', ({ born }) => born),
    row('Height in cm', ({ heightCm }) => heightCm),
    row('Spoken of as', ({ pronoun }) => pronoun),
    row('Norms for', ({ sex }) => sex),
    ...SCREENING.map(([key, label]) => row(label, ({ screening }) => screening[key])),
    row('What they can do', sayCan),
    row('Conditions and groups', ({ conditions }) =>
      conditions
        .map(({ condition, details }) => [conditionName(condition), say(details)].filter(Boolean).join(': '))
        .join('\n'),
    ),
    row('Personal limits', ({ limits }) =>
      limits
        .map(({ kind, ...limit }) => say({ kind: RULEBOOK.limitKinds[kind]?.says ?? kind, ...limit }))
        .join('\n'),
    ),
    row('Medical clearances', ({ clearances }) => clearances.map(say).join('\n')),
  ]);
};
