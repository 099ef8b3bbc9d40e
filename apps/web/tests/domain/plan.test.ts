/**
 * What lies between an edit and the page: the history, what crosses from the worker, and what is drawn
 * again.
 */
import { createFitter, parseSequence, readPeople, type Fitting } from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import fc from 'fast-check';
import { groupLanes, steadyRows } from '../../src/domain/fitting/groupLanes.js';
import { planHistory, startHistory } from '../../src/features/fitting/planHistory.js';
import type { Plan } from '../../src/domain/fitting/live.js';
import { packer, unpacker } from '../../src/workers/packFitting.js';

const ON = '2026-12-01';
const people = readPeople(
  [
    { name: 'Ada' },
    { name: 'Bea', conditions: [{ condition: 'pregnancy', dueDate: '2027-03-01' }] },
    { name: 'Cal', can: { kneel: false } },
  ],
  RULEBOOK,
  ON,
).people;
const fitter = createFitter({
  people,
  on: ON,
  houseView: RULEBOOK.usualHouseView,
  catalogue: BUILT_IN,
  rulebook: RULEBOOK,
});
const LINES = [
  'Mountain, 5 breaths',
  'Cat and cow, 6 rounds',
  'Downward-facing dog, 4 breaths',
  'Locust, 4 breaths',
  'Tree, 20 s each side',
  'Final rest, 5 min',
];
const fit = (lines: readonly string[]): Fitting =>
  fitter.fit(
    parseSequence(`# A\nminutes: 40\n${lines.map((line) => `- ${line}`).join('\n')}`, BUILT_IN).sequence,
  );
const bare = (fitting: Fitting): Fitting => ({
  ...fitting,
  lanes: fitting.lanes.map((lane) => ({
    ...lane,
    steps: lane.steps.map((step) => ({ ...step, measures: {} as typeof step.measures })),
  })),
});

test('what is unpacked is what was packed, edit after edit, and an edit sends little', () => {
  const pack = packer();
  const unpack = unpacker();
  const sent = [
    LINES,
    LINES.map((line) => line.replace('4 breaths', '5 breaths')),
    LINES.slice(1),
    LINES,
  ].map((lines) => {
    const fitting = fit(lines);
    const packed = structuredClone(pack(fitting));
    expect(unpack(packed)).toEqual(bare(fitting));
    return packed.bodies.length;
  });
  expect(sent[0]).toBeGreaterThan(15);
  expect(sent[3]).toBeLessThan(4);
});

test('only rows in which something is drawn otherwise are new', () => {
  const before = groupLanes(fit(LINES));
  const same = steadyRows(before, groupLanes(fit(LINES)));
  const longer = steadyRows(
    before,
    groupLanes(fit(LINES.map((line) => line.replace('6 rounds', '9 rounds')))),
  );
  expect(same.every((row, i) => row === before[i])).toBe(true);
  expect(longer.map((row, i) => row === before[i])).toEqual([true, false, true, true, true, true]);
  expect(longer.map(({ id }) => id)).toEqual(before.map(({ id }) => id));
  expect(steadyRows(before, groupLanes(fit(LINES.slice(1))))).toEqual(before.slice(1));
  expect(new Set(groupLanes(fit([...LINES, ...LINES])).map(({ id }) => id)).size).toBe(2 * LINES.length);
});

test(
  'undo goes back through everything, redo forward again; an edit that changes nothing leaves nothing ' +
    'to undo',
  () => {
    fc.assert(
      fc.property(fc.array(fc.string({ minLength: 1 }), { minLength: 1, maxLength: 8 }), (sources) => {
        const put = (source: string) => ({ change: (plan: Plan): Plan => ({ ...plan, source }) });
        let history = startHistory({
          source: '',
          choices: { overrides: [], swaps: [], fewerVersions: false },
        });
        const first = history.now;
        for (const source of sources) history = planHistory(history, put(source));
        const last = history.now;
        const steps = history.past.length;
        expect(planHistory(history, put(last.source))).toBe(history);
        for (let i = 0; i < steps; i++) history = planHistory(history, 'undo');
        expect(history.now).toBe(first);
        expect(planHistory(history, 'undo')).toBe(history);
        for (let i = 0; i < steps; i++) history = planHistory(history, 'redo');
        expect(history.now).toBe(last);
      }),
    );
  },
);
