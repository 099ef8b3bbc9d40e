/** What stays the same over steps and sides: the total time, the shape, the level; and what a reading asks. */
import { readPeople, retitled, BUILT_IN, parseSequence, typicalPeople } from '../builtIn.js';
import { fit, ON, one } from './one.js';

const seated = { can: { stand: false, floor: 'no' } };
const secondsOf = ({ hold, sides }: ReturnType<typeof one>): number =>
  hold.seconds * Math.max(1, sides.length);

test('a shape without sides in place of both takes as long as both, and never more than it is held', () => {
  const asked = secondsOf(
    one('Standing split R L 5 breaths', { born: '1990-01-01', can: { practised: 'years' } }),
  );
  const dog = one('Standing split R L 5 breaths', {
    born: '1943-06-02',
    heightCm: 158,
    screening: { fallsLastYear: 2 },
  });
  expect([dog.pose, dog.sides]).toEqual(['downward-facing-dog', []]);
  expect(secondsOf(dog)).toBeCloseTo(asked, 5);
  // One side only is half of it.
  const right = one('Standing split right 5 breaths', {
    born: '1943-06-02',
    heightCm: 158,
    screening: { fallsLastYear: 2 },
  });
  expect(secondsOf(right)).toBeCloseTo(asked / 2, 5);
});

test('three inversions in a row are one stay for who lies with the legs up, and said so', () => {
  const lane = fit('- Headstand 5 breaths\n- Shoulder stand 10 breaths\n- Plough 5 breaths', [
    { born: '1968-04-11', conditions: [{ condition: 'high blood pressure', control: 'uncontrolled' }] },
  ]).lanes[0]!;
  expect(lane.steps.map(({ variant, stays }) => [variant, stays ?? false])).toEqual([
    ['legs-up-the-wall.full', false],
    ['legs-up-the-wall.full', true],
    ['legs-up-the-wall.full', true],
  ]);
});

test('sides to change are no stay', () => {
  const { steps } = fit('- Tree 3 breaths each side\n- Tree 3 breaths each side', [seated]).lanes[0]!;
  expect(steps.map(({ stays }) => stays)).toEqual([undefined, undefined]);
});

test('full neck circles wait for the view that has them', () => {
  expect(one('Full neck circles × 3', {}).pose).toBe('head-half-circle');
  expect(one('Full neck circles × 3', {}, { 'head-circles': 'slow-full' }).verdict).toBe('as-written');
});

test.each([
  ['138/84', false],
  ['140/84', true],
  ['128/90', true],
  ['176/104', true],
])('a reading of %s: asked whether the doctor knows, %s', (bp, isAsked) => {
  const asks = fit('- Mountain', [{ born: '1968-04-11', today: { bp } }]).lanes[0]!.alerts.filter(
    ({ kind, text }) => kind === 'ask' && text.includes('doctor knows'),
  );
  expect(asks).toHaveLength(isAsked ? 1 : 0);
});

test('typical people are read without a question, on any day', () => {
  for (const on of [ON, '2027-02-28', '2028-02-29']) {
    const written = typicalPeople(on).map(({ name, written: person }) => ({ name, ...person }));
    const { people, errors } = readPeople(written, on);
    expect([people.length, errors]).toEqual([written.length, []]);
  }
});

test('a plan that is called something else says all else as before', () => {
  for (const source of ['# Tides\n- Tree', 'Tides\n60 min\nTree', '- Tree, 5 breaths']) {
    const { sequence } = parseSequence(retitled(source, 'Tides, copy', BUILT_IN));
    expect([sequence.title, sequence.steps.map(({ text }) => text)]).toEqual([
      'Tides, copy',
      parseSequence(source).sequence.steps.map(({ text }) => text),
    ]);
  }
});
