/** Work in threads of its own: limits, and what goes on beside it. */
import { ask, BUILT_TASKS, peopleByName, withDemoHall } from './client.js';
import { WorkPool, type WorkLimits } from '../src/threads/workPool.js';

const pools: WorkPool[] = [];
const poolWith = (limits: Partial<WorkLimits>): WorkPool => {
  const pool = new WorkPool(BUILT_TASKS, limits);
  pools.push(pool);
  return pool;
};
afterEach(async () => {
  for (const pool of pools.splice(0)) await pool.beforeApplicationShutdown();
});

const own = { print: '', list: [] };
const short = { source: '# Short\n- Tree, 4 breaths', own };
/** Some seconds of looking up names that nothing has. */
const long = {
  source: Array.from({ length: 190 }, (_, i) => `- ${'wording nobody knows '.repeat(7)}${i}`).join('\n'),
  own,
};

test('what takes too long is given up, in words, and the next is done', async () => {
  const pool = poolWith({ ms: 5 });
  await expect(pool.run('titleOfSequence', long)).rejects.toMatchObject({
    status: 503,
    message: expect.stringMatching(/was given up/) as string,
  });
  expect(await poolWith({}).run('titleOfSequence', short)).toEqual('Short');
});

test('of too much at once what cannot wait is refused, and the rest is done', async () => {
  const pool = poolWith({ waiting: 2 });
  const all = await Promise.allSettled(Array.from({ length: 12 }, () => pool.run('titleOfSequence', short)));
  const refused = all.filter(({ status }) => status === 'rejected');
  expect(refused.length).toBeGreaterThan(0);
  for (const one of refused)
    expect(one).toMatchObject({
      reason: { status: 503, message: expect.stringMatching(/in a moment/) as string },
    });
  expect(all.length - refused.length).toBeGreaterThanOrEqual(3);
});

test('whoever leaves takes the work along, and the thread is free', async () => {
  const pool = poolWith({});
  const gone = new AbortController();
  const left = pool.run('titleOfSequence', long, gone.signal);
  gone.abort();
  await expect(left).rejects.toMatchObject({ status: 499 });
  expect(await pool.run('titleOfSequence', short)).toEqual('Short');
});

test('more than a thread may hold is refused, and the next is done', async () => {
  const pool = poolWith({ memoryMb: 8 });
  await expect(pool.run('titleOfSequence', short)).rejects.toMatchObject({ status: 503 });
  expect(await poolWith({}).run('titleOfSequence', short)).toEqual('Short');
});

test('what is running when the server stops is not waited for, and that is said', async () => {
  const pool = poolWith({});
  const running = expect(pool.run('titleOfSequence', long)).rejects.toMatchObject({
    status: 503,
    message: 'The server is being stopped.',
  });
  await pool.beforeApplicationShutdown();
  await running;
});

describe('beside a large class that is being fitted', () => {
  withDemoHall();
  test('a small question is answered first', async () => {
    const ids = Object.values(await peopleByName());
    const order: string[] = [];
    const steps = Array.from({ length: 180 }, (_, i) => `- ${['Tree', 'Cobra', 'Bridge'][i % 3]!}, 30 s`);
    const large = ask('classes/fit', 'POST', {
      on: '2026-12-01',
      sequenceText: steps.join('\n'),
      people: ids.map((id) => ({ id })),
    }).then(({ status, json }) => {
      order.push('large');
      const { steps } = (json as unknown as { fitting: { steps: object[] } }).fitting;
      expect([status, steps.length]).toEqual([200, 180]);
    });
    for (let i = 0; i < 5; i++) {
      expect((await ask('hall')).status).toBe(200);
      order.push('small');
    }
    await large;
    expect(order).toEqual([...Array<string>(5).fill('small'), 'large']);
  });
});
