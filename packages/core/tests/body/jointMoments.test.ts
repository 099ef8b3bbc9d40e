/** What muscles hold: against a free-body sum, against what is published, and what must hold for every pose. */
import { Matrix4, Vector3 } from 'three';
import { jointMoments } from '../../src/body/jointMoments.js';
import { heldBy, LIMB_MUSCLES, youngHolds, type LimbMuscle } from '../../src/body/muscles.js';
import { nonNegativeOfGram } from '../../src/body/nonNegative.js';
import { segmentMasses } from '../../src/body/segmentMasses.js';
import { solveShape, type SolvedShape } from '../../src/body/solve.js';
import { LIMB_MOMENTS, MIDLINE_MOMENTS } from '../../src/poses/measures.js';
import { shareOfYoung, workBands } from '../../src/poses/workBands.js';
import type { Rotation, Vec3 } from '../../src/body/maths.js';
import { measuresFor, POSES, variantById } from '../builtIn.js';

const solved = (id: string, frame = 0): SolvedShape => {
  const { variant } = variantById(id);
  return solveShape(variant.frames[frame]!, variant.props);
};
const asked = (muscle: LimbMuscle, id: string, frame = 0): number => {
  const { moments } = jointMoments(solved(id, frame));
  const at = LIMB_MUSCLES[muscle];
  return Math.max(heldBy(at, moments[`${at[0]}R`]!, false), heldBy(at, moments[`${at[0]}L`]!, true));
};
const vector = (v: Vec3): Vector3 => new Vector3(...v);

const CASES = [
  'plank.full',
  'warrior-two.full',
  'revolved-triangle.block',
  'side-plank.full',
  'bow.full',
  'tree.full',
];

/** A joint, what lies beyond it, the frame above it and the one it turns about. */
const JOINTS: readonly (readonly [joint: string, beyond: RegExp, above: string, about: string])[] = [
  ['kneeR', /^(shank|foot)R$/, 'thighR', 'shankR'],
  ['hipL', /^(thigh|shank|foot)L$/, 'pelvis', 'thighL'],
  ['shoulderR', /^(upperArm|forearm|hand)R$/, 'C7', 'upperArmR'],
  ['elbowL', /^(forearm|hand)L$/, 'upperArmL', 'forearmL'],
  ['trunk', /^(abdomen|thorax|head|upperArm.|forearm.|hand.)$/, 'L5', 'L5'],
];

describe.each(CASES)('%s', (id) => {
  const shape = solved(id);
  const { moments, pushes, passive, unbalanced } = jointMoments(shape);
  const masses = segmentMasses(shape.body);

  test('what pushes holds the whole body up, and nothing pulls', () => {
    const sum = new Vector3(0, -1, 0);
    for (const { force, against } of pushes) if (!against) sum.add(vector(force));
    expect(sum.length()).toBeLessThan(0.01);
    expect(unbalanced).toBeLessThan(0.01);
    for (const { force, against } of pushes) if (!against) expect(force[1]).toBeGreaterThanOrEqual(-0.6);
  });

  // The reference: free bodies cut at each joint, summed with `three`.
  test.each(JOINTS)('%s holds what a free-body sum says', (joint, beyond, above, about) => {
    const { frames, heightCm } = shape.body;
    const centre = vector(frames[about]!.origin);
    const outside = new Vector3();
    const turn = (at: Vec3, force: Vector3): Vector3 => vector(at).sub(centre).cross(force);
    for (const { segment, share, at } of masses)
      if (beyond.test(segment)) outside.add(turn(at, new Vector3(0, -share, 0)));
    for (const { at, force, segment, against } of pushes) {
      if (beyond.test(segment)) outside.add(turn(at, vector(force)));
      if (against && beyond.test(against)) outside.sub(turn(at, vector(force)));
    }
    const m = frames[above]!.rotation as Rotation;
    const axes = new Matrix4().makeBasis(
      new Vector3(m[0], m[1], m[2]),
      new Vector3(m[3], m[4], m[5]),
      new Vector3(m[6], m[7], m[8]),
    );
    const own = outside
      .applyMatrix4(axes.invert())
      .multiplyScalar(-100 / heightCm)
      .toArray() as Vec3;
    for (const { joint: name, side = '', axis, way, holds } of passive)
      if (name + side === joint) own[axis] -= way * holds;
    own.forEach((value, axis) => expect(moments[joint]![axis]).toBeCloseTo(value, 3));
  });
});

