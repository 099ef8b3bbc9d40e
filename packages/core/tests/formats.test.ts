/** The command line and the formats it reads and writes, held against their JSON Schemas. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Ajv } from 'ajv';

const ROOT = join(dirname(fileURLToPath(import.meta.url)), '../../..');
const folder = mkdtempSync(join(tmpdir(), 'lotus-fit-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const schema = (name: string): object =>
  JSON.parse(readFileSync(join(ROOT, 'docs/formats', `${name}.schema.json`), 'utf8')) as object;
const ajv = new Ajv({ allErrors: true, strictTypes: false, allowUnionTypes: true });
const file = (name: string, text: string): string => {
  writeFileSync(join(folder, name), text);
  return join(folder, name);
};
const fit = (sequence: string, people: string, on = '2026-11-26', out = 'json') =>
  spawnSync(
    'npx',
    [
      'tsx',
      '--conditions=source',
      'scripts/fit.ts',
      '--sequence',
      sequence,
      '--people',
      people,
      '--on',
      on,
      '--out',
      out,
    ],
    {
      cwd: ROOT,
      encoding: 'utf8',
      env: { ...process.env, NODE_OPTIONS: '' },
    },
  );
const EXAMPLES = join(ROOT, 'docs/examples');

test('the example people and the result keep to their schemas, and the same input gives the same output', () => {
  const people = readFileSync(join(EXAMPLES, 'people.json'), 'utf8');
  const validPeople = ajv.compile(schema('people'));
  const validFitting = ajv.compile(schema('fitting'));
  expect([validPeople(JSON.parse(people)), validPeople.errors]).toEqual([true, null]);
  const first = fit(join(EXAMPLES, 'thursday-mixed.txt'), join(EXAMPLES, 'people.json'));
  expect(first.status).toBe(0);
  const result: unknown = JSON.parse(first.stdout);
  expect([validFitting(result), validFitting.errors]).toEqual([true, null]);
  expect(fit(join(EXAMPLES, 'thursday-mixed.txt'), join(EXAMPLES, 'people.json')).stdout).toBe(first.stdout);
});

test('text output tells who does what', () => {
  const { stdout, status } = fit(
    join(EXAMPLES, 'thursday-mixed.txt'),
    join(EXAMPLES, 'people.json'),
    '2026-11-26',
    'text',
  );
  expect(status).toBe(0);
  expect(stdout).toContain('as written: Ines');
  expect(stdout).toContain('doctor, midwife or physiotherapist');
});

const good = '- Tree\n';
const nobody = '{"people": [{"name": "A"}]}';
test.each([
  [
    'an unknown pose',
    '- Tree\n- Zebra crossing\n',
    nobody,
    '2026-11-26',
    /Line 2: "Zebra crossing".*Nearest: .+, .+, .+\./,
  ],
  ['not JSON', good, '{"people": [', '2026-11-26', /not JSON/],
  ['an unknown key', good, '{"people": [{"name": "A", "heihgt": 170}]}', '2026-11-26', /heightCm/],
  [
    'an unknown condition',
    good,
    '{"people": [{"name": "A", "conditions": ["pregnncy"]}]}',
    '2026-11-26',
    /Nearest: Pregnancy/,
  ],
  ['an impossible date', good, nobody, '2026-02-30', /real date/],
  ['two of one name', good, '{"people": [{"name": "A"}, {"name": "A"}]}', '2026-11-26', /two people named/],
])(
  '%s: exit 2, the reason on standard error, nothing on standard output',
  (_what, sequence, people, on, reason) => {
    const { status, stdout, stderr } = fit(file('s.txt', sequence), file('p.json', people), on);
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toMatch(reason);
  },
);

test('a file that is not there', () =>
  expect(fit('/nowhere.txt', '/nobody.json')).toMatchObject({ status: 2, stdout: '' }));

test('the catalogue is printed as JSON that keeps to its schema, every variant with its measures', () => {
  const printed = spawnSync('npx', ['tsx', '--conditions=source', 'scripts/export.ts', 'catalogue'], {
    cwd: ROOT,
    encoding: 'utf8',
    maxBuffer: 1 << 26,
    env: { ...process.env, NODE_OPTIONS: '' },
  });
  const catalogue = JSON.parse(printed.stdout) as {
    poses: { id: string; usual: string; variants: { id: string; measures: object }[] }[];
  };
  const valid = ajv.compile(schema('catalogue'));
  expect([valid(catalogue), valid.errors]).toEqual([true, null]);
  for (const pose of catalogue.poses)
    expect(pose.variants.map((variant) => variant.id)).toContain(pose.usual);
});

test('asked for something else, the export says what there is', () => {
  const { status, stderr } = spawnSync(
    'npx',
    ['tsx', '--conditions=source', 'scripts/export.ts', 'recipes'],
    { cwd: ROOT, encoding: 'utf8', env: { ...process.env, NODE_OPTIONS: '' } },
  );
  expect([status, stderr.includes('catalogue')]).toEqual([2, true]);
});
