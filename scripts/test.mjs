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

/** One check that is right or wrong as a whole. */
async function check(name, program, words) {
  const { code } = await run(program, words);
  count(name, code === 0 ? 1 : 0, code === 0 ? 0 : 1);
}

/** Runs a program that writes its counts as JSON; a run that wrote none counts as one failure. */
async function counted(name, program, words, file, read, env) {
  const { code } = await run(program, words, { env });
  if (!existsSync(file)) return count(name, 0, 1);
  const [good, bad] = read(JSON.parse(readFileSync(file, 'utf8')));
  count(name, good, bad || (code ? 1 : 0));
}

async function main() {
  await ensurePackages(say);
  await ensureMariaDb(say);
  if (!existsSync('/usr/bin/chromium')) {
    say('Chromium is not on this machine: installing it with apt …');
    await installDebian(['chromium'], 'Chromium');
  }
  const only = process.argv.slice(2);
  const wants = (stage) => !only.length || only.includes(stage);
  if (wants('types'))
    for (const project of ['packages/core', 'apps/server', 'apps/web', 'scripts', 'e2e'])
      await check(`types of ${project}`, 'npx', ['tsc', '-p', `${project}/tsconfig.json`]);
  if (wants('lint')) await check('lint', 'npm', ['run', '--silent', 'lint']);
  const database = await startMariaDb(folder, undefined, { forTests: true });
  closing.push(database.stop);
  const jest = (project, ...extra) => {
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
        ...extra,
        '--forceExit',
        '--json',
        `--outputFile=${file}`,
      ],
      file,
      (result) => [result.numPassedTests, result.numFailedTests + result.numRuntimeErrorTestSuites],
      { NODE_OPTIONS: '--experimental-vm-modules --no-warnings', DATABASE_URL: database.url },
    );
  };
  if (wants('core')) await jest('core', '--maxWorkers=2');
  if (wants('web')) await jest('web', '--maxWorkers=2');
  if (wants('server')) await jest('server', '--runInBand');
  if (wants('e2e')) {
    await ensureBuilt(say);
    const file = join(folder, 'e2e.json');
    mkdirSync(join(ROOT, 'test-results'), { recursive: true });
    await counted(
      'browser journeys',
      'npx',
      ['playwright', 'test', '--config', 'e2e/playwright.config.ts'],
      file,
      ({ stats }) => [stats.expected, stats.unexpected + stats.flaky],
      { DATABASE_URL: database.url, E2E_RESULT: file },
    );
  }
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
