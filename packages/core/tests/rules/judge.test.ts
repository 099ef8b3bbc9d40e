/** Bounds, one by one and together; and what must hold of judging whatever the rules are. */
import fc from 'fast-check';
import { strengthenedBy } from '../../src/rules/measureTable.js';
import {
  CONDITIONS,
  judge,
  drawnFor,
  measuresFor,
  NO_SUMS,
  POSES,
  quantityOf,
  standing,
  type ActiveRule,
  type Bound,
  type Rule,
  type Trial,
} from '../builtIn.js';
import { skillOf } from '../../src/poses/skillOf.js';
import { mirrorMeasures, MEASURE_NAMES, SIDED_MEASURES, worstMeasures } from '../../src/poses/measures.js';

const active = (all: readonly Bound[], more: Partial<Rule> = {}): ActiveRule => ({
  condition: 'test',
  rule: {
    id: 'test.rule',
    level: 'limit',
    all: all as Rule['all'],
    reason: 'A reason.',
    evidence: { kind: 'memory', source: 'test' },
    ...more,
  },
});
const trial = (id: string, more: Partial<Trial> = {}): Trial => {
  const pose = POSES.find(({ ladder }) => ladder.some((known) => known.id === id))!;
  const variant = pose.ladder.find((known) => known.id === id)!;
  return {
    pose: pose.id,
    measures: measuresFor(id, 165),
    level: variant.level,
    breath: variant.breath,
    support: variant.support,
    skill: skillOf(variant),
    holdSeconds: 30,
    moving: false,
    action: 'open',
    family: 'standing',
    sums: NO_SUMS,
    ...more,
  };
};
const broken = (bounds: readonly Bound[], held: Trial, ranges = {}): boolean =>
  judge([active(bounds)], held, ranges).length === 1;

describe('one bound', () => {
  const dog = trial('downward-facing-dog.full');
  const bridge = trial('bridge.full', { sums: { ...NO_SUMS, supineUnbroken: 61, supineTotal: 301 } });
  test.each<[string, Bound, Trial, boolean]>([
    ['a measure over its number', { measure: 'headBelowHeart', over: 5 }, dog, true],
    ['a measure at its number', { measure: 'headBelowHeart', over: dog.measures.headBelowHeart }, dog, false],
    ['a measure under its number', { measure: 'feetApart', under: 5 }, dog, true],
    ['a measure not under its number', { measure: 'feetApart', under: 0.1 }, dog, false],
    ['a longer hold', { holdOver: 29 }, dog, true],
    ['exactly that hold', { holdOver: 30 }, dog, false],
    ['a named level', { level: ['all-fours'] }, dog, true],
    ['another level', { level: ['standing', 'chair'] }, dog, false],
    ['none of the allowed levels', { levelNot: ['standing'] }, dog, true],
    ['one of the allowed levels', { levelNot: ['standing', 'all-fours'] }, dog, false],
    ['a named breath', { breath: ['held', 'rapid'] }, trial('plank.full', { breath: 'held' }), true],
    ['another breath', { breath: ['held', 'rapid'] }, trial('plank.full'), false],
    ['no support', { support: ['none'] }, dog, true],
    ['a hand on something', { support: ['none'] }, trial('tree.hand-on-wall'), false],
    ['an active shape', { purposeNot: ['rest'] }, dog, true],
    [
      'what strengthens a part',
      { strengthens: ['pelvic floor'] },
      trial('pelvic-floor-breath.chair', { strengthens: ['pelvic floor'] }),
      true,
    ],
    ['what strengthens another', { strengthens: ['pelvic floor'] }, dog, false],
    ['a rest', { purposeNot: ['rest'] }, trial('final-rest.flat', { action: 'rest' }), false],
    ['a shape that is held', { still: true }, dog, true],
    ['a movement', { still: true }, trial('cat-cow.all-fours', { moving: true }), false],
    ['another level before', { levelChange: true }, trial('mountain.full', { from: 'lying' }), true],
    ['the same level before', { levelChange: true }, trial('mountain.full', { from: 'standing' }), false],
    ['nothing before', { levelChange: true }, trial('mountain.full'), false],
    ['a minute on the back and more', { sum: 'supineUnbroken', over: 60 }, bridge, true],
    ['five minutes on the back and more', { sum: 'supineTotal', over: 300 }, bridge, true],
    [
      'the same seconds for one who stands',
      { sum: 'supineTotal', over: 300 },
      trial('mountain.full', { sums: { ...NO_SUMS, supineTotal: 400 } }),
      false,
    ],
  ])('%s', (_what, bound, held, expected) => expect(broken([bound], held)).toBe(expected));
});

