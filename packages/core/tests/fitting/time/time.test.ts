/**
 * Keeping a class within its minutes: exact against a solver and against trying everything; what is kept
 * whatever happens.
 */
import fc from 'fast-check';
import {
  fitClass,
  PACE,
  paceOf,
  parseSequence,
  readPeople,
  USUAL_HOUSE_VIEW,
  type Choices,
} from '../../builtIn.js';
import { sharesOf } from '../../../src/fitting/time/keepTime.js';
import { fitMinutes, type TimeStage } from '../../../src/fitting/time/fitMinutes.js';
import { solver, solveTime, timeOf, timeProblems } from '../../reference/timeModel.js';

const ON = '2026-12-01';

test(
  'the cheapest that fits is as cheap as what a mixed-integer solver finds, steps left out and ' +
    'changes of level included, on 200 generated classes',
  async () => {
    const highs = await solver();
    let fitted = 0;
    let shorter = 0;
    for (const problem of timeProblems(200, 7)) {
      const { stages, gap, budget } = problem;
      const chosen = fitMinutes(stages, gap, budget);
      const mine = timeOf(problem, chosen);
      const best = solveTime(highs, problem);
      if (best === undefined) {
        expect(mine.seconds).toBeGreaterThan(budget);
        continue;
      }
      fitted++;
      if (chosen.includes(-1)) shorter++;
      expect(mine.seconds).toBeLessThanOrEqual(budget + 1e-6);
      expect(mine.cost).toBeCloseTo(best, 5);
    }
    expect(fitted).toBeGreaterThan(120);
    expect(shorter).toBeGreaterThan(20);
  },
  120_000,
);

test('where nothing fits, it is the shortest there is', () => {
  const stages: TimeStage[] = [
    {
      options: [
        { seconds: 60, cost: 0 },
        { seconds: 30, cost: 9 },
      ],
    },
    { options: [{ seconds: 50, cost: 0 }], leaveOut: 5 },
    {
      options: [
        { seconds: 40, cost: 0 },
        { seconds: 20, cost: 9 },
      ],
    },
  ];
  expect(fitMinutes(stages, () => 0, 10)).toEqual([1, -1, 1]);
});

const CLASS =
  '# Long\nminutes: 30\n- Mountain, 8 breaths\n- Cat and cow, 20 rounds\n- Downward-facing dog, 10 ' +
  'breaths\n- Warrior two, 10 breaths each side\n- Seated twist, 10 breaths each side\n- Bridge, 12 ' +
  'breaths\n- Supine twist, 12 breaths each side\n- Final rest, 8 min';
const people = readPeople(
  [
    { name: 'Ada' },
    { name: 'Bea', conditions: [{ condition: 'pregnancy', dueDate: '2027-03-01' }] },
    { name: 'Cal', born: '2019-01-01', heightCm: 122 },
  ],
  ON,
).people;
const fitText = (text: string, choices?: Choices, pace = PACE) =>
  fitClass({
    sequence: parseSequence(text).sequence,
    people,
    on: ON,
    houseView: USUAL_HOUSE_VIEW,
    pace,
    ...(choices ? { choices } : {}),
  });
const fit = (minutes: number) => fitText(CLASS.replace('30', String(minutes)));

test(
  'a class that fits is left alone; one that does not is shortened, said step by step, and rest keeps ' +
    'five minutes',
  () => {
    const roomy = fit(90);
    const tight = fit(21);
    expect(roomy.steps.some(({ shortened, leftOut }) => shortened || leftOut)).toBe(false);
    expect([tight.minutes.planned <= 21, tight.minutes.written > 21, tight.minutes.over]).toEqual([
      true,
      true,
      0,
    ]);
    expect(tight.steps.filter(({ shortened }) => shortened).length).toBeGreaterThan(2);
    expect(tight.lanes[0]!.steps.at(-1)!.hold.seconds).toBeGreaterThanOrEqual(300 - 5.5);
  },
);

test(
  'where shortening is not enough, the least needed steps are left out and named; the rest and what ' +
    'answers a deep step stay',
  () => {
    const { steps, lanes, minutes } = fitText(
      '# Short\nminutes: 9\n- Cat and cow, 6 rounds\n- Camel, 3 breaths\n- Child’s pose, 5 breaths\n- Cat ' +
        'and cow, 6 rounds\n- Warrior two, 3 breaths each side\n- Triangle, 3 breaths each side\n- Final ' +
        'rest, 5 min',
    );
    expect(minutes.over).toBe(0);
    const out = steps.filter(({ leftOut }) => leftOut).map(({ text }) => text);
    expect(out.length).toBeGreaterThan(0);
    expect(out).not.toContain('Child’s pose, 5 breaths');
    expect(out).not.toContain('Final rest, 5 min');
    for (const lane of lanes) expect(lane.steps.filter(({ step }) => steps[step - 1]!.leftOut)).toEqual([]);
  },
);

