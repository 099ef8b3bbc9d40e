/** Reading has limits: what is longer than anyone writes is said to be, and costs nothing. */
import { parseSequence, pronounOf, readPeople, resolveCondition } from '../builtIn.js';

test('a class has at most 200 steps; the line after which nothing is read is named', () => {
  const { sequence, errors } = parseSequence(
    Array.from({ length: 230 }, () => '- Tree, 5 breaths').join('\n'),
  );
  expect(sequence.steps.length).toBe(200);
  expect(errors.map(({ message }) => message)).toEqual([
    'Line 201: a class has at most 200 steps; what follows is not read.',
  ]);
});

test('of unknown lines 200 are asked about, then no more are looked up', () => {
  const { errors } = parseSequence(Array.from({ length: 3300 }, (_, i) => `- q${i}`).join('\n'));
  expect(errors.length).toBe(201);
  expect(errors.at(-1)!.line).toBe(201);
});

test('a word of twenty thousand letters is no name, and is not looked up', () => {
  const { errors } = parseSequence(`- ${'x'.repeat(20_000)}`);
  expect(errors[0]!.message).toBe('Line 1: 20000 letters are too long for the name of a pose.');
  expect(errors[0]!.nearest).toEqual([]);
});

test('a condition of any length is answered: what is near nothing is something else', () => {
  const found = resolveCondition('x'.repeat(20_000));
  expect('nearest' in found && found.nearest).toEqual(['Something else']);
});

test('how someone is spoken of: one of three, they where nothing is said', () => {
  const { people, errors } = readPeople([{ name: 'A', pronoun: 'he' }, { name: 'B' }], '2026-12-01');
  expect(errors).toEqual([]);
  expect(people.map((person) => pronounOf(person).object)).toEqual(['him', 'them']);
  expect(readPeople([{ name: 'A', pronoun: 'it' }], '2026-12-01').errors[0]!.message).toBe(
    'pronoun is she, he or they, or left out.',
  );
});
