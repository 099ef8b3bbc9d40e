/** A client of the API over real HTTP on a real MariaDB, which the test run starts and throws away. */
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { createApp } from '../src/app.js';
import type { KeyRing } from '../src/common/vault.js';
import { Browser, type Answer } from './browser.js';

/** The day that it always is in these tests. */
export const TODAY = '2026-11-23';
const databaseUrl = process.env.DATABASE_URL ?? '';
/** Threads do not run TypeScript: they are given what was built. */
export const BUILT_TASKS = new URL('../dist/threads/tasks.js', import.meta.url);
/** The keys of every server that tests start: one reads what another has written. */
export const KEYS: KeyRing = { current: 'tests', keys: { tests: Buffer.alloc(32, 7) } };
/** A machine that tests run on may be busy: work that is only slow is waited for. */
const PATIENT = { ms: 180_000 };
let app: NestFastifyApplication | undefined;
/** The demo's teacher, signed in. */
let teacher = new Browser('');

/** The server that runs. */
export const server = (): NestFastifyApplication => app!;
/** Where it answers. */
export const baseUrl = (): string => teacher.base;
/** What the teacher's browser sends along with a request of one's own. */
export const signedIn = (path = ''): Record<string, string> => teacher.headers(path);

/** Ends the server that runs, if any, and starts it on the same database. */
export async function start(demo: 'fresh' | 'once', today = TODAY): Promise<void> {
  await stop();
  app = await createApp({ databaseUrl, demo, today, tasks: BUILT_TASKS, keys: KEYS, workLimits: PATIENT });
  await app.listen(0, '127.0.0.1');
  teacher = new Browser(await app.getUrl());
  await signInAgain();
}

/** Signs the demo's teacher in to the demo, wherever she was. */
export async function signInAgain(): Promise<void> {
  teacher = new Browser(teacher.base);
  await teacher.ask('session/demo', 'POST');
}

export const stop = async (): Promise<void> => app?.close();

/** A fresh demo hall for the tests of a file. */
export function withDemoHall(): void {
  beforeAll(async () => {
    if (!databaseUrl) throw new Error('DATABASE_URL is missing: run these tests through npm test.');
    await start('fresh');
  });
  afterAll(stop);
}

/** Where the version stands that a route saves on, and under which name; none where it counts none. */
export function versionAt(path: string): [path: string, name: 'version' | 'stockVersion'] | undefined {
  if (path === 'hall/stock') return ['hall', 'stockVersion'];
  if (path.startsWith('hall/')) return ['hall', 'version'];
  const one = /^(people|classes)\/[^/]+(?=$|\/(plan|record|sequence)$)/.exec(path);
  return one ? [one[0], 'version'] : undefined;
}

/** Saves as a page does that has just read: on the version that stands there. */
export async function ifMatch(path: string): Promise<Record<string, string>> {
  const at = versionAt(path);
  if (!at) return {};
  const { json } = await ask(at[0]);
  return { 'If-Match': `"${json?.[at[1]] ?? 1}"` };
}

/** Asks as the demo's teacher. */
export async function ask(
  path: string,
  method = 'GET',
  body?: unknown,
  more: Record<string, string> = {},
): Promise<Answer> {
  const headers = method === 'PUT' ? { ...(await ifMatch(path)), ...more } : more;
  return teacher.ask(path, method, body, headers);
}
/** What a draft comes to, not kept. */
export async function fit(draft: unknown) {
  const answer = await ask('classes/fit', 'POST', draft);
  return { ...answer, json: answer.status === 200 ? answer.json.fitting : answer.json };
}
export const fieldsOf = (answer: { json: { fields: { field: string }[] } }): string[] =>
  answer.json.fields.map(({ field }) => field);
/** Lines of those who are called so, have that, or are down for that. */
export const found = async <Line extends object = { id: string; name: string }>(
  words: string,
  page: object = {},
): Promise<Line[]> => (await ask('people/find', 'POST', { words, ...page })).json as Line[];
export const peopleByName = async (): Promise<Record<string, string>> =>
  Object.fromEntries(
    ((await ask('people')).json as { id: string; name: string }[]).map(({ id, name }) => [name, id]),
  );
