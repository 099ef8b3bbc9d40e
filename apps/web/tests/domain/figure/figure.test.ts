/** What the page says of a figure before it is drawn: whose body, what is marked, and its words. */
import { figureLabel, MEASURE_NAMES } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { buildBody, completePosture } from '@lotus-steady/core/body';
import { cameraOf, drawMarks, pageFor, stageOf } from '@lotus-steady/figure';
import { SCULPTURE } from '@lotus-steady/figure/node';
import type { PersonLine } from '../../../src/data/types.js';
import { bodyOf } from '../../../src/domain/fitting/bodies.js';
import { marksFor } from '../../../src/domain/figure/marksFor.js';

const ON = '2026-11-30';
const person = (more: Partial<PersonLine>): PersonLine => ({
  id: 'a',
  name: 'A',
  heightCm: 165,
  can: { stand: true, kneel: true },
  ranges: {},
  screening: {},
  conditions: [],
  limits: [],
  clearances: [],
  intake: {},
  version: 1,
  ...more,
});
const lookOf = (more: Partial<PersonLine>) => bodyOf(person(more), ON).look!;

describe('what a person looks like', () => {
  test.each<[string, Partial<PersonLine>, object]>([
    ['nothing known: the neutral figure', {}, {}],
    ['a man has short hair', { sex: 'man' }, { man: true, hair: 'short' }],
    ['grey at 65', { born: '1961-01-01' }, { hairTone: 5 }],
    ['white at 80', { born: '1946-01-01' }, { hairTone: 6 }],
    ['a wheelchair', { conditions: [{ condition: 'wheelchair-user' }] }, { onWheels: true }],
    [
      'a leg that is missing',
      { can: { stand: true, kneel: true, limbs: { leftLeg: 'missing' } } },
      { without: ['legL'] },
    ],
    // 40 weeks less the ten until the due date.
    ['week 30', { conditions: [{ condition: 'pregnancy', dueDate: '2027-02-08' }] }, { weeks: 30 }],
  ])('%s', (_what, more, look) => expect(lookOf(more)).toMatchObject(look));

  test('build is that of the body mass index, within what can be drawn', () => {
    const fullness = (weightKg: number): number => lookOf({ weightKg }).fullness!;
    expect(fullness(57)).toBeCloseTo(0, 1);
    expect(fullness(80)).toBeGreaterThan(0.4);
    expect(fullness(200)).toBe(1.5);
    expect(fullness(35)).toBe(-0.2);
  });

  test('a pregnant woman’s weight is not taken for her build, nor a date long past for a belly', () => {
    const pregnant = lookOf({
      weightKg: 80,
      conditions: [{ condition: 'pregnancy', dueDate: '2027-02-08' }],
    });
    expect(pregnant.fullness).toBeUndefined();
    const past = lookOf({ conditions: [{ condition: 'pregnancy', dueDate: '2026-06-01' }] });
    expect(past.weeks).toBeUndefined();
  });
});

describe('what is asked, as marks', () => {
  const body = buildBody(completePosture({ y: 87.45 }), 165);
  const stage = stageOf(
    { posture: completePosture({ y: 87.45 }), heightCm: 165, props: [], view: [30, 8] },
    SCULPTURE.coarse,
  );
  const page = pageFor([stage], cameraOf([30, 8]), { width: 300, height: 300 });

  test.each([...MEASURE_NAMES, 'thoracicTwistUse', 'kneeFlexion', 'hipFlexion'])(
    '%s is drawn at a place of the body, or not at all',
    (measure) => expect(drawMarks(marksFor(measure, 20), body, page)).not.toMatch(/NaN|undefined/),
  );

  test('a side is kept, and a rule for both sides marks both', () => {
    expect(marksFor('kneeFlexionLeft', 112)).toEqual([{ kind: 'bend', joint: 'kneeL', degrees: 112 }]);
    expect(marksFor('kneeFlexion', 112)).toHaveLength(2);
    expect(marksFor('lumbarFlexionUse', 40)).toEqual([{ kind: 'bend', joint: 'lowBack', degrees: 40 }]);
  });

  test('shares are shared by a pair, heights are signed, and what is no place has no mark', () => {
    expect(marksFor('handsShare', 0.6)).toEqual([
      { kind: 'load', at: 'palmMidR', share: 0.3 },
      { kind: 'load', at: 'palmMidL', share: 0.3 },
    ]);
    expect(marksFor('pelvisAboveHeart', 20)).toEqual([{ kind: 'level', at: 'sacrum', belowHeartCm: -20 }]);
    expect(marksFor('met', 3)).toEqual([]);
    expect(marksFor('supine', 1)).toEqual([]);
  });
});

describe('its words', () => {
  const say = (id: string, frame: number | 'move', side?: 'right' | 'left'): string => {
    const { pose, variant } = BUILT_IN.variant(id);
    return figureLabel(pose, variant, frame, side);
  };
  test.each([
    [say('tree.full', 0, 'left'), 'Tree, '],
    [say('tree.full', 0, 'left'), 'left side'],
    [say('cat-cow.all-fours', 'move'), 'from start to end'],
    [say('cat-cow.all-fours', 1), 'part 2 of 2'],
    [say('shoulder-stand.blankets', 0), '5 blankets under'],
    [say('seated-twist.chair', 0, 'right'), 'chair under the seat'],
  ])('%s', (label, words) => expect(label).toContain(words));

  test('a part of the way says how far', () => {
    const part = BUILT_IN.poses
      .flatMap(({ ladder }) => ladder)
      .find(({ grows, frames }) => grows && frames.length === 1)!;
    expect(say(`${part.id}~50`, 0)).toMatch(/50 percent of the way|half way/);
  });
});
