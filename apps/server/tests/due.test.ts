/** What runs out or changes within a week, of those who come. */
import { dateAfter, type Due } from '@lotus-steady/core';
import { ask, TODAY, withDemoHall } from './client.js';

withDemoHall();

const due = async (): Promise<{ name: string; due: Due[] }[]> => {
  const { status, json } = await ask('due');
  expect(status).toBe(200);
  return json as { name: string; due: Due[] }[];
};
const of = async (name: string): Promise<Due[]> => (await due()).find((one) => one.name === name)?.due ?? [];

test('everybody by name, and nothing that is more than a week ahead', async () => {
  const all = await due();
  const names = all.map(({ name }) => name);
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
  const days = all.flatMap((one) => one.due.map(({ on }) => on));
  expect(days.length).toBeGreaterThan(0);
  for (const on of days) expect([on > TODAY, on <= dateAfter(TODAY, 7)]).toEqual([true, true]);
});

test.each([
  [
    'a limit that ends',
    { limits: [{ kind: 'no-floor', by: 'herself', until: '2026-11-26' }] },
    'limit',
    '2026-11-27',
  ],
  [
    'a stage that begins',
    { conditions: [{ condition: 'pregnancy', dueDate: '2027-02-18' }] },
    'change',
    undefined,
  ],
  [
    'a limit that holds',
    { limits: [{ kind: 'no-floor', by: 'herself', until: '2027-03-01' }] },
    undefined,
    undefined,
  ],
])('%s is told of whoever is down for a class, and of nobody else', async (_, known, kind, on) => {
  const name = `Wren ${kind ?? 'none'} ${on ?? ''}`.trim();
  const { status, json } = await ask('people', 'POST', { name, ...known });
  expect(status).toBe(201);
  expect(await of(name)).toEqual([]);
  const day = dateAfter(TODAY, 3);
  const people = [{ id: json.id as string }];
  await ask('classes', 'POST', { title: 'One', on: day, sequenceText: '# One\n- Tree, 5 breaths', people });
  const told = await of(name);
  if (!kind) expect(told).toEqual([]);
  else expect(told.some((one) => one.kind === kind && (!on || one.on === on))).toBe(true);
});
