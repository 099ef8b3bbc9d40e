/** A class taught in simulated time, by hand and by itself: no instant is lost however late one looks. */
import fc from 'fast-check';
import {
  aloudBetween,
  breathAt,
  changesOf,
  countAt,
  differingNow,
  NOT_BEGUN,
  oneEach,
  plannedUntil,
  teach,
  teachingAt,
  teachingClock,
  type Act,
  type Moment,
  type Teaching,
} from '../builtIn.js';

const BEGUN = Date.UTC(2026, 11, 1, 18);
const at = (seconds: number): number => BEGUN + seconds * 1000;
const moment = (step: number, lead: number, seconds: number, count?: Moment['count']): Moment =>
  ({
    step: { step },
    lead,
    seconds,
    count: count ?? { unit: 'seconds', of: seconds, each: 1 },
    breath: 5.5,
    differing: [],
    doing: [],
    fetch: [],
  }) as unknown as Moment;
/** A step, one with two sides, and rest. */
const MOMENTS = [
  moment(1, 8, 27.5, { unit: 'breaths', of: 5, each: 5.5 }),
  moment(2, 18, 20),
  moment(2, 5, 20),
  moment(3, 13, 300),
];
const TOTAL = plannedUntil(MOMENTS, MOMENTS.length);
const after = (
  acts: readonly (readonly [seconds: number, act: Act])[],
  from: Teaching = NOT_BEGUN,
): Teaching => acts.reduce((state, [seconds, act]) => teach(state, act, MOMENTS, at(seconds)), from);
const seen = (state: Teaching, seconds: number) => {
  const { at: moment, phase } = teachingAt(state, MOMENTS, at(seconds));
  return [moment, phase];
};
const ALONE: Teaching = { ...NOT_BEGUN, isSelfRunning: true };

describe('by hand', () => {
  const begun = after([[0, { act: 'start' }]]);
  test('the hold begins when she says so, runs out, and waits for her', () => {
    expect(seen(NOT_BEGUN, 1000)).toEqual([0, 'lead']);
    expect(seen(begun, 27.4)).toEqual([0, 'hold']);
    expect(seen(begun, 27.5)).toEqual([0, 'done']);
    expect(seen(begun, 4000)).toEqual([0, 'done']);
    const next = teach(begun, { act: 'next' }, MOMENTS, at(40));
    expect(seen(next, 500)).toEqual([1, 'lead']);
  });
  test('a pause keeps what has passed; nothing goes on meanwhile', () => {
    const held = after([[10, { act: 'pause' }]], begun);
    expect(teachingClock(held, MOMENTS, at(100))).toMatchObject({ passed: 10, left: 17.5, runs: false });
    const on = after([[100, { act: 'start' }]], held);
    expect(seen(on, 117.4)).toEqual([0, 'hold']);
    expect(seen(on, 117.5)).toEqual([0, 'done']);
  });
  test('a minute more, in the hold and after it', () => {
    expect(seen(after([[10, { act: 'more', seconds: 60 }]], begun), 87.4)).toEqual([0, 'hold']);
    const late = after([[50, { act: 'more', seconds: 60 }]], begun);
    expect(seen(late, 109.9)).toEqual([0, 'hold']);
    expect(seen(late, 110)).toEqual([0, 'done']);
  });
  test('skip goes to the next step, next to the next side; back and again are what they say', () => {
    const second = after([[40, { act: 'next' }]], begun);
    expect(seen(second, 40)).toEqual([1, 'lead']);
    expect(after([[41, { act: 'next' }]], second).at).toBe(2);
    expect(after([[41, { act: 'skip' }]], second).at).toBe(3);
    expect(after([[41, { act: 'back' }]], second).at).toBe(0);
    expect(seen(after([[60, { act: 'repeat' }]], second), 79.9)).toEqual([1, 'hold']);
  });
  test('after the last nothing comes: the class is over, and its clock stands', () => {
    const last = after(
      [
        [40, { act: 'skip' }],
        [41, { act: 'skip' }],
        [50, { act: 'start' }],
        [60, { act: 'next' }],
      ],
      begun,
    );
    expect(last).toMatchObject({ at: 3, ended: at(60) });
    expect(teachingClock(last, MOMENTS, at(9999)).elapsed).toBe(60);
  });
});

