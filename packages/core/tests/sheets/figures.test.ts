/** Whose body a figure on a sheet is drawn on, and when the stored solution will do. */
import { BUILT_IN } from '../../builtIn/index.js';
import { lesserRanges, USUAL_BODY } from '../../src/body/bodyRanges.js';
import { bodySeen } from '../../src/people/bodySeen.js';
import { isShownByStored, solveFor } from '../../src/poses/solveFor.js';

const VARIANTS = BUILT_IN.poses.flatMap(({ ladder }) => ladder).filter((_, i) => i % 9 === 0);

test('where the stored solution will do, a body of those ranges stands as a supple one does', () => {
  const own = { ranges: lesserRanges(USUAL_BODY) };
  const posturesOf = (id: string, more: object) => solveFor(BUILT_IN, id, 165, 'adult', more).postures;
  const [shown, others] = [true, false].map((will) =>
    VARIANTS.filter(({ id }) => isShownByStored(BUILT_IN, id, 165, 'adult', own) === will),
  ) as [typeof VARIANTS, typeof VARIANTS];
  for (const { id } of shown) expect([id, posturesOf(id, own)]).toEqual([id, posturesOf(id, {})]);
  expect(shown.length).toBeGreaterThan(15);
  // And it says so of no more than it must.
  const changed = others.filter(
    ({ id }) => JSON.stringify(posturesOf(id, own)) !== JSON.stringify(posturesOf(id, {})),
  );
  expect(changed.length).toBeGreaterThan(others.length / 2);
});

test('whoever goes only part of the way, or not as far as is drawn, is solved for', () => {
  const fold = 'standing-forward-fold.full';
  const stiff = { ...USUAL_BODY, hipFlexionWithKneeStraight: 40 };
  expect(isShownByStored(BUILT_IN, fold, 165, 'adult', { share: 0.5 })).toBe(false);
  expect(isShownByStored(BUILT_IN, fold, 165, 'adult', { ranges: stiff })).toBe(false);
  expect(isShownByStored(BUILT_IN, fold, 165, 'adult')).toBe(true);
});

test('of a body is seen what is known of it on that day', () => {
  const can = { limbs: { leftLeg: 'missing', rightArm: 'weak' } } as const;
  const due = [{ condition: 'pregnancy', dueDate: '2027-02-08' }];
  expect(bodySeen({ conditions: due, can, sex: 'woman', born: '1990-11-30' }, '2026-11-30')).toEqual({
    ...{ heightCm: 165, build: 'adult', years: 36, weeks: 30 },
    ...{ without: ['legL'], onWheels: false },
  });
  expect(bodySeen({ conditions: due, can: {} }, '2027-06-01')).not.toHaveProperty('weeks');
  expect(bodySeen({ conditions: [{ condition: 'wheelchair-user' }], can: {} }, '2026-11-30').onWheels).toBe(
    true,
  );
});
