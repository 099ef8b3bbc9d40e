/** What somebody practises at home: from a class, kept, on paper, on her own page, and by mail. */
import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';
import { Browser } from './browser.js';
import { TODAY } from './client.js';
import { fullHall, type FullHall } from './fullHall.js';
import { wholeDatabase } from './wholeDatabase.js';

let hall: FullHall;
/** What the mail server has taken. */
const taken: string[] = [];
/** Addresses that it does not know. */
const unknown = new Set<string>();
const post = new SMTPServer({
  authOptional: true,
  disabledCommands: ['AUTH', 'STARTTLS'],
  onRcptTo: ({ address }, _session, done) =>
    unknown.has(address)
      ? done(Object.assign(new Error(`No ${address} here`), { responseCode: 550 }))
      : done(),
  onData: (stream, _session, done) => {
    const chunks: Buffer[] = [];
    stream.on('data', (chunk: Buffer) => chunks.push(chunk));
    stream.on('end', () => {
      taken.push(Buffer.concat(chunks).toString('utf8'));
      done();
    });
  },
});

beforeAll(async () => {
  await new Promise<void>((resolve) => post.listen(0, '127.0.0.1', resolve));
  const { port } = post.server.address() as { port: number };
  const { ownServer } = await import('./ownServer.js');
  const mail = { url: `smtp://127.0.0.1:${port}`, from: 'Curlew House <hall@example.org>' };
  hall = await fullHall('home', await ownServer('home', { mail }));
});
afterAll(async () => {
  await hall.server.stop();
  await new Promise<void>((resolve) => post.close(resolve));
});

const HOUSE = ['wall', 'chair', 'blanket', 'book'];
const path = (more = '') => `people/${hall.nell}/home${more}`;
interface Draft {
  draft: { steps: { step: number; variant: string }[]; refused?: string };
  until: string;
}
const draft = async () =>
  (await hall.owner.ask(path('/draft'), 'POST', { classId: hall.classId, has: HOUSE }))
    .json as unknown as Draft;
const keep = async (more: object = {}) => {
  const { draft: known, until } = await draft();
  const steps = known.steps.map(({ step }) => ({ step, timesADay: 2 }));
  return hall.owner.ask(path(), 'POST', {
    ...{ classId: hall.classId, has: HOUSE, steps, words: 'Slowly.', whom: 'Wren', until },
    ...more,
  });
};

test('it is kept, and what was before has ended; a step that is not for home is not taken', async () => {
  const first = await keep();
  expect(first.status).toBe(201);
  expect(first.json).toMatchObject({ title: 'Two steps', words: 'Slowly.', on: TODAY });
  await keep({ words: 'Again.' });
  const all = (await hall.owner.ask(path())).json as unknown as { words: string; until: string }[];
  expect(all.filter(({ until }) => until >= TODAY).map(({ words }) => words)).toEqual(['Again.']);
  const wrong = await keep({ steps: [{ step: 99 }] });
  expect([wrong.status, wrong.json.fields]).toMatchObject([400, [{ field: 'steps[0].step' }]]);
  const late = await keep({ until: '2027-12-01' });
  expect([late.status, late.json.fields]).toMatchObject([400, [{ field: 'until' }]]);
});

test('for who may not practise nothing is for home', async () => {
  const asked = { classId: hall.classId, has: HOUSE };
  const { json } = await hall.owner.ask(`people/${hall.perrin}/home/draft`, 'POST', asked);
  const { draft: known } = json as unknown as Draft;
  if (known.refused) expect(known.steps).toEqual([]);
  else expect(known.steps.map(({ variant }) => variant)).not.toContain('downward-facing-dog.full');
});

test('its sheet is a PDF; on her own page it is there, and what she taps comes back', async () => {
  const { json } = await keep();
  const sheet = await hall.owner.ask(path(`/${json.id as string}/sheet`));
  expect(sheet.text.slice(0, 5)).toBe('%PDF-');
  const { secret } = (await hall.owner.ask(`people/${hall.nell}/link`, 'POST', {})).json as {
    secret: string;
  };
  const her = new Browser(hall.server.base);
  await her.ask('mine/open', 'POST', { secret });
  expect((await her.ask('mine')).json).toMatchObject({ home: { id: json.id, words: 'Slowly.' } });
  const tapped = { on: '2026-11-21', done: 'some', felt: 'hard', after: 'more' };
  expect((await her.ask('mine/diary', 'POST', tapped)).status).toBe(204);
  expect((await hall.owner.ask(`people/${hall.nell}/diary`)).json).toEqual([expect.objectContaining(tapped)]);
  const { proposals } = (await hall.owner.ask(`people/${hall.nell}/proposals`)).json as {
    proposals: object[];
  };
  expect(proposals).toContainEqual(expect.objectContaining({ what: 'ask', atHome: true }));
  for (const on of ['2026-11-30', '2026-01-01'])
    expect((await her.ask('mine/diary', 'POST', { ...tapped, on })).status).toBe(400);
  expect((await her.ask('mine/diary', 'POST', { felt: 'easy' })).status).toBe(400);
  await hall.owner.ask(path(`/${json.id as string}`), 'DELETE');
  expect((await her.ask('mine')).json.home).toBeUndefined();
});

