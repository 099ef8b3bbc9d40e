/** Classes: fitted, kept, recorded. */
import { randomUUID } from 'node:crypto';
import { TODAY, ask, fieldsOf, fit, peopleByName, start, withDemoHall } from './client.js';

withDemoHall();

describe('classes', () => {
  const sequenceText =
    '# Small\nminutes: 20\n- Tree, 20 s each side\n- Downward-facing dog, 5 breaths\n- Final rest, 5 min\n';
  test('fit, save, read again after a restart, record, and see it on the person', async () => {
    const ids = await peopleByName();
    const people = [{ id: ids['Hollis Penny']! }, { id: ids['Ines Fallow']!, today: { pain: 2 } }];
    const preview = await fit({ on: TODAY, sequenceText, people });
    expect(preview.status).toBe(200);
    const saved = await ask('classes', 'POST', {
      title: 'Small',
      on: TODAY,
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
    expect((await ask(`people/${ids['Ines Fallow']}/history`)).json.records).toEqual([
      expect.objectContaining({
        title: 'Small',
        painAfter: 4,
        word: 'Wrists.',
        changes: [{ step: 2, what: 'stopped' }],
      }),
    ]);
    expect((await ask(`classes/${saved.json.id}`, 'DELETE')).status).toBe(204);
    expect((await ask(`people/${ids['Ines Fallow']}/history`)).json.records).toEqual([]);
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
        'slow-small-supported-once-settled',
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
    const lines = (await ask('classes')).json as { id: string; on: string }[];
    const id = lines.find(({ on }) => on > TODAY)!.id;
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
    // What is still to come cannot have been.
    const coming = await ask(`classes/${id}/record`, 'PUT', {
      records: [{ personId: ids['Ines Fallow'], came: true, changes: [], word: '' }],
    });
    expect([coming.status, fieldsOf(coming)]).toEqual([400, ['records']]);
    expect((await ask(`classes/${id}`)).json.records).toEqual([]);
  });
});
