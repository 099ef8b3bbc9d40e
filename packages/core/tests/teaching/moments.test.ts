/** A class as moments: sides, rounds, what differs in the order of the room, and a total that is what was planned. */
import {
  breathOf,
  BUILT_IN,
  fitClass,
  momentsOf,
  oneEach,
  parseSequence,
  plannedUntil,
  readPeople,
  USUAL_HOUSE_VIEW,
  type Fitting,
} from '../builtIn.js';
import { CLASS_PEOPLE, CLASS_TEXTS } from '../cases/classes.js';

const ON = '2026-12-01';

function fit(source: string, people: readonly Record<string, unknown>[]): Fitting {
  const read = readPeople(people, ON);
  expect(read.errors).toEqual([]);
  const { sequence } = parseSequence(source);
  return fitClass({ sequence, people: read.people, on: ON, houseView: USUAL_HOUSE_VIEW });
}
const moments = (source: string, people: readonly Record<string, unknown>[] = PEOPLE) =>
  momentsOf(fit(source, people), BUILT_IN);

const PEOPLE = [
  { name: 'Ann Well' },
  { name: 'Una Press', conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] },
  { name: 'Wim Wheel', conditions: ['wheelchair'] },
];

test('each side is a moment of its own, right first; the hold is the longest in the room', () => {
  const found = moments('- Mountain, 5 breaths\n- Tree, 20 s each side\n- Triangle, left, 3 breaths');
  expect(found.map(({ step, side }) => [step.step, side])).toEqual([
    [1, undefined],
    [2, 'right'],
    [2, 'left'],
    [3, 'left'],
  ]);
  expect(found[1]!.seconds).toBe(20);
  expect(found[0]!.seconds).toBeCloseTo(27.5, 6);
  for (const { differing } of found.slice(1, 3))
    expect(differing.map(({ name }) => name)).toContain('Wim Wheel');
});

test('what is counted is what was asked, at the pace of those who do it', () => {
  const [mountain, tree, cat] = moments('- Mountain, 5 breaths\n- Tree, 20 s, left\n- Cat and cow, 6 rounds');
  expect(mountain).toMatchObject({ count: { unit: 'breaths', of: 5, each: 5.5 }, breath: 5.5 });
  expect(tree).toMatchObject({ count: { unit: 'seconds', of: 20, each: 1 }, breath: 5.5 });
  expect(cat).toMatchObject({ count: { unit: 'rounds', of: 6 } });
  const [childs] = moments('- Mountain, 4 breaths', [{ name: 'Pip', born: '2019-06-01', heightCm: 118 }]);
  expect(childs!.breath).toBe(3.5);
});

test('a flow is a moment for each round, sides that take turns among its shapes', () => {
  const rounds = moments('- Classical sun salutation × 3\n- Tree, left').filter(({ round }) => round);
  expect(rounds.map(({ round }) => round!.at)).toEqual([1, 2, 3]);
  const leads = rounds.map(({ round }) => round!.shapes.map(({ side }) => side).filter(Boolean));
  expect(leads).toEqual([
    ['right', 'right'],
    ['left', 'left'],
    ['right', 'right'],
  ]);
  // Twelve shapes of half a breath.
  expect(rounds[0]!.seconds).toBeGreaterThanOrEqual(6 * 5.5 - 0.01);
  expect(rounds[0]!.differing.some(({ name }) => name === 'Wim Wheel')).toBe(true);
});

test('in a flow the breath is the one that each shape is gone into on', () => {
  const [round] = moments('- Classical sun salutation × 3', [{ name: 'Ann Well' }]);
  let begins = 0;
  for (const { step, seconds } of round!.round!.shapes) {
    expect(breathOf(round!, begins + seconds / 2).half).toBe(step.flow!.on);
    begins += seconds;
  }
});

test('what is fetched is said once, when it is first needed, with who needs it', () => {
  const chairs = moments('- Tree, 3 breaths, left\n- Warrior two, 3 breaths, left\n- Final rest, 5 min').map(
    ({ fetch }) => fetch.filter(({ prop }) => prop === 'chair'),
  );
  expect(chairs.flat().every(({ people }) => people.length > 0)).toBe(true);
  for (const { people } of chairs.slice(1).flat()) expect(people).not.toContain('Wim Wheel');
});

test('who differs is told in the order in which they lie in the room', () => {
  const fitting = fit(CLASS_TEXTS.mixed, PEOPLE);
  const places = [...fitting.places].reverse();
  const [first] = momentsOf({ ...fitting, places }, BUILT_IN);
  expect(oneEach(first!).map(({ personId }) => personId)).toEqual(places.map(({ personId }) => personId));
});

test('a class that nobody is down for is taught too: what is planned is held', () => {
  const found = moments('- Mountain, 5 breaths\n- Bridge, 20 s', []);
  expect(found.map(({ step }) => step.step)).toEqual([1, 2]);
  for (const { seconds } of found) expect(seconds).toBeGreaterThan(15);
});

const everybody = Object.entries(CLASS_PEOPLE).map(([name, person]) => ({ name, ...person }));

test.each(Object.keys(CLASS_TEXTS) as (keyof typeof CLASS_TEXTS)[])(
  '%s: no time is lost or made up between the plan and what is taught',
  (name) => {
    for (const people of [[{ name: 'Ann' }], everybody]) {
      const fitting = fit(CLASS_TEXTS[name], people);
      const found = momentsOf(fitting, BUILT_IN);
      const total = plannedUntil(found, found.length);
      // Two who hold longest on one side each make a step longer than either of them needs.
      expect(total).toBeGreaterThanOrEqual(fitting.minutes.planned * 60 - 3.01);
      if (people.length === 1) expect(Math.abs(total - fitting.minutes.planned * 60)).toBeLessThan(3.01);
      const steps = fitting.steps.filter(({ leftOut }) => !leftOut).map(({ step }) => step);
      expect([
        ...new Set(
          found.flatMap(({ step, round }) => round?.shapes.map((one) => one.step.step) ?? [step.step]),
        ),
      ]).toEqual(steps);
    }
  },
);
