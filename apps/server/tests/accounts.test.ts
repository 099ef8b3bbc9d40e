/** Who gets in: the first owner, passwords, codes, links, and how all of it ends. */
import { generate } from 'otplib';
import { QueryTypes } from 'sequelize';
import { isPassword, passwordErrors } from '../src/accounts/passwords.js';
import { codeStep } from '../src/accounts/oneTimeCodes.js';
import { waitAfter } from '../src/accounts/throttle.js';
import { printOf } from '../src/common/secret.js';
import { Browser, type Answer } from './browser.js';
import { ownServer, type OwnServer } from './ownServer.js';

const OWNER = {
  hall: 'Curlew House',
  name: 'Wren Addleby',
  signIn: 'Wren@Curlew.example ',
  password: 'a tide table for november',
};
let server: OwnServer;
let owner: Browser;
const browser = (): Browser => new Browser(server.base);
const signIn = async (
  name: string,
  password: string,
  code?: string,
): Promise<{ who: Browser; answer: Answer }> => {
  const who = browser();
  const body = { signIn: name, password, ...(code ? { code } : {}) };
  return { who, answer: await who.ask('session', 'POST', body) };
};
/** Nobody is slowed down by what a test before has tried. */
const forgetTries = () => server.sequelize.query('DELETE FROM sign_in_tries');

beforeAll(async () => {
  server = await ownServer('accounts');
  owner = browser();
});
afterAll(() => server.stop());
beforeEach(forgetTries);

test('before anybody has an account nothing is to be read, and the first owner may begin', async () => {
  expect((await owner.ask('session')).json).toEqual({ halls: [], begin: { hall: 'first' } });
  for (const path of ['people', 'classes', 'hall', 'members'])
    expect((await owner.ask(path)).status).toBe(401);
});

test.each([
  ['short', 'shortone', /12 characters/],
  ['tried first', 'password1234', /tried first/],
  ['one letter', 'aaaaaaaaaaaaaaa', /tried first/],
  ['her own name', 'wren addleby 1', /rest on your name/],
])('a first password that is %s is refused at its field', async (_, password, message) => {
  const { status, json } = await owner.ask('session/first', 'POST', { ...OWNER, password });
  expect([status, json.fields[0].field]).toEqual([400, 'password']);
  expect(json.fields[0].message).toMatch(message);
});

test('the first owner has the hall that was empty; nobody else is first', async () => {
  const { status, json, headers } = await owner.ask('session/first', 'POST', OWNER);
  expect([status, json.hall.name, json.hall.role, json.account.signIn]).toEqual([
    200,
    'Curlew House',
    'owner',
    'wren@curlew.example',
  ]);
  expect(json.halls).toHaveLength(1);
  const [session, token] = headers.getSetCookie();
  expect(session).toMatch(/^lotus-session-\d+=[\w-]{43}; .*HttpOnly; SameSite=Strict$/);
  expect(token).not.toMatch(/HttpOnly/);
  expect((await browser().ask('session/first', 'POST', { ...OWNER, signIn: 'other' })).status).toBe(403);
  expect((await browser().ask('session')).json).toEqual({ halls: [], begin: {} });
  expect((await owner.ask('hall')).json).toMatchObject({ name: 'Curlew House', teacher: 'Wren Addleby' });
});

