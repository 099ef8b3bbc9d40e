import fc from 'fast-check';
import { centreOfMass } from '../../src/body/centreOfMass.js';
import { ballAngles, ballRotation, buildBody } from '../../src/body/kinematics.js';
import { leastSquares } from '../../src/body/leastSquares.js';
import { contactLoads } from '../../src/body/loads.js';
import { nonNegativeLeastSquares } from '../../src/body/nonNegative.js';
import { completePosture } from '../../src/body/posture.js';
import { MASS } from '../../src/body/segments.js';
import { solveShape } from '../../src/body/solve.js';
import { balanceMargin, outline } from '../../src/body/support.js';
import { variantById } from '../builtIn.js';

const solved = (id: string, heightCm = 165) => {
  const { variant } = variantById(id);
  return solveShape(variant.frames[0]!, variant.props, heightCm);
};
const shareOf = (id: string, names: RegExp): number =>
  Object.entries(contactLoads(solved(id)).share).reduce(
    (sum, [name, load]) => sum + (names.test(name) ? load : 0),
    0,
  );

test('the segments weigh as much as the body', () => {
  const { headAndNeck, thorax, abdomen, pelvis, ...limbs } = MASS;
  const limb = Object.values(limbs).reduce((sum, { share }) => sum + share, 0);
  expect(headAndNeck.share + thorax.share + abdomen.share + pelvis.share + 2 * limb).toBeCloseTo(1, 6);
});

test('standing landmarks lie at the drawn heights (Drillis and Contini 1966, from memory)', () => {
  const { points, frames } = buildBody(completePosture({ y: 53 }), 100);
  expect(points.crown![1]).toBeCloseTo(100, 0);
  expect(points.eyes![1]).toBeCloseTo(93.6, 0);
  expect(points.heart![1]).toBeCloseTo(72, 1);
  expect(frames.upperArmR!.origin[1]).toBeCloseTo(81.8, -0.3);
  expect(frames.shankR!.origin[1]).toBeCloseTo(28.5, 1);
});

test('standing centre of mass is 0.55 to 0.58 of height (Winter; REFERENCE 11)', () => {
  const share = centreOfMass(solved('mountain.full').body)[1] / 165;
  expect(share).toBeGreaterThanOrEqual(0.55);
  expect(share).toBeLessThanOrEqual(0.58);
});

test.each([
  ['plank.full', 0.69, 'Suprak 2011, arms straight'],
  ['plank.knees', 0.54, 'Suprak 2011, from the knees'],
])('%s: hands carry %f of body weight (%s)', (id, expected) => {
  expect(Math.abs(shareOf(id, /^palm/) - expected)).toBeLessThanOrEqual(0.03);
});

test('contact loads hold up the whole body and push, never pull', () => {
  for (const id of [
    'mountain.full',
    'childs-pose.full',
    'cat-cow.all-fours',
    'final-rest.flat',
    'locust.full',
  ]) {
    const { share, unbalanced } = contactLoads(solved(id));
    expect(unbalanced).toBeLessThan(0.01);
    expect(Object.values(share).every((load) => load >= 0)).toBe(true);
    expect(Object.values(share).reduce((a, b) => a + b)).toBeGreaterThan(0.98);
  }
});

test('a shape keeps its proportions at another height', () => {
  const small = solved('plank.full', 110);
  const tall = solved('plank.full', 190);
  expect(small.posture.wristR).toBeCloseTo(tall.posture.wristR, 0);
  expect(balanceMargin(small) / 110).toBeCloseTo(balanceMargin(tall) / 190, 2);
});

test('ball joint angles come back from their rotation, away from the pole', () => {
  const angle = (low: number, high: number) => fc.double({ min: low, max: high, noNaN: true });
  fc.assert(
    fc.property(
      angle(-60, 170),
      angle(-60, 80),
      angle(-80, 80),
      fc.constantFrom('R' as const, 'L' as const),
      (flexion, abduction, rotation, side) => {
        const back = ballAngles(side, ballRotation(side, [flexion, abduction, rotation]));
        [flexion, abduction, rotation].forEach((value, i) => expect(back[i]).toBeCloseTo(value, 6));
      },
    ),
  );
});

test('least squares finds the minimum of a curved valley (Rosenbrock, minimum at 1, 1)', () => {
  const [x, y] = leastSquares(([a, b]) => [1 - a!, 10 * (b! - a! * a!)], [-1.2, 1], {
    iterations: 200,
    tolerance: 1e-14,
  });
  expect(x).toBeCloseTo(1, 4);
  expect(y).toBeCloseTo(1, 4);
});

test('non-negative least squares meets the optimality conditions', () => {
  const entry = fc.double({ min: -5, max: 5, noNaN: true });
  fc.assert(
    fc.property(
      fc.array(fc.array(entry, { minLength: 3, maxLength: 3 }), { minLength: 5, maxLength: 5 }),
      fc.array(entry, { minLength: 5, maxLength: 5 }),
      (a, b) => {
        // A little of the identity keeps every system well posed.
        const rows = [...a, [0.1, 0, 0], [0, 0.1, 0], [0, 0, 0.1]];
        const wanted = [...b, 0, 0, 0];
        const x = nonNegativeLeastSquares(rows, wanted);
        const slope = [0, 1, 2].map((j) =>
          rows.reduce(
            (sum, row, i) => sum + row[j]! * (row.reduce((s, v, k) => s + v * x[k]!, 0) - wanted[i]!),
            0,
          ),
        );
        x.forEach((value, j) => {
          expect(value).toBeGreaterThanOrEqual(0);
          if (value > 1e-6) expect(Math.abs(slope[j]!)).toBeLessThan(1e-3);
          else expect(slope[j]!).toBeGreaterThan(-1e-3);
        });
      },
    ),
  );
});

test('the outline of points holds every point', () => {
  const coordinate = fc.integer({ min: -50, max: 50 });
  fc.assert(
    fc.property(fc.array(fc.tuple(coordinate, coordinate), { minLength: 3, maxLength: 30 }), (points) => {
      const hull = outline(points);
      for (const p of points)
        hull.forEach((a, i) => {
          const b = hull[(i + 1) % hull.length]!;
          expect((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])).toBeGreaterThanOrEqual(0);
        });
    }),
  );
});
