import { jointAngle } from '../../src/body/jointAngle.js';
import { buildBody } from '../../src/body/kinematics.js';
import { blendPosture } from '../../src/poses/partway/blendPosture.js';
import { PART_SHARES, partId, partsPrint } from '../../src/poses/partway/parts.js';
import { solvePartway } from '../../src/poses/partway/solvePartway.js';
import { betweenParts } from '../../src/poses/partway/tellPart.js';
import { sayAsFar, shareWords } from '../../src/fitting/explain/sayAsFar.js';
import { readBuiltIn } from '../../builtIn/index.js';
import { BUILT_IN, drawnFor, POSES, variantById } from '../builtIn.js';

const GROWING = POSES.flatMap(({ ladder }) => ladder).filter(({ grows }) => grows);
const at = (id: string, share: number, heightCm = 165) =>
  solvePartway(variantById(id).variant, share, heightCm, 'adult', BUILT_IN.postures(id, heightCm).postures);

test('a posture part of the way between two: themselves at its ends, and half of every turn half way', () => {
  const [start] = BUILT_IN.postures('mountain.full', 165).postures;
  const [full] = BUILT_IN.postures('standing-forward-fold.full', 165).postures;
  const flexion = (share: number): number => {
    const posture = blendPosture(start!, full!, share);
    return jointAngle(posture, buildBody(posture, 165), 'hipR.0');
  };
  expect(flexion(0)).toBeCloseTo(start!.hipR[0], 3);
  expect(flexion(1)).toBeCloseTo(full!.hipR[0], 3);
  expect(flexion(0.5)).toBeCloseTo((start!.hipR[0] + full!.hipR[0]) / 2, -0.5);
  // Arms that go over the top do not take the shortest turn.
  const [raised] = BUILT_IN.postures('tall-kneel.arms-up', 165).postures;
  const half = blendPosture(start!, raised!, 0.5);
  expect(half.shoulderR[0]).toBeGreaterThan(60);
});

test('every part that is stored is of what the data says', () => {
  const { data } = readBuiltIn();
  expect(Object.keys(data.parts).sort()).toEqual(GROWING.map(({ id }) => id).sort());
  for (const { id } of GROWING) expect(data.parts[id]!.map(({ share }) => share)).toEqual([...PART_SHARES]);
  expect(new Set(GROWING.map(partsPrint)).size).toBe(GROWING.length);
  expect(GROWING.length).toBeGreaterThan(80);
});

test.each(GROWING.map(({ id }) => id))('%s: each part goes further, and stands on its contacts', (id) => {
  const parts = PART_SHARES.map((share) => BUILT_IN.variant(partId(id, share)).variant.partOf!);
  const [{ from, to, by }] = parts as [(typeof parts)[0]];
  expect(Math.abs(to - from)).toBeGreaterThan(8);
  const postures = PART_SHARES.map((share) => BUILT_IN.postures(partId(id, share), 165).postures);
  const furthest = (frames: (typeof postures)[0]): number => {
    const angles = frames.map((posture) => jointAngle(posture, buildBody(posture, 165), by));
    return angles.reduce((most, angle) => (Math.abs(angle - from) > Math.abs(most - from) ? angle : most));
  };
  const reached = postures.map(furthest);
  reached.forEach((angle, i) => {
    const share = (angle - from) / (to - from);
    // No further than it is said, and not much less.
    expect(share).toBeLessThan(PART_SHARES[i]! + 0.06);
    expect(share).toBeGreaterThan(PART_SHARES[i]! - 0.18);
  });
});

test.each([
  'standing-forward-fold.full',
  'seated-twist.cross-legged',
  'warrior-two.full',
  'bridge.full',
  'arm-raise.chair',
])('%s: solved part of the way again it is what is stored, and what is told between is near', (id) => {
  const again = at(id, 0.5);
  expect(again.worstGapCm).toBeLessThan(1);
  const kept = drawnFor(partId(id, 0.5), 165);
  const between = betweenParts(drawnFor(partId(id, 0.25), 165), drawnFor(partId(id, 0.5), 165), 0.5);
  const exact = at(id, 0.375).measures;
  for (const name of [
    'lumbarFlexion',
    'lumbarExtension',
    'thoracicTwist',
    'hipFlexionRight',
    'kneeFlexionRight',
    'shoulderFlexionRight',
  ] as const) {
    const isArm = name === 'shoulderFlexionRight';
    // It begins from angles that are kept to a fifth of a degree, and measures to whole ones; where a hand rests is
    // not as sure.
    expect(Math.abs(again.measures[name] - kept[name])).toBeLessThan(isArm ? 2 : 0.7);
    // Hands that come to rest on another part of the leg take the arm with them.
    if (!isArm) expect(Math.abs(exact[name] - between[name])).toBeLessThan(3);
  }
  expect(Math.abs(exact.headBelowHeart - between.headBelowHeart)).toBeLessThan(5);
});

test('of another height a part is told by how much less it asks than the whole', () => {
  for (const heightCm of [150, 180])
    for (const id of ['warrior-two.full', 'chair-fold.full', 'seated-twist.chair']) {
      const exact = at(id, 0.5, heightCm).measures;
      const told = drawnFor(partId(id, 0.5), heightCm);
      for (const name of ['lumbarFlexion', 'thoracicTwist', 'kneeFlexionRight'] as const)
        expect([id, name, Math.abs(exact[name] - told[name]) < 4]).toEqual([id, name, true]);
    }
});

test('how far is said with its share, a landmark, its number and what is kept', () => {
  const says = (id: string, share: number): string => {
    const { partOf, level } = BUILT_IN.variant(`${id}~50`).variant;
    return sayAsFar(partOf!, share, level);
  };
  expect(says('seated-twist.cross-legged', 0.5)).toBe(
    'Turn about half way, the breastbone a quarter of the way from the wall in front to the one beside, ' +
      '17 of 34 degrees, hands on the thighs; the low back stays long.',
  );
  expect(says('supine-twist.feet-wide', 0.5)).toContain(
    'the breastbone still to the ceiling, 25 of 50 degrees;',
  );
  // Straight arms lifted by 89 and by 128 degrees.
  expect(says('arm-raise.standing', 0.5)).toContain('the hands as high as the shoulders');
  expect(says('arm-raise.standing', 0.75)).toContain('the hands as high as the crown of the head');
  expect(says('warrior-two.full', 0.5)).toContain('Bend the knee about half way, ');
  expect([0.25, 0.34, 0.5, 0.66, 0.75, 0.9].map(shareWords)).toEqual([
    'only a little way',
    'about a third of the way',
    'about half way',
    'about two thirds of the way',
    'about three quarters of the way',
    'nearly all the way',
  ]);
});

test('what does not grow is not done part of its way; a part that is gone is told by the whole', () => {
  expect(() => solvePartway(variantById('final-rest.flat').variant, 0.5)).toThrow(RangeError);
  expect(BUILT_IN.variant('final-rest.flat~50').variant.id).toBe('final-rest.flat');
  expect(BUILT_IN.measures('final-rest.flat~50', 170)).toEqual(BUILT_IN.measures('final-rest.flat', 170));
  expect(BUILT_IN.postures('final-rest.flat~50', 170)).toEqual(BUILT_IN.postures('final-rest.flat', 170));
  expect(() => BUILT_IN.variant('nothing~50')).toThrow(RangeError);
});
