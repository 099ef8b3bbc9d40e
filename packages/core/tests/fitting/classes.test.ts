/**
 * Whole classes signed off step by step: for each person what a thoughtful teacher would accept at each
 * step.
 */
import { fitClass, parseSequence, readPeople, USUAL_HOUSE_VIEW, type Lane } from '../builtIn.js';
import { CLASS_PEOPLE, CLASS_TEXTS } from '../cases/classes.js';

const ON = '2026-12-01';

function lanesOf(text: keyof typeof CLASS_TEXTS, who: readonly string[]) {
  const { sequence, errors } = parseSequence(CLASS_TEXTS[text]);
  const { people, errors: problems } = readPeople(
    who.map((name) => ({ name, ...CLASS_PEOPLE[name] })),
    ON,
  );
  expect([...errors, ...problems]).toEqual([]);
  return { sequence, fitting: fitClass({ sequence, people, on: ON, houseView: USUAL_HOUSE_VIEW }) };
}

/** Each line: the step, who, and the ways accepted there; `=` stands for as written. */
type Signed = readonly (readonly [step: number, who: string, accepted: string, because: string])[];

const SIGNED: Readonly<Record<keyof typeof CLASS_TEXTS, { who: readonly string[]; lines: Signed }>> = {
  salute: {
    who: ['week30'],
    lines: [
      [1, 'week30', '=', 'feet wider than the hips'],
      [2, 'week30', '= chest-lift.standing', 'hands on the hips in the small back bend'],
      [
        3,
        'week30',
        'standing-forward-fold.shins standing-forward-fold.blocks half-forward-fold standing-forward-fold.full~',
        'not to the floor, knees soft',
      ],
      [4, 'week30', 'low-lunge.hands-on-chair low-lunge.arms-up~', 'step, with help of the hands'],
      [5, 'week30', 'downward-facing-dog.chair-back downward-facing-dog.wall', 'chair or wall late'],
      [6, 'week30', 'plank.wall plank.knees', 'no load on the belly wall'],
      [7, 'week30', 'four-limbed-staff.wall', 'where the chest lowering would be'],
      [
        8,
        'week30',
        'shoulder-blade-squeeze.standing chest-lift.standing shoulder-blade-squeeze.cross-legged',
        'not on the belly',
      ],
      [9, 'week30', 'downward-facing-dog.chair-back downward-facing-dog.wall', 'chair or wall late'],
      [10, 'week30', 'low-lunge.hands-on-chair low-lunge.arms-up~', 'step forward with help'],
      [
        11,
        'week30',
        'standing-forward-fold.shins standing-forward-fold.blocks half-forward-fold standing-forward-fold.full~',
        'as before',
      ],
      [12, 'week30', '=', 'up'],
    ],
  },
  prenatalFlow: {
    who: ['week24'],
    lines: [
      ...[2, 6, 12, 16].map(
        (step) =>
          [
            step,
            'week24',
            'standing-forward-fold.shins standing-forward-fold.blocks standing-forward-fold.full~',
            'house view short-hands-on-blocks',
          ] as const,
      ),
      ...[3, 8, 13, 17].map(
        (step) => [step, 'week24', 'plank.knees plank.wall', 'house view step-knees-down'] as const,
      ),
      ...[4, 9, 14, 18, 19].map(
        (step) =>
          [
            step,
            'week24',
            'downward-facing-dog.wide-short downward-facing-dog.chair-back',
            'head-down short and wide',
          ] as const,
      ),
      ...[5, 11, 15].map((step) => [step, 'week24', 'hop-and-freeze.heels', 'no jumping'] as const),
      [
        7,
        'week24',
        'one-legged-chair.chair-back leg-back-balance.chair-back stork.wall thigh-stretch.chair-back',
        'a hand on something',
      ],
      [10, 'week24', 'open-book seated-twist wide-leg-twist', 'no deep twist, the foot not caught'],
      [20, 'week24', '=', 'CLINICAL row 14: brief is not long'],
      [
        21,
        'week24',
        'windscreen-wipers.lying open-book seated-twist supine-twist.knees-on-block~',
        'open and small',
      ],
      [22, 'week24', 'final-rest.propped final-rest.side', 'ACOG CO 804: not six minutes flat'],
    ],
  },
  pressure: {
    who: ['pressure'],
    lines: [
      [1, 'pressure', '=', 'slow and free'],
      [2, 'pressure', '=', 'the head stays above the heart, by the measure'],
      [3, 'pressure', '=', 'sitting'],
      [4, 'pressure', '=', 'upright'],
      [5, 'pressure', '=', 'upright'],
      [
        6,
        'pressure',
        'childs-pose.forehead-raised childs-pose.arms-on-chair',
        'CLINICAL row 5: the forehead on the floor is head-down',
      ],
      [7, 'pressure', '=', 'CLINICAL row 31: by the measure'],
      [
        8,
        'pressure',
        'legs-up-the-wall seated-forward-fold knees-to-chest',
        'plough in a sequence for pressure',
      ],
      [9, 'pressure', '=', 'lying is level'],
    ],
  },
  disc: {
    who: ['disc'],
    lines: [1, 2, 3, 4, 5, 6].map(
      (step) => [step, 'disc', '=', 'PRACTICE 2: made for it; nothing is to be taken away'] as const,
    ),
  },
  mat: {
    who: ['wheelchair', 'chair'],
    lines: [
      ...['wheelchair', 'chair'].flatMap((who): Signed => [
        [1, who, 'easy-seat.chair', 'on the chair'],
        [2, who, 'cat-cow.chair', 'its chair form'],
        [4, who, 'warrior-two.chair', 'its chair form'],
        [5, who, 'tree.chair', 'its chair form'],
        [7, who, 'shoulder-blade-squeeze.chair chest-lift.chair', 'the chest opens, sitting'],
        [8, who, 'chest-lift.chair seated-back-bend.chair', 'the front opens, sitting'],
        [9, who, 'seated-twist.chair-small seated-twist.chair wide-leg-twist.chair', 'a twist, sitting'],
        [10, who, 'final-rest.chair', 'rest on the chair'],
      ]),
      [3, 'wheelchair', 'chair-leg-stretch.chair', 'hamstrings, seated'],
      [3, 'chair', 'downward-facing-dog.chair-back', 'behind the chair'],
      [6, 'wheelchair', 'gate.chair side-bend', 'the side, seated'],
      [6, 'chair', 'triangle.chair', 'its chair form'],
    ],
  },
  adult: {
    who: ['child'],
    lines: [
      [1, 'child', 'mountain.full', 'at 7 a hold is up to 15 s'],
      [2, 'child', 'tree.full', 'up to 15 s'],
      [3, 'child', 'warrior-two.full', 'up to 15 s'],
      [4, 'child', 'plank.full', 'up to 15 s'],
      [5, 'child', 'legs-up-the-wall.full', 'no shoulder stands'],
      [6, 'child', 'supine-twist.knees-on-block', 'up to 15 s a side'],
      [7, 'child', '=', 'rest is exempt'],
    ],
  },
  mixed: {
    who: [
      'anyone',
      'week27',
      'pressure',
      'settled',
      'older',
      'old',
      'wheelchair',
      'arm',
      'knees',
      'bone',
      'chair',
    ],
    lines: [
      ...[1, 2, 3, 4, 5, 6, 7, 8, 9].map(
        (step) => [step, 'anyone', '=', 'nothing speaks against it'] as const,
      ),
      ...[
        'anyone',
        'week27',
        'pressure',
        'settled',
        'older',
        'old',
        'wheelchair',
        'arm',
        'knees',
        'bone',
        'chair',
      ].map((who) => [1, who, '=', 'everyone sits and breathes'] as const),
      [2, 'week27', 'cat-cow.round-to-flat cat-cow.all-fours~', 'half of the hollow'],
      [
        2,
        'pressure',
        'cat-cow.round-to-flat cat-cow.chair cat-cow.all-fours~',
        'CLINICAL row 5: the head hangs',
      ],
      [2, 'wheelchair', 'cat-cow.chair', 'seated'],
      [2, 'knees', 'cat-cow.chair', 'off the knees'],
      [2, 'bone', 'cat-cow.round-to-flat cat-cow.flat-to-hollow cat-cow.all-fours~', 'half of the wave'],
      [2, 'settled', '=', 'a wave without force'],
      [3, 'week27', 'downward-facing-dog.wide-short downward-facing-dog.chair-back', 'short and wide'],
      [3, 'pressure', 'downward-facing-dog.chair-back standing-forward-fold.full~', 'head level'],
      [3, 'wheelchair', 'chair-leg-stretch.chair', 'seated'],
      [3, 'arm', 'staff seated-forward-fold dolphin half-forward-fold', 'the arms not past 120 degrees'],
      [3, 'chair', 'downward-facing-dog.chair-back', 'behind the chair'],
      [3, 'older', '=', 'CLINICAL row 57: function, not birthday'],
      [4, 'week27', 'opposite-arm-and-leg chest-lift', 'not on the belly'],
      [4, 'wheelchair', 'chest-lift.chair chair-opposite-arm-leg', 'seated'],
      [4, 'chair', 'chest-lift.chair chair-opposite-arm-leg', 'seated'],
      [4, 'pressure', '=', 'the head stays up'],
      [5, 'week27', 'tree.hand-on-wall', 'a hand on something'],
      [5, 'older', 'tree.hand-on-wall', 'after a fall'],
      [5, 'old', 'tree.full tree.hand-on-wall', 'support within reach'],
      [5, 'wheelchair', 'tree.chair', 'seated'],
      [5, 'arm', 'tree.foot-low', 'hands on the hips'],
      [5, 'bone', 'tree.hand-on-wall tree.full', 'falls'],
      [
        6,
        'week27',
        'standing-forward-fold.shins standing-forward-fold.blocks standing-forward-fold.full~',
        'room for the belly',
      ],
      [
        6,
        'pressure',
        'standing-forward-fold.blocks half-forward-fold standing-forward-fold.full~',
        'head level',
      ],
      [
        6,
        'settled',
        'standing-forward-fold.blocks standing-forward-fold.shins half-forward-fold standing-forward-fold.full~',
        'no deep rounding',
      ],
      [
        6,
        'bone',
        'standing-forward-fold.shins standing-forward-fold.blocks standing-forward-fold.full~',
        'a hinge',
      ],
      [6, 'wheelchair', 'chair-fold', 'seated'],
      [7, 'wheelchair', 'chest-lift.chair seated-back-bend.chair', 'seated'],
      [7, 'pressure', '=', 'CLINICAL row 71: bridge stays'],
      [7, 'knees', '=', 'lying is not kneeling'],
      [8, 'week27', 'windscreen-wipers.lying open-book supine-twist.knees-on-block~', 'open and small'],
      [
        8,
        'settled',
        'windscreen-wipers.lying open-book pelvic-clock seated-circles supine-twist.knees-on-block~',
        'slow and small',
      ],
      [8, 'wheelchair', 'seated-twist.chair-small seated-twist.chair', 'seated'],
      [9, 'week27', 'final-rest.propped final-rest.side', 'not flat for long'],
      [9, 'wheelchair', 'final-rest.chair', 'seated'],
      [9, 'older', '=', 'flat is well'],
    ],
  },
};

