/** The class that the benchmarks fit. */
import { readFileSync } from 'node:fs';
import { parseSequence, readPeople, type Person, type Sequence } from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';

export const FIT_DAY = '2026-11-26';

const MORE = [
  'Warrior two, 5 breaths each side',
  'Half forward fold, 4 breaths',
  'Chair pose, 3 breaths',
  'Pyramid, 4 breaths each side',
  'Extended side angle, 4 breaths each side',
  'Garland, 5 breaths',
  'Low lunge, 4 breaths each side',
  'Cobra, 4 breaths',
  'Opposite arm and leg, 3 breaths each side',
  'Plank, 3 breaths',
  'Puppy, 4 breaths',
  'Seated forward fold, 5 breaths',
  'Butterfly, 6 breaths',
  'Head to knee, 4 breaths each side',
  'Pelvic tilt, 6 rounds',
  'Knees to chest, 5 breaths',
  'Happy baby, 5 breaths',
  'Mountain, 5 breaths',
];

/** The example class with more steps in the middle: thirty in all; one of them held for so many seconds. */
export function benchSequence(edit?: { at: number; seconds: number }): Sequence {
  const lines = readFileSync('docs/examples/thursday-mixed.txt', 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('- '))
    .map((line) => line.slice(2));
  const all = [...lines.slice(0, -1), ...MORE, lines[lines.length - 1]!].map((line, i) =>
    i === edit?.at ? `${line.split(',')[0]!}, ${edit.seconds} s` : line,
  );
  const { sequence, errors } = parseSequence(
    `# Thirty\nminutes: 120\n${all.map((line) => `- ${line}`).join('\n')}`,
    BUILT_IN,
  );
  if (errors.length || sequence.steps.length !== 30)
    throw new Error(
      `The benchmark's class has ${sequence.steps.length} steps. ${errors.map(({ message }) => message).join(' ')}`,
    );
  return sequence;
}

/** The example people over and over, under new names; `apart`: each of another height. */
export function benchPeople(count: number, apart = false): Person[] {
  const { people } = JSON.parse(readFileSync('docs/examples/people.json', 'utf8')) as {
    people: { name: string; born?: string }[];
  };
  return readPeople(
    Array.from({ length: count }, (_, i) => ({
      ...people[i % people.length]!,
      name: `P${i}`,
      ...(apart ? { heightCm: 148 + i * 1.7 } : {}),
    })),
    RULEBOOK,
    FIT_DAY,
  ).people;
}