test('what may no longer be done since something else is known of her is not given any more', async () => {
  const { json } = await keep();
  const steps = json.steps as unknown as { variant: string }[];
  expect(steps.length).toBeGreaterThan(0);
  const path0 = `people/${hall.nell}`;
  const { version, id: _id, records: _r, propNotes: _p, ...person } = (await hall.owner.ask(path0)).json;
  const change = (limits: object[], read: number) =>
    hall.owner.ask(path0, 'PUT', { ...person, limits }, { 'If-Match': `"${read}"` });
  const limits = [
    { kind: 'no-floor', by: 'the surgeon' },
    { kind: 'hold', most: 1, by: 'the surgeon' },
  ];
  expect((await change(limits, version as number)).status).toBe(200);
  const now = async () => {
    const [first] = (await hall.owner.ask(path())).json as unknown as { steps: object[]; leftOut?: number }[];
    return first!;
  };
  const { leftOut, steps: left } = await now();
  expect([leftOut, left.length]).toEqual([steps.length, 0]);
  expect((await change([], (version as number) + 1)).status).toBe(200);
  expect((await now()).leftOut).toBeUndefined();
});

test('by mail: what the mail server gets is what the outbox shows, with the sheet', async () => {
  const { json } = await keep();
  const written = { subject: 'Zu Hause üben', text: 'Grüße,\nWren', to: 'nell@example.org' };
  const mail = { kind: 'home', home: json.id, ...written };
  taken.length = 0;
  const put = await hall.owner.ask(`people/${hall.nell}/mail`, 'POST', mail);
  expect(put.json).toMatchObject({ ...written, sentAt: expect.any(String), person: 'Nell Harbin' });
  const got = await simpleParser(taken[0]!);
  expect([got.subject, got.text?.trim(), got.from?.text]).toEqual([
    written.subject,
    written.text,
    '"Curlew House" <hall@example.org>',
  ]);
  const [file] = got.attachments;
  const shown = await hall.owner.ask(`mail/${put.json.id as string}/file`);
  expect(file!.content.subarray(0, 5).toString()).toBe('%PDF-');
  expect(shown.text.length).toBeGreaterThan(1000);
  expect((await hall.owner.ask(`mail/${put.json.id as string}/send`, 'POST', {})).status).toBe(409);
});

test('an address that is refused is said without being kept in the clear, and it can be tried again', async () => {
  unknown.add('nobody@example.org');
  const mail = {
    kind: 'letter',
    to: 'nobody@example.org',
    subject: 'A letter',
    text: '',
    letter: 'Dear colleague,',
  };
  const put = await hall.owner.ask(`people/${hall.nell}/mail`, 'POST', mail);
  expect(put.json).toMatchObject({ problem: 'The mail server does not take this address.' });
  const tables = JSON.stringify(await wholeDatabase(hall.server.sequelize));
  expect([tables.includes('nobody@example.org'), tables.includes('Dear colleague')]).toEqual([false, false]);
  unknown.clear();
  const again = await hall.owner.ask(`mail/${put.json.id as string}/send`, 'POST', {});
  expect(again.json).toMatchObject({ sentAt: expect.any(String) });
  expect(again.json.problem).toBeUndefined();
  for (const to of ['not one', '\ud800', 'a\ud800@example.org'])
    expect(
      (await hall.owner.ask(`people/${hall.nell}/mail`, 'POST', { ...mail, to })).json.fields,
    ).toMatchObject([{ field: 'to' }]);
});

test('a letter begins with what is known of her', async () => {
  const { text } = (await hall.owner.ask(`people/${hall.perrin}/letter?to=doctor`)).json as { text: string };
  expect(text).toContain('To the doctor of Perrin Lake');
  expect(text).toContain('right hip hurt once in class'.replace('right', 'Right'));
  const pdf = await hall.owner.ask(`people/${hall.perrin}/letter/pdf`, 'POST', { text });
  expect(pdf.text.slice(0, 5)).toBe('%PDF-');
  expect((await hall.owner.ask(`people/${hall.perrin}/letter?to=neighbour`)).status).toBe(400);
});
