/** Requests that nobody should send, from seeds, so that each can be made again. */
import fc from 'fast-check';
import { read, send } from './target.mjs';

const AT_ONCE = 16;
/** So many are made from one seed. */
const A_SEED = 1000;

const odd = fc.oneof(
  { weight: 3, arbitrary: fc.jsonValue({ maxDepth: 3 }) },
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.constantFrom(
    'x'.repeat(30_000),
    '\u202eevil',
    'a\u0000b',
    '\ud800',
    '__proto__',
    'constructor',
    "' OR 1=1 --",
    '2026-02-30',
    '0000-00-00',
    -1,
    1e308,
    2 ** 53,
    [],
    {},
    [null],
    null,
    true,
  ),
);
const id = fc.oneof(
  fc.constantFrom('{id}', '{id}', '00000000-0000-4000-8000-000000000000', '..%2f..', '%00', "'"),
  fc.string({ maxLength: 20 }).map(encodeURIComponent),
);
const headers = fc.record(
  {
    'If-Match': fc.constantFrom('"1"', '"0"', '*', '', '"-1"', '"9e99"', 'W/"1"'),
    Accept: fc.constantFrom('text/html', '*/*', 'x'),
    'Content-Type': fc.constantFrom('application/json', 'text/plain', 'application/xml'),
  },
  { requiredKeys: [] },
);
const broken = fc.constantFrom(
  '{',
  '[',
  '"',
  '{"name":',
  'null',
  '\u0000',
  `${'['.repeat(20_000)}${']'.repeat(20_000)}`,
);

/** Routes that end the session that all others are asked with, or everything there is. */
const ENDS = new Set([
  'DELETE /session',
  'DELETE /session/demo',
  'POST /session',
  'POST /session/demo',
  'POST /session/first',
  'POST /session/halls',
  'PUT /session/hall',
  'PUT /account/password',
  'DELETE /account/devices',
  'DELETE /mine',
]);

/** Every route that the server says it has, with the fields of what it takes. */
async function routesOf(base) {
  const { paths, components } = await read(`${base}/openapi.json`);
  return Object.entries(paths)
    .flatMap(([path, operations]) =>
      Object.entries(operations).map(([method, { requestBody }]) => {
        const name = requestBody?.content['application/json']?.schema.$ref?.split('/').pop();
        const fields = Object.keys(components.schemas[name]?.properties ?? {});
        return { path: path.replace(/^\/api/, ''), method: method.toUpperCase(), fields };
      }),
    )
    .filter(({ method, path }) => !ENDS.has(`${method} ${path}`));
}

const requestTo = ({ path, method, fields }) => {
  const body = fc.oneof(
    {
      weight: 4,
      arbitrary: fc.record(Object.fromEntries(fields.map((field) => [field, odd])), { requiredKeys: [] }),
    },
    odd,
    broken,
  );
  const query = fc.option(fc.tuple(fc.constantFrom('from', 'most', 'find', 'ids', 'when', 'x'), odd));
  return fc.record({ path: fc.constant(path), method: fc.constant(method), id, headers, body, query });
};

const asText = (value) => (typeof value === 'string' ? value : JSON.stringify(value));

/** A value as a part of an address; half a pair of surrogates has none. */
const asQuery = ([name, value]) => {
  const text = String(JSON.stringify(value)).slice(0, 2000);
  return `?${name}=${text.isWellFormed() ? encodeURIComponent(text) : '%ff'}`;
};

function sendOne(base, { path, method, id: asked, headers: own, body, query }, known) {
  const where = path.replace(/\{\w+\}/, asked === '{id}' ? known : asked);
  const hasBody = method !== 'GET' && method !== 'HEAD';
  return send(base + where + (query ? asQuery(query) : ''), method, hasBody ? asText(body) : undefined, own);
}

/** The time that 99 of 100 do not take longer than. */
const p99 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.99)];

/** What somebody asks for as usual, one after the other, until it is enough; how long each took, ms. */
async function asUsual(base, isEnough) {
  const times = [];
  while (!isEnough(times.length)) {
    const { status, ms } = await send(`${base}/people?most=20`, 'GET');
    if (status !== 200) throw new Error(`What is asked as usual is answered ${status}.`);
    times.push(ms);
  }
  return times;
}

/** How many usual requests are timed with nothing beside them, while as many wait as wait beside the malformed. */
const ALONE = 2000;

/**
 * Sends so many of them, some at a time, and beside them what is asked as usual.
 *
 * @returns how many were answered 5xx or not at all, from which seeds; the slowest, ms; the most memory, MB; the p99 of
 *   a usual request beside them and with as many usual ones beside it, ms; how many changes were accepted
 */
export async function sendMalformed({ base, residentMb }, requests, firstSeed) {
  const routes = await routesOf(base);
  const people = await read(`${base}/people`);
  const known = people.map(({ id: one }) => one);
  const any = fc.oneof(...routes.map(requestTo));
  const found = { sent: 0, accepted: 0, failed: 0, seeds: new Set(), slowestMs: 0, peakMb: 0 };
  const usual = await Promise.all(
    Array.from({ length: AT_ONCE + 1 }, () => asUsual(base, (times) => times >= ALONE / AT_ONCE)),
  );
  let isOver = false;
  const beside = asUsual(base, () => isOver);
  for (let seed = firstSeed; found.sent < requests; seed++) {
    const left = fc.sample(any, { seed, numRuns: Math.min(A_SEED, requests - found.sent) });
    found.sent += left.length;
    const one = async () => {
      for (let next = left.pop(); next; next = left.pop()) {
        const { status, ms } = await sendOne(base, next, known[found.sent % known.length]);
        found.slowestMs = Math.max(found.slowestMs, ms);
        if (status < 300 && next.method !== 'GET') found.accepted++;
        if (status < 500 && status !== 0) continue;
        found.failed++;
        found.seeds.add(`${seed} (${next.method} ${next.path}: ${status})`);
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, one));
    found.peakMb = Math.max(found.peakMb, residentMb());
  }
  isOver = true;
  return { ...found, usualMs: p99(usual.flat()), besideMs: p99(await beside) };
}

/**
 * Looks whether what was accepted is what the program itself would write: everybody is read and saved as they stand.
 *
 * @returns who is refused, by the fields
 */
export async function savedAgain({ base }) {
  const refused = [];
  for (let from = 0; ; from += 100) {
    const people = await read(`${base}/people?from=${from}&most=100`);
    for (const { id: one, version, ...person } of people) {
      const { status, text } = await send(`${base}/people/${one}`, 'PUT', person, {
        'If-Match': `"${version}"`,
      });
      if (status !== 200) refused.push(text.slice(0, 120));
    }
    if (people.length < 100) return refused;
  }
}

/** Ordinary routes with texts that are hard to read. */
export async function sendHard({ base }) {
  const people = (await read(`${base}/people`)).slice(0, 3).map(({ id: one }) => ({ id: one }));
  const fit = (sequenceText) => ['/classes/fit', { on: '2026-12-01', sequenceText, people }];
  const cases = {
    '20 kB of one word': fit(`- ${'treetree'.repeat(2400)}`),
    '3,300 unknown lines': fit('- abc\n'.repeat(3300)),
    '200 kB in a name': ['/people', { name: 'x'.repeat(200_000) }],
    'nested 20,000 deep': ['/people', `${'['.repeat(20_000)}${']'.repeat(20_000)}`],
  };
  const times = [];
  for (const [what, [path, body]] of Object.entries(cases)) {
    const { status, ms } = await send(base + path, 'POST', body);
    times.push({ what, status, ms });
  }
  return times;
}
