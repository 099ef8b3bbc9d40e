/** People, and what worked for them. */
import { randomUUID } from 'node:crypto';
import { RemovedRows } from '../src/erasure/removedRows.js';
import { ask, fieldsOf, found as foundLines, peopleByName, server, withDemoHall } from './client.js';

withDemoHall();

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
    });
    expect((await ask(`people/${json.id}/history`)).json).toEqual({ classes: 0, came: 0, records: [] });
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
  test('people are found by their name, by what they have however it is called, by their class', async () => {
    const found = async (words: string): Promise<string[]> =>
      (await foundLines(words)).map(({ name }) => name);
    expect(await found('hollis')).toEqual(['Hollis Penny']);
    // Pressure of the eyes, too.
    expect(await found('hypertension')).toEqual(['Bertil Shaw', 'Corin Thrale', 'Perrin Ashlode']);
    expect(await found('slipped disc')).toEqual(['Bram Sedgely', 'Caspar Dunmore', 'Ilse Farthing']);
    expect(await found('chairs by the')).toEqual(expect.arrayContaining(['Anselm Reed', 'Selma Quist']));
    expect(await found('chairs by the')).not.toContain('Hollis Penny');
    // A name with a wild card in it is a name.
    expect(await found('%')).toEqual([]);
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

test('who was removed can be brought back for an hour, then is gone for good', async () => {
  const { json: saved } = await ask('people', 'POST', { name: 'Vesper Lodd' });
  await ask(`people/${saved.id}`, 'DELETE');
  const rows = server().get(RemovedRows);
  await rows.purge(Date.now() + 59 * 60_000);
  expect((await ask(`people/${saved.id}/restore`, 'POST')).status).toBeLessThan(300);
  await ask(`people/${saved.id}`, 'DELETE');
  await rows.purge(Date.now() + 61 * 60_000);
  expect((await ask(`people/${saved.id}/restore`, 'POST')).status).toBe(404);
});
