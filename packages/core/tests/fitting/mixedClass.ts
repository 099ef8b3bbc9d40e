/** A mixed class, and people of many kinds who come to it. */
import {
  dateAfter,
  fitClass,
  NO_CHOICES,
  parseSequence,
  readPeople,
  USUAL_HOUSE_VIEW,
  type Choices,
  type Fitting,
  type Person,
} from '../builtIn.js';

export const ON = '2026-12-01';
export const pregnant = (weeks: number): Record<string, unknown> => ({
  conditions: [{ condition: 'pregnancy', dueDate: dateAfter(ON, 280 - 7 * weeks) }],
});
export const PEOPLE: readonly Record<string, unknown>[] = [
  {},
  {},
  pregnant(26),
  { conditions: [{ condition: 'high-blood-pressure', control: 'uncontrolled' }] },
  { conditions: [{ condition: 'lumbar-disc', phase: 'acute' }] },
  { conditions: ['wheelchair'] },
  { born: '1946-01-01', screening: { fallsLastYear: 1 } },
  { can: { kneel: false } },
  { conditions: ['glaucoma'] },
  { conditions: ['low-bone-density'] },
  { can: { floor: false } },
];
export const named = (list: readonly Record<string, unknown>[]): Person[] => {
  const { people, errors } = readPeople(
    list.map((person, i) => ({ name: `P${i}`, ...person })),
    ON,
  );
  expect(errors).toEqual([]);
  return people;
};
export const CLASS =
  '# Mixed\nminutes: 75\n- Seated breath, 8 breaths\n- Cat and cow, 6 rounds\n- Downward-facing dog, 5 ' +
  'breaths\n- Locust, 4 breaths\n- Tree, 30 s each side\n- Standing forward fold, 4 breaths\n- Bridge, 5 ' +
  'breaths\n- Supine twist, 6 breaths each side\n- Final rest, 6 min';
export const sequenceOf = (text: string) => {
  const { sequence, errors } = parseSequence(text);
  expect(errors).toEqual([]);
  return sequence;
};
export const fit = (
  people: readonly Person[],
  choices: Partial<Choices> = {},
  stock?: Record<string, number>,
  text = CLASS,
): Fitting =>
  fitClass({
    sequence: sequenceOf(text),
    people,
    on: ON,
    houseView: USUAL_HOUSE_VIEW,
    choices: { ...NO_CHOICES, ...choices },
    ...(stock ? { stock } : {}),
  });
export const versions = ({ steps }: Fitting): number => steps.reduce((sum, step) => sum + step.versions, 0);
export const variantsOf = ({ lanes }: Fitting): string[][] =>
  lanes.map(({ steps }) => steps.map(({ variant }) => variant));
