/** Many who save the same at the same moment: one is kept, the others are told, nothing fails. */
import { ask, ifMatch, peopleByName, withDemoHall } from './client.js';

withDemoHall();

const MANY = 24;
const together = (save: (i: number) => ReturnType<typeof ask>) =>
  Promise.all(Array.from({ length: MANY }, (_, i) => save(i))).then((all) =>
    all.map(({ status }) => status).sort(),
  );
const oneOf = (kept: number, others: number): number[] =>
  [kept, ...Array<number>(MANY - 1).fill(others)].sort();

test('one new name: one person', async () => {
  const statuses = await together(() => ask('people', 'POST', { name: 'Wren Atholl', heightCm: 170 }));
  expect(statuses).toEqual(oneOf(201, 400));
  const people = (await ask('people')).json as unknown as { name: string }[];
  expect(people.filter(({ name }) => name === 'Wren Atholl')).toHaveLength(1);
});

test('one person to another name that someone takes at the same moment', async () => {
  const ids = await peopleByName();
  const [a, b] = [ids['Tam Orrin']!, ids['Wren Atholl']!];
  const read = { [a]: await ifMatch(`people/${a}`), [b]: await ifMatch(`people/${b}`) };
  const statuses = await together((i) => {
    const id = i % 2 ? a : b;
    return ask(`people/${id}`, 'PUT', { name: 'Lark Merrow', heightCm: 171 }, read[id]);
  });
  expect(statuses[0]).toBe(200);
  expect(statuses.slice(1).every((status) => status === 400 || status === 409)).toBe(true);
});

test('one person, read by all: one is kept', async () => {
  const id = (await peopleByName())['Lark Merrow']!;
  const read = await ifMatch(`people/${id}`);
  const statuses = await together((i) =>
    ask(`people/${id}`, 'PUT', { name: 'Lark Merrow', heightCm: 150 + i, conditions: ['glaucoma'] }, read),
  );
  expect(statuses).toEqual(oneOf(200, 409));
});

test('one record of a class', async () => {
  const [{ id }] = (await ask('classes')).json as unknown as [{ id: string }];
  const { people } = (await ask(`classes/${id}`)).json as unknown as { people: { id: string }[] };
  const records = people.map((person) => ({ personId: person.id, came: true, changes: [], word: '' }));
  const read = await ifMatch(`classes/${id}/record`);
  const statuses = await together(() => ask(`classes/${id}/record`, 'PUT', { records }, read));
  expect(statuses).toEqual(oneOf(200, 409));
  const kept = (await ask(`classes/${id}`)).json as unknown as { records: object[] };
  expect(kept.records).toHaveLength(people.length);
});

test('what worked with one prop: the last is kept, once', async () => {
  const id = (await peopleByName())['Lark Merrow']!;
  const note = (i: number) => ({ task: 'seat-cross-legged', heightCm: i, words: '', on: '2026-11-23' });
  const statuses = await together((i) => ask(`people/${id}/props`, 'PUT', note(i)));
  expect(statuses).toEqual(Array<number>(MANY).fill(204));
  const { propNotes } = (await ask(`people/${id}`)).json as unknown as { propNotes: object[] };
  expect(propNotes).toHaveLength(1);
});

test('one class removed and brought back by all', async () => {
  const [{ id }] = (await ask('classes')).json as unknown as [{ id: string }];
  const statuses = await together((i) =>
    ask(`classes/${id}${i % 2 ? '/restore' : ''}`, i % 2 ? 'POST' : 'DELETE'),
  );
  expect(statuses.every((status) => [204, 404].includes(status))).toBe(true);
});