test('a step in which the teacher has chosen for someone is not left out', () => {
  const text =
    '# Short\nminutes: 7\n- Mountain, 5 breaths\n- Warrior two, 4 breaths each side\n- Triangle, 4 ' +
    'breaths each side\n- Final rest, 5 min';
  const kept = (choices?: Choices) =>
    fitText(text, choices)
      .steps.filter(({ leftOut }) => !leftOut)
      .map(({ step }) => step);
  const without = [1, 2, 3].find((step) => !kept().includes(step))!;
  expect(
    kept({
      overrides: [
        {
          personId: 'Ada',
          step: without,
          variant: fitText(text).steps[without - 1]!.variant,
          reason: 'She asked for it.',
        },
      ],
      swaps: [],
      fewerVersions: false,
    }),
  ).toContain(without);
});

test('where the least of everything is still too long, it says by how much', () => {
  const tight = fit(5);
  expect(tight.minutes.over).toBeCloseTo(tight.minutes.planned - 5, 5);
  expect(tight.minutes.over).toBeGreaterThan(0);
});

test(
  'keeping the time changes nobody’s verdict or variant while no step is left out, lengthens nothing ' +
    'and keeps sides equal',
  () => {
    fc.assert(
      fc.property(fc.integer({ min: 8, max: 60 }), (minutes) => {
        const roomy = fit(90);
        const tight = fit(minutes);
        expect(tight.steps.at(-1)!.end / 60).toBeCloseTo(tight.minutes.planned, 0);
        // The rest is never cut below five minutes, whatever else goes.
        for (const { steps } of tight.lanes)
          expect(steps.at(-1)!.hold.seconds).toBeGreaterThanOrEqual(300 - 5.5);
        if (tight.steps.some(({ leftOut }) => leftOut)) return;
        tight.lanes.forEach((lane, i) =>
          lane.steps.forEach((entry, j) => {
            const before = roomy.lanes[i]!.steps[j]!;
            expect([entry.variant, entry.verdict, entry.sides]).toEqual([
              before.variant,
              before.verdict,
              before.sides,
            ]);
            expect(entry.hold.seconds).toBeLessThanOrEqual(before.hold.seconds + 1e-9);
            expect(entry.hold.seconds).toBeGreaterThan(0);
          }),
        );
      }),
      { numRuns: 12 },
    );
  },
  60_000,
);

test('a hold is cut by whole breaths, down to the least that still is the pose', () => {
  const [step] = parseSequence('- Warrior two, 5 breaths').sequence.steps;
  expect(sharesOf(step!, ON, PACE)).toEqual(
    [1, 0.8, 0.6]
      .concat(step!.pose.hold.least <= 2 ? [0.4] : [])
      .concat(step!.pose.hold.least <= 1 ? [0.2] : []),
  );
});

describe('the clock (constants: PRACTICE section 2)', () => {
  const one = (lines: string, who: number[] = [0], pace = PACE) =>
    fitClass({
      sequence: parseSequence(`# A\nminutes: 60\n${lines}`).sequence,
      people: who.map((i) => people[i]!),
      on: ON,
      houseView: USUAL_HOUSE_VIEW,
      pace,
    }).steps.map(({ start, end }) => end - start);
  test('a new pose is said for 8 s, a known one for 3', () =>
    expect(one('- Mountain, 4 breaths\n- Mountain, 4 breaths')).toEqual([22 + 8, 22 + 3]));
  test('a round that goes both ways takes two breaths', () =>
    expect(one('- Alternate-nostril breath, 6 rounds')).toEqual([6 * 2 * PACE.slowBreath + 8]));
  test('both sides with the change between them', () =>
    expect(one('- Warrior two, 4 breaths each side')).toEqual([2 * 22 + 5 + 8]));
  test('a change of level takes 10 s, for those who go slowly 30', () => {
    expect(one('- Mountain, 4 breaths\n- Cat and cow, 4 rounds')[1]).toBe(10 + 8 + 22);
    expect(one('- Mountain, 4 breaths\n- Cat and cow, 4 rounds', [0, 1])[1]).toBe(30 + 8 + 22);
  });
  test('props that nobody has in hand take 15 s', () =>
    expect(one('- Mountain, 4 breaths\n- Tree with a hand on the wall, 4 breaths each side')[1]).toBe(
      15 + 8 + 2 * 22 + 5,
    ));
  test('the teacher’s own pace counts', () =>
    expect(one('- Mountain, 4 breaths', [0], paceOf({ breath: 9, talkNew: 20, talkKnown: 'soon' }))).toEqual([
      4 * 9 + 20,
    ]));
  test('who is done earlier rests: a child holds for 15 s', () => {
    const { lanes } = fitText('- Mountain, 10 breaths');
    expect(lanes.map(({ steps }) => steps[0]!.waits)).toEqual([undefined, undefined, 41]);
  });
});

test('the room says what the hall is short of, where its stock is known', () => {
  const { sequence } = parseSequence('- Downward-facing dog with hands on a chair back, 4 breaths');
  const room = (stock?: Record<string, number>) =>
    fitClass({
      sequence,
      people,
      on: ON,
      houseView: USUAL_HOUSE_VIEW,
      ...(stock ? { stock } : {}),
    }).room.find(({ prop }) => prop === 'chair');
  expect([room(), room({ chair: 3 })]).toEqual([
    { prop: 'chair', count: 3 },
    { prop: 'chair', count: 3 },
  ]);
});