test('rising from a chair asks about 40% of what the young hold at the knee (Hughes 1996, from memory)', () => {
  const share = asked('kneeExtensor', 'sit-to-stand.chair', 1) / youngHolds('kneeExtensor');
  expect(share).toBeGreaterThan(0.33);
  expect(share).toBeLessThan(0.5);
});

test('by hand: an arm held out level asks its weights times their ways from the shoulder', () => {
  // Winter's shares and centres of mass; about 1.0% of body weight × height with our segment lengths.
  const byHand = 100 * (0.028 * 0.081 + 0.016 * (0.186 + 0.063) + 0.006 * (0.186 + 0.146 + 0.042));
  expect(asked('shoulderAbductor', 'warrior-two.full')).toBeGreaterThan(0.8 * byHand);
  expect(asked('shoulderAbductor', 'warrior-two.full')).toBeLessThan(1.2 * byHand);
});

test('standing poses of older people come in the order that was measured (Wang 2013, from memory)', () => {
  const knee = ['chair-pose.full', 'warrior-two.full', 'warrior-one.full', 'tree.full'].map((id) =>
    asked('kneeExtensor', id),
  );
  expect([...knee].sort((a, b) => b - a)).toEqual(knee);
  expect(asked('hipAbductor', 'stork.free')).toBeGreaterThan(asked('hipAbductor', 'chair-pose.full'));
});

test.each([
  ['four-limbed-staff.full', 'four-limbed-staff.knees', 'elbowExtensorMomentRight'],
  ['plank.full', 'plank.knees', 'trunkFlexorMoment'],
  ['plank.knees', 'plank.wall', 'trunkFlexorMoment'],
  ['warrior-two.full', 'warrior-two.short', 'kneeExtensorMomentRight'],
  ['side-plank.full', 'side-plank.knee', 'trunkSideMoment'],
  ['boat.full', 'boat.chair', 'trunkFlexorMoment'],
] as const)('%s asks more than %s', (fuller, easier, measure) => {
  expect(measuresFor(fuller, 165)[measure]).toBeGreaterThan(measuresFor(easier, 165)[measure]);
});

test('a shape that is the same on both sides asks the same of both', () => {
  for (const { ladder } of POSES)
    for (const { id, frames } of ladder)
      if (frames.every(({ symmetric }) => symmetric)) {
        const measures = measuresFor(id, 165);
        for (const moment of LIMB_MOMENTS)
          expect(Math.abs(measures[`${moment}Right`] - measures[`${moment}Left`])).toBeLessThan(1.2);
      }
});

test('who rests holds nothing: no muscle more than a fifth of what the young hold', () => {
  for (const { family, ladder } of POSES)
    if (family === 'rest')
      for (const { id } of ladder) {
        const measures = measuresFor(id, 165);
        for (const moment of LIMB_MOMENTS) {
          const most = 0.2 * youngHolds(moment.replace('Moment', '') as LimbMuscle);
          expect([
            id,
            moment,
            Math.max(measures[`${moment}Right`], measures[`${moment}Left`]) <= most,
          ]).toEqual([id, moment, true]);
        }
        for (const moment of MIDLINE_MOMENTS) expect(measures[moment]).toBeLessThan(4);
      }
});

test('nothing is declared of holding and of belly work that the moments give', () => {
  for (const { ladder } of POSES)
    for (const { id, declared } of ladder) {
      const given = workBands(shareOfYoung(measuresFor(id, 165)));
      for (const kind of ['isometric', 'abdominalLoad'] as const)
        expect([id, kind, declared[kind] === undefined || declared[kind] > given[kind]]).toEqual([
          id,
          kind,
          true,
        ]);
    }
});

test('a chair stand works the legs, a low plank more than a plank, and who rests nothing', () => {
  const works = (id: string) => measuresFor(id, 165).isometric;
  expect(variantById('sit-to-stand.hands').variant.declared.isometric).toBeUndefined();
  expect(works('sit-to-stand.hands')).toBe(2);
  expect(works('four-limbed-staff.full')).toBe(3);
  expect(works('final-rest.flat')).toBe(0);
});

test('least squares that are not negative: started anywhere they come to the same', () => {
  const gram = [new Float64Array([4, 1, -2]), new Float64Array([1, 3, 0.5]), new Float64Array([-2, 0.5, 5])];
  const rhs = new Float64Array([1, -2, 3]);
  const cold = nonNegativeOfGram(gram, rhs);
  for (const from of [
    [1, 1, 1],
    [0, 2, 0],
    [5, 0, 1],
  ])
    nonNegativeOfGram(gram, rhs, from).forEach((value, i) => expect(value).toBeCloseTo(cold[i]!, 9));
});