describe('several bounds', () => {
  const dog = trial('downward-facing-dog.full');
  test('a rule is broken only where all of them bite', () => {
    expect(broken([{ measure: 'headBelowHeart', over: 5 }, { holdOver: 20 }], dog)).toBe(true);
    expect(broken([{ measure: 'headBelowHeart', over: 5 }, { holdOver: 40 }], dog)).toBe(false);
  });
  test('every broken rule is found, also one that a tighter one covers', () => {
    const found = judge(
      [
        active([{ measure: 'headBelowHeart', over: 5 }], { id: 'tight' }),
        active([{ measure: 'headBelowHeart', over: 15 }], { id: 'loose' }),
      ],
      dog,
      {},
    );
    expect(found.map(({ rule }) => rule.id)).toEqual(['tight', 'loose']);
  });
  test('the finding shows the number against its limit', () => {
    expect(
      judge([active([{ level: ['all-fours'] }, { measure: 'headBelowHeart', over: 5 }])], dog, {})[0],
    ).toMatchObject({
      measure: 'headBelowHeart',
      limit: 5,
      value: dog.measures.headBelowHeart,
    });
  });
  test('a rule that is kept shows how it stands', () => {
    expect(
      standing(active([{ measure: 'headBelowHeart', over: 5 }]), trial('mountain.full'), {}),
    ).toMatchObject({ broken: false, limit: 5 });
  });
});

describe('quantities', () => {
  const plank = trial('plank.full');
  const shoulderStand = trial('shoulder-stand.blankets');
  test('a limb without a side is its worse side', () => {
    const lunge = trial('low-lunge.arms-up').measures;
    expect(quantityOf('hipFlexion', { measures: lunge }, {})).toBe(
      Math.max(lunge.hipFlexionRight, lunge.hipFlexionLeft),
    );
  });
  test('use is the share of the usual range: 55 degrees for the neck (Youdas 1992)', () => {
    expect(quantityOf('neckFlexionUse', shoulderStand, {})).toBeCloseTo(
      shoulderStand.measures.neckFlexion / 55,
      9,
    );
  });
  test("a person's measured range takes its place", () => {
    expect(quantityOf('neckFlexionUse', shoulderStand, { neckFlexion: 40 })).toBeCloseTo(
      shoulderStand.measures.neckFlexion / 40,
      9,
    );
  });
  test('a plain measure is itself', () =>
    expect(quantityOf('handsShare', plank, {})).toBe(plank.measures.handsShare));
});

test('a rule is listed exactly where its standing is broken: the quick comparison and the shown reading agree', () => {
  const rules = CONDITIONS.flatMap((condition) =>
    condition.rules.map((rule): ActiveRule => ({ rule, condition: condition.id })),
  );
  fc.assert(
    fc.property(
      fc.constantFrom(...POSES.flatMap((pose) => pose.ladder.map((variant) => variant.id))),
      fc.integer({ min: 1, max: 200 }),
      (id, holdSeconds) => {
        const held = { ...trial(id), holdSeconds };
        expect(judge(rules, held, {}).map((breach) => breach.rule.id)).toEqual(
          rules.filter((active) => standing(active, held, {}).broken).map((active) => active.rule.id),
        );
      },
    ),
  );
});

