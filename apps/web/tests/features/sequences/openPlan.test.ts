/** Files as the text of a plan: what goes out comes in again. */
import { readPlan } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { READY } from '@lotus-steady/core/ready';
import fc from 'fast-check';
import { csvOf } from '../../../src/domain/plan/csvOf.js';
import { jsonText, openPlan, tableText } from '../../../src/domain/plan/openPlan.js';

test('a sequence saved as JSON is opened as the same text', async () => {
  await fc.assert(
    fc.asyncProperty(fc.string(), fc.string({ unit: 'binary' }), async (title, source) => {
      const file = JSON.stringify({ title, source });
      expect(jsonText(file)).toBe(source);
      expect(await openPlan(new File([file], 'tides.json'))).toBe(source);
    }),
  );
  for (const bad of ['', '[]', 'null', '{"title":"Tides"}', '{"source":3}'])
    expect(() => jsonText(bad)).toThrow(/JSON/);
});

test('text is opened letter for letter', async () => {
  const text = '# Tides\n\n- Tree, 5 breaths  \n> with a wall\n';
  expect(await openPlan(new File([text], 'tides.txt'))).toBe(text);
});

test('a table of cells is read as its rows, whatever stands in them', async () => {
  const rows = [
    ['Pose', 'Breaths', 'Sides', ''],
    ['Warrior two', 5, 'R/L', null],
    ['Child’s\npose', 8, '', undefined],
  ];
  const { steps } = readPlan(tableText(rows), BUILT_IN);
  expect(steps.map(({ variant, hold, sides }) => [variant.id, hold.count, sides.length])).toEqual([
    ['warrior-two.full', 5, 2],
    ['childs-pose.full', 8, 0],
  ]);
  const csv = 'Pose;Breaths\n"Bridge";6\n';
  expect(readPlan(await openPlan(new File([csv], 'tides.csv')), BUILT_IN).steps).toHaveLength(1);
});

test.each(READY)('$id saved as CSV is opened as the same steps and notes', async ({ source }) => {
  const plan = readPlan(source, BUILT_IN);
  const csv = await csvOf(plan, BUILT_IN.flows);
  const opened = readPlan(await openPlan(new File([csv], 'tides.csv')), BUILT_IN);
  const said = ({ title, minutes, steps }: typeof plan) => [
    title,
    minutes,
    ...steps.map(({ section, variant, hold, sides, note }) => [section, variant.id, hold, sides, note]),
  ];
  expect(said(opened)).toEqual(said(plan));
});

test('what cannot be opened says what can', async () => {
  await expect(openPlan(new File(['x'], 'film.mov'))).rejects.toThrow('.docx');
});
