/** What a class and its people want of the room: walls, doors, the teacher; and what is carried in. */
import { packing, placeNeeds, RULEBOOK } from '../builtIn.js';
import { fit, named, PEOPLE } from '../fitting/mixedClass.js';

const people = named(PEOPLE);
const fitting = fit(people);
const needs = placeNeeds(fitting, people, RULEBOOK.norms);

test('the wall is wanted at the steps at which somebody has it beside her, and at no other', () => {
  for (const { personId, wallSteps } of needs) {
    const lane = fitting.lanes.find((one) => one.personId === personId)!;
    const has = lane.steps
      .filter(({ props, then }) => [...props, ...(then?.props ?? [])].some(({ prop }) => prop === 'wall'))
      .map(({ step }) => step);
    expect(wallSteps).toEqual([...new Set(has)]);
  }
  expect(needs.some(({ wallSteps }) => wallSteps.length)).toBe(true);
});

test('conditions say who is near what; without them only the class does', () => {
  const wishing = (condition: string) => {
    const [first] = people;
    const known = [{ ...first!, conditions: [{ condition }] }];
    return placeNeeds(fitting, known, RULEBOOK.norms).find(({ personId }) => personId === first!.id)!;
  };
  expect(wishing('anxiety-trauma').nearDoor).toBe('a way out at hand');
  expect(wishing('hearing-loss').nearTeacher).toBe('hears badly');
  expect(wishing('wheelchair-user').kind).toBe('wheelchair');
  for (const one of placeNeeds(fitting, [], RULEBOOK.norms))
    expect(Object.keys(one).sort()).toEqual(['kind', 'personId', 'wallSteps']);
});

test('who fell is near a wall, and it is said why; who has nothing of the kind is anywhere', () => {
  expect(needs[6]!.nearWall).toContain('a fall in the last year');
  expect(needs[2]!.nearDoor).toBe('may have to go out');
  expect(Object.keys(needs[0]!).sort()).toEqual(['kind', 'personId', 'wallSteps']);
});

test('what is carried in is what lies beside people, as far as there is of it', () => {
  for (const { prop, count, isShared, beside } of packing(fitting)) {
    expect(isShared).toBeUndefined();
    expect(count).toBe(beside.reduce((sum, one) => sum + one.count, 0));
    const shared = packing(fitting, { [prop]: count - 1 }).find((one) => one.prop === prop);
    expect(shared).toMatchObject({ count: count - 1, isShared: true });
  }
  expect(packing(fitting).length).toBeGreaterThan(2);
});
