/** Roles × routes × rows: the table of who may, walked over real HTTP. */
import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { ROLES, type Role } from '../src/common/context.js';
import { Browser } from './browser.js';
import { ownServer, type OwnServer } from './ownServer.js';
import { CAUTION, SHEET_KINDS, type SheetKind } from '../src/sheets/sheet.js';
import { readPdf } from './readPdf.js';
import { WHO_MAY } from './whoMay.js';

/** What a condition is called, and a detail that names one: neither may be where an assistant looks. */
const HEALTH = /glaucoma|blood pressure|pregnan|disc|osteo|trimester|midwife/i;
const PASSWORD = 'herring gulls at dawn';
const UNKNOWN = '00000000-0000-4000-8000-000000000000';

let server: OwnServer;
let who: Record<Role, Browser>;
/** Rows of another hall of the same server, by the subject in a route. */
let others: Record<string, string>;
/** A class of the hall, with somebody in it of whom much is known. */
let classId = '';
let personId = '';

const ask = (by: Browser, route: string, id: string) => {
  const [method, path] = route.split(' ') as [string, string];
  const at = path
    .replace('/api/', '')
    .replace(/\{(id|key)\}/, id)
    .replace('{version}', '1')
    .replace('{kind}', 'handover');
  const body = method === 'GET' || method === 'DELETE' ? undefined : {};
  return by.ask(at, method, body, { 'If-Match': '"1"' });
};

const make = async (by: Browser, path: string, body: object): Promise<string> => {
  const { status, text, json } = await by.ask(path, 'POST', body);
  expect([path, status, text]).toEqual([path, 201, text]);
  return json.id as string;
};

/** A hall with a row of every kind. */
async function fill(by: Browser): Promise<Record<string, string>> {
  const people = await make(by, 'people', {
    name: 'Perrin Lake',
    conditions: [{ condition: 'glaucoma' }, { condition: 'high-blood-pressure', control: 'uncontrolled' }],
  });
  const sequences = await make(by, 'sequences', {
    source: '# Two steps\n- Downward-facing dog, 5 breaths\n- Standing forward fold, 5 breaths',
  });
  const classes = await make(by, 'classes', {
    title: 'Two steps',
    on: '2026-12-01',
    sequenceText: '# Two steps\n- Downward-facing dog, 5 breaths\n- Standing forward fold, 5 breaths',
    people: [{ id: people }],
  });
  const courses = await make(by, 'courses', {
    title: 'Six weeks',
    startsOn: '2026-12-01',
    weeks: Array(4).fill('# One\n- Mountain, 5 breaths'),
    people: [],
  });
  const invitations = await make(by, 'members/invitations', { name: 'Somebody', role: 'teacher' });
  const groups = await make(by, 'groups', {
    title: 'Saturdays',
    weekday: 6,
    firstOn: '2026-12-01',
    people: [{ id: people, waiting: false }],
  });
  const places = await make(by, 'places', { name: 'The long room', stock: {} });
  const documents = await make(by, 'documents', { personId: people, name: 'A letter' });
  return { people, sequences, classes, courses, invitations, groups, places, documents };
}

async function join(owner: Browser, role: Role, signIn: string = role): Promise<Browser> {
  const { secret } = (await owner.ask('members/invitations', 'POST', { name: role, role })).json as {
    secret: string;
  };
  const browser = new Browser(server.base);
  const taken = { secret, name: role, signIn, password: PASSWORD };
  expect((await browser.ask('links/take', 'POST', taken)).status).toBe(204);
  return browser;
}

beforeAll(async () => {
  server = await ownServer('roles');
  const owner = new Browser(server.base);
  const first = { hall: 'Curlew House', name: 'Wren Addleby', signIn: 'wren', password: PASSWORD };
  await owner.ask('session/first', 'POST', first);
  const rows = await fill(owner);
  [classId, personId] = [rows.classes!, rows.people!];
  const [teacher, assistant] = [await join(owner, 'teacher'), await join(owner, 'assistant')];
  const person = new Browser(server.base);
  const { secret } = (await owner.ask(`people/${personId}/link`, 'POST')).json as { secret: string };
  await person.ask('mine/open', 'POST', { secret });
  who = { owner, teacher, assistant, person };

  // The same person owns another hall, with a row of every kind and a member.
  const elsewhere = new Browser(server.base);
  await elsewhere.ask('session', 'POST', { signIn: 'wren', password: PASSWORD });
  await elsewhere.ask('session/halls', 'POST', { hall: 'Heron Loft' });
  others = await fill(elsewhere);
  await join(elsewhere, 'assistant', 'their assistant');
  const members = (await elsewhere.ask('members')).json as { id: string; role: string }[];
  others.members = members.find(({ role }) => role === 'assistant')!.id;
});
afterAll(() => server.stop());