const fitted = Object.fromEntries(
  (Object.keys(SIGNED) as (keyof typeof CLASS_TEXTS)[]).map((key) => [key, lanesOf(key, SIGNED[key].who)]),
) as Record<keyof typeof CLASS_TEXTS, ReturnType<typeof lanesOf>>;
const laneOf = (key: keyof typeof CLASS_TEXTS, who: string): Lane =>
  fitted[key].fitting.lanes.find(({ person }) => person === who)!;

test.each(
  (Object.keys(SIGNED) as (keyof typeof CLASS_TEXTS)[]).flatMap((key) =>
    SIGNED[key].lines.map(([step, who, accepted, because]) => [key, step, who, because, accepted] as const),
  ),
)('%s, step %i, %s: %s', (key, step, who, _because, accepted) => {
  const entries = laneOf(key, who).steps.filter((entry) => entry.step === step);
  const named = accepted.split(' ');
  expect(entries.length).toBeGreaterThan(0);
  expect(
    entries
      .filter(
        ({ verdict, variant, pose }) =>
          // `~` at its end: that variant part of its way.
          !named.some((one) =>
            one === '='
              ? verdict === 'as-written'
              : [variant, pose, variant.replace(/~.*/, '~')].includes(one),
          ),
      )
      .map(({ verdict, variant }) => `${verdict} ${variant}`),
  ).toEqual([]);
});

