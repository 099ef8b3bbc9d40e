/** The API over real HTTP on a real MariaDB, which the test run starts and throws away. */
import { randomUUID } from 'node:crypto';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { Sequelize } from 'sequelize-typescript';
import { createApp } from '../src/app.js';

const TODAY = '2026-11-23';
const databaseUrl = process.env.DATABASE_URL ?? '';
let app: NestFastifyApplication;
let base = '';

beforeAll(async () => {
  if (!databaseUrl) throw new Error('DATABASE_URL is missing: run these tests through npm test.');
  await start('fresh', TODAY);
}, 60_000);

/** Ends the server that runs, if any, and starts it on the same database. */
async function start(demo: 'fresh' | 'once', today: string): Promise<void> {
  await app?.close();
  app = await createApp({ databaseUrl, demo, today });
  await app.listen(0, '127.0.0.1');
  base = await app.getUrl();
}
afterAll(() => app?.close());

/** Where the version stands that a route saves on, and under which name; none where it counts none. */
function versionAt(path: string): [path: string, name: 'version' | 'stockVersion'] | undefined {
  if (path === 'hall/stock') return ['hall', 'stockVersion'];
  if (path.startsWith('hall/')) return ['hall', 'version'];
  const one = /^(people|classes)\/[^/]+(?=$|\/(plan|record)$)/.exec(path);
  return one ? [one[0], 'version'] : undefined;
}

/** Saves as a page does that has just read: on the version that stands there. */
async function ifMatch(path: string): Promise<Record<string, string>> {
  const at = versionAt(path);
  if (!at) return {};
  const { json } = await ask(at[0]);
  return { 'If-Match': `"${json?.[at[1]] ?? 1}"` };
}

