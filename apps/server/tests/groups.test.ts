/** Groups by the week: who belongs to them, who does otherwise on a day, their classes; places and their props. */
import { randomUUID } from 'node:crypto';
import { ask, fieldsOf, found, peopleByName, TODAY, withDemoHall } from './client.js';

withDemoHall();

interface Group {
  id: string;
  title: string;
  weekday: number;
  most: number | null;
  people: { id: string; waiting: boolean }[];
  days: { personId: string; on: string; comes: boolean }[];
  classes: { id: string; on: string }[];
  version: number;
}
const groups = async () => (await ask('groups')).json as unknown as Group[];
const named = async (title: string) => (await groups()).find((one) => one.title === title)!;
const comingTo = async (classId: string) =>
  ((await ask(`classes/${classId}`)).json as unknown as { people: { name: string }[] }).people.map(
    ({ name }) => name,
  );

test('the demo’s classes are of groups, with who waits, in the order of the week', async () => {
  const all = await groups();
  expect(all.map(({ title }) => title)).toEqual([
    'Steady Backs',
    'Chairs by the Window',
    'Rockpool Club',
    'Thursday Mixed',
    'Bump and Breathe',
  ]);
  expect(all.every(({ classes }) => classes.length === 1)).toBe(true);
  const backs = all[0]!;
  expect(backs.people.map(({ waiting }) => waiting)).toEqual([...Array<boolean>(6).fill(false), true, true]);
});

test('who stays away for a day is not fitted, who comes in her place is; it can be taken back', async () => {
  const { id, classes } = await named('Steady Backs');
  const { id: classId, on } = classes[0]!;
  const people = await peopleByName();
  const day = (name: string, comes?: boolean) =>
    ask(`groups/${id}/day`, 'PUT', { personId: people[name], on, ...(comes === undefined ? {} : { comes }) });
  expect((await day('Caspar Dunmore', false)).status).toBe(204);
  expect((await day('Rowan Tidewell', true)).status).toBe(204);
  const coming = await comingTo(classId);
  expect([coming.includes('Caspar Dunmore'), coming.includes('Rowan Tidewell'), coming.length]).toEqual([
    false,
    true,
    6,
  ]);
  expect((await named('Steady Backs')).days).toHaveLength(2);
  await day('Caspar Dunmore');
  await day('Rowan Tidewell');
  expect((await comingTo(classId)).includes('Caspar Dunmore')).toBe(true);
  expect(await comingTo(classId)).toHaveLength(6);
  expect((await named('Steady Backs')).days).toEqual([]);
  // Sent again because no answer came, it is made once, class and day.
  const once = { 'Idempotency-Key': randomUUID() };
  const away = { personId: people['Ilse Farthing'], on, comes: false };
  for (let i = 0; i < 2; i++) expect((await ask(`groups/${id}/day`, 'PUT', away, once)).status).toBe(204);
  expect([(await comingTo(classId)).includes('Ilse Farthing'), (await named('Steady Backs')).days]).toEqual([
    false,
    [away],
  ]);
  await day('Ilse Farthing');
  // A day without a class is kept as well.
  const later = { personId: people['Ines Fallow'], on: '2026-12-14', comes: false };
  expect((await ask(`groups/${id}/day`, 'PUT', later)).status).toBe(204);
  expect((await named('Steady Backs')).days).toEqual([later]);
});

test('who does not belong to a group, and a day that is over, are refused at their field', async () => {
  const { id, people: roster } = await named('Steady Backs');
  const { 'Hollis Penny': stranger } = await peopleByName();
  const day = (body: object) => ask(`groups/${id}/day`, 'PUT', body);
  const other = await day({ personId: stranger, on: '2026-12-14', comes: true });
  expect([other.status, fieldsOf(other as never)]).toEqual([400, ['personId']]);
  const past = await day({ personId: roster[0]!.id, on: '2026-11-16', comes: false });
  expect([past.status, fieldsOf(past as never)]).toEqual([400, ['on']]);
});

