import {
  createFitter,
  framePeople,
  NO_CHOICES,
  parseSequence,
  readPeople,
  type FramePerson,
} from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { FRAMES, LESSON_AIMS, LESSON_BANDS } from '@lotus-steady/core/frames';
import { READY, READY_COURSES } from '@lotus-steady/core/ready';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

const ON = '2026-11-30';

const peopleOf = (id: string): readonly FramePerson[] => {
  const frame = FRAMES.find((one) => one.id === id);
  if (frame) return frame.people;
  const { years, heightCm } = LESSON_BANDS.find((band) => `children-${band.id}` === id)!;
  return years.map((age) => ({ name: `${age} years`, years: age, heightCm }));
};

test('there are 24 and more, at least one for each group', () => {
  expect(READY.length).toBeGreaterThanOrEqual(24);
  expect(new Set(READY.map(({ id }) => id)).size).toBe(READY.length);
  const groups = [...FRAMES.map(({ id }) => id), ...LESSON_BANDS.map(({ id }) => `children-${id}`)];
  expect(groups.filter((id) => !READY.some(({ frame }) => frame === id))).toEqual([]);
});

describe.each(READY.map((ready) => [ready.id, ready] as const))('%s', (_, { frame, source }) => {
  test('is read for sure, suits its people as written, is in order and as long as it says', () => {
    const { sequence, errors } = parseSequence(source, BUILT_IN);
    expect(errors).toEqual([]);
    const { people, errors: wrong } = readPeople(framePeople(peopleOf(frame), ON), RULEBOOK, ON);
    expect(wrong).toEqual([]);
    const fitting = createFitter({
      people,
      on: ON,
      houseView: RULEBOOK.usualHouseView,
      catalogue: BUILT_IN,
      rulebook: RULEBOOK,
    }).fit(sequence, NO_CHOICES);
    expect(
      fitting.lanes.flatMap(({ person, steps }) =>
        steps
          .filter(({ verdict }) => verdict !== 'as-written')
          .map(({ asked, verdict }) => `${person}: ${asked} ${verdict}`),
      ),
    ).toEqual([]);
    expect(fitting.notes.map(({ text }) => text)).toEqual([]);
    expect(Math.abs(fitting.minutes.written - sequence.minutes)).toBeLessThanOrEqual(1);
  });
});

test('every course begins with something there is', () => {
  for (const { from, weeks } of READY_COURSES) {
    expect(weeks >= 4 && weeks <= 12).toBe(true);
    if ('sequence' in from) expect(READY.map(({ id }) => id)).toContain(from.sequence);
    else {
      expect(LESSON_BANDS.map(({ id }) => id)).toContain(from.lesson.band);
      expect(LESSON_AIMS.map(({ id }) => id)).toContain(from.lesson.aim);
      expect(BUILT_IN.themes.map(({ id }) => id)).toContain(from.lesson.theme);
    }
  }
});
