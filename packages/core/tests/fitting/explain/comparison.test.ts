/** What has changed since, and half a page for another teacher. */
import { BUILT_IN, compareFittings, dateAfter, fitClass, handover, USUAL_HOUSE_VIEW } from '../../builtIn.js';
import { ON, PEOPLE, named, CLASS, sequenceOf, fit } from '../mixedClass.js';

describe('what has changed since', () => {
  const at = (
    on: string,
    conditions: readonly unknown[] = [{ condition: 'pregnancy', dueDate: dateAfter(ON, 280 - 7 * 26 - 5) }],
  ) =>
    fitClass({
      sequence: sequenceOf(CLASS),
      people: named([{ conditions }, {}]),
      on,
      houseView: USUAL_HOUSE_VIEW,
    });
  test('nothing, where nothing has', () =>
    expect(compareFittings(at(ON), at(ON))).toEqual({ differences: [], steps: 0, says: '' }));
  test('two weeks later: which steps, for whom, and the week that was passed', () => {
    const { differences, steps, says } = compareFittings(at(ON), at(dateAfter(ON, 16)));
    expect(steps).toBeGreaterThan(0);
    expect(says).toMatch(/^\d+ steps? changed since you planned this: .*week 29\.$/);
    expect(differences.every(({ person }) => person === 'P0')).toBe(true);
    expect(differences.some(({ why }) => why.includes('now week 29'))).toBe(true);
  });
  test('a condition entered since is named with its rule', () => {
    const { differences } = compareFittings(
      at(ON, []),
      at(ON, [{ condition: 'lumbar-disc', phase: 'acute' }]),
    );
    expect(differences.filter(({ what }) => what === 'no longer allowed').length).toBeGreaterThan(0);
    expect(differences.every(({ why }) => why.length > 10)).toBe(true);
  });
});

test('half a page for another teacher names everyone who differs, and nobody twice for the same', () => {
  const fitting = fit(named(PEOPLE));
  const page = handover(fitting, BUILT_IN);
  const steps = page.sections.flatMap((section) => section.steps);
  expect(steps).toHaveLength(fitting.steps.length);
  for (const { step, others } of steps) {
    const differing = fitting.lanes
      .filter((lane) =>
        lane.steps.some((entry) => entry.step === step && (entry.verdict !== 'as-written' || entry.then)),
      )
      .map(({ person }) => person);
    expect([...new Set(others.flatMap(({ people }) => people))].sort()).toEqual(differing.sort());
  }
});
