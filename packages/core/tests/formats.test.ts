/** The command line and the formats it reads and writes, held against their JSON Schemas. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { planTable, readPlan } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { READY } from '@lotus-steady/core/ready';
import { Ajv } from 'ajv';
import { fitCommand, UsageError } from '../../../scripts/lib/fitCommand.js';

const ROOT = join(dirname(fileURLToPath(import.meta.url)), '../../..');
const folder = mkdtempSync(join(tmpdir(), 'lotus-fit-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const schema = (name: string): object =>
  JSON.parse(readFileSync(join(ROOT, 'docs/formats', `${name}.schema.json`), 'utf8')) as object;
const ajv = new Ajv({
  allErrors: true,
  strictTypes: false,
  strictTuples: false,
  allowUnionTypes: true,
});
const file = (name: string, text: string): string => {
  writeFileSync(join(folder, name), text);
  return join(folder, name);
};
const words = (sequence: string, people: string, on = '2026-11-26', out = 'json') => [
  '--sequence',
  sequence,
  '--people',
  people,
  '--on',
  on,
  '--out',
  out,
];
const script = (name: string, ...args: readonly string[]) =>
  spawnSync('npx', ['tsx', '--conditions=source', `scripts/${name}.ts`, ...args], {
    cwd: ROOT,
    encoding: 'utf8',
    maxBuffer: 1 << 26,
    env: { ...process.env, NODE_OPTIONS: '' },
  });
/** Why a command line is refused. */
const refusal = (...of: Parameters<typeof words>): string => {
  try {
    fitCommand(words(...of));
  } catch (error) {
    if (error instanceof UsageError) return error.message;
    throw error;
  }
  return '';
};
const EXAMPLES = join(ROOT, 'docs/examples');

test('every ready sequence keeps to the schemas, saved as JSON and as a table', () => {
  const json = ajv.compile(schema('sequence'));
  const table = ajv.compile(schema('sequence-table'));
  for (const { source } of READY) {
    const plan = readPlan(source, BUILT_IN);
    expect([json({ title: plan.title, source }), json.errors]).toEqual([true, null]);
    expect([table(planTable(plan, BUILT_IN.flows)), table.errors]).toEqual([true, null]);
  }
  expect(table([['# Tides'], ['minutes: 30'], ['step', 'hold']])).toBe(false);
});

test('the example people and the result keep to their schemas, and the same input gives the same output', () => {
  const people = readFileSync(join(EXAMPLES, 'people.json'), 'utf8');
  const validPeople = ajv.compile(schema('people'));
  const validFitting = ajv.compile(schema('fitting'));
  expect([validPeople(JSON.parse(people)), validPeople.errors]).toEqual([true, null]);
  const asked = words(join(EXAMPLES, 'thursday-mixed.txt'), join(EXAMPLES, 'people.json'));
  const first = fitCommand(asked);
  const result: unknown = JSON.parse(first);
  expect([validFitting(result), validFitting.errors]).toEqual([true, null]);
  expect(script('fit', ...asked)).toMatchObject({ status: 0, stdout: `${first}\n` });
});

test('text output tells who does what', () => {
  const text = fitCommand(
    words(join(EXAMPLES, 'thursday-mixed.txt'), join(EXAMPLES, 'people.json'), '2026-11-26', 'text'),
  );
  expect(text).toContain('as written: Ines');
  expect(text).toContain('doctor, midwife or physiotherapist');
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
])('%s: refused, and the reason said', (_what, sequence, people, on, reason) =>
  expect(refusal(file('s.txt', sequence), file('p.json', people), on)).toMatch(reason),
);

test('a file that is not there: exit 2, the reason on standard error, nothing on standard output', () => {
  const { status, stdout, stderr } = script('fit', ...words('/nowhere.txt', '/nobody.json'));
  expect([status, stdout]).toEqual([2, '']);
  expect(stderr).toContain('/nowhere.txt cannot be read');
});

test('the catalogue is printed as JSON that keeps to its schema, every variant with its measures', () => {
  const printed = script('export', 'catalogue');
  const catalogue = JSON.parse(printed.stdout) as {
    poses: { id: string; usual: string; variants: { id: string; measures: object }[] }[];
  };
  const valid = ajv.compile(schema('catalogue'));
  expect([valid(catalogue), valid.errors]).toEqual([true, null]);
  for (const pose of catalogue.poses)
    expect(pose.variants.map((variant) => variant.id)).toContain(pose.usual);
});

test('asked for something else, the export says what there is', () => {
  const { status, stderr } = script('export', 'recipes');
  expect([status, stderr.includes('catalogue')]).toEqual([2, true]);
});
