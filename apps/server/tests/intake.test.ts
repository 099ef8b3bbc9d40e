/** What is told when somebody comes: kept with its day, filled in by herself, and asked at the door. */
import { QueryTypes } from 'sequelize';
import { Browser } from './browser.js';
import { TODAY } from './client.js';
import { ownServer, type OwnServer } from './ownServer.js';

const PASSWORD = 'herring gulls at dawn';
let server: OwnServer;
let owner: Browser;
let person: Browser;
let personId = '';
let today = '';

const known = async () =>
  (await owner.ask(`people/${personId}`)).json as {
    version: number;
    can: Record<string, unknown>;
    conditions: { condition: string }[];
    intake: { dated?: Record<string, { on: string; from: string }>; why?: string };
  };
const save = async (draft: object) => {
  const { version } = await known();
  return owner.ask(
    `people/${personId}`,
    'PUT',
    { name: 'Perrin Lake', ...draft },
    { 'If-Match': `"${version}"` },
  );
};

beforeAll(async () => {
  server = await ownServer('intake');
  owner = new Browser(server.base);
  const first = { hall: 'Curlew House', name: 'Wren Addleby', signIn: 'wren', password: PASSWORD };
  await owner.ask('session/first', 'POST', first);
  today = TODAY;
  const made = await owner.ask('people', 'POST', { name: 'Perrin Lake', can: { floor: 'chair' } });
  personId = made.json.id as string;
  const { secret } = (await owner.ask(`people/${personId}/link`, 'POST')).json as { secret: string };
  person = new Browser(server.base);
  await person.ask('mine/open', 'POST', { secret });
});
afterAll(() => server.stop());

test('what is told is known since today; what does not change keeps its day; a letter has its own', async () => {
  expect((await known()).intake.dated).toEqual({ 'can.floor': { on: today, from: 'said' } });
  const letter = { on: '2026-01-31', from: 'letter' };
  const told = {
    can: { floor: 'chair', hands: false },
    conditions: [{ condition: 'migraine' }],
    intake: { why: 'A stiff neck.', dated: { 'conditions.migraine': letter } },
  };
  expect((await save(told)).status).toBe(200);
  const dated = { 'can.floor': { on: today, from: 'said' }, 'can.hands': { on: today, from: 'said' } };
  expect((await known()).intake).toEqual({
    why: 'A stiff neck.',
    dated: { ...dated, 'conditions.migraine': letter },
  });
  // Sent again without days: they are kept.
  expect((await save({ ...told, intake: { why: 'A stiff neck.' } })).status).toBe(200);
  expect((await known()).intake.dated).toEqual({ ...dated, 'conditions.migraine': letter });
  const { status, json } = await save({ intake: { consent: { words: 'Yes.', on: '2999-01-01', by: 'W' } } });
  expect([status, (json.fields as { field: string }[])[0]!.field]).toEqual([400, 'intake.consent.on']);
});

test('each change is kept sealed with whose it was, and what was known before', async () => {
  const changes = (await owner.ask(`people/${personId}/changes`)).json as {
    version: number;
    by: string;
    written: { can: object; intake: { why?: string } };
  }[];
  const { version } = await known();
  expect(changes.map((one) => one.version)).toEqual(Array.from({ length: version }, (_, i) => version - i));
  expect(new Set(changes.map(({ by }) => by))).toEqual(new Set(['Wren Addleby']));
  expect(changes.at(-1)!.written.can).toMatchObject({ floor: 'chair' });
  expect(changes[0]!.written.intake.why).toBe('A stiff neck.');
  const rows = await server.sequelize.query<{ sealed: string }>('SELECT sealed FROM person_versions', {
    type: QueryTypes.SELECT,
  });
  expect(rows.map(({ sealed }) => sealed).join()).not.toMatch(/migraine|stiff|Perrin/);
});

