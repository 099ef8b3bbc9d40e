/** Bodies of different people: how they grow, and that none comes apart. */
import { buildBody, completePosture, type Build, type Vec3 } from '@lotus-steady/core/body';
import fc from 'fast-check';
import { BONES, limbOfBone } from '../src/body/bones.js';
import { bellyAt, type Form } from '../src/body/forms.js';
import { PART } from '../src/body/labels.js';
import { skin } from '../src/body/skin.js';
import { SCULPTURE } from '../src/node.js';

const { coarse } = SCULPTURE;
const standing = completePosture({ y: 87.45 });
const skinned = (form: Partial<Form>, heightCm = 165): Float32Array => {
  const build = form.build ?? 'adult';
  const { position } = skin(coarse, buildBody(standing, heightCm, {}, build), standing, { build, ...form });
  return position;
};
const isArm = (v: number): boolean => [1, 2].includes(limbOfBone(BONES[coarse.bones[v * 4]!]!));

/** The farthest place of trunk and legs in a direction, of what lies within heights of the standing body, cm. */
function reach(position: Float32Array, axis: 0 | 1 | 2, from = -Infinity, to = Infinity, sign = 1): number {
  let most = -Infinity;
  for (let v = 0; v < coarse.vertices; v++) {
    const y = position[v * 3 + 1]!;
    if (y < from || y > to || isArm(v)) continue;
    most = Math.max(most, sign * position[v * 3 + axis]!);
  }
  return most;
}
const belly = (form: Partial<Form>): number => reach(skinned(form), 0, 90, 112);

test('a belly grows with every week of pregnancy, not before the tenth', () => {
  expect(bellyAt(8)).toBe(0);
  const grown = [12, 16, 20, 24, 28, 32, 36, 40].map((weeks) => belly({ weeks }));
  for (let i = 1; i < grown.length; i++) expect(grown[i]!).toBeGreaterThan(grown[i - 1]!);
  expect(grown.at(-1)! - belly({})).toBeGreaterThan(8);
  expect(grown.at(-1)! - belly({})).toBeLessThan(13);
});

test('a fuller body is wider and deeper everywhere, a slighter one nowhere', () => {
  for (const [from, to] of [
    [88, 100],
    [100, 115],
    [55, 80],
  ] as const)
    for (const axis of [0, 2] as const) {
      const at = (fullness: number): number => reach(skinned({ fullness }), axis, from, to);
      expect(at(0.8)).toBeGreaterThan(at(0));
      expect(at(-0.2)).toBeLessThanOrEqual(at(0));
    }
});

test('a man has broader shoulders for his hips than the sculpted woman', () => {
  const ratio = (form: Partial<Form>): number => {
    const position = skinned(form);
    return reach(position, 2, 128, 136) / reach(position, 2, 84, 92);
  };
  expect(ratio({ man: true })).toBeGreaterThan(ratio({}) * 1.04);
});

test.each<[Build, number]>([
  ['child-3-5', 105],
  ['child-6-8', 122],
  ['child-9-12', 140],
])('%s: the head is larger for the body, and the crown as high as the child is tall', (build, heightCm) => {
  const child = skinned({ build }, heightCm);
  const high = (position: Float32Array): number => {
    let most = -Infinity;
    for (let t = 0; t < coarse.triangles; t++) {
      if (coarse.part[t] !== PART.head) continue;
      for (let j = 0; j < 3; j++) most = Math.max(most, position[coarse.triangle[t * 3 + j]! * 3 + 1]!);
    }
    return most;
  };
  // The root of a standing grown posture of 165 cm, for a child: only differences are looked at.
  const low = Math.min(...Array.from({ length: coarse.vertices }, (_, v) => child[v * 3 + 1]!));
  expect(Math.abs(high(child) - low - heightCm) / heightCm).toBeLessThan(0.04);
});

test('a limb that ends at the knee ends there, rounded, and nothing is left beyond', () => {
  const body = buildBody(standing, 165);
  const position = skinned({ without: ['legR'] });
  const knee = body.frames.shankR!.origin;
  let lowest = Infinity;
  for (let v = 0; v < coarse.vertices; v++)
    if (position[v * 3 + 2]! > 2 && Math.abs(position[v * 3 + 2]! - knee[2]) < 8)
      lowest = Math.min(lowest, position[v * 3 + 1]!);
  expect(knee[1] - lowest).toBeGreaterThan(12);
  expect(knee[1] - lowest).toBeLessThan(16);
});

/** Surface of a triangle, cm². */
const areaOf = (position: Float32Array, t: number): number => {
  const [a, b, c] = [0, 1, 2].map((j): Vec3 => {
    const v = coarse.triangle[t * 3 + j]!;
    return [position[v * 3]!, position[v * 3 + 1]!, position[v * 3 + 2]!];
  }) as [Vec3, Vec3, Vec3];
  const u = b.map((v, i) => v - a[i]!) as Vec3;
  const w = c.map((v, i) => v - a[i]!) as Vec3;
  return Math.hypot(u[1] * w[2] - u[2] * w[1], u[2] * w[0] - u[0] * w[2], u[0] * w[1] - u[1] * w[0]) / 2;
};

test('no form tears the surface: no corner is no number, no triangle grows past a hand', () => {
  fc.assert(
    fc.property(
      fc.record({
        build: fc.constantFrom<Build>('adult', 'child-3-5', 'child-6-8', 'child-9-12'),
        man: fc.boolean(),
        fullness: fc.double({ min: -0.2, max: 1.5, noNaN: true }),
        weeks: fc.option(fc.integer({ min: 1, max: 42 }), { nil: undefined }),
        age: fc.double({ min: 0, max: 1, noNaN: true }),
        without: fc.subarray(['armR', 'armL', 'legR', 'legL'] as const),
      }),
      (form) => {
        const position = skinned(form);
        for (let t = 0; t < coarse.triangles; t++) {
          const area = areaOf(position, t);
          expect(Number.isFinite(area)).toBe(true);
          expect(area).toBeLessThan(60);
        }
      },
    ),
    { numRuns: 12 },
  );
});