describe('signing in', () => {
  test('with the name however it is typed; each time with a new session, and the one before ends', async () => {
    const { who, answer } = await signIn(' WREN@curlew.example', OWNER.password);
    expect(answer.status).toBe(200);
    const before = new Map(who.cookies);
    await who.ask('session', 'POST', { signIn: 'wren@curlew.example', password: OWNER.password });
    expect([...who.cookies.values()]).not.toEqual([...before.values()]);
    const old = browser();
    before.forEach((value, name) => old.cookies.set(name, value));
    expect((await old.ask('people')).status).toBe(401);
    expect((await who.ask('people')).status).toBe(200);
  });

  test('a name that nobody has is told as one that somebody has, and after as long', async () => {
    const times: Record<string, number[]> = { 'wren@curlew.example': [], 'nobody@curlew.example': [] };
    // In turn: what else the machine does slows both alike.
    for (let i = 0; i < 12; i++)
      for (const [name, taken] of Object.entries(times)) {
        await forgetTries();
        const since = performance.now();
        const { answer } = await signIn(name, 'not the right one');
        taken.push(performance.now() - since);
        expect([answer.status, answer.json.message]).toEqual([401, 'The name or the password is not right.']);
      }
    const [known, unknown] = Object.values(times).map((taken) => taken.sort((x, y) => x - y)[5]!);
    expect(Math.abs(known! - unknown!) / known!).toBeLessThan(0.4);
    await forgetTries();
  });

  test('whoever guesses waits, longer and longer; also with the right password; others do not', async () => {
    const guess = async () => (await signIn('wren@curlew.example', 'a wrong guess at it')).answer;
    const answers = [];
    for (let i = 0; i < 7; i++) answers.push(await guess());
    expect(answers.map(({ status }) => status)).toEqual([401, 401, 401, 401, 401, 429, 429]);
    expect(answers[5]!.json.message).toMatch(/^Too many tries\. Try again in 1\d seconds\.$/);
    expect((await signIn('wren@curlew.example', OWNER.password)).answer.status).toBe(429);
    expect((await signIn('somebody else', 'x')).answer.status).toBe(401);
    await server.sequelize.query('UPDATE sign_in_tries SET lastAt = lastAt - INTERVAL 16 SECOND');
    expect((await signIn('wren@curlew.example', OWNER.password)).answer.status).toBe(200);
  });

  test('many guesses at once are counted too', async () => {
    const all = await Promise.all(
      Array.from({ length: 20 }, () => signIn('wren@curlew.example', 'a wrong guess at it')),
    );
    const looked = all.filter(({ answer }) => answer.status === 401);
    expect(looked.length).toBeLessThanOrEqual(5);
  });

  test('waits double up to a quarter of an hour', () => {
    expect([4, 5, 6, 7, 11, 40].map((tries) => waitAfter(tries, 5))).toEqual([0, 15, 30, 60, 900, 900]);
  });
});

