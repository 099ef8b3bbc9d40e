/** A class that has begun and must end on time: what is left is cut, what is done stands, and the final rest stays. */
import fc from 'fast-check';
import {
  BUILT_IN,
  createFitter,
  parseSequence,
  readPeople,
  USUAL_HOUSE_VIEW,
  type Fitting,
} from '../../builtIn.js';
import { CLASS_PEOPLE, CLASS_TEXTS } from '../../cases/classes.js';

const ON = '2026-12-01';
const { people } = readPeople(
  Object.entries(CLASS_PEOPLE).map(([name, person]) => ({ name, ...person })),
  ON,
);
const fitter = createFitter({ people, on: ON, houseView: USUAL_HOUSE_VIEW });
const { sequence } = parseSequence(CLASS_TEXTS.mat);
const planned = fitter.fit(sequence);
const left = (from: number, seconds: number): Fitting =>
  fitter.fit(sequence, undefined, undefined, { from, seconds });
const spansOf = ({ steps }: Fitting) => steps.map(({ start, end }) => end - start);
const secondsFrom = (fitting: Fitting, from: number): number =>
  fitting.steps.reduce((sum, { step, start, end }) => sum + (step >= from ? end - start : 0), 0);

test('with time enough it is what was planned', () => {
  expect(left(5, 7200)).toEqual(planned);
});

test('behind, what is left fits what is left of the time, and the rest is what it was or five minutes', () => {
  const until = secondsFrom(planned, 5);
  const cut = left(5, until - 120);
  expect(secondsFrom(cut, 5)).toBeLessThanOrEqual(until - 120);
  expect(spansOf(cut).slice(0, 4)).toEqual(spansOf(planned).slice(0, 4));
  const rest = cut.lanes.map(({ steps }) => steps.at(-1)!);
  for (const { pose, hold } of rest) {
    expect(
      BUILT_IN.variant(`${pose}.${BUILT_IN.poses.find(({ id }) => id === pose)!.ladder[0]!.id.split('.')[1]}`)
        .pose.purposes[0].action,
    ).toBe('rest');
    expect(hold.seconds).toBeGreaterThanOrEqual(295);
  }
});

test('however late, nothing grows, what is done stands, and nobody is sent against a rule', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 10 }), fc.integer({ min: 0, max: 1800 }), (from, seconds) => {
      const cut = left(from, seconds);
      const [was, is] = [spansOf(planned), spansOf(cut)];
      is.slice(0, from - 1).forEach((span, i) => expect(span).toBeCloseTo(was[i]!, 3));
      for (const { steps } of cut.lanes)
        for (const { findings, verdict } of steps) {
          const broken = findings.filter(
            ({ on, level, met }) => on === 'chosen' && level !== 'watch' && !met,
          );
          if (verdict !== 'rest') expect(broken).toEqual([]);
        }
      expect(cut.steps.at(-1)!.leftOut).toBeUndefined();
    }),
    { numRuns: 25 },
  );
});
