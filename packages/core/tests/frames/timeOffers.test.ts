import {
  createFitter,
  editSequence,
  framePeople,
  paceOf,
  parseSequence,
  readPeople,
  timeOffers,
  type FramePerson,
} from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { READY } from '@lotus-steady/core/ready';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

const ON = '2026-11-30';

function offersFor(source: string, people: readonly FramePerson[] = [{ name: 'Grown' }]) {
  const fitter = createFitter({
    people: readPeople(framePeople(people, ON), RULEBOOK, ON).people,
    on: ON,
    houseView: RULEBOOK.usualHouseView,
    catalogue: BUILT_IN,
    rulebook: RULEBOOK,
  });
  const minutesOf = (text: string): number =>
    fitter.fit(parseSequence(text, BUILT_IN).sequence).minutes.written;
  const { sequence } = parseSequence(source, BUILT_IN);
  const tools = { catalogue: BUILT_IN, fitter, on: ON, pace: paceOf() };
  return { offers: timeOffers(sequence, minutesOf(source), tools), minutesOf, fitter };
}

const retimed = (source: string, minutes: number): string =>
  source.replace(/minutes: \d+/, `minutes: ${minutes}`);

test.each(READY.filter(({ frame }) => ['mixed', 'backs', 'older-chair'].includes(frame)))(
  '$id: every offer brings or saves what it says, about',
  ({ source }) => {
    for (const [minutes, sign] of [
      [90, 1],
      [10, -1],
    ] as const) {
      const text = retimed(source, minutes);
      const { offers, minutesOf } = offersFor(text);
      expect(offers.length).toBeGreaterThan(1);
      for (const { edit, minutes: said } of offers) {
        const changed = minutesOf(editSequence(text, BUILT_IN, edit).source) - minutesOf(text);
        // Getting there and back, and what must be fetched, are not in what it says.
        expect([edit, Math.sign(said) === sign && Math.abs(changed - said) < 1.2]).toEqual([edit, true]);
      }
    }
  },
);

test('nothing is offered where the minutes are right, and the final rest is never cut', () => {
  const { source } = READY.find(({ id }) => id === 'steady-backs')!;
  expect(offersFor(source).offers).toEqual([]);
  const rest = parseSequence(source, BUILT_IN).sequence.steps.at(-1)!.number;
  for (const { edit } of offersFor(retimed(source, 10)).offers)
    expect('step' in edit ? edit.step : 0).not.toBe(rest);
});

test('what is added suits everybody it is tried on', () => {
  const people = [{ name: 'Week 30', years: 31, pregnantWeek: 30 }];
  const { source } = READY.find(({ id }) => id === 'late-summer')!;
  const { offers, fitter } = offersFor(retimed(source, 60), people);
  const added = offers.flatMap(({ edit }) => (edit.kind === 'add' ? [edit.line] : []));
  expect(added.length).toBeGreaterThan(1);
  for (const line of added) {
    const { steps } = parseSequence(`- ${line}`, BUILT_IN).sequence;
    expect([line, steps.length, fitter.suits(steps[0]!)]).toEqual([line, 1, true]);
  }
});
