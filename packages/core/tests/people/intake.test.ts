/** What is told when somebody first comes: read, dated, and what each part of it changes. */
import fc from 'fast-check';
import { RULEBOOK } from '../../builtIn/rulebook.js';
import { dateFacts, factsOf } from '../../src/people/datedFacts.js';
import { HOPES, posesFor } from '../../src/people/hopes.js';
import { readPerson } from '../../src/people/readPeople.js';
import { testsToRepeat } from '../../src/people/testsToRepeat.js';
import type { InputError, Person } from '../../src/people/types.js';
import { readConditionNames } from '../../src/reading/readConditionNames.js';
import { BUILT_IN } from '../builtIn.js';

const ON = '2026-12-01';
const read = (written: object, errors: InputError[] = []): Person =>
  readPerson({ name: 'A', ...written }, '', errors, RULEBOOK, ON);
const errorsOf = (intake: unknown): string[] => {
  const errors: InputError[] = [];
  read({ intake }, errors);
  return errors.map(({ field }) => field);
};

describe('what is read', () => {
  test('what was told is kept; what is empty is nothing', () => {
    const intake = {
      why: 'Back after a fall.',
      hopes: ['balance', 'back'],
      consent: { words: 'Yes to this.', on: '2026-11-30', by: 'Maren' },
      dated: { 'can.floor': { on: '2026-11-01', from: 'said' } },
      asked: ['why', 'who'],
    };
    expect(read({ intake }).intake).toEqual({ ...intake, asked: ['who', 'why'] });
    for (const nothing of [undefined, null, {}, { why: '', hopes: [], asked: [] }])
      expect(read({ intake: nothing }).intake).toBeUndefined();
  });

  test.each<[string, unknown, string]>([
    ['a list', [], 'intake'],
    ['something unknown', { mood: 'good' }, 'intake.mood'],
    ['a hope of nobody', { hopes: ['fly'] }, 'intake.hopes'],
    ['a group that is none', { asked: ['shoes'] }, 'intake.asked'],
    ['words that are a number', { why: 4 }, 'intake.why'],
    ['a book', { why: 'x'.repeat(2001) }, 'intake.why'],
    ['consent to nothing', { consent: { on: ON, by: 'M' } }, 'intake.consent'],
    ['consent of tomorrow', { consent: { words: 'w', on: '2026-12-02', by: 'M' } }, 'intake.consent.on'],
    ['a fact of no source', { dated: { born: { on: ON, from: 'dreamt' } } }, 'intake.dated.born.from'],
    ['a fact since no day', { dated: { born: { on: '31.11.', from: 'said' } } }, 'intake.dated.born.on'],
    ['a name that is none', { dated: { '__proto__ x': { on: ON, from: 'said' } } }, 'intake.dated'],
  ])('%s is asked about where it stands', (_what, intake, field) => {
    expect(errorsOf(intake)).toContain(field);
  });

  test('whatever is sent is read or named, and never thrown at anybody', () =>
    fc.assert(
      fc.property(fc.anything(), (intake) => {
        const errors: InputError[] = [];
        const person = read({ intake }, errors);
        const bad = errors.every(({ field, message }) => field.startsWith('intake') && message);
        expect(bad).toBe(true);
        // What was read is read again unchanged.
        expect(read({ intake: person.intake }).intake).toEqual(person.intake);
      }),
    ));
});

describe('since when something is known', () => {
  const before = read({
    can: { floor: 'chair' },
    ranges: { neckFlexion: 40 },
    conditions: [{ condition: 'migraine' }],
    intake: { dated: { 'ranges.neckFlexion': { on: '2025-01-02', from: 'measured' } } },
  });
  test('what changes is known from today, by how such things are known', () => {
    const after = read({
      can: { floor: 'alone', hands: false },
      ranges: { neckFlexion: 50 },
      screening: { tugSeconds: 9 },
      conditions: [{ condition: 'migraine' }],
      intake: { dated: { 'ranges.neckFlexion': { on: '2025-01-02', from: 'measured' } } },
    });
    expect(dateFacts(before, after, ON)).toEqual({
      'can.floor': { on: ON, from: 'said' },
      'can.hands': { on: ON, from: 'said' },
      'ranges.neckFlexion': { on: ON, from: 'measured' },
      'screening.tugSeconds': { on: ON, from: 'measured' },
    });
  });
  test('what stands keeps its day; what says its own day and source has them; what is gone is forgotten', () => {
    const letter = { on: '2026-10-01', from: 'letter' };
    const after = read({
      can: {},
      ranges: { neckFlexion: 40 },
      conditions: [{ condition: 'migraine' }],
      intake: { dated: { 'conditions.migraine': letter } },
    });
    expect(dateFacts(before, after, ON)).toEqual({
      'ranges.neckFlexion': { on: '2025-01-02', from: 'measured' },
      'conditions.migraine': letter,
    });
  });
  test('somebody new is known from today, whole', () => {
    expect(new Set(Object.keys(dateFacts(undefined, before, ON)))).toEqual(
      new Set([...factsOf(before).keys()]),
    );
    expect(dateFacts(undefined, before, ON)['ranges.neckFlexion']).toEqual({
      on: '2025-01-02',
      from: 'measured',
    });
  });
});

test('tests of somebody of sixty and over are due again after a year, and not before', () => {
  const with_ = (on: string, born = '1950-01-01'): string[] =>
    testsToRepeat(
      read({ born, intake: { dated: { 'screening.tugSeconds': { on, from: 'measured' } } } }),
      ON,
    );
  expect(with_('2025-11-30')).toEqual(['the up-and-go was timed on 30 November 2025']);
  expect(with_('2025-12-01')).toEqual([]);
  expect(with_('2025-11-30', '1990-01-01')).toEqual([]);
});

test('conditions said in one breath are known by what people call them, with their side', () => {
  expect(
    readConditionNames(
      'high blood pressure; left frozen shoulder, brittle ears\nmigraine',
      RULEBOOK.conditions,
    ),
  ).toEqual([
    { condition: 'high-blood-pressure' },
    { condition: 'frozen-shoulder', side: 'left' },
    { condition: 'migraine' },
    { condition: 'something-else', words: 'brittle ears' },
  ]);
  expect(readConditionNames(' , ;\n', RULEBOOK.conditions)).toEqual([]);
});

test('every hope is served by some pose, and the first named serves the one alone that is asked for', () => {
  for (const hope of HOPES) {
    const [first] = posesFor([hope.id], BUILT_IN.poses);
    const { purposes, energy } = first!;
    expect(
      hope.actions?.includes(purposes[0].action) ||
        hope.regions?.includes(purposes[0].region) ||
        hope.energy === energy,
    ).toBe(true);
  }
  expect(posesFor(['nobody hopes this'], BUILT_IN.poses)).toEqual([]);
});
