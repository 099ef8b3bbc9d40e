/** The hall: its view, rules, stock and pace. */
import { TODAY, ask, fieldsOf, fit, peopleByName, withDemoHall } from './client.js';

withDemoHall();

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
      'eased',
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
