import {
  createFitter,
  fillFrame,
  framePeople,
  NO_CHOICES,
  paceOf,
  parseSequence,
  readPeople,
  type Aim,
  type ClassFrame,
  type Fitter,
} from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { AIMS, FRAMES } from '@lotus-steady/core/frames';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import fc from 'fast-check';

const ON = '2026-11-30';
const NEAR_MINUTES = 1.5;

const fitters = new Map<string, Fitter>();
function fitterFor({ id, people }: ClassFrame): Fitter {
  const known = fitters.get(id);
  if (known) return known;
  const read = readPeople(framePeople(people, ON), RULEBOOK, ON);
  expect(read.errors).toEqual([]);
  const fitter = createFitter({
    people: read.people,
    on: ON,
    houseView: RULEBOOK.usualHouseView,
    catalogue: BUILT_IN,
    rulebook: RULEBOOK,
  });
  fitters.set(id, fitter);
  return fitter;
}

const fill = (frame: ClassFrame, minutes: number, aim: Aim, seed: number): string =>
  fillFrame(
    frame,
    { minutes, aim, seed },
    { catalogue: BUILT_IN, fitter: fitterFor(frame), on: ON, pace: paceOf() },
  );

describe.each(FRAMES.map((frame) => [frame.name, frame] as const))('%s', (_, frame) => {
  const asked = fc.record({
    minutes: fc.integer({ min: frame.minutes.least, max: frame.minutes.most }),
    aim: fc.constantFrom(...AIMS),
    seed: fc.nat(),
  });

  test('whatever is wanted of it, it suits its people as it is written and fills the minutes', () => {
    fc.assert(
      fc.property(asked, ({ minutes, aim, seed }) => {
        const source = fill(frame, minutes, aim, seed);
        const { sequence, errors, parts } = parseSequence(source, BUILT_IN);
        expect(errors).toEqual([]);
        expect(parts.filter(({ kind }) => kind === 'note')).toEqual([]);
        const fitting = fitterFor(frame).fit(sequence, NO_CHOICES);
        const others = fitting.lanes
          .flatMap(({ steps }) => steps)
          .filter(({ verdict }) => verdict !== 'as-written')
          .map(({ asked: text, verdict }) => `${text}: ${verdict}`);
        expect(others).toEqual([]);
        expect(Math.abs(fitting.minutes.written - minutes)).toBeLessThan(
          Math.max(NEAR_MINUTES, minutes * 0.08),
        );
        // A short class has a short rest, and is told so; nothing else is odd about its order.
        const odd = fitting.notes.filter(({ kind }) => kind !== 'rest' || minutes >= 25);
        expect(odd.map(({ text }) => text)).toEqual([]);
      }),
      { numRuns: 6, seed: 30 },
    );
  });
});

describe('every frame', () => {
  const [mixed] = FRAMES;
  const [whole] = AIMS;

  test('the same seed gives the same class, another one another', () => {
    expect(fill(mixed!, 60, whole!, 7)).toBe(fill(mixed!, 60, whole!, 7));
    const classes = Array.from({ length: 8 }, (_, seed) => fill(mixed!, 60, whole!, seed));
    expect(new Set(classes).size).toBe(8);
  });

  test('an aim is served: more of the class is for it than without', () => {
    const share = (aim: Aim, served: Aim): number => {
      const counts = Array.from({ length: 5 }, (_, seed) => {
        const { steps } = parseSequence(fill(mixed!, 60, aim, seed), BUILT_IN).sequence;
        return steps.filter(({ pose }) =>
          pose.purposes.some(
            ({ action, region }) => served.actions?.includes(action) || served.regions?.includes(region),
          ),
        ).length;
      });
      return counts.reduce((sum, count) => sum + count, 0);
    };
    for (const aim of AIMS.filter(({ id }) => ['hips', 'neck-shoulders', 'balance'].includes(id)))
      expect([aim.id, share(aim, aim) > share(whole!, aim)]).toEqual([aim.id, true]);
  });

  test('names only poses and versions that there are', () => {
    const poses = new Set(BUILT_IN.poses.map(({ id }) => id));
    const unknown = FRAMES.flatMap(({ slots, not = [] }) => [
      ...not,
      ...slots.flatMap(({ from }) => [...(from.poses ?? []), ...(from.not ?? [])]),
    ]).filter((id) => !poses.has(id));
    expect(unknown).toEqual([]);
    for (const { rest } of FRAMES) for (const id of rest) expect(BUILT_IN.variant(id).variant.id).toBe(id);
  });
});