describe('a session', () => {
  test('a change without what our pages read is refused, and so is one from elsewhere', async () => {
    const without = owner.headers('x');
    const { 'X-Lotus-Token': token, ...cookie } = without;
    const send = (headers: Record<string, string>) =>
      fetch(`${server.base}/api/people`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', ...headers },
        body: JSON.stringify({ name: 'Nobody' }),
      });
    expect((await send(cookie)).status).toBe(403);
    expect((await send({ ...cookie, 'X-Lotus-Token': `${token!.slice(1)}x` })).status).toBe(403);
    expect((await send({ ...without, Origin: 'http://elsewhere.example' })).status).toBe(403);
    expect((await owner.ask('people')).json).toEqual([]);
  });

  test.each([
    ['used for twelve hours', 'seenAt = seenAt - INTERVAL 13 HOUR'],
    ['older than it may become', 'endsAt = endsAt - INTERVAL 15 DAY'],
  ])('not %s: it has ended', async (_, change) => {
    const { who } = await signIn('wren@curlew.example', OWNER.password);
    expect((await who.ask('people')).status).toBe(200);
    const [, secret] = [...who.cookies].find(([name]) => !name.includes('token'))!;
    const id = printOf(secret);
    await server.sequelize.query(`UPDATE sessions SET ${change} WHERE id = :id`, { replacements: { id } });
    expect((await who.ask('people')).status).toBe(401);
  });

  test('signed out it is over; a new password and one word end it everywhere else', async () => {
    const one = (await signIn('wren@curlew.example', OWNER.password)).who;
    const two = (await signIn('wren@curlew.example', OWNER.password)).who;
    const kept = one.headers('people');
    expect((await one.ask('session', 'DELETE')).status).toBe(204);
    expect([...one.cookies]).toEqual([]);
    expect((await fetch(`${server.base}/api/people`, { headers: kept })).status).toBe(401);

    const devices = (await owner.ask('account/devices')).json as { isThis: boolean }[];
    expect(devices.filter(({ isThis }) => isThis)).toHaveLength(1);
    expect(devices.length).toBeGreaterThan(1);
    expect((await owner.ask('account/devices', 'DELETE')).status).toBe(204);
    expect([(await two.ask('people')).status, (await owner.ask('people')).status]).toEqual([401, 200]);

    const three = (await signIn('wren@curlew.example', OWNER.password)).who;
    const wrong = await owner.ask('account/password', 'PUT', {
      password: 'x',
      newPassword: 'low water at noon',
    });
    expect(wrong.json.fields[0].field).toBe('password');
    const next = { password: OWNER.password, newPassword: 'low water at noon' };
    expect((await owner.ask('account/password', 'PUT', next)).status).toBe(204);
    expect([(await three.ask('people')).status, (await owner.ask('people')).status]).toEqual([401, 200]);
    expect((await signIn('wren@curlew.example', OWNER.password)).answer.status).toBe(401);
    OWNER.password = next.newPassword;
  });

  test('what is kept of it in the database opens nothing', async () => {
    const rows = await server.sequelize.query<{ id: string }>('SELECT id FROM sessions', {
      type: QueryTypes.SELECT,
    });
    const thief = browser();
    for (const { id } of rows) {
      const [name] = [...owner.cookies.keys()].filter((one) => !one.includes('token'));
      thief.cookies.set(name!, id);
      expect((await thief.ask('people')).status).toBe(401);
    }
  });
});

describe('one-time codes', () => {
  let secret = '';
  let recovery: string[] = [];
  /** When they were put in force, seconds since 1970. */
  let began = 0;

  test('are in force once one was shown; a wrong one is said at its field', async () => {
    ({ secret } = (await owner.ask('account/codes', 'POST')).json as { secret: string });
    const wrong = await owner.ask('account/codes', 'PUT', { code: '000000' });
    expect([wrong.status, wrong.json.fields[0].field]).toEqual([400, 'code']);
    began = Math.floor(Date.now() / 1000);
    const code = await generate({ secret, epoch: began });
    const right = await owner.ask('account/codes', 'PUT', { code });
    expect(right.json.codes).toHaveLength(10);
    recovery = right.json.codes as string[];
    const [row] = await server.sequelize.query<{ codeSecret: string; recoveryCodes: string }>(
      'SELECT codeSecret, recoveryCodes FROM accounts',
      { type: QueryTypes.SELECT },
    );
    expect(row!.codeSecret).toMatch(/^v1\./);
    expect(row!.codeSecret + row!.recoveryCodes).not.toContain(secret);
    expect(row!.recoveryCodes).not.toContain(recovery[0]!);
  });

  test('with the right password one is asked for; none is taken twice', async () => {
    const asked = await signIn('wren@curlew.example', OWNER.password);
    expect([asked.answer.status, asked.answer.json.needs]).toEqual([401, 'code']);
    const guessed = await signIn('wren@curlew.example', 'not the right one');
    expect(guessed.answer.json.needs).toBeUndefined();
    // The one shown when they were put in force is used up; the next one comes in half a minute.
    const used = await signIn(
      'wren@curlew.example',
      OWNER.password,
      await generate({ secret, epoch: began }),
    );
    expect(used.answer.status).toBe(401);
    const next = await generate({ secret, epoch: began + 30 });
    expect((await signIn('wren@curlew.example', OWNER.password, next)).answer.status).toBe(200);
    expect((await signIn('wren@curlew.example', OWNER.password, next)).answer.status).toBe(401);
  });

  test('a recovery code lets in once, however it is typed', async () => {
    const typed = recovery[3]!.toUpperCase().replaceAll('-', ' ');
    expect((await signIn('wren@curlew.example', OWNER.password, typed)).answer.status).toBe(200);
    expect((await signIn('wren@curlew.example', OWNER.password, recovery[3])).answer.status).toBe(401);
  });

  test('are ended with the password', async () => {
    expect((await owner.ask('account/codes/end', 'POST', { password: 'x' })).status).toBe(400);
    expect((await owner.ask('account/codes/end', 'POST', { password: OWNER.password })).status).toBe(204);
    expect((await signIn('wren@curlew.example', OWNER.password)).answer.status).toBe(200);
  });

  test('are those of RFC 6238, one step early or late, and no further', async () => {
    // Appendix B, SHA-1, the last six of eight digits; the secret is "12345678901234567890" in base 32.
    const known = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
    for (const [now, code] of [
      [59, '287082'],
      [1111111109, '081804'],
      [1111111111, '050471'],
      [1234567890, '005924'],
      [2000000000, '279037'],
      [20000000000, '353130'],
    ] as const) {
      const step = Math.floor(now / 30);
      expect(await codeStep(known, code, null, now)).toBe(step);
      expect(await codeStep(known, code, null, now + 30)).toBe(step);
      expect(await codeStep(known, code, null, now + 90)).toBeUndefined();
      expect(await codeStep(known, code, step, now)).toBeUndefined();
    }
  });
});

