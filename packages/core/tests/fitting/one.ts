/** Classes of a line or two, fitted to made-up people. */
import {
  fitClass,
  parseSequence,
  readPeople,
  USUAL_HOUSE_VIEW,
  type Fitting,
  type LaneStep,
} from '../builtIn.js';

export const ON = '2026-12-01';
export const fit = (
  source: string,
  people: readonly Record<string, unknown>[],
  view: Record<string, string> = {},
): Fitting => {
  const { sequence, errors } = parseSequence(source);
  const { people: read, errors: problems } = readPeople(
    people.map((person, i) => ({ name: `P${i}`, ...person })),
    ON,
  );
  expect([...errors, ...problems]).toEqual([]);
  return fitClass({ sequence, people: read, on: ON, houseView: { ...USUAL_HOUSE_VIEW, ...view } });
};
export const one = (step: string, person: Record<string, unknown>, view?: Record<string, string>): LaneStep =>
  fit(`- ${step}`, [person], view).lanes[0]!.steps[0]!;
