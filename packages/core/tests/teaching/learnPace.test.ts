/** What real classes say of the pace: held against teachers whose pace is known because we made them up. */
import fc from 'fast-check';
import {
  BUILT_IN,
  learnPace,
  momentsOf,
  NOT_BEGUN,
  PACE,
  taughtTimes,
  teach,
  type Act,
  type LearnedPace,
  type Moment,
  type Pace,
  type TaughtTime,
  type Teaching,
} from '../builtIn.js';
import { fit, named, PEOPLE } from '../fitting/mixedClass.js';

const TEXT = [
  '# Long',
  'minutes: 60',
  'Mountain, 4 breaths',
  'Tree, 30 s each side',
  'Mountain, 3 breaths',
  'Warrior two, 4 breaths each side',
  'Mountain, 3 breaths',
  'Triangle, 4 breaths each side',
  'Mountain, 3 breaths',
  'Side angle, 4 breaths each side',
  'Mountain, 3 breaths',
  'Tree, 20 s each side',
  'Mountain, 3 breaths',
]
  .map((line, i) => (i < 2 ? line : `- ${line}`))
  .join('\n');
const fitting = fit(named(PEOPLE.slice(0, 2)), {}, undefined, TEXT);
const moments = momentsOf(fitting, BUILT_IN);
const NOON = Date.UTC(2026, 10, 23, 12);

/** A class taught by hand: so long to get to each moment, and so long until the next is begun; seconds. */
function taught(
  lead: (moment: Moment, i: number) => number,
  hold: (moment: Moment, i: number) => number,
): TaughtTime[] {
  let now = NOON;
  let state: Teaching = NOT_BEGUN;
  const act = (one: Act, after: number): void => {
    now += after * 1000;
    state = teach(state, one, moments, now);
  };
  // By hand the first act begins the class as well: what comes before it is not of it.
  moments.forEach((moment, i) => {
    act({ act: 'start' }, lead(moment, i));
    act({ act: 'next' }, hold(moment, i));
  });
  return taughtTimes(state, moments, PACE);
}
const asPlanned = (moment: Moment): number => moment.seconds;
const learned = (classes: TaughtTime[][], pace: Pace = PACE): LearnedPace => learnPace(classes, pace)!;

test('taught as planned nothing is learned, and plans are right', () => {
  const times = taught(({ lead }) => lead, asPlanned);
  // The first moment has no way to it: the class begins with its hold.
  expect(times).toHaveLength(moments.length - 1);
  const { off, parts, firstSide } = learned([times, times]);
  expect(off).toBeCloseTo(1, 6);
  expect(parts).toEqual({});
  expect(firstSide).toBeCloseTo(1, 6);
});

test('a teacher who changes sides slowly and says little is found out, whatever pauses she makes', () => {
  fc.assert(
    fc.property(fc.integer({ min: 8, max: 40 }), fc.nat({ max: 3 }), (side, noise) => {
      const times = taught(
        ({ lead }, i) =>
          moments[i - 1]?.step.step === moments[i]!.step.step ? side + (i % 2 ? noise : 0) : lead,
        asPlanned,
      );
      const { parts, off } = learned([times, times]);
      expect(Math.abs(parts.changeSide!.seconds - side)).toBeLessThanOrEqual(noise);
      expect(off).toBeGreaterThan(1);
      expect(Object.keys(parts)).toEqual(['changeSide']);
      // Planned with it, there is nothing more to learn.
      const next = learned([times, times], { ...PACE, changeSide: parts.changeSide!.seconds });
      expect(next.parts).toEqual({});
    }),
    { numRuns: 30 },
  );
});

test('first sides that last, and holds that grow longer when people tire, are told', () => {
  const pass = (i: number): boolean => moments[i + 1]?.step.step === moments[i]!.step.step;
  const firstLonger = taught(
    ({ lead }) => lead,
    (moment, i) => moment.seconds * (pass(i) ? 1.3 : 1),
  );
  expect(learned([firstLonger]).firstSide).toBeCloseTo(1.3, 2);
  const tired = taught(
    ({ lead }) => lead,
    (moment, i) => moment.seconds * (1 + i / moments.length),
  );
  expect(learned([tired]).late).toBeGreaterThan(1.3);
});

test('what was paused counts without the pause; what was skipped, repeated or gone back to says nothing', () => {
  let state = teach(NOT_BEGUN, { act: 'start' }, moments, NOON);
  const at = (second: number, act: Act): void => {
    state = teach(state, act, moments, NOON + second * 1000);
  };
  at(20, { act: 'next' });
  at(26, { act: 'start' });
  at(28, { act: 'pause' });
  at(600, { act: 'start' });
  at(640, { act: 'next' });
  at(650, { act: 'start' });
  at(651, { act: 'next' });
  at(655, { act: 'start' });
  at(690, { act: 'back' });
  const times = taughtTimes(state, moments, PACE);
  expect(times.map(({ lead, hold }) => [lead.real, hold.real])).toEqual([
    [6, 42],
    [4, 35],
  ]);
});

test('one class of three moments teaches nothing; nor does none', () => {
  expect(learnPace([], PACE)).toBeUndefined();
  expect(learnPace([[]], PACE)).toBeUndefined();
  const few = taught(() => 60, asPlanned).slice(0, 3);
  expect(learned([few]).parts).toEqual({});
  // A break is no pace.
  const broken = taught(
    ({ lead }) => lead,
    (moment, i) => moment.seconds + (i === 3 ? 900 : 0),
  );
  expect(learned([broken]).off).toBeCloseTo(1, 6);
});
