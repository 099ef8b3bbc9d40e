/** What is asked for several times under one key is done once, whichever server is asked. */
import { randomUUID } from 'node:crypto';
import { ask, found, ifMatch, withDemoHall } from './client.js';

withDemoHall();

const under = (key: string) => ({ 'Idempotency-Key': key });

test('many at once under one key: one person, and the same answer to all', async () => {
  const key = under(randomUUID());
  const answers = await Promise.all(
    Array.from({ length: 6 }, () => ask('people', 'POST', { name: 'Isla Fenwick' }, key)),
  );
  expect([...new Set(answers.map(({ status, text }) => `${status} ${text}`))]).toHaveLength(1);
  expect(answers[0]!.status).toBe(201);
  expect(await found('Isla Fenwick')).toHaveLength(1);
});

test('a change whose answer was lost is answered as it was, though others have saved since', async () => {
  const { id } = (await found('Isla Fenwick'))[0]!;
  const headers = { ...under(randomUUID()), ...(await ifMatch(`people/${id}`)) };
  const change = () => ask(`people/${id}`, 'PUT', { name: 'Isla Fenwick', heightCm: 160 }, headers);
  const first = await change();
  expect(first).toMatchObject({ status: 200, json: { version: 2 } });
  await ask(`people/${id}`, 'PUT', { name: 'Isla Fenwick', heightCm: 161 });
  // Its headers say when it was answered.
  const { status, text } = await change();
  expect([status, text]).toEqual([first.status, first.text]);
  expect((await ask(`people/${id}`)).json).toMatchObject({ heightCm: 161, version: 3 });
});

test('what was removed once is not missed the second time', async () => {
  const { id } = (await found('Isla Fenwick'))[0]!;
  const key = under(randomUUID());
  const remove = async () => (await ask(`people/${id}`, 'DELETE', undefined, key)).status;
  expect([await remove(), await remove(), (await ask(`people/${id}`, 'DELETE')).status]).toEqual([
    204, 204, 404,
  ]);
});

test('what was refused may be asked for again under its key', async () => {
  const key = under(randomUUID());
  const { id } = (await ask('people', 'POST', { name: 'Bryn Kestle' })).json as { id: string };
  const again = async () => (await ask('people', 'POST', { name: 'Bryn Kestle' }, key)).status;
  expect(await again()).toBe(400);
  await ask(`people/${id}`, 'DELETE');
  expect(await again()).toBe(201);
});

test('a key goes with one request', async () => {
  const key = under(randomUUID());
  const post = async (name: string, headers = key) => (await ask('people', 'POST', { name }, headers)).status;
  expect([await post('Orla Penhale'), await post('Orla Penhall')]).toEqual([201, 422]);
  expect(await post('Orla Penhill', under('mine'))).toBe(400);
  expect(await found('Orla Penh')).toHaveLength(1);
});
