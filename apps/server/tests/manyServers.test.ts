/** Several servers of many halls on one database: each hall by its token, and one server at a time prepares it. */
import { setTimeout as wait } from 'node:timers/promises';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { createApp } from '../src/app.js';
import { withLease } from '../src/database/lease.js';
import { hallToken } from '../src/halls/hallTokens.js';
import { ask, BUILT_TASKS, KEYS, TODAY, withDemoHall } from './client.js';

withDemoHall();

const databaseUrl = process.env.DATABASE_URL ?? '';
const KEY = 'of all servers';
let sequelize: Sequelize;
let apps: NestFastifyApplication[] = [];
let hallId = '';

beforeAll(async () => {
  sequelize = new Sequelize(databaseUrl, { logging: false });
  const halls = await sequelize.query<{ id: string }>('SELECT id FROM halls', { type: QueryTypes.SELECT });
  hallId = halls[0]!.id;
  apps = await Promise.all(
    [1, 2].map(() =>
      createApp({ databaseUrl, demo: 'none', today: TODAY, tasks: BUILT_TASKS, keys: KEYS, hallKey: KEY }),
    ),
  );
  await Promise.all(apps.map((app) => app.listen(0, '127.0.0.1')));
});
afterAll(async () => {
  await Promise.all(apps.map((app) => app.close()));
  await sequelize.query('DROP TABLE IF EXISTS lease');
  await sequelize.close();
});

const asked = async (app: NestFastifyApplication, token?: string) => {
  const headers: Record<string, string> = token === undefined ? {} : { Authorization: `Bearer ${token}` };
  return fetch(`${await app.getUrl()}/api/people`, { headers });
};

test('each server lets a hall in by its token, and nobody else', async () => {
  const token = hallToken(hallId, KEY);
  const [first, second] = apps as [NestFastifyApplication, NestFastifyApplication];
  const people = (await ask('people')).json as unknown as object[];
  expect(await (await asked(first, token)).json()).toEqual(people);
  expect(await (await asked(second, token)).json()).toEqual(people);
  const other = `${hallId.replace(/^./, (digit) => (digit === '0' ? '1' : '0'))}${token.slice(36)}`;
  for (const wrong of [undefined, '', hallToken(hallId, 'another key'), other, `${token}x`])
    expect((await asked(first, wrong)).status).toBe(401);
});

test('a hall sees nothing of another', async () => {
  const token = hallToken('00000000-0000-4000-8000-000000000000', KEY);
  expect(await (await asked(apps[0]!, token)).json()).toEqual([]);
});

test('one at a time holds the lease, and what its holder throws gives it back', async () => {
  const seen: string[] = [];
  const work = (name: string) => async () => {
    seen.push(`${name} begins`);
    await wait(50);
    seen.push(`${name} ends`);
    if (name === 'a') throw new Error('broken off');
  };
  const times = { asked: 0.02 };
  const one = withLease(sequelize, work('a'), times);
  const others = ['b', 'c'].map((name) => withLease(sequelize, work(name), times));
  await expect(one).rejects.toThrow('broken off');
  await Promise.all(others);
  expect(seen).toHaveLength(6);
  seen.forEach((line, i) => expect(line.endsWith(i % 2 ? 'ends' : 'begins')).toBe(true));
});

test('a holder that is gone is waited for until its lease runs out; one that works on keeps it', async () => {
  const times = { holds: 0.3, renewed: 0.05, asked: 0.02 };
  let working = true;
  const held = withLease(sequelize, async () => wait(800).then(() => (working = false)), times);
  await wait(50);
  await withLease(sequelize, async () => expect(working).toBe(false), times);
  await held;
  // As one that was killed leaves it.
  await sequelize.query("UPDATE lease SET holder = 'gone', until = UTC_TIMESTAMP(3) + INTERVAL 0.3 SECOND");
  const since = performance.now();
  await withLease(sequelize, async () => undefined, times);
  expect(performance.now() - since).toBeGreaterThan(200);
});