test('a group is made, changed on the version that was read, removed and brought back', async () => {
  const people = await peopleByName();
  const draft = {
    title: 'Quiet Sundays',
    weekday: 7,
    time: '17:00',
    most: 2,
    firstOn: TODAY,
    people: [{ id: people['Ines Fallow'], waiting: false }],
  };
  const { status, json } = await ask('groups', 'POST', draft);
  expect(status).toBe(201);
  const id = json.id as string;
  const moved = { ...draft, people: [...draft.people, { id: people['Tam Orrin'], waiting: true }] };
  expect((await ask(`groups/${id}`, 'PUT', moved, { 'If-Match': '"1"' })).json).toEqual({ id, version: 2 });
  const stale = await ask(`groups/${id}`, 'PUT', draft, { 'If-Match': '"1"' });
  expect([stale.status, (stale.json.current as Group).people.length]).toEqual([409, 2]);
  expect((await ask(`groups/${id}`, 'DELETE')).status).toBe(204);
  expect(await named('Quiet Sundays')).toBeUndefined();
  expect((await ask(`groups/${id}/restore`, 'POST')).status).toBe(204);
  expect((await named('Quiet Sundays')).people).toHaveLength(2);
});

test.each([
  [{ weekday: 8 }, 'weekday'],
  [{ time: '25:00' }, 'time'],
  [{ firstOn: '2026-02-30' }, 'firstOn'],
  [{ most: 0 }, 'most'],
  [{ title: '' }, 'title'],
])('a group with %j is refused at its field', async (wrong, field) => {
  const draft = { title: 'X', weekday: 1, firstOn: TODAY, people: [], ...wrong };
  const answer = await ask('groups', 'POST', draft);
  expect([answer.status, fieldsOf(answer as never)]).toEqual([400, [field]]);
});

test('nobody is on a roster twice, nor who is not there', async () => {
  const { 'Ines Fallow': id } = await peopleByName();
  const draft = { title: 'X', weekday: 1, firstOn: TODAY };
  const twice = { ...draft, people: [id, id].map((one) => ({ id: one, waiting: false })) };
  expect((await ask('groups', 'POST', twice)).status).toBe(400);
  const stranger = [{ id: '00000000-0000-4000-8000-000000000000', waiting: false }];
  expect((await ask('groups', 'POST', { ...draft, people: stranger })).status).toBe(400);
});

test('a class is fitted within what is where it is', async () => {
  const { 'Anselm Reed': id } = await peopleByName();
  const room = async (place?: string) => {
    const { json } = await ask('classes/fit', 'POST', {
      on: TODAY,
      sequenceText: '# One\n- Side bend on a chair, 4 breaths each side',
      people: [{ id, today: {} }],
      ...(place ? { place } : {}),
    });
    return (json.fitting as { room: { prop: string; short?: number }[] }).room;
  };
  const made = await ask('places', 'POST', { name: 'The boathouse', most: 4, stock: { blanket: 2 } });
  expect(made.status).toBe(201);
  const short = (of: { short?: number }[]) => of.filter((one) => one.short).length;
  expect(short(await room())).toBe(0);
  expect(short(await room('Nowhere that is known'))).toBe(0);
  expect((await ask('places', 'POST', { name: 'The boathouse', stock: {} })).status).toBe(400);
  expect((await ask('places', 'POST', { name: 'Attic', stock: { chair: -1 } })).status).toBe(400);
  const here = await room('The boathouse');
  const there = await room();
  // Where there are no chairs, none is counted on.
  expect(here.some(({ prop, short: missing }) => prop === 'chair' && !missing)).toBe(false);
  expect(there.length).toBeGreaterThan(0);
});

