/** Letters and reports of people: kept sealed, handed out as they were, and never taken for what they are not. */
import { fullHall, type FullHall } from './fullHall.js';
import { wholeDatabase } from './wholeDatabase.js';

let hall: FullHall;
beforeAll(async () => {
  hall = await fullHall('documents');
});
afterAll(() => hall.server.stop());

const PDF = Buffer.from('%PDF-1.7\nA letter about periwinkles.\n%%EOF');
const list = async () =>
  (await hall.owner.ask(`documents?person=${hall.perrin}`)).json as unknown as {
    id: string;
    name: string;
    size: number;
    on?: string;
  }[];
const begin = (more: object = {}) =>
  hall.owner.ask('documents', 'POST', {
    personId: hall.perrin,
    name: 'Periwinkle report',
    on: '2026-10-02',
    by: 'the eye clinic',
    ...more,
  });
const put = (id: string, body: Buffer, type = 'application/pdf') =>
  fetch(`${hall.server.base}/api/documents/${id}/file`, {
    method: 'PUT',
    headers: { ...hall.owner.headers('documents'), 'Content-Type': type },
    body: new Uint8Array(body),
  });
const get = (id: string) =>
  fetch(`${hall.server.base}/api/documents/${id}/file`, { headers: hall.owner.headers('documents') });

test('what comes is what is handed out, byte by byte; in the database nothing of it is to be seen', async () => {
  const { status, json } = await begin();
  expect(status).toBe(201);
  const id = json.id as string;
  expect((await get(id)).status).toBe(404);
  // Every byte there is, and more than a request may otherwise have.
  const large = Buffer.concat([PDF, Buffer.alloc(3_000_000, Buffer.from([...Array(256).keys()]))]);
  expect((await put(id, large)).status).toBe(204);
  const answer = await get(id);
  expect(Buffer.from(await answer.arrayBuffer()).equals(large)).toBe(true);
  expect(answer.headers.get('Content-Type')).toBe('application/pdf');
  expect(answer.headers.get('Content-Disposition')).toBe('attachment; filename="document.pdf"');
  expect(await list()).toMatchObject([
    { id, name: 'Periwinkle report', on: '2026-10-02', size: large.length },
  ]);
  const all = Object.values(await wholeDatabase(hall.server.sequelize)).join('\n');
  expect([all.includes('eriwinkle'), all.includes('%PDF-')]).toEqual([false, false]);
  const everything = await hall.owner.ask(`people/${hall.perrin}/everything`);
  expect(everything.text).toContain('Periwinkle report');
});

test.each([
  ['a page that calls itself a picture', Buffer.from('<svg onload="x()">'), 'image/png', 400],
  ['a text', Buffer.from('hello'), 'text/plain', 400],
  ['nothing', Buffer.alloc(0), 'application/pdf', 400],
  ['more than a telephone takes', Buffer.concat([PDF, Buffer.alloc(12_000_001)]), 'application/pdf', 413],
])('%s is no document, and the one before is kept', async (_, body, type, status) => {
  const { id, size } = (await list())[0]!;
  expect((await put(id, body, type)).status).toBe(status);
  expect((await list())[0]!.size).toBe(size);
});

test('a document is removed and brought back; each act is noted with whose it is', async () => {
  const { id } = (await list())[0]!;
  expect((await hall.owner.ask(`documents/${id}`, 'DELETE')).status).toBe(204);
  expect([(await list()).length, (await get(id)).status]).toEqual([0, 404]);
  expect((await hall.owner.ask(`documents/${id}/restore`, 'POST')).status).toBe(204);
  expect(await list()).toHaveLength(1);
  const entries = (await hall.owner.ask(`trail?person=${hall.perrin}`)).json as unknown as {
    did: string;
    what: string;
    personId: string;
  }[];
  const did = entries.filter(({ what }) => what === 'document');
  expect(new Set(did.map((one) => one.did))).toEqual(
    new Set(['read', 'added', 'changed', 'handed out', 'removed', 'brought back']),
  );
  expect(did.every(({ personId }) => personId === hall.perrin)).toBe(true);
  expect((await begin({ name: '' })).status).toBe(400);
  expect((await begin({ personId: '00000000-0000-4000-8000-000000000000' })).status).toBe(404);
});

test('with her go her documents', async () => {
  const { json } = await hall.owner.ask(`people/${hall.perrin}/erase`, 'POST', { name: 'Perrin Lake' });
  expect((json.counts as Record<string, number>).documents).toBe(1);
});
