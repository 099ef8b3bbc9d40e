/**
 * The solver's parts: least squares, joint readings, contacts of the body with itself, symmetry, heights in
 * between.
 */
import fc from 'fast-check';
import {
  measuresFor,
  mirrorPosture,
  POSES,
  posturesFor,
  scalesWithHeight,
  solveVariant,
  variantById,
  type Posture,
} from '../builtIn.js';
import { capsulesOf, nearestShare } from '../../src/body/clashes.js';
import { touchesOf } from '../../src/body/contacts.js';
import { ballAngles, ballRotation } from '../../src/body/kinematics.js';
import { POINT_RADIUS } from '../../src/body/landmarks.js';
import { leastSquares } from '../../src/body/leastSquares.js';
import { length, lerp, sub } from '../../src/body/maths.js';
import { solveShape } from '../../src/body/solve.js';
import type { SideLetter } from '../../src/body/maths.js';

const squares = (values: readonly number[]): number => values.reduce((sum, value) => sum + value * value, 0);

describe('least squares', () => {
  test('finds the bottom of the Rosenbrock valley (Rosenbrock 1960: minimum at 1, 1)', () => {
    const [x, y] = leastSquares(([a, b]) => [10 * (b! - a! * a!), 1 - a!], [-1.2, 1], {
      iterations: 200,
      tolerance: 1e-14,
    });
    expect(x).toBeCloseTo(1, 4);
    expect(y).toBeCloseTo(1, 4);
  });
  test('fits a line as the normal equations do, rows that know nothing included', () => {
    const points = [
      [0, 1],
      [1, 3],
      [2, 4],
      [3, 8],
    ] as const;
    const [slope, offset] = leastSquares(
      ([a, b]) => [...points.map(([x, y]) => a! * x + b! - y), 0, 0],
      [0, 0],
      { tolerance: 1e-14 },
    );
    expect(slope).toBeCloseTo(2.2, 5);
    expect(offset).toBeCloseTo(0.7, 5);
  });
  test('never ends worse than it began, and leaves its start alone', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 3, maxLength: 3 }),
        (start) => {
          const residuals = (q: readonly number[]): number[] => [
            Math.sin(q[0]!) + q[1]!,
            q[1]! * q[2]! - 1,
            Math.max(0, q[2]! - 2),
            q[0]! - 0.5,
          ];
          const before = [...start];
          expect(squares(residuals(leastSquares(residuals, start)))).toBeLessThanOrEqual(
            squares(residuals(start)) + 1e-9,
          );
          expect(start).toEqual(before);
        },
      ),
    );
  });
});

describe('ball joints', () => {
  const side = fc.constantFrom<SideLetter>('R', 'L');
  test('an arm out to the side above its shoulder reads as more than 90 degrees of abduction', () => {
    for (const s of ['R', 'L'] as const) {
      const [flexion, abduction, outward] = ballAngles(s, ballRotation(s, [5, 112, 8]));
      expect([flexion, abduction, outward].map((value) => Math.round(value))).toEqual([5, 112, 8]);
    }
  });
  test('whatever is read gives the same joint again', () => {
    fc.assert(
      fc.property(
        side,
        fc.double({ min: -60, max: 170, noNaN: true }),
        fc.double({ min: -40, max: 150, noNaN: true }),
        fc.double({ min: -80, max: 80, noNaN: true }),
        (s, flexion, abduction, outward) => {
          fc.pre(Math.abs(Math.abs(abduction) - 90) > 1);
          const rotation = ballRotation(s, [flexion, abduction, outward]);
          const again = ballRotation(s, ballAngles(s, rotation));
          rotation.forEach((value, i) => expect(again[i]).toBeCloseTo(value, 6));
        },
      ),
    );
  });
});

describe('shapes', () => {
  const touching = POSES.flatMap((pose) => pose.ladder).flatMap((variant) =>
    variant.frames.flatMap((shape, frame) => (shape.touch?.length ? [[variant.id, frame] as const] : [])),
  );
  test.each(touching)('%s, frame %i: what rests on the body lies on its skin, within 1.5 cm', (id, frame) => {
    const { variant } = variantById(id);
    const solved = solveShape(variant.frames[frame]!, variant.props);
    const capsules = capsulesOf(solved.body);
    for (const [point, part, gapCm = 0] of touchesOf(variant.frames[frame]!)) {
      const [a, b, ra, rb] = capsules[part]!;
      const at = solved.body.points[point]!;
      const t = nearestShare(at, a, b);
      expect(
        Math.abs(length(sub(at, lerp(a, b, t))) - (ra + (rb - ra) * t) - POINT_RADIUS[point]! * 165 - gapCm),
      ).toBeLessThan(1.5);
    }
  });

  const symmetric = POSES.flatMap((pose) => pose.ladder).filter((variant) =>
    variant.frames.every((shape) => shape.symmetric),
  );
  test('a symmetric shape is the same in a mirror', () => {
    expect(symmetric.length).toBeGreaterThan(100);
    for (const { id } of symmetric)
      for (const posture of posturesFor(id, 165).postures) {
        const mirrored = mirrorPosture(posture) as unknown as Record<string, number | number[]>;
        for (const [key, value] of Object.entries(
          posture as unknown as Record<keyof Posture, number | number[]>,
        ))
          [value]
            .flat()
            .forEach((number, i) =>
              expect(
                Math.abs(Math.sin((([mirrored[key]].flat()[i]! as number) - number) * (Math.PI / 360))),
              ).toBeLessThan(0.005),
            );
      }
  });

  const absolute = POSES.flatMap((pose) => pose.ladder)
    .filter((variant) => !scalesWithHeight(variant))
    .map((variant) => variant.id);
  /** What most rules look at: spine, head, hips, knees. Degrees and cm. */
  const watched = [
    'headBelowHeart',
    'eyesBelowHeart',
    'lumbarFlexion',
    'lumbarExtension',
    'thoracicFlexion',
    'thoracicExtension',
    'neckFlexion',
    'neckExtension',
    'hipFlexionRight',
    'hipFlexionLeft',
    'kneeFlexionRight',
    'kneeFlexionLeft',
  ] as const;
  const apart = (id: string) => {
    const exact = solveVariant(variantById(id).variant, 167.5, posturesFor(id, 165).postures).measures;
    const said = measuresFor(id, 167.5);
    return {
      short: Math.max(...watched.map((name) => exact[name] - said[name])),
      hands: Math.abs(exact.handsShare - said.handsShare),
    };
  };
  test('half way between two heights nothing is said to ask much less of a body than it does', () => {
    const found = absolute.map((id) => ({ id, ...apart(id) }));
    // By 2.5 in all but a few shapes that settle in another way there (pigeon folded and with the head
    // supported, side angle); by 11 in those.
    expect(found.filter(({ short }) => short > 2.5).length / found.length).toBeLessThan(0.02);
    expect(Math.max(...found.map(({ short }) => short))).toBeLessThan(11);
    expect(found.filter(({ hands }) => hands > 0.06)).toEqual([]);
  });
});
