/** A hall’s own variants. */
import { Sequelize } from 'sequelize-typescript';
import { TODAY, ask, fieldsOf, fit, peopleByName, start, withDemoHall } from './client.js';

withDemoHall();

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
    const db = new Sequelize(process.env.DATABASE_URL!, { logging: false });
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
        after: '',
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
