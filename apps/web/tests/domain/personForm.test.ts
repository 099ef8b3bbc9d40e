/** The person's form: what goes in comes out, and two forms differ exactly where they were changed. */
import fc from 'fast-check';
import { RULEBOOK } from '@lotus-steady/core/built-in';
import { differencesOf, readPeople } from '@lotus-steady/core';
import type { PersonLine } from '../../src/data/types.js';
import { sayPath, sayValue } from '../../src/domain/person/mergeWords.js';
import { valuesOf, writtenOf, type PersonValues } from '../../src/domain/person/personValues.js';

const LINE: PersonLine = {
  id: '7d1f2c5e-0000-4000-8000-000000000001',
  version: 3,
  name: 'Perrin Ashlode',
  born: '1961-04-02',
  sex: 'man',
  pronoun: 'he',
  heightCm: 176,
  can: {
    stand: true,
    kneel: true,
    floor: 'no',
    walks: 'stick',
    hands: false,
    flat: true,
    limbs: { leftArm: 'weak' },
  },
  ranges: { shoulderFlexionRight: 120 },
  screening: { fallsLastYear: 1, chairStands: 9 },
  conditions: [{ condition: 'knee-arthritis', side: 'right' } as PersonLine['conditions'][number]],
  limits: [{ kind: 'arm-raise', side: 'right', most: 110, by: 'physiotherapist' }],
  clearances: [{ for: 'knee-arthritis', by: 'doctor', on: '2026-10-01' }],
  intake: { why: 'A knee that gives.', hopes: ['strength'], asked: ['who', 'why'] },
};

const written = ({ id: _id, version: _version, ...rest }: PersonLine) => rest;

test('a person goes through the form unchanged', () => {
  expect(writtenOf(valuesOf(LINE))).toEqual(written(LINE));
});

test('exercises that a team ordered go through the form, and what is wrong with them is said at the field', () => {
  const ordered = {
    for: 'broken-bone',
    by: 'physiotherapist',
    on: '2026-10-01',
    opens: [],
    poses: ['hand-open-close', 'elbow-bend'],
  };
  const line = { ...LINE, clearances: [ordered] };
  const out = writtenOf(valuesOf(line));
  expect(out.clearances).toEqual([ordered]);
  const errorsOf = (clearance: object): string[] =>
    readPeople([{ ...out, clearances: [clearance] }], RULEBOOK, '2026-12-01').errors.map(
      ({ field }) => field,
    );
  expect(errorsOf(ordered)).toEqual([]);
  // Only what was ordered, and nothing of it chosen, is asked about and is no bare yes.
  const values = valuesOf({ ...LINE, clearances: [{ ...ordered, opens: undefined }] } as never);
  values.clearances[0]!.poses = [];
  const bare = writtenOf(values).clearances![0]!;
  expect(errorsOf(bare as never)).toEqual(['people[0].clearances[0].poses']);
  expect(errorsOf({ ...ordered, poses: 'elbow-bend' })).toEqual(['people[0].clearances[0].poses']);
  expect(errorsOf({ ...ordered, for: 'knee-arthritis', opens: undefined })).toEqual([
    'people[0].clearances[0].poses',
  ]);
});

test('an empty form is somebody of whom only the name is missing', () => {
  const { errors } = readPeople([{ ...writtenOf(valuesOf()), name: 'A' }], RULEBOOK, '2026-12-01');
  expect(errors).toEqual([]);
});

test('numbers are read with a point or a comma, whatever was typed stays in the form', () =>
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 600 }), fc.constantFrom('.', ','), (tenths, mark) => {
      const typed = `${Math.floor(tenths / 10)}${mark}${tenths % 10}`;
      const values = valuesOf(LINE);
      const { screening } = writtenOf({
        ...values,
        screening: { ...values.screening, tugSeconds: typed },
      });
      expect(screening!.tugSeconds).toBeCloseTo(tenths / 10, 9);
    }),
  ));

/** Changes to a form, and how they are said beside what it was: what, mine, theirs. */
const CHANGES: readonly (readonly [string, string, string, Partial<PersonValues>])[] = [
  ['Name', 'Perrin Ashlode', 'Perrin A.', { name: 'Perrin A.' }],
  ['Date of birth', '1961-04-02', '1962-04-02', { born: '1962-04-02' }],
  ['Height in cm', '176', '175', { heightCm: '175' }],
  ['Norms for', 'man', 'nothing', { sex: '' }],
  ['Up from the floor', 'no', 'chair', { can: { ...valuesOf(LINE).can, floor: 'chair' } }],
  ['Right leg', 'nothing', 'still', { limbs: { ...valuesOf(LINE).limbs, rightLeg: 'still' } }],
  ['Knee arthritis', 'knee-arthritis, right', 'nothing', { conditions: [] }],
  ['Why they come', 'A knee that gives.', 'Balance.', { why: 'Balance.' }],
];

test.each(CHANGES)('another %s is told as that and nothing else', (label, mine, theirs, change) => {
  const values = valuesOf(LINE);
  const differences = differencesOf(writtenOf(values), writtenOf({ ...values, ...change }));
  expect(differences.map((one) => [sayPath(one.path), sayValue(one.mine), sayValue(one.theirs)])).toEqual([
    [label, mine, theirs],
  ]);
  expect(differencesOf(writtenOf(values), writtenOf({ ...values }))).toEqual([]);
});