test('a place has a room, and a class has places in it: who moves one moves no other', async () => {
  const room = { widthCm: 800, depthCm: 700, doors: [{ wall: 'back', atCm: 90 }], freeWalls: ['left'] };
  const refused = await ask('places', 'POST', { name: 'Loft', stock: {}, room: { ...room, widthCm: 20 } });
  expect(refused.json.fields).toMatchObject([{ field: 'room.widthCm' }]);
  const { id } = (await ask('places', 'POST', { name: 'Loft', stock: {}, room })).json as { id: string };
  const loft = async () =>
    ((await ask('places')).json as unknown as { id: string; room?: object }[]).find((one) => one.id === id)!;
  expect((await loft()).room).toEqual(room);
  await ask(`places/${id}`, 'PUT', { name: 'Loft', stock: {} }, { 'If-Match': '"1"' });
  expect(await loft()).not.toHaveProperty('room');

  const { classes } = await named('Steady Backs');
  const path = `classes/${classes[0]!.id}/spots`;
  const { people } = (await ask(`classes/${classes[0]!.id}`)).json as { people: { id: string }[] };
  const spot = (i: number, xCm: number) => ({ personId: people[i]!.id, xCm, yCm: 300, heading: 0 });
  const put = (...spots: object[]) => ask(path, 'PUT', { spots });
  expect(await Promise.all([put(spot(0, 100)), put(spot(1, 200))])).toMatchObject([
    { status: 204 },
    { status: 204 },
  ]);
  expect((await put(spot(0, 150))).status).toBe(204);
  const kept = (await ask(path)).json as unknown as { xCm: number }[];
  expect(kept.map(({ xCm }) => xCm).sort()).toEqual([150, 200]);
  const stranger = await put({ ...spot(0, 1), personId: id });
  expect(stranger.json.fields).toMatchObject([{ field: 'spots[0].personId' }]);
  expect((await put({ ...spot(0, 1), heading: 45 })).status).toBe(400);
  expect((await ask(path, 'DELETE')).status).toBe(204);
  expect((await ask(path)).json).toEqual([]);
});

test('own words are kept by pose and version: who did not read the last ones overwrites nothing', async () => {
  const put = (pose: string, words: string, read: number) =>
    ask(`words/${pose}`, 'PUT', { words }, { 'If-Match': `"${read}"` });
  expect((await put('tree', 'Grow.', 0)).json).toEqual({ pose: 'tree', words: 'Grow.', version: 1 });
  const late = await put('tree', 'Stand.', 0);
  expect([late.status, late.json.current]).toEqual([409, { pose: 'tree', words: 'Grow.', version: 1 }]);
  expect((await put('tree', '', 1)).json).toMatchObject({ words: '', version: 2 });
  expect((await put('no-such-pose', 'Grow.', 0)).status).toBe(404);
  expect((await put('tree', 'x'.repeat(4001), 2)).status).toBe(400);
  expect((await ask('words')).json).toEqual([{ pose: 'tree', words: '', version: 2 }]);
});

test('classes are read by place, by group, and between two days', async () => {
  const { id, classes } = await named('Chairs by the Window');
  const titles = async (query: string) =>
    ((await ask(`classes?${query}`)).json as unknown as { title: string }[]).map(({ title }) => title);
  expect(await titles(`group=${id}`)).toEqual(['Chairs by the Window']);
  expect(await titles(`place=${encodeURIComponent('Saltmarsh Hall, the long room')}`)).toEqual([
    'Chairs by the Window',
  ]);
  const { on } = classes[0]!;
  expect(await titles(`first=${on}&last=${on}`)).toEqual(['Chairs by the Window']);
  expect((await ask('classes?first=2026-02-30')).status).toBe(400);
});

test('people are read by group, and in the order in which they were changed or came', async () => {
  const { id } = await named('Bump and Breathe');
  const names = async (query: string) =>
    ((await ask(`people?${query}`)).json as unknown as { name: string }[]).map(({ name }) => name);
  expect(await names(`group=${id}`)).toEqual([
    'Hollis Penny',
    'Linnet Sallow',
    'Nell Harbin',
    'Petra Vane',
    'Wren Addleby',
  ]);
  expect(await found('wren', { group: id })).toMatchObject([{ name: 'Wren Addleby' }]);
  const people = await peopleByName();
  await new Promise((resolve) => setTimeout(resolve, 1100));
  const known = (await ask(`people/${people['Tam Orrin']}`)).json;
  const { records: _records, propNotes: _notes, version: _version, id: _id, ...written } = known;
  expect((await ask(`people/${people['Tam Orrin']}`, 'PUT', written)).status).toBe(200);
  expect((await names('order=changed'))[0]).toBe('Tam Orrin');
  // The last of the week's classes is Sunday's or Saturday's; who is down for none comes last.
  const came = await names('order=came');
  expect(came.slice(0, 4)).toEqual(['Hollis Penny', 'Nell Harbin', 'Petra Vane', 'Wren Addleby']);
  expect(came).toHaveLength((await names('')).length);
  expect((await ask('people?order=age')).status).toBe(400);
});