describe('by itself', () => {
  const begun = after([[0, { act: 'start' }]], ALONE);
  test('one thing follows the other at the planned second', () => {
    const times = [0, 7.9, 8, 35.4, 35.5, 53.5, 73.5, 78.5, 98.5, 111.5, TOTAL - 0.1, TOTAL];
    expect(times.map((seconds) => seen(begun, seconds))).toEqual([
      [0, 'lead'],
      [0, 'lead'],
      [0, 'hold'],
      [0, 'hold'],
      [1, 'lead'],
      [1, 'hold'],
      [2, 'lead'],
      [2, 'hold'],
      [3, 'lead'],
      [3, 'hold'],
      [3, 'hold'],
      [3, 'done'],
    ]);
    expect(teachingAt(begun, MOMENTS, at(5000)).ended).toBe(at(TOTAL));
  });
  test('it is on time as long as it runs, and behind by what it was paused', () => {
    expect(teachingClock(teachingAt(begun, MOMENTS, at(60)), MOMENTS, at(60)).behind).toBeCloseTo(0, 6);
    const waited = after(
      [
        [60, { act: 'pause' }],
        [90, { act: 'start' }],
      ],
      begun,
    );
    const clock = teachingClock(waited, MOMENTS, at(90));
    expect(clock.behind).toBeCloseTo(30, 6);
    expect(clock.toGo).toBeCloseTo(TOTAL - 60, 6);
  });
  test('it is switched on in the middle and goes on by itself; off, it waits again', () => {
    const byHand = after([
      [0, { act: 'start' }],
      [30, { act: 'self-running', on: true }],
    ]);
    expect(seen(byHand, 48)).toEqual([1, 'hold']);
    const off = teach(byHand, { act: 'self-running', on: false }, MOMENTS, at(50));
    expect(seen(off, 5000)).toEqual([1, 'done']);
  });
});

/** An hour of moments, as a class has them. */
const hour = fc
  .array(
    fc.record({
      lead: fc.integer({ min: 0, max: 300 }).map((tenths) => tenths / 10),
      seconds: fc.integer({ min: 10, max: 3000 }).map((tenths) => tenths / 10),
    }),
    { minLength: 5, maxLength: 60 },
  )
  .map((list) => list.map(({ lead, seconds }, i) => moment(i, lead, seconds)));

test('looked at late, seldom or at odd times, nothing drifts', () => {
  fc.assert(
    fc.property(hour, fc.array(fc.integer({ min: 1, max: 90_000 }), { maxLength: 80 }), (list, gaps) => {
      let state = teach(ALONE, { act: 'start' }, list, BEGUN);
      let now = BEGUN;
      for (const gap of gaps) state = teachingAt(state, list, (now += gap));
      const total = plannedUntil(list, list.length) * 1000;
      const ended = teachingAt(state, list, Math.max(now, BEGUN + total + 1)).ended!;
      // A millisecond in a hundred moments: far less than the tenth of a second that an hour may drift.
      expect(Math.abs(ended - BEGUN - total)).toBeLessThan(1);
    }),
  );
});

const acts: fc.Arbitrary<Act> = fc.oneof(
  fc.constantFrom<Act>(
    { act: 'start' },
    { act: 'pause' },
    { act: 'next' },
    { act: 'back' },
    { act: 'skip' },
    { act: 'repeat' },
    { act: 'more', seconds: 60 },
  ),
  fc.boolean().map((on): Act => ({ act: 'self-running', on })),
);

test('whatever is pressed and whenever, it is somewhere in the class, also after a reload', () => {
  fc.assert(
    fc.property(
      hour,
      fc.array(fc.tuple(fc.integer({ min: 0, max: 400_000 }), acts), { maxLength: 60 }),
      (list, all) => {
        let now = BEGUN;
        let state = NOT_BEGUN;
        for (const [gap, act] of all) {
          state = teach(state, act, list, (now += gap));
          expect(list[state.at]).toBeDefined();
          const clock = teachingClock(state, list, now);
          expect(clock.passed).toBeGreaterThanOrEqual(0);
          expect(clock.toGo).toBeGreaterThanOrEqual(-1e-6);
          expect(clock.left ?? 0).toBeGreaterThanOrEqual(0);
          state = JSON.parse(JSON.stringify(state)) as Teaching;
        }
        // Paused, it is there for ever.
        const held = teach(state, { act: 'pause' }, list, now);
        expect(teachingAt(held, list, now + 3_600_000)).toEqual(held);
      },
    ),
  );
});

