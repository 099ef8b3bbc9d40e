import {
  COURSE_WEEKS,
  courseWeeks,
  createFitter,
  fillFrame,
  framePeople,
  lessonUnit,
  NO_CHOICES,
  paceOf,
  parseSequence,
  readPeople,
  weekChanges,
  weekKinds,
  type FramePerson,
} from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { AIMS, FRAMES, LESSON_AIMS, LESSON_BANDS, LESSON_WORDS } from '@lotus-steady/core/frames';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

const ON = '2026-11-30';
const toolsFor = (people: readonly FramePerson[]) => ({
  catalogue: BUILT_IN,
  fitter: createFitter({
    people: readPeople(framePeople(people, ON), RULEBOOK, ON).people,
    on: ON,
    houseView: RULEBOOK.usualHouseView,
    catalogue: BUILT_IN,
    rulebook: RULEBOOK,
  }),
  on: ON,
  pace: paceOf(),
});
const stepsOf = (source: string) => parseSequence(source, BUILT_IN).sequence.steps;
const kinds = (before: string, after: string) =>
  weekChanges(stepsOf(before), stepsOf(after)).map(({ kind }) => kind);

describe.each(FRAMES.filter(({ id }) => ['mixed', 'older-chair', 'backs', 'prenatal-2'].includes(id)))(
  'a course: $name',
  (frame) => {
    const tools = toolsFor(frame.people);
    const first = fillFrame(frame, { minutes: frame.minutes.usual, aim: AIMS[0]!, seed: 5 }, tools);
    const weeks = courseWeeks(first, 8, 5, tools);

    test('moves a few steps up each week, lets them settle in every fourth, and ends with all of it', () => {
      expect(weeks).toHaveLength(8);
      expect(weekKinds(8)).toEqual(['first', 'up', 'up', 'lighter', 'up', 'up', 'up', 'again']);
      const highest = [weeks[0]!, weeks[1]!, weeks[2]!, weeks[2]!, weeks[4]!, weeks[5]!, weeks[6]!];
      weekKinds(8).forEach((kind, i) => {
        const changes = i ? kinds(highest[i - 1]!, weeks[i]!) : [];
        if (kind === 'up') {
          const up = changes.filter((one) => one === 'further' || one === 'longer').length;
          expect([i + 1, up > 0 && up <= 3]).toEqual([i + 1, true]);
        }
        if (kind === 'again') expect(changes).toEqual([]);
        if (kind === 'lighter') {
          expect(changes.filter((one) => one === 'shorter').length).toBeGreaterThan(2);
          expect(changes).not.toContain('further');
        }
      });
    });

    test('stays within its minutes, and suits its people in every week', () => {
      for (const week of weeks) {
        const { sequence, errors } = parseSequence(week, BUILT_IN);
        expect(errors).toEqual([]);
        const fitting = tools.fitter.fit(sequence, NO_CHOICES);
        expect(fitting.minutes.written).toBeLessThan(frame.minutes.usual + 2);
        const others = fitting.lanes
          .flatMap(({ steps }) => steps)
          .filter(({ verdict }) => verdict !== 'as-written')
          .map(({ asked }) => asked);
        expect([sequence.title, others]).toEqual([sequence.title, []]);
      }
    });
  },
);

test('a plan of her own in one paragraph becomes a course too, its notes and flows as they were', () => {
  const tools = toolsFor([{ name: 'Grown' }]);
  const weeks = courseWeeks(
    'start seated, three big breaths, then cat cow five times, sun salutation a three rounds, ' +
      'tree 20 s each side, savasana 6 min',
    COURSE_WEEKS.least,
    1,
    tools,
  );
  expect(weeks).toHaveLength(4);
  const flow = (source: string): string => source.split('\n').find((line) => /salutation/i.test(line))!;
  expect(weeks.map(flow)).toEqual(weeks.map(() => flow(weeks[0]!)));
  expect(kinds(weeks[0]!, weeks[1]!).every((kind) => kind === 'further' || kind === 'longer')).toBe(true);
});

test('nothing is held longer than its pose may be, in seconds as in breaths, nor on to more than before', () => {
  const tools = toolsFor([{ name: 'Grown' }]);
  const weeks = courseWeeks(
    '# Tides\nminutes: 60\n- Side bend, 8 breaths each side\n- Boat, 32 s\n- Tree, 55 s each side\n- Final rest, 8 min',
    12,
    3,
    tools,
  );
  for (const { pose, variant, hold } of weeks
    .flatMap(stepsOf)
    .filter(({ pose }) => pose.id !== 'final-rest')) {
    const most = pose.hold.most * (hold.unit === 'seconds' ? 5.5 : 1);
    expect([pose.id, hold.count <= most]).toEqual([pose.id, true]);
    if (pose.id === 'side-bend') expect(variant.support).toBe('none');
  }
});

test('what changes is told pose by pose', () => {
  const changes = (before: string, after: string) =>
    weekChanges(stepsOf(before), stepsOf(after)).map(({ kind, step }) => `${kind} ${step.pose.id}`);
  expect(
    changes(
      '- Tree, hand on the wall, 5 breaths each side\n- Plank, 3 breaths\n- Bridge, 5 breaths',
      '- Tree, 5 breaths each side\n- Bridge, 7 breaths\n- Cobra, 3 breaths',
    ),
  ).toEqual(['further tree', 'longer bridge', 'new cobra', 'gone plank']);
  // Seconds and breaths are not held against each other.
  expect(changes('- Bridge, 5 breaths', '- Bridge, 10 s')).toEqual([]);
});

test('a unit of lessons calls to mind what was done, and ends with their own story', () => {
  const band = LESSON_BANDS[1]!;
  const tools = toolsFor(band.years.map((years) => ({ name: `${years}`, years, heightCm: band.heightCm })));
  const theme = BUILT_IN.themes[1]!;
  const unit = lessonUnit(
    { band, theme, aim: LESSON_AIMS[0]!, minutes: 30, seed: 9 },
    4,
    LESSON_WORDS,
    tools,
  );
  expect(unit.map((lesson) => lesson.includes('Who remembers?'))).toEqual([false, true, true, true]);
  expect(unit.map((lesson) => lesson.includes(LESSON_WORDS.ownStory))).toEqual([false, false, false, true]);
  expect(new Set(unit).size).toBe(4);
});
