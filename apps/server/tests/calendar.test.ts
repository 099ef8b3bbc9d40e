/** The classes in somebody's own calendar: read by a reference library, with nothing of anybody in it. */
import ICAL from 'ical.js';
import { calendarOf, instantOf } from '../src/calendar/calendarOf.js';
import { ask, baseUrl, peopleByName, withDemoHall } from './client.js';

withDemoHall();

const read = async (secret: string) => {
  const response = await fetch(`${baseUrl()}/api/calendar/${secret}.ics`);
  return { status: response.status, type: response.headers.get('content-type'), text: await response.text() };
};
const make = async (): Promise<string> =>
  ((await ask('calendar', 'POST')).json as unknown as { secret: string }).secret;
const eventsOf = (text: string): ICAL.Event[] =>
  new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one));

test('every class with title, time, place and length, as a calendar understands it, and no name', async () => {
  expect((await ask('calendar')).json).toEqual({});
  const secret = await make();
  expect((await ask('calendar')).json).toHaveProperty('since');
  const { status, type, text } = await read(secret);
  expect([status, type]).toEqual([200, 'text/calendar; charset=utf-8']);
  const classes = (await ask('classes')).json as unknown as {
    id: string;
    title: string;
    on: string;
    time: string;
    place: string;
  }[];
  // The demo is where this computer is.
  const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
  const events = eventsOf(text);
  expect(events).toHaveLength(classes.length);
  for (const { id, title, on, time, place } of classes) {
    const event = events.find(({ uid }) => uid === `${id}@lotus-steady`)!;
    expect([event.summary, event.location]).toEqual([title, place]);
    expect(event.startDate.toJSDate()).toEqual(instantOf(on, time, timeZone));
    const minutes = (event.endDate.toJSDate().getTime() - event.startDate.toJSDate().getTime()) / 60_000;
    expect(minutes).toBe(
      ((await ask(`classes/${id}`)).json as unknown as { fitting: { minutes: { asked: number } } }).fitting
        .minutes.asked,
    );
  }
  for (const name of Object.keys(await peopleByName())) expect(text).not.toContain(name);
  expect(text).not.toMatch(/pregnan|pressure|disc/i);
});

test('a change is there the next time, under the same name; what was removed is gone', async () => {
  const secret = await make();
  const draft = {
    title: 'A, B; and C\\D — Morgenübung',
    on: '2026-12-24',
    time: '09:30',
    sequenceText: 'minutes: 35\n- Tree',
    people: [],
  };
  const { id } = (await ask('classes', 'POST', draft)).json as unknown as { id: string };
  const mine = async () => eventsOf((await read(secret)).text).find(({ uid }) => uid.startsWith(id));
  const first = (await mine())!;
  expect([first.summary, first.duration.toSeconds()]).toEqual([draft.title, 35 * 60]);
  await ask(`classes/${id}`, 'PUT', { ...draft, time: null });
  const second = (await mine())!;
  expect([second.startDate.isDate, second.startDate.toString()]).toEqual([true, '2026-12-24']);
  expect(second.sequence).toBeGreaterThan(first.sequence);
  await ask(`classes/${id}`, 'DELETE');
  expect(await mine()).toBeUndefined();
});

test('a new address takes the old one back; without one, and for any other, there is nothing', async () => {
  const [old, now] = [await make(), await make()];
  expect([(await read(old)).status, (await read(now)).status]).toEqual([404, 200]);
  expect((await ask('calendar', 'DELETE')).status).toBe(204);
  expect((await read(now)).status).toBe(404);
  expect((await read('x'.repeat(5000))).status).toBeLessThan(500);
  expect((await ask('calendar')).json).toEqual({});
});

test.each([
  ['2026-07-01', '18:00', 'Europe/London', '2026-07-01T17:00:00.000Z'],
  ['2026-12-01', '18:00', 'Europe/London', '2026-12-01T18:00:00.000Z'],
  ['2026-12-01', '07:15', 'Pacific/Auckland', '2026-11-30T18:15:00.000Z'],
  // The clocks have gone back an hour in that night.
  ['2026-10-25', '09:00', 'Europe/London', '2026-10-25T09:00:00.000Z'],
])('%s %s in %s is %s', (on, time, zone, instant) => {
  expect(instantOf(on, time, zone).toISOString()).toBe(instant);
});

test('lines are no longer than calendars take, and end as they must', () => {
  const text = calendarOf(
    'Hall',
    [
      {
        uid: 'a',
        title: 'ü'.repeat(300),
        on: '2026-12-01',
        time: '10:00',
        place: null,
        minutes: 60,
        changedAt: new Date(0),
        version: 1,
      },
    ],
    'UTC',
  );
  const lines = text.split('\r\n');
  expect(Math.max(...lines.map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75);
  expect(text).not.toMatch(/[^\r]\n/);
});
