/** Whatever is sent, the answer is never the server's fault: 4xx with words, or done. */
import fc from 'fast-check';
import { ask, baseUrl, signedIn, signInAgain, withDemoHall } from './client.js';

withDemoHall();

interface Operation {
  requestBody?: { content: { 'application/json'?: { schema: { $ref?: string } } } };
}
type Schema = { properties?: Record<string, unknown> };

/** Routes that take a body, with the names of its fields, from the server's own description. */
async function writingRoutes(): Promise<{ path: string; method: string; fields: string[] }[]> {
  const { json } = await ask('openapi.json');
  const { paths, components } = json as {
    paths: Record<string, Record<string, Operation>>;
    components: { schemas: Record<string, Schema> };
  };
  return Object.entries(paths).flatMap(([path, operations]) =>
    Object.entries(operations).flatMap(([method, { requestBody }]) => {
      const name = requestBody?.content['application/json']?.schema.$ref?.split('/').pop();
      if (!name) return [];
      const fields = Object.keys(components.schemas[name]?.properties ?? {});
      return [{ path: path.replace(/^\/api\//, ''), method: method.toUpperCase(), fields }];
    }),
  );
}

/** What nobody should send: of other types, too long, too deep, with marks that turn or break a line. */
const odd = fc.oneof(
  { weight: 4, arbitrary: fc.jsonValue({ maxDepth: 4 }) },
  fc.string({ unit: 'binary', maxLength: 60 }),
  fc.constantFrom<unknown>(
    'x'.repeat(70_000),
    '\u202eevil',
    'a\u0000b',
    '\ud800',
    '__proto__',
    'constructor',
    '2026-02-30',
    '0000-00-00',
    '9999-12-31',
    -0,
    1e308,
    -1,
    2 ** 53,
    [],
    {},
    [null],
    [[[[[[[[[[]]]]]]]]]],
    null,
    true,
  ),
);

/** A body with some of the right fields, whatever stands in them, and sometimes one more. */
const bodyFor = (fields: readonly string[]) =>
  fc.oneof(
    odd,
    fc
      .tuple(
        fc.record(Object.fromEntries(fields.map((field) => [field, odd])), { requiredKeys: [] }),
        fc.option(fc.tuple(fc.string({ maxLength: 12 }), odd)),
      )
      .map(([known, more]) => (more ? { ...known, [more[0]]: more[1] } : known)),
  );

async function send(path: string, method: string, body: string): Promise<{ status: number; text: string }> {
  const response = await fetch(`${baseUrl()}/api/${path}`, {
    method,
    headers: { 'Content-Type': 'application/json', 'If-Match': '"1"', ...signedIn(path) },
    body,
  });
  return { status: response.status, text: await response.text() };
}

test('no body of any shape ends in a 5xx, and every refusal says something', async () => {
  // Some of what is sent begins a hall of its own: that comes last, and she goes back to the demo.
  const leaves = ({ path }: { path: string }): boolean => path.startsWith('session');
  const all = await writingRoutes();
  const routes = [...all.filter((route) => !leaves(route)), ...all.filter(leaves)];
  expect(routes.length).toBeGreaterThan(10);
  const [person] = (await ask('people')).json as { id: string }[];
  const [planned] = (await ask('classes')).json as { id: string }[];
  for (const { path, method, fields } of routes) {
    const at = path
      .replace('{id}', (path.startsWith('people') ? person : planned)!.id)
      .replace('{key}', 'none');
    await fc.assert(
      fc.asyncProperty(bodyFor(fields), async (body) => {
        const { status, text } = await send(at, method, JSON.stringify(body) ?? '');
        expect({ status: status < 500, at, text: status >= 500 ? text : '' }).toEqual({
          status: true,
          at,
          text: '',
        });
        if (status >= 400) expect((JSON.parse(text) as { message?: unknown }).message).toBeTruthy();
      }),
      { numRuns: 40 },
    );
  }
  await signInAgain();
});

test.each([
  ['not JSON', '{"name":'],
  ['nothing', ''],
  ['a number', '7'],
  ['deeper than anyone writes', `${'['.repeat(20_000)}${']'.repeat(20_000)}`],
  ['a key twice', '{"name":"A","name":7}'],
  ['a list longer than anyone writes', JSON.stringify({ name: 'A', conditions: Array(5000).fill('asthma') })],
  ['a text longer than anyone writes', JSON.stringify({ name: 'x'.repeat(200_000) })],
])('%s in place of a body is refused in words', async (_, body) => {
  const { status, text } = await send('people', 'POST', body);
  expect(status).toBeGreaterThanOrEqual(400);
  expect(status).toBeLessThan(500);
  expect((JSON.parse(text) as { message: string }).message.length).toBeGreaterThan(3);
});

test.each([
  ['PUT', '/record', { records: [[[]]] }],
  ['PUT', '', { people: [[[]]], title: 'A', on: '2026-12-01', sequenceText: '- Tree' }],
])('%s %s: a list within a list is no list of tables', async (method, below, body) => {
  const [planned] = (await ask('classes')).json as { id: string }[];
  const { status, text } = await send(`classes/${planned!.id}${below}`, method, JSON.stringify(body));
  expect([status, text]).toEqual([400, expect.stringContaining('table')]);
});

test('more conditions than anyone has are refused at their field', async () => {
  const { status, json } = await ask('people', 'POST', { name: 'A', conditions: Array(41).fill('asthma') });
  expect([status, json.fields[0].message]).toEqual([400, 'At most 40 conditions are read.']);
});

test.each([
  ['GET', 'people/not-an-id'],
  ['GET', `people/${'9'.repeat(4000)}`],
  ['GET', 'classes/%00'],
  ['GET', 'classes/..%2f..%2fetc'],
  ['GET', 'people/%F0%28'],
  ['GET', 'nowhere'],
  ['PATCH', 'people'],
])('address %# with %s is answered with 4xx', async (method, path) => {
  const response = await fetch(`${baseUrl()}/api/${path}`, { method, headers: signedIn() });
  expect(response.status).toBeGreaterThanOrEqual(400);
  expect(response.status).toBeLessThan(500);
});