describe('the classes as a whole', () => {
  test('a salute with the same foot in front both times is half a pair', () =>
    expect(
      fitted.salute.fitting.notes.some(({ kind, text }) => kind === 'pair' && text.includes('left')),
    ).toBe(true));
  test('six minutes flat in one run are gone at 24 weeks', () =>
    expect(laneOf('prenatalFlow', 'week24').sums.supine.longest).toBeLessThanOrEqual(60));
  test('the head of someone whose pressure is not under control is never below the heart, on the way included', () =>
    expect(laneOf('pressure', 'pressure').sums.headDown.total).toBe(0));
  test('a disc class gets down through a half-kneel: no rounding anywhere, the way included', () => {
    const { steps } = laneOf('disc', 'disc');
    expect(steps.flatMap(({ way }) => way?.moves.map(({ id }) => id) ?? [])).toContain('way-half-kneel');
    for (const { measures } of steps)
      expect([measures.lumbarFlexion <= 5, measures.lumbarTwist <= 1]).toEqual([true, true]);
  });
  test('a wheelchair user stays on the chair; a chair user is on it or behind it', () => {
    for (const key of ['mat', 'mixed'] as const)
      expect(new Set(laneOf(key, 'wheelchair').steps.map(({ level }) => level))).toEqual(new Set(['chair']));
    expect([...new Set(laneOf('mat', 'chair').steps.map(({ level }) => level))].sort()).toEqual([
      'chair',
      'standing',
    ]);
  });
  test('nobody is without a step, nobody is left on the floor for want of a way, and nothing hard is broken', () => {
    for (const { fitting, sequence } of Object.values(fitted))
      for (const { steps } of fitting.lanes) {
        expect(new Set(steps.map(({ step }) => step)).size).toBe(sequence.steps.length);
        for (const { way, verdict, findings } of steps) {
          expect(way?.none ?? false).toBe(false);
          if (verdict !== 'rest')
            expect(
              findings.filter(({ on, level, met }) => on === 'chosen' && level !== 'watch' && !met),
            ).toEqual([]);
        }
      }
  });
  test('it all fits its minutes', () => {
    for (const { fitting } of Object.values(fitted)) expect(fitting.minutes.over).toBe(0);
  });
});
