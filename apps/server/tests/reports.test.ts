/** What was done in a period: against the rows it is made of, and in a hall of years. */
import type { Fitting, Report } from '@lotus-steady/core';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Vault } from '../src/common/vault.js';
import { fillHall } from './largeHall.js';
import { ask, server, TODAY, withDemoHall } from './client.js';

withDemoHall();

interface Answer {
  report: Report;
  names: Record<string, string>;
  unrecorded: number;
  unreadable: number;
}
const reportOf = async (first: string, last: string, group = ''): Promise<Answer> => {
  const { status, json } = await ask(`reports?first=${first}&last=${last}${group ? `&group=${group}` : ''}`);
  expect(status).toBe(200);
  return json as Answer;
};

let classId: string;
let fitting: Fitting;
const VERDICTS = ['as-written', 'eased', 'swapped', 'rest'] as const;

beforeAll(async () => {
  const { json } = await ask('classes');
  classId = (json as { id: string; title: string }[]).find(({ title }) => title === 'Steady Backs')!.id;
  fitting = (await ask(`classes/${classId}`)).json.fitting as Fitting;
});

test('a class that has been and is not recorded is counted as that, and one that is to come is not', async () => {
  const { report, unrecorded, unreadable } = await reportOf('2026-01-01', '2026-12-31');
  expect(report.classes).toEqual([]);
  expect(report.notCome.length).toBeGreaterThan(10);
  expect(report.notCome.every(({ last }) => last === null)).toBe(true);
  // Steady Backs is today's; the other four come later.
  expect([unrecorded, unreadable]).toEqual([1, 0]);
});

test('what each was given, what was changed, hours and pain are those of its fitting and its record', async () => {
  const [one, two, ...rest] = fitting.lanes.map(({ personId }) => personId) as [string, string, ...string[]];
  const changes = [{ step: 2, what: 'stopped', where: 'low-back' }];
  const records = [
    { personId: one, came: true, painBefore: 5, painAfter: 2, effort: 4, changes, word: '' },
    { personId: two, came: false, changes: [], word: '' },
    ...rest.map((personId) => ({ personId, came: true, changes: [], word: '' })),
  ];
  expect((await ask(`classes/${classId}/record`, 'PUT', { records })).status).toBe(200);
  const { report, names, unrecorded } = await reportOf(TODAY, TODAY);
  expect(unrecorded).toBe(0);
  const [whole] = report.classes;
  const came = fitting.lanes.filter(({ personId }) => personId !== two);
  expect(whole).toMatchObject({ id: classId, came: came.length, of: records.length, changed: 1 });
  expect([whole!.pain, whole!.effort]).toEqual([{ before: 5, after: 2, said: 1 }, 4]);
  for (const { personId, person, steps } of came) {
    const told = report.people.find((p) => p.personId === personId)!;
    expect(names[personId]).toBe(person);
    const worst = [...new Set(steps.map(({ step }) => step))].map((step) =>
      Math.max(...steps.filter((s) => s.step === step).map(({ verdict }) => VERDICTS.indexOf(verdict))),
    );
    expect(VERDICTS.map((verdict) => told.given[verdict])).toEqual(
      VERDICTS.map((_, at) => worst.filter((one) => one === at).length),
    );
    expect(told.minutes).toBe(Math.round(fitting.minutes.planned));
  }
  expect(report.people.find(({ personId }) => personId === one)).toMatchObject({ stopped: 1, painDown: 1 });
  expect(report.people.find(({ personId }) => personId === two)).toMatchObject({
    came: 0,
    of: 1,
    minutes: 0,
  });
  expect(report.poses.find(({ stopped }) => stopped)!.pose).toBe(fitting.steps[1]!.pose);
  expect(report.notCome.map(({ personId }) => personId)).toContain(two);
  expect(report.months).toEqual([
    { what: '2026-11', classes: 1, minutes: Math.round(fitting.minutes.planned), came: came.length },
  ]);
});