describe('measures', () => {
  const anyVariant = fc.constantFrom(...POSES.flatMap((pose) => pose.ladder.map((variant) => variant.id)));
  const anyHeight = fc.integer({ min: 145, max: 195 });
  test('mirroring twice gives the same measures', () => {
    fc.assert(
      fc.property(anyVariant, anyHeight, (id, height) => {
        const measures = measuresFor(id, height);
        expect(mirrorMeasures(mirrorMeasures(measures))).toEqual(measures);
      }),
    );
  });
  test('mirroring swaps the limbs and leaves the middle', () => {
    const measures = measuresFor('tree.full', 165);
    const mirrored = mirrorMeasures(measures);
    for (const name of SIDED_MEASURES) expect(mirrored[`${name}Left`]).toBe(measures[`${name}Right`]);
    expect(mirrored.headBelowHeart).toBe(measures.headBelowHeart);
  });
  test('opposite directions are never both there at a solved height, and nothing but the head is negative', () => {
    fc.assert(
      fc.property(anyVariant, fc.constantFrom(150, 160, 165, 175, 190), (id, height) => {
        const m = drawnFor(id, height);
        // Over the frames of a movement both directions are met, one after the other.
        const moves =
          POSES.flatMap((pose) => pose.ladder).find((variant) => variant.id === id)!.frames.length > 1;
        for (const name of MEASURE_NAMES)
          if (name !== 'headBelowHeart' && name !== 'balanceMargin')
            expect(m[name]).toBeGreaterThanOrEqual(0);
        if (!moves)
          for (const region of ['lumbar', 'thoracic', 'neck'] as const)
            expect(Math.min(m[`${region}Flexion`], m[`${region}Extension`])).toBe(0);
      }),
    );
  });
  test('of several frames the worst counts: the highest, or the lowest room to sway', () => {
    const a = measuresFor('mountain.full', 165);
    const b = measuresFor('tree.full', 165);
    const worst = worstMeasures([a, b]);
    expect(worst.kneeFlexionLeft).toBe(Math.max(a.kneeFlexionLeft, b.kneeFlexionLeft));
    expect(worst.balanceMargin).toBe(Math.min(a.balanceMargin, b.balanceMargin));
  });
  test('shares of body weight are shares', () => {
    fc.assert(
      fc.property(anyVariant, anyHeight, (id, height) => {
        const { handsShare, feetShare, kneesShare, seatShare, neckShare } = measuresFor(id, height);
        for (const share of [handsShare, feetShare, kneesShare, seatShare, neckShare])
          expect(share).toBeLessThanOrEqual(1.25);
      }),
    );
  });
});

// What a body in the shape must show (anatomy and geometry; common practice, no published source).
test.each<[string, string, number, number]>([
  ['mountain.full', 'balanceMargin', 2, 8],
  ['mountain.full', 'trunkIncline', 88, 90],
  ['mountain.full', 'feetShare', 0.99, 1.01],
  ['mountain.full', 'faceUp', 0, 0.01],
  ['final-rest.flat', 'faceUp', 0.9, 1],
  ['final-rest.prone', 'faceDown', 0.9, 1],
  ['standing-forward-fold.full', 'hang', 1, 1],
  ['tree.full', 'oneLeg', 1, 1],
  ['tree.full', 'armsAboveHeart', 60, 110],
  ['tree.hand-on-wall', 'oneLeg', 1, 1],
  ['tree.chair', 'oneLeg', 0, 0],
  ['warrior-two.full', 'feetApart', 2.5, 4],
  ['warrior-two.full', 'oneLeg', 0, 0],
  ['cat-cow.all-fours', 'handsShare', 0.4, 0.52],
  ['cat-cow.all-fours', 'lumbarFlexion', 20, 45],
  ['cat-cow.all-fours', 'lumbarExtension', 12, 30],
  ['cat-cow.round-to-flat', 'lumbarExtension', 0, 1],
  ['cat-cow.flat-to-hollow', 'lumbarFlexion', 0, 1],
  ['plank.full', 'wristExtensionRight', 75, 95],
  ['plank.wall', 'handsShare', 0.05, 0.3],
  ['downward-facing-dog.full', 'handsShare', 0.3, 0.5],
  ['downward-facing-dog.chair-back', 'headBelowHeart', -10, 5],
  ['childs-pose.full', 'kneeFlexionRight', 145, 160],
  ['childs-pose.full', 'hipFlexionRight', 100, 145],
  ['childs-pose.knees-wide-block', 'hipAbductionRight', 15, 45],
  ['childs-pose.arms-on-chair', 'headBelowHeart', -30, 0],
  ['cobra.full', 'bellyPressed', 1, 1],
  ['cobra.full', 'lumbarExtension', 15, 35],
  ['cobra.low', 'lumbarExtension', 5, 17],
  ['cobra.forearms', 'kneesShare', 0, 0],
  ['locust.full', 'bellyPressed', 1, 1],
  ['bridge.full', 'supine', 1, 1],
  ['bridge.full', 'pelvisAboveHeart', 3, 25],
  ['legs-up-the-wall.full', 'legsAboveHeart', 60, 90],
  ['shoulder-stand.blankets', 'neckShare', 0.1, 0.5],
  ['shoulder-stand.blankets', 'neckFlexion', 40, 60],
  ['plough.feet-on-chair', 'inverted', 1, 1],
  ['seated-forward-fold.full', 'hipFlexionWithKneeStraightRight', 80, 125],
  ['seated-forward-fold.bent-knees', 'hipFlexionWithKneeStraightRight', 0, 0],
  ['garland.full', 'kneeFlexionRight', 110, 150],
  ['low-lunge.arms-up', 'hipExtensionLeft', 10, 30],
  ['supine-twist.knees-on-block', 'lumbarTwist', 4, 9],
  ['seated-twist.chair-small', 'thoracicTwist', 8, 18],
  ['seated-twist.chair', 'closedTwist', 1, 1],
  ['side-bend.standing', 'sideBend', 15, 35],
  ['final-rest.flat', 'supine', 1, 1],
  ['final-rest.side', 'supine', 0, 0],
  ['final-rest.propped', 'trunkIncline', 25, 50],
  ['final-rest.propped', 'supine', 0, 0],
  ['final-rest.chair', 'seatShare', 0.5, 0.95],
  ['opposite-arm-and-leg.full', 'oneLeg', 0, 0],
  ['figure-four.chair', 'hipRotationOutRight', 40, 85],
])('%s: %s is between %f and %f', (id, measure, low, high) => {
  const value = measuresFor(id, 165)[measure as 'supine'];
  expect(value).toBeGreaterThanOrEqual(low);
  expect(value).toBeLessThanOrEqual(high);
});

