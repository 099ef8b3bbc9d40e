import {
  createFitter,
  framePeople,
  NO_CHOICES,
  paceOf,
  parseSequence,
  readPeople,
  shapesOf,
  writeLesson,
  type Fitter,
  type LessonAsk,
  type LessonBand,
} from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { LESSON_AIMS, LESSON_BANDS, LESSON_WORDS } from '@lotus-steady/core/frames';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import fc from 'fast-check';

const ON = '2026-11-30';

const fitterFor = ({ years, heightCm }: LessonBand): Fitter =>
  createFitter({
    people: readPeople(
      framePeople(
        years.map((age) => ({ name: `${age} years`, years: age, heightCm })),
        ON,
      ),
      RULEBOOK,
      ON,
    ).people,
    on: ON,
    houseView: RULEBOOK.usualHouseView,
    catalogue: BUILT_IN,
    rulebook: RULEBOOK,
  });

const PARTS = [
  'Arriving',
  'Agreements and helpers',
  'Breath game',
  'Balance game',
  'Quiet contest',
  'Rest',
  'Looking back',
];

describe.each(LESSON_BANDS.map((band) => [band.name, band] as const))('lessons, %s', (_, band) => {
  const fitter = fitterFor(band);
  const tools = { catalogue: BUILT_IN, fitter, on: ON, pace: paceOf() };
  const write = (ask: LessonAsk): string => writeLesson(ask, LESSON_WORDS, tools);
  const asked = fc.record({
    band: fc.constant(band),
    minutes: fc.integer({ min: band.minutes.least, max: band.minutes.most }),
    theme: fc.constantFrom(...BUILT_IN.themes),
    aim: fc.constantFrom(...LESSON_AIMS),
    seed: fc.nat(),
  });

  test('have every part with its words, suit all children as written, and fill the time', () => {
    fc.assert(
      fc.property(asked, (ask) => {
        const source = write(ask);
        const { sequence, errors } = parseSequence(source, BUILT_IN);
        expect(errors).toEqual([]);
        const sections = new Set(sequence.steps.map(({ section }) => section));
        for (const part of PARTS) expect(sections).toContain(part);
        // What is said stands with the step it is said in.
        const said = sequence.steps.map(({ note = '' }) => note).join(' ');
        for (const words of [...band.agreements, ask.aim.value, ask.aim.home, LESSON_WORDS.signal])
          expect(said).toContain(words);
        const fitting = fitter.fit(sequence, NO_CHOICES);
        expect(
          fitting.lanes
            .flatMap(({ steps }) => steps)
            .filter(({ verdict }) => verdict !== 'as-written')
            .map(({ asked: text }) => text),
        ).toEqual([]);
        expect(fitting.notes.map(({ text }) => text)).toEqual([]);
        expect(Math.abs(fitting.minutes.written - ask.minutes)).toBeLessThan(
          Math.max(1.5, ask.minutes * 0.15),
        );
        expect(sequence.steps.every(({ pose, sides }) => !pose.side || sides.length === 2)).toBe(true);
      }),
      { numRuns: 8, seed: 6 },
    );
  });

  test('a lesson of a unit begins with what is remembered, and the last with their own story', () => {
    const ask = {
      band,
      minutes: band.minutes.usual,
      theme: BUILT_IN.themes[0]!,
      aim: LESSON_AIMS[0]!,
      seed: 3,
    };
    const first = write(ask);
    const recalled = shapesOf(first, ask.theme);
    expect(recalled.length).toBeGreaterThan(2);
    const last = write({ ...ask, seed: 4, recalled, isOwnStory: true });
    expect(last).toContain(`Who remembers? ${recalled.slice(0, 5).join(', ')}`);
    expect(last).toContain(LESSON_WORDS.ownStory);
    expect(first).not.toContain('Who remembers?');
  });
});
