/** The form of a class: what is sent of it, and how it is held against another's. */
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { NO_CHOICES } from '@lotus-steady/core';
import { showCatalogue } from '../../../src/data/catalogue.js';
import { setToday } from '../../../src/data/today.js';
import {
  draftOf,
  emptyPlan,
  planDifferences,
  type PlanValues,
} from '../../../src/features/classes/planValues.js';

showCatalogue(BUILT_IN);
setToday('2026-11-23');

const PLAN: PlanValues = {
  ...emptyPlan(),
  title: 'Thursday',
  time: '18:00',
  sequenceText: '- Tree, 5 breaths\n- Plank, 3 breaths',
  people: { a: { pain: 7, bp: '150/95' }, b: {} },
};
const PEOPLE = [
  { id: 'a', name: 'Ines' },
  { id: 'b', name: 'Tam' },
];

test('the teacher’s choices follow their steps when the sequence is written anew', () => {
  const override = { personId: 'a', step: 2, variant: 'plank.full', reason: 'Has done it for years' };
  const start = { ...PLAN, choices: { ...NO_CHOICES, overrides: [override] } };
  expect(draftOf(start, start, 'T').choices).toEqual(start.choices);
  const moved = { ...start, sequenceText: '- Plank, 3 breaths\n- Tree, 5 breaths' };
  expect(draftOf(moved, start, 'T').choices).toMatchObject({ overrides: [{ ...override, step: 1 }] });
  const gone = { ...start, sequenceText: '- Tree, 5 breaths' };
  expect(draftOf(gone, start, 'T').choices).toMatchObject({ overrides: [] });
});

test('time and place are left out where they are blank', () => {
  expect(draftOf(PLAN, PLAN, 'T')).toMatchObject({ time: '18:00' });
  expect('place' in draftOf(PLAN, PLAN, 'T')).toBe(false);
});

test('two plans differ in words: people by name, only the lines that one has alone', () => {
  const theirs = {
    ...PLAN,
    time: '',
    people: { b: {} },
    sequenceText: '- Tree, 5 breaths\n- Cobra, 4 breaths',
  };
  expect(planDifferences(PLAN, theirs, PEOPLE)).toEqual([
    { label: 'Time', mine: '18:00', theirs: '' },
    { label: 'Who is coming', mine: 'Ines, Tam', theirs: 'Tam' },
    { label: 'Only in this sequence', mine: '- Plank, 3 breaths', theirs: '- Cobra, 4 breaths' },
  ]);
  expect(planDifferences(PLAN, { ...PLAN }, PEOPLE)).toEqual([]);
});