describe('links', () => {
  const invite = async (name: string, role: string): Promise<string> =>
    (await owner.ask('members/invitations', 'POST', { name, role })).json.secret as string;
  const take = (secret: string, more: object) =>
    browser().ask('links/take', 'POST', { secret, password: 'herring gulls at dawn', ...more });

  test('an invitation says what it is, and lets one person in', async () => {
    const secret = await invite('Ash Weir', 'teacher');
    expect((await browser().ask('links/look', 'POST', { secret })).json).toEqual({
      kind: 'invitation',
      hall: 'Curlew House',
      name: 'Ash Weir',
      role: 'teacher',
    });
    const taken = await take(secret, { name: 'Ash Weir', signIn: 'wren@curlew.example' });
    expect([taken.status, taken.json.fields[0].field]).toEqual([400, 'signIn']);
    const two = await Promise.all([
      take(secret, { name: 'Ash Weir', signIn: 'ash' }),
      take(secret, { name: 'Ash Weir', signIn: 'ash2' }),
    ]);
    expect(two.map(({ status }) => status).sort()).toEqual([204, 404]);
    const names = ((await owner.ask('members')).json as { name: string; role: string }[]).map(
      ({ name, role }) => `${name} ${role}`,
    );
    expect(names).toEqual(['Ash Weir teacher', 'Wren Addleby owner']);
  });

  test('expired, taken back, or made up: it opens nothing, and says so in one way', async () => {
    const old = await invite('Late', 'assistant');
    await server.sequelize.query('UPDATE links SET endsAt = NOW() - INTERVAL 1 DAY');
    const back = await invite('Back', 'assistant');
    const [{ id }] = (await owner.ask('members/invitations')).json as [{ id: string }];
    expect((await owner.ask(`members/invitations/${id}`, 'DELETE')).status).toBe(204);
    const answers = await Promise.all(
      [old, back, 'made-up'].map((secret) => browser().ask('links/look', 'POST', { secret })),
    );
    expect(new Set(answers.map(({ status, text }) => `${status} ${text}`)).size).toBe(1);
    expect(answers[0]!.status).toBe(404);
  });

  test('somebody who is out is out at once, and the last owner stays', async () => {
    const secret = await invite('Moor Fen', 'teacher');
    const moor = browser();
    const account = { secret, name: 'Moor Fen', signIn: 'moor', password: 'herring gulls at dawn' };
    await moor.ask('links/take', 'POST', account);
    expect((await moor.ask('people')).status).toBe(200);
    expect((await moor.ask('members')).status).toBe(403);
    const members = (await owner.ask('members')).json as { id: string; name: string }[];
    const idOf = (name: string): string => members.find((one) => one.name === name)!.id;
    expect((await owner.ask(`members/${idOf('Moor Fen')}`, 'DELETE')).status).toBe(204);
    expect((await moor.ask('people')).status).toBe(401);
    const self = idOf('Wren Addleby');
    expect((await owner.ask(`members/${self}`, 'DELETE')).status).toBe(409);
    expect((await owner.ask(`members/${self}/role`, 'PUT', { role: 'teacher' })).status).toBe(409);
    expect((await signIn('moor', 'herring gulls at dawn')).answer.status).toBe(403);
  });

  test('a new password by the owner’s link ends the old one, the codes and every session', async () => {
    const { who: ash, answer } = await signIn('ash', 'herring gulls at dawn');
    if (answer.status !== 200)
      await ash.ask('session', 'POST', { signIn: 'ash2', password: 'herring gulls at dawn' });
    const members = (await owner.ask('members')).json as { id: string; name: string; signIn: string }[];
    const { id, signIn: name } = members.find((one) => one.name === 'Ash Weir')!;
    const { secret } = (await owner.ask(`members/${id}/reset`, 'POST')).json as { secret: string };
    expect((await ash.ask('people')).status).toBe(200);
    const set = await browser().ask('links/take', 'POST', { secret, password: 'oystercatchers at noon' });
    expect(set.status).toBe(204);
    expect((await ash.ask('people')).status).toBe(401);
    await forgetTries();
    expect((await signIn(name, 'herring gulls at dawn')).answer.status).toBe(401);
    expect((await signIn(name, 'oystercatchers at noon')).answer.status).toBe(200);
  });

  test('a teacher of two halls goes between them; the owner of one sets no password for the other', async () => {
    const { who } = await signIn('wren@curlew.example', OWNER.password);
    await who.ask('people', 'POST', { name: 'Only Here' });
    expect((await who.ask('session/halls', 'POST', { hall: 'Heron Loft' })).status).toBe(204);
    expect((await who.ask('hall')).json.name).toBe('Heron Loft');
    expect((await who.ask('people')).json).toEqual([]);
    const { halls } = (await who.ask('session')).json as { halls: { id: string; name: string }[] };
    expect(halls.map(({ name }) => name)).toEqual(['Curlew House', 'Heron Loft']);
    const loft = (await who.ask('members/invitations', 'POST', { name: 'Ash', role: 'assistant' })).json
      .secret;
    const ash = (await signIn('ash', 'oystercatchers at noon')).who;
    if (!ash.cookies.size)
      await ash.ask('session', 'POST', { signIn: 'ash2', password: 'oystercatchers at noon' });
    expect((await ash.ask('links/join', 'POST', { secret: loft })).status).toBe(204);
    expect((await ash.ask('session')).json.hall).toMatchObject({ name: 'Heron Loft', role: 'assistant' });
    expect((await ash.ask('people')).status).toBe(403);
    await ash.ask('session/hall', 'PUT', { hallId: halls[0]!.id });
    expect((await ash.ask('people')).json).toMatchObject([{ name: 'Only Here' }]);
    const id = ((await who.ask('members')).json as { id: string; role: string }[]).find(
      ({ role }) => role === 'assistant',
    )!.id;
    expect((await who.ask(`members/${id}/reset`, 'POST')).status).toBe(409);
    const unknown = '00000000-0000-4000-8000-000000000000';
    expect((await who.ask('session/hall', 'PUT', { hallId: unknown })).status).toBe(404);
  });
});

test('a password is known again however its letters were put together, and never where there is none', async () => {
  expect(await isPassword(undefined, 'nobody has this password')).toBe(false);
  expect(passwordErrors('sea holly by the groyne', ['Wren'])).toEqual([]);
  expect(passwordErrors('Password1234!', [])).not.toEqual([]);
});