describe('counted and said', () => {
  test('breaths are counted from one; the last is still the last at the end', () => {
    expect([0, 5.4, 5.5, 27.4, 27.5].map((passed) => countAt(MOMENTS[0]!, passed, 27.5).now)).toEqual([
      1, 1, 2, 5, 5,
    ]);
    expect(countAt(MOMENTS[0]!, 60, 87.5)).toEqual({ unit: 'breaths', now: 11, of: 15.9 });
  });
  test('a breath begins with the in-breath, and the out-breath is the longer half', () => {
    expect(breathAt(0, 5.5)).toEqual({ half: 'in', full: 0 });
    expect(breathAt(2.4, 5.5).half).toBe('in');
    expect(breathAt(2.5, 5.5)).toMatchObject({ half: 'out' });
    expect(breathAt(5.4999, 5.5).full).toBeCloseTo(0, 3);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3600, noNaN: true }), (passed) => {
        const { full } = breathAt(passed, 5.5);
        expect(full).toBeGreaterThanOrEqual(0);
        expect(full).toBeLessThanOrEqual(1);
      }),
    );
  });
  /** All that is said of a class that runs by itself, looked at every so many seconds. */
  const saidOf = (every: number, counting: 'up' | 'down', until: number): string[] => {
    const begun = after([[0, { act: 'start' }]], ALONE);
    const words = aloudBetween(ALONE, at(0), begun, at(0), MOMENTS, counting);
    for (let now = every; now <= until + 1e-9; now += every)
      words.push(...aloudBetween(begun, at(now - every), begun, at(now), MOMENTS, counting));
    return words.map((one) => {
      if ('number' in one) return String(one.number);
      return 'moment' in one ? `m${one.moment}` : one.say;
    });
  };
  test('what comes, each breath once, the last seconds, and to come out at the end', () => {
    expect(saidOf(0.2, 'up', 36)).toEqual(['m0', '1', '2', '3', '4', '5', 'm1']);
    expect(saidOf(0.25, 'down', 36)).toEqual(['m0', '5', '4', '3', '2', '1', 'm1']);
    expect(saidOf(0.25, 'down', 73.5)).toEqual([
      'm0',
      '5',
      '4',
      '3',
      '2',
      '1',
      'm1',
      '10',
      '5',
      '4',
      '3',
      '2',
      '1',
      'm2',
    ]);
    expect(saidOf(0.5, 'down', TOTAL).at(-1)).toBe('out');
    expect(saidOf(0.5, 'up', TOTAL).filter((word) => word === 'out')).toHaveLength(1);
  });
});

test('changes for one are noted, taken back, and come to what the record of the class says', () => {
  const marked = after([
    [0, { act: 'start' }],
    [5, { act: 'change', id: 'm', personId: 'a', step: 1, given: 'less-far' }],
    [9, { act: 'change', id: 'm', personId: 'a', step: 1, given: 'rest', variant: 'childs-pose.full' }],
    [12, { act: 'change', id: 'm', personId: 'b', step: 1, given: 'supported' }],
    [14, { act: 'change', id: 'm', personId: 'b', step: 1, given: 'rest', where: 'wrist-left' }],
    [20, { act: 'change', id: 'm', personId: 'b', step: 2, given: 'stopped' }],
    [25, { act: 'change', id: 'm', personId: 'c', step: 2, given: 'rest' }],
    [26, { act: 'change-back', personId: 'c' }],
  ]);
  expect(changesOf(marked, 'a')).toEqual([{ step: 1, what: 'eased' }]);
  expect(changesOf(marked, 'b')).toEqual([
    { step: 1, what: 'eased', where: 'wrist-left' },
    { step: 2, what: 'stopped' },
  ]);
  expect(changesOf(marked, 'c')).toEqual([]);
});

test('of a class whose rest was cut it is said when it ends, and not how late it was before', () => {
  const late = after([
    [0, { act: 'start' }],
    [127.5, { act: 'next' }],
  ]);
  expect(teachingClock(late, MOMENTS, at(127.5)).behind).toBeCloseTo(92, 6);
  const cut = MOMENTS.map((one, i) => (i === 3 ? { ...one, seconds: one.seconds - 92 } : one));
  expect(teachingClock(late, cut, at(127.5), TOTAL).behind).toBeCloseTo(0, 6);
});

test('a change in a round is of the round, and one of a pose is not of what follows it', () => {
  const doing = [1, 2].map((step) => ({ personId: 'a', name: 'A', entry: { step, variant: `v${step}` } }));
  const shapes = [1, 2].map((step) => ({ step: { step }, seconds: 3 }));
  const round = {
    step: { step: 1 },
    doing,
    differing: [doing[1]!],
    round: { at: 1, shapes },
  } as unknown as Moment;
  const changed = (more: object) =>
    after([[1, { act: 'change', id: 'm', personId: 'a', step: 2, given: 'rest', ...more } as Act]]);
  expect(oneEach(round)).toEqual([doing[1]]);
  expect(differingNow(round, NOT_BEGUN)).toEqual([doing[1]]);
  expect(differingNow(round, changed({}))).toMatchObject([{ personId: 'a', change: { given: 'rest' } }]);
  const follows = { ...round, round: undefined, step: { step: 2 }, then: true } as unknown as Moment;
  expect(differingNow(follows, changed({}))[0]).not.toHaveProperty('change');
  expect(differingNow(follows, changed({ then: true }))[0]).toHaveProperty('change');
});