async function ask(path: string, method = 'GET', body?: unknown, more: Record<string, string> = {}) {
  const headers = method === 'PUT' ? { ...(await ifMatch(path)), ...more } : more;
  const response = await fetch(`${base}/api/${path}`, {
    method,
    headers: { ...(body === undefined ? {} : { 'Content-Type': 'application/json' }), ...headers },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
  const text = await response.text();
  return { status: response.status, text, json: text ? (JSON.parse(text) as never) : undefined } as {
    status: number;
    text: string;
    json: any; // eslint-disable-line @typescript-eslint/no-explicit-any
  };
}
/** What a draft comes to, not kept. */
async function fit(draft: unknown) {
  const answer = await ask('classes/fit', 'POST', draft);
  return { ...answer, json: answer.status === 200 ? answer.json.fitting : answer.json };
}
const fieldsOf = (answer: { json: { fields: { field: string }[] } }): string[] =>
  answer.json.fields.map(({ field }) => field);
const peopleByName = async (): Promise<Record<string, string>> =>
  Object.fromEntries(
    ((await ask('people')).json as { id: string; name: string }[]).map(({ id, name }) => [name, id]),
  );

describe('the hall’s view and rules', () => {
  const hall = async () =>
    (await ask('hall')).json as {
      houseView: Record<string, string>;
      rules: { moved: unknown[]; own: unknown[] };
    };
  test('a position is kept, an unknown one is refused and changes nothing', async () => {
    const { houseView } = await hall();
    expect(
      (await ask('hall/house-view', 'PUT', { houseView: { ...houseView, 'twist-breath': 'in-breath' } }))
        .status,
    ).toBe(200);
    expect((await hall()).houseView['twist-breath']).toBe('in-breath');
    const refused = await ask('hall/house-view', 'PUT', {
      houseView: { ...houseView, 'twist-breath': 'sideways' },
    });
    expect([refused.status, fieldsOf(refused)]).toEqual([400, ['houseView.twist-breath']]);
    expect((await hall()).houseView['twist-breath']).toBe('in-breath');
    await ask('hall/house-view', 'PUT', { houseView });
  });
  test('a moved limit is kept with its reason, used by the next fitting and named in its version', async () => {
    const ids = await peopleByName();
    const draft = {
      on: TODAY,
      sequenceText: '- Downward-facing dog, 4 breaths',
      people: [{ id: ids['Perrin Ashlode'] }],
    };
    const before = (await fit(draft)).json as {
      rulebook: string;
      lanes: { steps: { verdict: string }[] }[];
    };
    expect(
      fieldsOf(
        await ask('hall/rules', 'PUT', {
          moved: [{ rule: 'high-blood-pressure.head-down', to: 60 }],
          own: [],
        }),
      ),
    ).toEqual(['moved[0].reason', 'moved[0].by', 'moved[0].on']);
    expect(
      (
        await ask('hall/rules', 'PUT', {
          moved: [
            {
              rule: 'high-blood-pressure.head-down',
              to: 60,
              reason: 'her doctor said so',
              by: 'Maren',
              on: TODAY,
            },
          ],
          own: [],
        })
      ).status,
    ).toBe(200);
    const after = (await fit(draft)).json as typeof before;
    expect([before.lanes[0]!.steps[0]!.verdict, after.lanes[0]!.steps[0]!.verdict]).toEqual([
      'eased',
      'as-written',
    ]);
    expect(after.rulebook.startsWith(`${before.rulebook}+hall.`)).toBe(true);
    await ask('hall/rules', 'PUT', { moved: [], own: [] });
  });
  test('a class may differ from the hall', async () => {
    const ids = await peopleByName();
    const draft = {
      on: TODAY,
      sequenceText: '- Seated twist, 4 breaths',
      people: [{ id: ids['Bram Sedgely'] }],
    };
    const verdict = async (more: object): Promise<string> =>
      (
        (await fit({ ...draft, ...more })).json as {
          lanes: { steps: { verdict: string }[] }[];
        }
      ).lanes[0]!.steps[0]!.verdict;
    expect([await verdict({}), await verdict({ houseView: { 'disc-rotation': 'any-slowly' } })]).toEqual([
      'swapped',
      'as-written',
    ]);
    expect(fieldsOf(await fit({ ...draft, houseView: { 'disc-rotation': 'wild' } }))).toEqual([
      'houseView.disc-rotation',
    ]);
  });
  test('personal limits and clearances are saved with the person; what is wrong is named', async () => {
    const made = (
      await ask('people', 'POST', {
        name: 'Tilda Marsh',
        conditions: ['aneurysm'],
        limits: [{ kind: 'no-floor', by: 'herself' }],
        clearances: [{ for: 'aortic-disease', by: 'cardiologist', on: '2026-11-01' }],
      })
    ).json as { id: string };
    expect((await ask(`people/${made.id}`)).json).toMatchObject({
      limits: [{ kind: 'no-floor', by: 'herself' }],
      clearances: [{ for: 'aortic-disease', by: 'cardiologist' }],
    });
    const refused = await ask(`people/${made.id}`, 'PUT', {
      name: 'Tilda Marsh',
      limits: [{ kind: 'fly', by: 'x' }],
    });
    expect([refused.status, fieldsOf(refused)]).toEqual([400, ['limits[0].kind']]);
    expect((await ask(`people/${made.id}`)).json.limits).toHaveLength(1);
    await ask(`people/${made.id}`, 'DELETE');
  });
});

describe('the demo hall', () => {
  test('has its five classes this week, each with a fitting', async () => {
    const { json } = await ask('classes');
    expect(json.map((item: { title: string }) => item.title).sort()).toEqual([
      'Bump and Breathe',
      'Chairs by the Window',
      'Rockpool Club',
      'Steady Backs',
      'Thursday Mixed',
    ]);
    for (const item of json as { id: string; on: string; people: number }[]) {
      expect(item.on >= TODAY && item.on <= '2026-11-29').toBe(true);
      const { json: whole } = await ask(`classes/${item.id}`);
      expect(whole.fitting.lanes).toHaveLength(item.people);
      expect(
        whole.fitting.lanes
          .flatMap(
            (lane: {
              steps: { findings: { on: string; level: string; met: boolean }[]; verdict: string }[];
            }) => lane.steps,
          )
          .filter((step: { verdict: string }) => step.verdict !== 'rest')
          .flatMap((step: { findings: { on: string; level: string; met: boolean }[] }) => step.findings)
          .filter(
            (finding: { on: string; level: string; met: boolean }) =>
              finding.on === 'chosen' && finding.level === 'limit' && !finding.met,
          ),
      ).toEqual([]);
    }
  });
  test('is loaded once: a second start keeps what is there', async () => {
    await start('once', '2027-05-05');
    expect((await ask('classes')).json).toHaveLength(5);
  });
});

describe('the hall’s stock and pace', () => {
  test.each([
    ['stock', { stock: { chair: 12, block: 'many' } }, 'stock.block'],
    ['stock', { stock: { chair: -1 } }, 'stock.chair'],
    ['stock', { stock: ['chair'] }, 'stock'],
    ['pace', { pace: { breath: 40 } }, 'pace.breath'],
    ['pace', { pace: { hurry: 1 } }, 'pace.hurry'],
  ])('%s %j: 400 at %s, nothing changed', async (path, body, field) => {
    const before = (await ask('hall')).json;
    const answer = await ask(`hall/${path}`, 'PUT', body);
    expect([answer.status, fieldsOf(answer)[0]]).toEqual([400, field]);
    expect((await ask('hall')).json).toEqual(before);
  });
  test('a slower breath makes the same class longer', async () => {
    const draft = { on: TODAY, sequenceText: '# A\nminutes: 60\n- Mountain, 10 breaths', people: [] };
    const minutes = async () => (await fit(draft)).json.minutes.planned as number;
    const usual = await minutes();
    expect((await ask('hall/pace', 'PUT', { pace: { breath: 11 } })).status).toBe(200);
    expect(await minutes()).toBeGreaterThan(usual * 1.7);
    await ask('hall/pace', 'PUT', { pace: {} });
    expect(await minutes()).toBe(usual);
  });
});

describe('people', () => {
  test('a person is kept, read back, changed and removed', async () => {
    const { status, json } = await ask('people', 'POST', {
      name: 'Ferrin Oake',
      born: '1990-04-01',
      heightCm: 171,
      conditions: [{ condition: 'hypertension', control: 'controlled' }],
    });
    expect(status).toBe(201);
    expect((await ask(`people/${json.id}`)).json).toMatchObject({
      name: 'Ferrin Oake',
      heightCm: 171,
      conditions: [{ condition: 'high-blood-pressure', control: 'controlled' }],
      records: [],
    });
    expect((await ask(`people/${json.id}`, 'PUT', { name: 'Ferrin Oake', heightCm: 172 })).status).toBe(200);
    expect((await ask(`people/${json.id}`)).json).toMatchObject({ heightCm: 172, conditions: [] });
    const person = (await ask(`people/${json.id}`)).json;
    expect((await ask(`people/${json.id}`, 'DELETE')).status).toBe(204);
    expect((await ask(`people/${json.id}`)).status).toBe(404);
    expect((await ask(`people/${json.id}/restore`, 'POST')).status).toBe(204);
    expect((await ask(`people/${json.id}`)).json).toEqual(person);
    await ask(`people/${json.id}`, 'DELETE');
    // A name is free again for someone else.
    const again = await ask('people', 'POST', { name: 'Ferrin Oake' });
    expect(again.status).toBe(201);
    await ask(`people/${again.json.id}`, 'DELETE');
    expect((await ask(`people/${json.id}/restore`, 'POST')).status).toBe(404);
    expect((await ask(`people/${json.id}`)).status).toBe(404);
  });
  test.each([
    [{ name: '', heightCm: 170 }, 'name'],
    [{ name: 'X', heightCm: 17 }, 'heightCm'],
    [{ name: 'X', heightCm: 'tall' }, 'heightCm'],
    [{ name: 'X', born: '1990-02-30' }, 'born'],
    [
      { name: 'X', conditions: [{ condition: 'pregnancy' }, { condition: 'pregnant' }] },
      'conditions[1].condition',
    ],
    [
      {
        name: 'X',
        conditions: [{ condition: 'pregnancy', dueDate: '2027-02-05', lastPeriod: '2026-03-01' }],
      },
      'conditions[0].lastPeriod',
    ],
    [{ name: 'Ines Fallow' }, 'name'],
    [{ name: 'X', colour: 'blue' }, 'colour'],
    [{ name: 'X', can: { stand: 'maybe' } }, 'can.stand'],
    [[], 'name'],
  ])('%j: 400 at %s, nothing saved', async (body, field) => {
    const before = (await ask('people')).json.length;
    const answer = await ask('people', 'POST', body);
    expect(answer.status).toBe(400);
    expect(fieldsOf(answer)).toContain(field);
    expect((await ask('people')).json).toHaveLength(before);
  });
  test.each([
    ['{"name":', 400],
    ['null', 400],
    ['"text"', 400],
  ])('the body %s is no 500', async (body, status) =>
    expect((await ask('people', 'POST', body)).status).toBe(status),
  );
  test('an unknown or crooked id is 404 or 400', async () => {
    expect((await ask(`people/${randomUUID()}`)).status).toBe(404);
    expect((await ask('people/one')).status).toBe(400);
  });
});

describe('classes', () => {
  const sequenceText =
    '# Small\nminutes: 20\n- Tree, 20 s each side\n- Downward-facing dog, 5 breaths\n- Final rest, 5 min\n';
  test('fit, save, read again after a restart, record, and see it on the person', async () => {
    const ids = await peopleByName();
    const people = [{ id: ids['Hollis Penny']! }, { id: ids['Ines Fallow']!, today: { pain: 2 } }];
    const preview = await fit({ on: '2026-12-01', sequenceText, people });
    expect(preview.status).toBe(200);
    const saved = await ask('classes', 'POST', {
      title: 'Small',
      on: '2026-12-01',
      time: '10:30',
      sequenceText,
      people,
    });
    expect(saved.status).toBe(201);
    await start('once', TODAY);
    expect((await ask(`classes/${saved.json.id}`)).json.fitting).toEqual(preview.json);
    const record = [
      {
        personId: ids['Ines Fallow'],
        came: true,
        painBefore: 2,
        painAfter: 4,
        changes: [{ step: 2, what: 'stopped' }],
        word: 'Wrists.',
      },
      { personId: ids['Hollis Penny'], came: false, changes: [], word: '' },
    ];
    expect((await ask(`classes/${saved.json.id}/record`, 'PUT', { records: record })).status).toBe(200);
    expect((await ask(`classes/${saved.json.id}/record`, 'PUT', { records: record })).status).toBe(200);
    expect((await ask(`classes/${saved.json.id}`)).json.records).toHaveLength(2);
    expect((await ask(`people/${ids['Ines Fallow']}`)).json.records).toEqual([
      expect.objectContaining({
        title: 'Small',
        painAfter: 4,
        word: 'Wrists.',
        changes: [{ step: 2, what: 'stopped' }],
      }),
    ]);
    expect((await ask(`classes/${saved.json.id}`, 'DELETE')).status).toBe(204);
    expect((await ask(`people/${ids['Ines Fallow']}`)).json.records).toEqual([]);
  });
  test(
    'the teacher’s choices are kept with the class, an edit on the fitting too, and what needs a ' +
      'clearance is refused',
    async () => {
      const ids = await peopleByName();
      const reader = await ask('people', 'POST', {
        name: 'Wenna Brack',
        conditions: [{ condition: 'loose-upper-neck' }],
      });
      const people = [{ id: ids['Hollis Penny']! }, { id: reader.json.id as string }];
      const override = {
        personId: ids['Hollis Penny'],
        step: 1,
        variant: 'tree.full',
        reason: 'Steady for years.',
      };
      const saved = await ask('classes', 'POST', {
        title: 'Choices',
        on: '2026-12-01',
        sequenceText,
        people,
        choices: { overrides: [override], swaps: [], fewerVersions: true },
      });
      expect(saved.status).toBe(201);
      const read = async () => (await ask(`classes/${saved.json.id}`)).json;
      expect((await read()).choices).toEqual({ overrides: [override], swaps: [], fewerVersions: true });
      expect((await read()).fitting.lanes[0].steps[0]).toMatchObject({
        variant: 'tree.full',
        override: { reason: 'Steady for years.' },
      });
      expect(
        (
          await ask(`classes/${saved.json.id}/plan`, 'PUT', {
            sequenceText: `${sequenceText}- Final rest, 3 min\n`,
            choices: { overrides: [{ ...override, reason: 'As before.' }] },
          })
        ).status,
      ).toBe(200);
      const edited = await read();
      expect([edited.fitting.steps.length, edited.choices.overrides[0].reason, edited.title]).toEqual([
        4,
        'As before.',
        'Choices',
      ]);
      const never = await ask(`classes/${saved.json.id}/plan`, 'PUT', {
        sequenceText,
        choices: {
          overrides: [
            { personId: reader.json.id, step: 2, variant: 'shoulder-stand.blankets', reason: 'Wants to.' },
          ],
        },
      });
      expect([never.status, fieldsOf(never)]).toEqual([400, ['choices.overrides[0]']]);
      expect(await read()).toEqual(edited);
      expect(
        fieldsOf(
          await ask(`classes/${saved.json.id}/plan`, 'PUT', {
            sequenceText,
            choices: { overrides: [{ ...override, step: 9, reason: '' }] },
          }),
        ),
      ).toEqual(['choices.overrides[0].step', 'choices.overrides[0].reason']);
      const { on, people: whole, houseView } = (await ask(`classes/${saved.json.id}/inputs`)).json;
      expect([on, whole.map(({ name }: { name: string }) => name), houseView['disc-rotation']]).toEqual([
        '2026-12-01',
        ['Hollis Penny', 'Wenna Brack'],
        'none',
      ]);
      await ask(`classes/${saved.json.id}`, 'DELETE');
      await ask(`people/${reader.json.id}`, 'DELETE');
    },
  );
  test(
    'a kept class is re-judged when a person, the house view or the stock changes, and keeps what it ' +
      'was until it is taken over',
    async () => {
      const ids = await peopleByName();
      const saved = await ask('classes', 'POST', {
        title: 'Since',
        on: '2026-12-03',
        sequenceText,
        people: [{ id: ids['Lio Marchbank'] }],
      });
      const recheck = async () =>
        (await ask(`classes/${saved.json.id}/recheck`)).json.comparison as {
          says: string;
          steps: number;
          differences: { person: string; why: string }[];
        };
      expect((await recheck()).says).toBe('');
      const lio = (await ask(`people/${ids['Lio Marchbank']}`)).json;
      const { id: _id, records: _records, propNotes: _notes, version: _version, ...written } = lio;
      await ask(`people/${ids['Lio Marchbank']}`, 'PUT', {
        ...written,
        conditions: [{ condition: 'glaucoma' }],
      });
      const { says, steps, differences } = await recheck();
      expect([
        steps > 0,
        /^\d+ steps? changed since you planned this/.test(says),
        differences.every(({ person }) => person === 'Lio Marchbank'),
      ]).toEqual([true, true, true]);
      expect((await ask(`classes/${saved.json.id}/plan`, 'PUT', { sequenceText, choices: {} })).status).toBe(
        200,
      );
      expect((await recheck()).says).toBe('');
      await ask(`people/${ids['Lio Marchbank']}`, 'PUT', written);
      await ask(`classes/${saved.json.id}`, 'DELETE');
    },
  );
  test('an edited person does not change a class that was planned', async () => {
    const ids = await peopleByName();
    const saved = await ask('classes', 'POST', {
      title: 'Kept',
      on: '2026-12-02',
      sequenceText,
      people: [{ id: ids['Tam Orrin'] }],
    });
    const before = (await ask(`classes/${saved.json.id}`)).json.fitting;
    await ask(`people/${ids['Tam Orrin']}`, 'PUT', {
      name: 'Tam Orrin',
      heightCm: 181,
      conditions: [{ condition: 'disc', phase: 'acute' }],
    });
    expect((await ask(`classes/${saved.json.id}`)).json.fitting).toEqual(before);
    expect(
      (
        await ask(`classes/${saved.json.id}`, 'PUT', {
          title: 'Kept',
          on: '2026-12-02',
          sequenceText,
          people: [{ id: ids['Tam Orrin'] }],
        })
      ).status,
    ).toBe(200);
    expect((await ask(`classes/${saved.json.id}`)).json.fitting).not.toEqual(before);
    await ask(`classes/${saved.json.id}`, 'DELETE');
  });
  test.each([
    [{ on: '2026-02-30' }, 'on'],
    [{ on: 'soon' }, 'on'],
    [{ sequenceText: '- Zebra crossing' }, 'sequenceText:1'],
    [{ sequenceText: '' }, 'sequenceText'],
    [{ people: [{ id: randomUUID() }] }, 'people[0].id'],
    [{ people: [{ id: 'x' }] }, 'people[0].id'],
    [{ houseView: { 'disc-rotation': 'often' } }, 'houseView.disc-rotation'],
    [{ title: '' }, 'title'],
    [{ time: '25:00' }, 'time'],
  ])('%j: 400 at %s', async (part, field) => {
    const answer = await ask('classes', 'POST', {
      title: 'T',
      on: '2026-12-01',
      sequenceText,
      people: [],
      ...part,
    });
    expect(answer.status).toBe(400);
    expect(fieldsOf(answer)).toContain(field);
  });
  test('pain of 11 and people who were not down for the class are refused whole', async () => {
    const id = (await ask('classes')).json[0].id as string;
    const ids = await peopleByName();
    const bad = await ask(`classes/${id}/record`, 'PUT', {
      records: [{ personId: ids['Ines Fallow'], came: true, painBefore: 11, changes: [], word: '' }],
    });
    expect([bad.status, fieldsOf(bad)]).toEqual([400, ['records[0].painBefore']]);
    expect(
      (
        await ask(`classes/${id}/record`, 'PUT', {
          records: [{ personId: ids['Pip Sandell'], came: true, changes: [], word: '' }],
        })
      ).status,
    ).toBe(400);
    expect((await ask(`classes/${id}`)).json.records).toEqual([]);
  });
});

describe('own variants', () => {
  const draft = {
    name: 'Hände tief',
    pose: 'warrior-two',
    base: 'warrior-two.short',
    after: 'warrior-two.short',
    angles: { 'shoulder.abduction': 50 },
  };
  test('is kept once it stands, is asked for by its name in a class, and can be deleted', async () => {
    const made = await ask('own-variants', 'POST', draft);
    const id = made.json.id as string;
    expect([made.status, id]).toEqual([
      201,
      expect.stringMatching(/^warrior-two\.own-hande-tief-[0-9a-f]{6}$/),
    ]);
    const [kept] = (await ask('own-variants')).json as {
      key: string;
      id: string;
      solved: { adult: object };
    }[];
    expect([kept!.id, Object.keys(kept!.solved.adult).length > 0]).toEqual([id, true]);
    const ids = await peopleByName();
    const fitted = await fit({
      on: '2026-12-01',
      sequenceText: '# A\n- Warrior two, hände tief, 3 breaths',
      people: [{ id: ids['Tam Orrin'] }],
    });
    expect(fitted.json.steps[0].variant).toBe(id);
    expect(fitted.json.catalogue).toContain('+own.');
    expect(fieldsOf(await ask('own-variants', 'POST', { ...draft, name: 'HÄNDE  TIEF' }))).toEqual(['name']);
    expect((await ask(`own-variants/${kept!.key}`, 'DELETE')).status).toBe(204);
    expect((await ask('own-variants')).json).toEqual([]);
    expect((await ask(`own-variants/${kept!.key}`, 'DELETE')).status).toBe(404);
  });
  test('what was measured in another way is measured anew', async () => {
    const { json: made } = await ask('own-variants', 'POST', draft);
    const before = (await ask('own-variants')).text;
    const db = new Sequelize(databaseUrl, { logging: false });
    await db.query('UPDATE own_variants SET print = "old", solved = "{}"');
    await db.close();
    await start('once', TODAY);
    expect((await ask('own-variants')).text).toBe(before);
    expect(
      (
        await fit({
          on: '2026-12-01',
          sequenceText: '# A\n- Warrior two, hände tief, 3 breaths',
          people: [{ id: (await peopleByName())['Tam Orrin'] }],
        })
      ).json.steps[0].variant,
    ).toBe(made.id);
    const [own] = (await ask('own-variants')).json as { key: string }[];
    expect((await ask(`own-variants/${own!.key}`, 'DELETE')).status).toBe(204);
  });
  test('what a kept class uses is not taken away from under it', async () => {
    const ids = await peopleByName();
    const { json: made } = await ask('own-variants', 'POST', draft);
    const { json: kept } = await ask('classes', 'POST', {
      title: 'With my own',
      on: '2026-12-01',
      sequenceText: '# A\n- Warrior two, hände tief, 3 breaths',
      people: [{ id: ids['Tam Orrin'] }],
    });
    const [own] = (await ask('own-variants')).json as { key: string; id: string }[];
    const refused = await ask(`own-variants/${own!.key}`, 'DELETE');
    expect([refused.status, refused.text.includes('With my own')]).toEqual([400, true]);
    expect((await ask(`classes/${kept.id}`)).json.fitting.steps[0].variant).toBe(made.id);
    await ask(`classes/${kept.id}`, 'DELETE');
    expect((await ask(`own-variants/${own!.key}`, 'DELETE')).status).toBe(204);
  });
  test('a pose of one’s own can be asked for in a class', async () => {
    expect(
      (await ask('own-variants', 'POST', { ...draft, poseName: 'Tide guard', after: '' })).json.id,
    ).toMatch(/^own-tide-guard-[0-9a-f]{6}\.own-hande-tief-[0-9a-f]{6}$/);
    const fitted = await fit({
      on: '2026-12-01',
      sequenceText: '# A\n- Tide guard, 3 breaths',
      people: [],
    });
    expect((await ask('sequences', 'POST', { source: '# Tides\n- Tide guard, 3 breaths' })).status).toBe(201);
    expect([fitted.status, fitted.json.steps[0].pose]).toEqual([
      200,
      expect.stringMatching(/^own-tide-guard-/),
    ]);
    expect(
      fieldsOf(
        await ask('own-variants', 'POST', { ...draft, name: 'other', poseName: 'Tide guard', after: '' }),
      ),
    ).toEqual(['poseName']);
    for (const { key } of (await ask('own-variants')).json as { key: string }[])
      expect((await ask(`own-variants/${key}`, 'DELETE')).status).toBe(204);
  });
  test.each([
    [{ angles: { 'knee.flexion': 10 } }, 'angles.knee.flexion'],
    [{ angles: { knee: 400 } }, 'angles.knee'],
    [{ base: 'tree.full' }, 'base'],
    [{ name: '' }, 'name'],
    [{ name: '…' }, 'name'],
    [{ name: 'full stance' }, 'name'],
    [{ poseName: 'Vrksasana' }, 'poseName'],
    [
      {
        pose: 'downward-facing-dog',
        base: 'downward-facing-dog.full',
        angles: { 'hip.flexion': 0, knee: 120 },
      },
      'angles',
    ],
  ])('%j: 400 at %s, and nothing is kept', async (part, field) => {
    const answer = await ask('own-variants', 'POST', { ...draft, ...part });
    expect([answer.status, fieldsOf(answer)]).toEqual([400, [field]]);
    expect((await ask('own-variants')).json).toEqual([]);
  });
});

test('what worked as a prop is kept with the person, one height a task', async () => {
  const id = (await peopleByName())['Tam Orrin']!;
  for (const heightCm of [10, 12.5])
    expect(
      (
        await ask(`people/${id}/props`, 'PUT', {
          task: 'shoulder-stand-blankets',
          heightCm,
          words: 'folded blankets',
          on: '2026-11-26',
        })
      ).status,
    ).toBe(204);
  expect((await ask(`people/${id}`)).json.propNotes).toEqual([
    { task: 'shoulder-stand-blankets', heightCm: 12.5, words: 'folded blankets', on: '2026-11-26' },
  ]);
  const bad = await ask(`people/${id}/props`, 'PUT', { task: 'ladder', heightCm: -1, words: '', on: 'soon' });
  expect([bad.status, fieldsOf(bad).sort()]).toEqual([400, ['heightCm', 'on', 'task']]);
});

describe('two at once', () => {
  test.each([
    ['hall/house-view', { houseView: { 'disc-rotation': 'none' } }],
    ['hall/stock', { stock: { chair: 14 } }],
    ['hall/pace', { pace: {} }],
    ['hall/rules', { moved: [], own: [] }],
  ])(
    '%s: the second of two who read the same is told how it stands, and nothing is lost',
    async (path, body) => {
      const stale = await ifMatch(path);
      expect((await ask(path, 'PUT', body, stale)).status).toBe(200);
      const late = await ask(path, 'PUT', body, stale);
      const name = versionAt(path)![1];
      expect([late.status, late.json.current[name]]).toEqual([409, (await ask('hall')).json[name]]);
    },
  );
  test('people and classes too; the later one saves on what it was shown', async () => {
    const ids = await peopleByName();
    const { id } = (
      await ask('classes', 'POST', {
        title: 'Twice',
        on: '2026-12-09',
        sequenceText: '- Mountain, 3 breaths',
        people: [{ id: ids['Tam Orrin'] }],
      })
    ).json as { id: string };
    const plan = (text: string) => ({ sequenceText: text, choices: {} });
    const stale = await ifMatch(`classes/${id}/plan`);
    await ask(`classes/${id}/plan`, 'PUT', plan('- Tree, 3 breaths'), stale);
    const late = await ask(`classes/${id}/plan`, 'PUT', plan('- Bridge, 3 breaths'), stale);
    expect([late.status, late.json.current.sequenceText]).toEqual([409, '- Tree, 3 breaths']);
    expect((await ask(`classes/${id}`)).json.sequenceText).toBe('- Tree, 3 breaths');
    const shown = { 'If-Match': `"${late.json.current.version}"` };
    expect((await ask(`classes/${id}/plan`, 'PUT', plan('- Bridge, 3 breaths'), shown)).status).toBe(200);
    await ask(`classes/${id}`, 'DELETE');
    const person = `people/${ids['Tam Orrin']}`;
    const before = await ifMatch(person);
    expect((await ask(person, 'PUT', { name: 'Tam Orrin', heightCm: 180 }, before)).status).toBe(200);
    const second = await ask(person, 'PUT', { name: 'Tam Orrin', heightCm: 182 }, before);
    expect([second.status, second.json.current.heightCm]).toEqual([409, 180]);
  });
  test('of ten at the same time one is kept', async () => {
    const stale = await ifMatch('hall/pace');
    const all = await Promise.all(
      Array.from({ length: 10 }, (_, i) => ask('hall/pace', 'PUT', { pace: { breath: 5 + i } }, stale)),
    );
    expect(all.map(({ status }) => status).sort()).toEqual([200, ...Array.from({ length: 9 }, () => 409)]);
    await ask('hall/pace', 'PUT', { pace: {} });
  });
  test.each([
    [{ 'If-Match': '7' }, 400],
    [{ 'If-Match': '' }, 400],
  ])('a version that cannot be read: %j', async (headers, status) => {
    expect((await ask('hall/pace', 'PUT', { pace: {} }, headers)).status).toBe(status);
  });
  test('saving without having read is refused', async () => {
    const response = await fetch(`${base}/api/hall/pace`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ pace: {} }),
    });
    expect(response.status).toBe(428);
  });
});

describe('privacy', () => {
  test.each([{ Origin: 'http://elsewhere.example' }, { Origin: 'null' }])(
    'a page from elsewhere is refused: %j',
    async (headers) => {
      const answer = await ask('people', 'GET', undefined, headers as Record<string, string>);
      expect(answer.status).toBe(403);
      expect(answer.text).not.toContain('Ines');
    },
  );
  test('a foreign Host name is refused (a name pointed at this machine)', async () => {
    const { request } = await import('node:http');
    const { port } = new URL(base);
    const status = await new Promise<number | undefined>((resolve) => {
      request(
        { host: '127.0.0.1', port, path: '/api/people', headers: { Host: 'evil.example' } },
        (response) => resolve(response.resume().statusCode),
      ).end();
    });
    expect(status).toBe(403);
  });
  test('errors never repeat what was entered', async () => {
    const answer = await ask('people', 'POST', {
      name: 'X',
      born: '1990-02-30',
      conditions: [{ condition: 'pregnancy', complications: 'secret-detail' }],
    });
    expect(answer.status).toBe(400);
    expect(answer.text).not.toContain('secret-detail');
  });
});