test('every route has a rule, and every rule a route', async () => {
  const { paths } = (await who.owner.ask('openapi.json')).json as { paths: Record<string, object> };
  const routes = Object.entries(paths).flatMap(([path, operations]) =>
    Object.keys(operations).map((method) => `${method.toUpperCase()} ${path}`),
  );
  expect(routes.sort()).toEqual(Object.keys(WHO_MAY).sort());
});

/** Ends what the others of this walk need. */
const ENDS = new Set([
  'DELETE /api/session',
  'DELETE /api/account/devices',
  'DELETE /api/mine',
  'POST /api/session',
  'POST /api/session/demo',
  'POST /api/session/first',
  'POST /api/session/halls',
]);
const walked = Object.entries(WHO_MAY).filter(([route]) => !ENDS.has(route));

test.each(walked)('%s: for those it is for, and for nobody else', async (route, may) => {
  const nobody = new Browser(server.base);
  if (!may.includes('anyone')) expect((await ask(nobody, route, UNKNOWN)).status).toBe(401);
  for (const role of ROLES) {
    const { status } = await ask(who[role], route, UNKNOWN);
    const isLetIn = may.includes('anyone') || may.includes(role);
    expect([role, isLetIn || status === 401 || status === 403]).toEqual([role, true]);
    // What her role may is refused for another reason: nothing is there, or the body is empty.
    if (isLetIn) expect([role, status === 401]).toEqual([role, false]);
    if (isLetIn && !/network|demo|codes/.test(route)) expect([role, status === 403]).toEqual([role, false]);
  }
});

const OF_A_ROW = walked.filter(([route]) => /\{(id|key)\}/.test(route));

test.each(OF_A_ROW)('%s: another hall’s is not there', async (route, may) => {
  const subject = /invitations/.test(route) ? 'invitations' : /\/api\/([\w-]+)/.exec(route)![1]!;
  const id = others[subject] ?? UNKNOWN;
  for (const role of ROLES.filter((one) => may.includes(one))) {
    const [theirs, none] = [await ask(who[role], route, id), await ask(who[role], route, UNKNOWN)];
    // As one that is nowhere, whatever was sent: refused at the body, or 404.
    expect([role, theirs.status, theirs.text]).toEqual([role, none.status, none.text]);
    expect([400, 404]).toContain(theirs.status);
  }
});

test('a whole body for another hall’s row is refused too, and changes nothing', async () => {
  const before = (await who.owner.ask('people')).text;
  for (const [path, method, body] of [
    [`people/${others.people!}`, 'PUT', { name: 'Taken Over' }],
    [
      `people/${others.people!}/props`,
      'PUT',
      { task: 'seat-cross-legged', heightCm: 5, words: '', on: '2026-11-23' },
    ],
    [`classes/${others.classes!}/plan`, 'PUT', { sequenceText: '# A\n- Mountain', choices: {} }],
    [`classes/${others.classes!}/record`, 'PUT', { records: [] }],
    [`sequences/${others.sequences!}`, 'PUT', { source: '# Taken over\n- Mountain' }],
  ] as const)
    expect([path, (await who.owner.ask(path, method, body, { 'If-Match': '"1"' })).status]).toEqual([
      path,
      404,
    ]);
  const draft = { on: '2026-12-01', sequenceText: '# A\n- Mountain', people: [{ id: others.people! }] };
  expect((await who.owner.ask('classes/fit', 'POST', draft)).status).toBe(400);
  expect((await who.owner.ask('people')).text).toBe(before);
});

