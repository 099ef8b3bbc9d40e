/** The past of the demo: who came for two years, as they were known then, and what was written down. */
import { readPerson, readPeople, type Fitting, type InputError } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { createApp } from '../src/app.js';
import { DemoPast } from '../src/demo/demoPast.service.js';
import { demoPeople } from '../src/demo/people.js';
import { demoVersions, demoVisits } from '../src/demo/stories.js';
import { demoClasses } from '../src/demo/world.js';
import { Browser } from './browser.js';
import { BUILT_TASKS, KEYS, TODAY } from './client.js';
import { ownServer } from './ownServer.js';

const WEEKS = 104;
const daysBack = (on: string, days: number): string =>
  new Date(Date.parse(on) - days * 86_400_000).toISOString().slice(0, 10);

test('between them they exercise every group of conditions and every ability', () => {
  const people = demoPeople(TODAY);
  const has = new Set(people.flatMap(({ conditions = [] }) => conditions.map(({ condition }) => condition)));
  const groups = RULEBOOK.conditions.filter(({ id }) => has.has(id)).map(({ group }) => group);
  expect(new Set(groups)).toEqual(new Set(RULEBOOK.conditions.map(({ group }) => group)));
  const told = people.flatMap(({ can = {} }) =>
    Object.entries(can).flatMap(([key, value]) =>
      typeof value === 'object' ? Object.entries(value).map((limb) => limb.join(' ')) : `${key} ${value}`,
    ),
  );
  expect(told).toEqual(
    expect.arrayContaining([
      ...['alone', 'chair', 'help', 'no'].map((way) => `floor ${way}`),
      ...['free', 'hands', 'help'].map((way) => `chair ${way}`),
      ...['stick', 'frame'].map((way) => `walks ${way}`),
      ...['no', 'moment', 'long'].map((way) => `oneLeg ${way}`),
      ...['new', 'months', 'years'].map((way) => `practised ${way}`),
      ...['stand', 'kneel', 'hands', 'overhead', 'flat', 'sits'].map((way) => `${way} false`),
      ...['leftArm still', 'leftLeg weak', 'rightArm missing'],
    ]),
  );
  const measured = new Set(people.flatMap(({ screening = {} }) => Object.keys(screening)));
  expect([...measured].sort()).toEqual(
    ['chairStands', 'fallsLastYear', 'oneLegSeconds', 'tandemSeconds', 'tugSeconds'].sort(),
  );
});

test('each is known without an error, on every day of each of their versions that there was a class', () => {
  for (const [name, versions] of demoVersions(TODAY)) {
    const errors: InputError[] = [];
    for (const { on, person } of versions) readPerson(person, name, errors, RULEBOOK, on);
    expect(errors).toEqual([]);
    expect(versions.map(({ on }) => on)).toEqual(versions.map(({ on }) => on).sort());
  }
  let visits = 0;
  for (const { title, inDays } of demoClasses(TODAY))
    for (let week = 1; week <= WEEKS; week++) {
      const on = daysBack(TODAY, 7 * week - inDays);
      const there = [...demoVisits(title, on, TODAY).values()];
      visits += there.length;
      const { errors } = readPeople(
        there.map(({ person: { intake: _intake, ...person }, today }, i) => ({
          ...person,
          id: String(i),
          today,
        })),
        RULEBOOK,
        on,
      );
      expect({ title, on, errors }).toEqual({ title, on, errors: [] });
    }
  expect(visits).toBeGreaterThan(1500);
});

test('is written while the hall is open, is gone on with after a break, and is whole', async () => {
  const begun = await ownServer('demo_past', { demo: 'fresh', demoWeeks: 3 });
  // Ended at once: nothing, or not all, of it is there.
  await begun.stop();
  const url = new URL(process.env.DATABASE_URL ?? '');
  url.pathname = '/lotus_steady_demo_past';
  const options = { databaseUrl: url.href, today: TODAY, tasks: BUILT_TASKS, keys: KEYS };
  const app = await createApp({ ...options, demo: 'once' });
  try {
    await app.get(DemoPast).done();
    await app.listen(0, '127.0.0.1');
    const teacher = new Browser(await app.getUrl());
    await teacher.ask('session/demo', 'POST');
    const past = (await teacher.ask('classes?when=past')).json as { id: string; title: string; on: string }[];
    expect(past).toHaveLength(15);
    expect(new Set(past.map(({ title, on }) => `${title} ${on}`)).size).toBe(15);
    for (const { id, title, on } of past) {
      const { json } = await teacher.ask(`classes/${id}`);
      const fitting = json.fitting as Fitting;
      const visits = demoVisits(title, on, TODAY);
      expect(json.people.map(({ name }: { name: string }) => name)).toEqual([...visits.keys()]);
      const ids = (json.people as { id: string }[]).map((person) => person.id);
      expect(fitting.lanes.map(({ personId }) => personId).sort()).toEqual(ids.sort());
      expect(json.records.filter(({ came }: { came: boolean }) => came)).toHaveLength(
        [...visits.values()].filter(({ came }) => came).length,
      );
      for (const { changes } of json.records)
        for (const { step } of changes) expect(step).toBeLessThanOrEqual(fitting.steps.length);
    }
    const people = (await teacher.ask('people?most=100')).json as { id: string; name: string }[];
    const { id } = people.find(({ name }) => name === 'Rowan Tidewell')!;
    const log = (await teacher.ask(`people/${id}/changes`)).json;
    expect(log).toHaveLength(3);
    expect(log.at(-1).savedAt.slice(0, 10)).toBe(daysBack(TODAY, 330));
  } finally {
    await app.close();
  }
});