test.each([
  ['first=2026-02-01&last=2026-01-01', 'last'],
  ['first=2020-02-01&last=2026-01-01', 'last'],
  ['first=2026-02-30&last=2026-03-01', 'first'],
  ['last=2026-03-01', 'first'],
  ['first=2026-02-01&last=2026-03-01&group=x', 'group'],
])('a report of %s is refused where it is wrong', async (query, field) => {
  const { status, json } = await ask(`reports?${query}`);
  expect([status, (json as { fields: { field: string }[] }).fields[0]!.field]).toEqual([400, field]);
});

test('of another group nothing is in it', async () => {
  const groups = (await ask('groups')).json as { id: string; title: string }[];
  const of = (title: string): string => groups.find((group) => group.title === title)!.id;
  expect((await reportOf(TODAY, TODAY, of('Steady Backs'))).report.classes).toHaveLength(1);
  expect((await reportOf(TODAY, TODAY, of('Rockpool Club'))).report.classes).toHaveLength(0);
});

test('two hundred people and three years: no more queries than for one class, on their pages neither', async () => {
  const sequelize = server().get(Sequelize);
  /** How many queries an answer takes; what checks the session and writes the trail is in both. */
  const queriesOf = async (path: string): Promise<number> => {
    let queries = 0;
    sequelize.options.logging = () => void queries++;
    const { status } = await ask(path);
    sequelize.options.logging = false;
    expect(status).toBe(200);
    return queries;
  };
  const period = `reports?first=2023-11-01&last=${TODAY}`;
  const someone = fitting.lanes[0]!.personId;
  const pagesOf = async (personId: string): Promise<number[]> => [
    await queriesOf(`people/${personId}`),
    await queriesOf(`people/${personId}/history?most=12`),
    await queriesOf(`people/${personId}/progress`),
  ];
  const before = [await queriesOf(period), ...(await pagesOf(someone))];
  const size = { people: 200, weeks: 156, classes: 3, each: 30 };
  const regular = await fillHall(sequelize, server().get(Vault), classId, size);
  const first = await reportOf('2023-11-01', TODAY);
  expect(first.report.classes).toHaveLength(1 + size.weeks * size.classes);
  // What was opened once is remembered: before, twenty classes were opened at a time.
  expect([await queriesOf(period), ...(await pagesOf(regular))]).toEqual(before);
  interface Past {
    classes: number;
    came: number;
    since: string;
    records: { on: string; came: boolean }[];
  }
  const past = async (page: string) => (await ask(`people/${regular}/${page}`)).json as unknown as Past;
  const { records: all } = await past('progress');
  expect(all).toHaveLength(2 * size.weeks);
  expect(all.map(({ on }) => on)).toEqual(
    all
      .map(({ on }) => on)
      .sort()
      .reverse(),
  );
  const counted = {
    classes: all.length,
    came: all.filter(({ came }) => came).length,
    since: all.at(-1)!.on,
  };
  for (const [page, records] of [
    ['most=12', all.slice(0, 12)],
    ['from=12&most=300', all.slice(12)],
  ] as const)
    expect(await past(`history?${page}`)).toMatchObject({
      ...counted,
      records: records.map(({ on }) => ({ on })),
    });
  // Two classes of one day, too, are each told once, wherever a part ends.
  const day = all[0]!.on;
  const [twin] = await sequelize.query<{ id: string }>(
    'SELECT c.id FROM classes c JOIN records r ON r.classId = c.id WHERE r.personId = :regular AND c.on < :day LIMIT 1',
    { replacements: { regular, day }, type: QueryTypes.SELECT },
  );
  await sequelize.query('UPDATE classes SET `on` = :day WHERE id = :id', {
    replacements: { day, id: twin!.id },
  });
  const idsIn = async (page: string) =>
    (await past(`history?${page}`)).records.map((one) => (one as { classId?: string }).classId);
  expect([...(await idsIn('most=1')), ...(await idsIn('from=1&most=1'))]).toEqual(await idsIn('most=2'));
  expect((await ask(`people/${someone}/history`)).json).toMatchObject({
    ...{ classes: 1, came: 1, since: TODAY },
    records: [{ came: true }],
  });
  const told = first.report.people.find(({ personId }) => personId === regular)!;
  expect(told.of).toBe(2 * size.weeks);
  const recorded = first.report.people.reduce((sum, { of }) => sum + of, 0);
  expect(recorded).toBe(fitting.lanes.length + size.weeks * size.classes * size.each);
});