test('what she fills in herself is sealed, counts for nothing, and waits until a teacher has looked', async () => {
  const form = (await person.ask('mine/form')).json as { person: { name: string }; sent?: object };
  expect([form.person.name, form.sent]).toEqual(['Perrin Lake', undefined]);
  const wrong = await person.ask('mine/form', 'PUT', { heightCm: 165, can: { floor: 'perhaps' } });
  expect([wrong.status, (wrong.json.fields as { field: string }[])[0]!.field]).toEqual([400, 'can.floor']);

  const answers = { can: { floor: 'alone' }, conditions: [{ condition: 'glaucoma' }] };
  expect((await person.ask('mine/form', 'PUT', answers)).status).toBe(204);
  expect((await person.ask('mine/form', 'PUT', { ...answers, intake: { why: 'My eyes.' } })).status).toBe(
    204,
  );
  expect((await known()).can.floor).toBe('chair');
  const sent = (await owner.ask(`people/${personId}/answers`)).json as unknown as { answers: object }[];
  expect(sent).toHaveLength(1);
  expect(sent[0]!.answers).toMatchObject({ ...answers, intake: { why: 'My eyes.' } });
  const rows = await server.sequelize.query<{ sealed: string }>('SELECT sealed FROM own_answers', {
    type: QueryTypes.SELECT,
  });
  expect(rows).toHaveLength(1);
  expect(rows[0]!.sealed).not.toMatch(/glaucoma|eyes/);

  expect((await owner.ask(`people/${personId}/answers`, 'DELETE')).status).toBe(204);
  expect((await owner.ask(`people/${personId}/answers`, 'DELETE')).status).toBe(404);
  expect((await owner.ask(`people/${personId}/answers`)).json).toEqual([]);
});

describe('at the door', () => {
  let classId = '';
  beforeAll(async () => {
    const other = (await owner.ask('people', 'POST', { name: 'Nell Harbin' })).json.id as string;
    const made = await owner.ask('classes', 'POST', {
      title: 'Two steps',
      on: today,
      sequenceText: '# Two steps\n- Downward-facing dog, 5 breaths\n- Boat, 5 breaths',
      people: [{ id: personId }, { id: other }],
    });
    classId = made.json.id as string;
  });
  const todays = async () =>
    ((await owner.ask(`classes/${classId}`)).json as { people: { id: string; today: object }[] }).people;

  test('what is told is kept and fitted, and says what it has changed; the others are as they were', async () => {
    const told = { asked: true, pain: 8, painAt: ['low-back'], news: 'lifted a box' };
    const { status, json } = await owner.ask(`classes/${classId}/door`, 'PUT', { personId, today: told });
    expect(status).toBe(200);
    const { differences } = json.comparison as { differences: { personId: string; what: string }[] };
    expect(differences.some((one) => one.personId === personId && one.what !== 'to know')).toBe(true);
    expect((await todays()).map((one) => one.today)).toEqual([told, {}]);
  });

  test('two who ask at the same moment both keep what they were told', async () => {
    const people = await todays();
    const answers = await Promise.all(
      people.map(({ id }, i) =>
        owner.ask(`classes/${classId}/door`, 'PUT', { personId: id, today: { asked: true, pain: i } }),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual([200, 200]);
    expect((await todays()).map((one) => one.today)).toEqual([
      { asked: true, pain: 0 },
      { asked: true, pain: 1 },
    ]);
  });

  test('what cannot be read is said at its field; who is not down for it is not there', async () => {
    const bad = await owner.ask(`classes/${classId}/door`, 'PUT', { personId, today: { bp: 'high' } });
    expect([bad.status, (bad.json.fields as { field: string }[])[0]!.field]).toEqual([400, 'today.bp']);
    const stranger = '00000000-0000-4000-8000-000000000000';
    expect(
      (await owner.ask(`classes/${classId}/door`, 'PUT', { personId: stranger, today: {} })).status,
    ).toBe(404);
    expect((await todays())[0]!.today).toEqual({ asked: true, pain: 0 });
  });
});

test('everything about her is handed out together, and nothing of anybody else', async () => {
  await person.ask('mine/diary', 'POST', { pain: 3, words: 'Slept well.' });
  const { status, json, text } = await owner.ask(`people/${personId}/everything`);
  expect(status).toBe(200);
  expect(json).toMatchObject({
    hall: 'Curlew House',
    on: today,
    person: { name: 'Perrin Lake', conditions: [{ condition: 'migraine' }] },
    diary: [{ pain: 3, words: 'Slept well.' }],
    answers: [],
    coming: [{ title: 'Two steps' }],
  });
  expect((json.changes as unknown[]).length).toBeGreaterThan(1);
  expect(json.links).toHaveLength(1);
  expect(text).not.toContain('Nell Harbin');
  expect((await owner.ask('people/00000000-0000-4000-8000-000000000000/everything')).status).toBe(404);
});