describe('an assistant', () => {
  test('sees what each person does and with which props, and nothing of why', async () => {
    const full = (await who.owner.ask(`classes/${classId}`)).json;
    const { json } = await who.assistant.ask(`classes/${classId}`);
    // What the hall holds of topics is nobody's health.
    const { houseView: _houseView, ...seen } = json as Record<string, unknown>;
    expect(JSON.stringify(full)).toMatch(HEALTH);
    expect(JSON.stringify(seen)).not.toMatch(HEALTH);
    expect(json.fitting.lanes[0]).toMatchObject({ person: 'Perrin Lake', stages: [], alerts: [] });
    const does = (fitting: { lanes: { steps: { variant: string; props: object[]; hold: object }[] }[] }) =>
      fitting.lanes.map(({ steps }) => steps.map(({ variant, props, hold }) => ({ variant, props, hold })));
    expect(does(json.fitting)).toEqual(does(full.fitting));
  });

  test('has sheets with nothing of anybody’s health on them', async () => {
    const wordsOn = async (by: Browser, kind: SheetKind): Promise<string> => {
      const path = `classes/${classId}/sheets/${kind}`;
      const answer = await fetch(`${server.base}/api/${path}`, { headers: by.headers(path) });
      expect(answer.status).toBe(200);
      const { words, alts } = await readPdf(new Uint8Array(await answer.arrayBuffer()));
      // At the foot it is said whose word comes first: that is nobody's health.
      return [...words, ...alts].join(' ').replaceAll(CAUTION, '');
    };
    expect(await wordsOn(who.owner, 'handover')).toMatch(HEALTH);
    for (const kind of SHEET_KINDS) expect(await wordsOn(who.assistant, kind)).not.toMatch(HEALTH);
    // Others lie beside the mat on which it lies.
    expect(await wordsOn(who.owner, 'mats')).not.toMatch(HEALTH);
  });
});

describe('a person', () => {
  test('sees her own classes and diary alone; what she writes is for her teacher, and sealed', async () => {
    const mine = (await who.person.ask('mine')).json;
    expect(mine).toMatchObject({ name: 'Perrin Lake', hall: 'Curlew House', diary: [] });
    expect(mine.classes).toHaveLength(1);
    expect(mine.classes[0].steps.map(({ step }: { step: number }) => step)).toEqual([1, 2]);
    expect((await who.person.ask('mine/diary', 'POST', {})).status).toBe(400);
    const entry = { pain: 3, words: 'Zephyrine morning' };
    const key = { 'Idempotency-Key': randomUUID() };
    // Sent again, for no answer came: it is there once.
    for (let times = 0; times < 2; times++)
      expect((await who.person.ask('mine/diary', 'POST', entry, key)).status).toBe(204);
    expect((await who.teacher.ask(`people/${personId}/diary`)).json).toHaveLength(1);
    const [read] = (await who.teacher.ask(`people/${personId}/diary`)).json as [{ id: string }];
    expect(read).toMatchObject({ ...entry, on: '2026-11-23' });
    const rows = await server.sequelize.query('SELECT * FROM diary_entries', { type: QueryTypes.SELECT });
    expect(JSON.stringify(rows)).not.toContain('Zephyrine');
    await server.sequelize.query("UPDATE diary_entries SET sealed = CONCAT(sealed, 'AAAA')");
    expect((await who.teacher.ask(`people/${personId}/diary`)).json).toMatchObject([{ unreadable: true }]);
    expect((await who.person.ask(`mine/diary/${read.id}`, 'DELETE')).status).toBe(204);
  });

  test('a new link ends the one before and every page it opened', async () => {
    const [before] = (await who.teacher.ask(`people/${personId}/link`)).json as [{ endsAt: string }];
    expect(new Date(before.endsAt).getTime()).toBeGreaterThan(Date.now() + 80 * 24 * 3600 * 1000);
    const { secret } = (await who.teacher.ask(`people/${personId}/link`, 'POST')).json as { secret: string };
    expect((await who.person.ask('mine')).status).toBe(401);
    expect((await who.person.ask('mine/open', 'POST', { secret })).status).toBe(204);
    expect((await who.person.ask('mine')).status).toBe(200);
    await who.teacher.ask(`people/${personId}`, 'DELETE');
    expect((await who.person.ask('mine')).status).toBe(401);
    await who.teacher.ask(`people/${personId}/restore`, 'POST');
    expect((await who.person.ask('mine')).status).toBe(200);
    await who.teacher.ask(`people/${personId}/link`, 'DELETE');
    expect((await who.person.ask('mine')).status).toBe(401);
  });
});
