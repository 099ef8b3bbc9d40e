/** Values that cannot be right: each is refused where it stands, and nothing is changed by it. */
import { ask, peopleByName, withDemoHall } from './client.js';

withDemoHall();

const fieldsOf = ({ json }: Awaited<ReturnType<typeof ask>>): string[] =>
  ((json as unknown as { fields?: { field: string }[] }).fields ?? []).map(({ field }) => field);
const draft = (more: object) => ({
  title: 'X',
  on: '2026-12-01',
  sequenceText: '- Tree',
  people: [],
  ...more,
});

test.each([
  ['hall/stock', { stock: { unicorn: 3 } }, 'stock.unicorn'],
  ['hall/stock', { stock: { chair: -3 } }, 'stock.chair'],
  ['hall/rules', { moved: [{ rule: 'nope', to: 'x' }], own: [] }, 'moved[0].rule'],
  ['hall/rules', { moved: [], own: ['x'] }, 'own[0]'],
  ['hall/rules', {}, 'moved'],
  ['hall/pace', { pace: { breath: 'x' } }, 'pace.breath'],
  ['hall/house-view', { houseView: { nope: 'x' } }, 'houseView.nope'],
])('PUT %s %j: 400 at %s, and the hall is as it was', async (path, body, field) => {
  const before = (await ask('hall')).text;
  const answer = await ask(path, 'PUT', body);
  expect(answer.status).toBe(400);
  expect(fieldsOf(answer).some((one) => one.startsWith(field))).toBe(true);
  expect((await ask('hall')).text).toBe(before);
});

test.each([
  ['people', { name: 'A\u0000B' }, 'name'],
  ['people', { name: 'A\u202eB' }, 'name'],
  ['people', { name: 'A\nB' }, 'name'],
  ['people', { name: '\u200b' }, 'name'],
  ['people', { name: 'x'.repeat(121) }, 'name'],
  ['people', { name: 'A', born: '1899-12-31' }, 'born'],
  ['people', { name: 'A', born: '1900-02-29' }, 'born'],
  ['people', { name: 'A', ranges: { kneeFlexion: 9999 } }, 'ranges.kneeFlexion'],
  ['people', { name: 'A', screening: { fallsLastYear: -4 } }, 'screening.fallsLastYear'],
  ['classes', draft({ on: '1800-01-01' }), 'on'],
  ['classes', draft({ on: '2300-01-01' }), 'on'],
  ['classes', draft({ title: 'X\u202eY' }), 'title'],
  ['classes', draft({ place: 'X\nY' }), 'place'],
  ['own-variants', { name: 'Mine', pose: 'nope', base: 'nope.full', after: '', angles: {} }, 'base'],
  [
    'own-variants',
    { name: 'Mine', pose: 'tree', base: 'tree.full', after: 'cobra.full', angles: {} },
    'after',
  ],
])('POST %s %j: 400 at %s, and there is nothing new', async (path, body, field) => {
  const before = (await ask(path)).text;
  const answer = await ask(path, 'POST', body);
  expect([answer.status, fieldsOf(answer)]).toEqual([400, expect.arrayContaining([field])]);
  expect((await ask(path)).text).toBe(before);
});

test('a note on a prop has a real date', async () => {
  const id = (await peopleByName())['Tam Orrin']!;
  const note = { task: 'seat-cross-legged', heightCm: 5, words: '', on: '2026-13-45' };
  const answer = await ask(`people/${id}/props`, 'PUT', note);
  expect([answer.status, fieldsOf(answer)]).toEqual([400, ['on']]);
});

test('a record is of who was there, once each', async () => {
  const lines = (await ask('classes')).json as unknown as { id: string; people: number }[];
  const { id } = lines.find(({ people }) => people > 2)!;
  const { people } = (await ask(`classes/${id}`)).json as unknown as { people: { id: string }[] };
  const record = { personId: people[0]!.id, came: true, changes: [], word: '' };
  const twice = await ask(`classes/${id}/record`, 'PUT', { records: [record, record] });
  expect([twice.status, fieldsOf(twice)]).toEqual([400, ['records[1].personId']]);
  const other = Object.values(await peopleByName()).find((one) => !people.some((known) => known.id === one))!;
  const strange = await ask(`classes/${id}/record`, 'PUT', { records: [{ ...record, personId: other }] });
  expect([strange.status, fieldsOf(strange)]).toEqual([400, ['records[0].personId']]);
});
