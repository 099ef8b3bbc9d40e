/**
 * `npm test`: types, lint, unit tests, server tests over HTTP and browser journeys, on a throwaway
 * database; one closing line.
 */
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuilt, ensurePackages, installDebian, PlainError, ROOT, run } from './lib/machine.mjs';
import { ensureMariaDb, startMariaDb } from './lib/mariadb.mjs';

const say = (text) => console.log(text);
const folder = mkdtempSync(join(tmpdir(), 'lotus-test-'));
const closing = [() => rmSync(folder, { recursive: true, force: true })];
let passed = 0;
let failed = 0;

const count = (name, good, bad) => {
  passed += good;
  failed += bad;
  say(`${bad ? '✗' : '✓'} ${name}: ${good} passed, ${bad} failed`);
};

/** Whether stages run side by side: each shows what it printed when it has ended. */
let sideBySide = false;

async function show(program, words, env) {
  const { code, output } = await run(program, words, { env, quiet: sideBySide });
  if (sideBySide) say(output.trim());
  return code;
}

/** One check that is right or wrong as a whole. */
async function check(name, program, words) {
  const code = await show(program, words);
  count(name, code === 0 ? 1 : 0, code === 0 ? 0 : 1);
}

/** Runs a program that writes its counts as JSON; a run that wrote none counts as one failure. */
async function counted(name, program, words, file, read, env) {
  const code = await show(program, words, env);
  if (!existsSync(file)) return count(name, 0, 1);
  const [good, bad] = read(JSON.parse(readFileSync(file, 'utf8')));
  count(name, good, bad || (code ? 1 : 0));
}

const jest = (project, databaseUrl) => {
  const file = join(folder, `${project}.json`);
  return counted(
    `${project} tests`,
    'npx',
    [
      'jest',
      '--config',
      'jest.config.mjs',
      '--selectProjects',
      project,
      '--runInBand',
      '--forceExit',
      '--json',
      `--outputFile=${file}`,
    ],
    file,
    (result) => [result.numPassedTests, result.numFailedTests + result.numRuntimeErrorTestSuites],
    { NODE_OPTIONS: '--experimental-vm-modules --no-warnings', DATABASE_URL: databaseUrl },
  );
};

async function types() {
  for (const project of ['packages/core', 'packages/figure', 'apps/server', 'apps/web', 'scripts', 'e2e'])
    await check(`types of ${project}`, 'npx', ['tsc', '-p', `${project}/tsconfig.json`]);
}

async function journeys(databaseUrl) {
  await ensureBuilt(say);
  const file = join(folder, 'e2e.json');
  mkdirSync(join(ROOT, 'test-results'), { recursive: true });
  await counted(
    'browser journeys',
    'npx',
    ['playwright', 'test', '--config', 'e2e/playwright.config.ts'],
    file,
    ({ stats }) => [stats.expected, stats.unexpected + stats.flaky],
    { DATABASE_URL: databaseUrl, E2E_RESULT: file },
  );
}

/**
 * What is tested one after the other; two lanes of about the same length use two processors. Lint builds, to
 * compare the contract, and what tests the server runs what was built: they are in one lane.
 */
const LANES = [
  ['core', 'figure', 'web'],
  ['lint', 'types', 'server'],
];

async function main() {
  await ensurePackages(say);
  await ensureMariaDb(say);
  if (!existsSync('/usr/bin/chromium')) {
    say('Chromium is not on this machine: installing it with apt …');
    await installDebian(['chromium'], 'Chromium');
  }
  const database = await startMariaDb(folder, undefined, { forTests: true });
  closing.push(database.stop);
  const stages = {
    types,
    lint: () => check('lint', 'npm', ['run', '--silent', 'lint']),
    core: () => jest('core', database.url),
    figure: () => jest('figure', database.url),
    web: () => jest('web', database.url),
    server: async () => {
      // Its threads run what was built.
      await ensureBuilt(say);
      await jest('server', database.url);
    },
  };
  const asked = process.argv.slice(2);
  const wants = (stage) => !asked.length || asked.includes(stage);
  const lanes = LANES.map((lane) => lane.filter(wants)).filter((lane) => lane.length);
  sideBySide = lanes.length > 1;
  const since = Date.now();
  await Promise.all(
    lanes.map(async (lane) => {
      for (const stage of lane) {
        say(`${stage}: begun after ${Math.round((Date.now() - since) / 1000)} s`);
        await stages[stage]();
      }
    }),
  );
  // Journeys watch the clock of a page: they have the machine for themselves.
  sideBySide = false;
  if (wants('e2e')) await journeys(database.url);
}

async function close() {
  for (const step of closing.splice(0).reverse()) await step();
}
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    void close().then(() => process.exit(1));
  });
try {
  await main();
} catch (error) {
  console.error(error instanceof PlainError ? error.message : error);
  failed++;
}
await close();
say(`${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
