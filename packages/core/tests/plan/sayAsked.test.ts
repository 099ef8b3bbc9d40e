/** Holds as they are written into a sequence: what is written is read again as the same. */
import { BUILT_IN, POSES } from '../builtIn.js';
import { lineFor, lineOf } from '../../src/plan/lineFor.js';
import { sayAsked } from '../../src/plan/sayAsked.js';
import { readPlan } from '../../src/reading/readPlan.js';

test.each([
  ['breaths', 1, '1 breath'],
  ['breaths', 5, '5 breaths'],
  ['rounds', 1, '1 round'],
  ['seconds', 60, '60 s'],
  ['seconds', 90, '90 s'],
  ['seconds', 180, '3 min'],
] as const)('%s, %d: "%s"', (unit, count, want) => expect(sayAsked({ unit, count })).toBe(want));

test('a line added for a pose is read again as that pose, as long as it usually is held', () => {
  for (const pose of POSES) {
    const { steps } = readPlan(`- ${lineFor(pose)}`, BUILT_IN);
    expect([pose.id, steps]).toMatchObject([
      pose.id,
      [{ pose: { id: pose.id }, hold: { unit: pose.hold.unit, count: pose.hold.usual } }],
    ]);
  }
});

test('every version written out in full is read again as the same step, on either side', () => {
  for (const pose of POSES)
    for (const variant of pose.ladder)
      for (const sides of pose.side ? ([['left'], ['right', 'left']] as const) : [[]]) {
        const step = { pose, variant, hold: { unit: pose.hold.unit, count: 3 }, sides };
        const line = lineOf(step);
        const read = readPlan(`- ${line}`, BUILT_IN).steps.map((one) => [
          one.variant.id,
          one.hold.count,
          one.sides,
        ]);
        expect([line, read]).toEqual([line, [[variant.id, 3, sides]]]);
      }
});