describe('whatever the rules', () => {
  const bound = fc.oneof(
    fc.record({
      measure: fc.constantFrom(
        'headBelowHeart' as const,
        'lumbarFlexion' as const,
        'handsShare' as const,
        'hipFlexion' as const,
      ),
      over: fc.double({ min: -20, max: 120, noNaN: true }),
    }),
    fc.record({ holdOver: fc.integer({ min: 1, max: 120 }) }),
  ) as fc.Arbitrary<Bound>;
  const held = fc.record({
    id: fc.constantFrom(...POSES.map((pose) => pose.usual)),
    seconds: fc.integer({ min: 5, max: 120 }),
  });

  test('tightening never loosens', () => {
    fc.assert(
      fc.property(bound, held, fc.double({ min: 0, max: 50, noNaN: true }), (loose, { id, seconds }, by) => {
        const tight =
          'holdOver' in loose
            ? { holdOver: loose.holdOver - by }
            : { ...loose, over: (loose as { over: number }).over - by };
        const one = trial(id, { holdSeconds: seconds });
        if (broken([loose], one)) expect(broken([tight as Bound], one)).toBe(true);
      }),
    );
  });
  test('the order of rules does not matter', () => {
    const all = CONDITIONS.flatMap((condition) =>
      condition.rules.map((rule): ActiveRule => ({ rule, condition: condition.id })),
    );
    fc.assert(
      fc.property(fc.shuffledSubarray(all), held, (some, { id, seconds }) => {
        const one = trial(id, { holdSeconds: seconds });
        const ids = (rules: readonly ActiveRule[]): string[] =>
          judge(rules, one, {})
            .map(({ rule }) => rule.id)
            .sort();
        expect(ids(some)).toEqual(ids([...some].reverse()));
      }),
    );
  });
  test('judging changes neither rules nor measures', () => {
    const one = trial('bridge.full');
    const before = JSON.stringify(one);
    const rules = CONDITIONS.flatMap((condition) =>
      condition.rules.map((rule) => ({ rule, condition: condition.id })),
    );
    const kept = JSON.stringify(rules);
    judge(rules, one, {});
    expect([JSON.stringify(one), JSON.stringify(rules)]).toEqual([before, kept]);
  });
  test('every rule is met by some variant and broken by some', () => {
    const ways = POSES.flatMap((pose) => pose.ladder.map((variant) => ({ pose, variant })));
    for (const { id, rules } of CONDITIONS) {
      for (const rule of rules) {
        const breaks = ({ pose, variant }: (typeof ways)[number]): boolean =>
          judge(
            [{ rule, condition: id }],
            trial(variant.id, {
              holdSeconds: 900,
              action: pose.purposes[0].action,
              family: pose.family,
              strengthens: strengthenedBy(pose),
              pose: pose.id,
              moving: pose.hold.unit === 'rounds',
              from: 'standing',
              sums: {
                supineUnbroken: 900,
                supineTotal: 900,
                headDownUnbroken: 900,
                headDownTotal: 900,
                pelvisUpUnbroken: 900,
                pelvisUpTotal: 900,
              },
            }),
            {},
          ).length > 0;
        expect([rule.id, ways.some((way) => !breaks(way)), ways.some(breaks)]).toEqual([rule.id, true, true]);
      }
    }
  });
});
