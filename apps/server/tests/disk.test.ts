/** A disk that is nearly full: everything is read, nothing is saved, and it is said what is needed. */
import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { createApp } from '../src/app.js';
import { signedInAt } from './browser.js';
import { BUILT_TASKS, KEYS } from './client.js';

const databaseUrl = process.env.DATABASE_URL ?? '';
/** Somebody new in every run. */
const SAVED = `Ash ${randomUUID()}`;

/** A server that wants so much room on the disk, megabytes. */
async function serverThatNeeds(neededMb: number) {
  const app = await createApp({
    databaseUrl,
    demo: 'none',
    today: '2026-11-23',
    tasks: BUILT_TASKS,
    keys: KEYS,
    disk: { folder: tmpdir(), neededMb },
  });
  await app.listen(0, '127.0.0.1');
  const browser = await signedInAt(await app.getUrl());
  const send = (method: string, path: string, body?: object) => browser.ask(path, method, body);
  return { app, send };
}

test('with room enough it is saved', async () => {
  const { app, send } = await serverThatNeeds(1);
  try {
    expect((await send('POST', 'people', { name: SAVED })).status).toBe(201);
  } finally {
    await app.close();
  }
});

test('with too little room nothing is saved, all is read, and a class is fitted without being kept', async () => {
  // More than any disk has.
  const { app, send } = await serverThatNeeds(1e12);
  try {
    for (const [method, path] of [
      ['POST', 'people'],
      ['PUT', 'hall/pace'],
      ['POST', 'classes'],
      ['DELETE', 'people/00000000-0000-4000-8000-000000000000'],
    ] as const) {
      const refused = await send(method, path, { name: 'Juniper Vale' });
      expect([path, refused.status]).toEqual([path, 503]);
      const { message } = refused.json as { message: string };
      expect(message).toMatch(
        /^The disk is full: 1000000000000 MB must be free before anything can be saved, and \d+ MB are\./,
      );
      expect(message).not.toContain('Juniper');
    }
    const people = (await send('POST', 'people/find', { words: SAVED })).json as {
      id: string;
      name: string;
    }[];
    expect(people.some(({ name }) => name === SAVED)).toBe(true);
    expect((await send('POST', 'people/find', { words: 'Juniper' })).json).toEqual([]);
    const fitted = await send('POST', 'classes/fit', {
      on: '2026-12-01',
      sequenceText: '- Tree, 5 breaths',
      people: [{ id: people[0]!.id }],
    });
    expect(fitted.status).toBe(200);
  } finally {
    await app.close();
  }
});
