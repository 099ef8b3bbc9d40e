/** What a fresh machine may lack, and how it is put there. */
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..', '..');

/** Something the user can understand and mend: printed as one line, without a stack. */
export class PlainError extends Error {}

export const has = (program) => spawnSync('sh', ['-c', `command -v ${program}`]).status === 0;

/**
 * Runs a program to its end, showing its output or, quietly, a sign of life every few seconds. Gives its
 * exit code.
 */
export const run = (program, words, { quiet, say = () => {}, what = program, env } = {}) =>
  new Promise((resolve) => {
    const child = spawn(program, words, {
      cwd: ROOT,
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : 'inherit',
      env: { ...process.env, ...env },
    });
    let output = '';
    for (const stream of [child.stdout, child.stderr])
      stream?.on('data', (chunk) => {
        output += chunk;
      });
    const started = Date.now();
    const timer = quiet
      ? setInterval(() => say(`  … ${what}, ${Math.round((Date.now() - started) / 1000)} s`), 5000)
      : undefined;
    const end = (code) => {
      clearInterval(timer);
      resolve({ code, output });
    };
    child.once('exit', (code) => end(code ?? 1));
    child.once('error', (error) => {
      output += error.message;
      end(127);
    });
  });

/** Installs Debian packages, or says plainly how to. */
export async function installDebian(packages, name, otherwise, say = console.log) {
  const manual = `install it yourself (apt-get install ${packages.join(' ')})${otherwise ? `, ${otherwise}` : ''}.`;
  if (!has('apt-get'))
    throw new PlainError(`${name} is not installed and this machine has no apt: ${manual}`);
  const isRoot = process.getuid?.() === 0;
  const maySudo = !isRoot && has('sudo') && spawnSync('sudo', ['-n', 'true']).status === 0;
  if (!isRoot && !maySudo)
    throw new PlainError(`${name} is not installed and this user may not install it: ${manual}`);
  const [program, ...words] = [...(maySudo ? ['sudo', '-n'] : []), 'apt-get'];
  const options = {
    quiet: true,
    say,
    what: `installing ${name}`,
    env: { DEBIAN_FRONTEND: 'noninteractive' },
  };
  await run(program, [...words, 'update', '-q'], options);
  const { code, output } = await run(
    program,
    [...words, 'install', '-y', '-q', '--no-install-recommends', ...packages],
    options,
  );
  if (code !== 0)
    throw new PlainError(`${name} could not be installed (${output.trim().split('\n').pop()}): ${manual}`);
}

/** What a build writes beside its sources is not of them: with it every first build would be made twice. */
const isSource = (path) => !/\/(node_modules|dist|tests|public\/figures)$|\.tsbuildinfo$/.test(path);

const printOf = (paths) => {
  const hash = createHash('sha256');
  const take = (path) => {
    if (!existsSync(path) || !isSource(path)) return;
    if (statSync(path).isDirectory()) for (const name of readdirSync(path).sort()) take(join(path, name));
    else hash.update(path.slice(ROOT.length)).update(readFileSync(path));
  };
  paths.forEach((path) => take(join(ROOT, path)));
  return hash.digest('hex');
};

/** Runs `work` unless it was done for exactly these files before. */
export async function unlessDone(name, paths, products, work) {
  const mark = join(ROOT, 'node_modules', '.cache', 'lotus-steady', name);
  const now = printOf(paths);
  if (
    existsSync(mark) &&
    readFileSync(mark, 'utf8') === now &&
    products.every((path) => existsSync(join(ROOT, path)))
  )
    return;
  await work();
  mkdirSync(dirname(mark), { recursive: true });
  writeFileSync(mark, now);
}

/** Installs the locked packages where they are missing or not those of the lock file. */
export const ensurePackages = (say) =>
  unlessDone(
    'packages',
    ['package-lock.json', 'package.json'],
    ['node_modules/vite/package.json', 'node_modules/typescript/package.json'],
    async () => {
      say('Installing the locked packages (a minute or two) …');
      const { code, output } = await run('npm', ['ci', '--no-audit', '--no-fund'], {
        quiet: true,
        say,
        what: 'installing packages',
      });
      if (code !== 0)
        throw new PlainError(
          `The packages could not be installed: ${
            output
              .trim()
              .split('\n')
              .filter((line) => /error|ERR/.test(line))
              .slice(0, 2)
              .join(' ') || 'npm ci failed'
          }`,
        );
    },
  );

const SOURCES = [
  'package-lock.json',
  '.swcrc',
  'packages/core',
  'packages/figure',
  'apps/server',
  'apps/web',
];

/** Builds core, server and web where their sources have changed. */
export const ensureBuilt = (say) =>
  unlessDone(
    'build',
    SOURCES,
    ['packages/core/dist/src/index.js', 'apps/server/dist/main.js', 'apps/web/dist/index.html'],
    async () => {
      say('Building …');
      const { code, output } = await run('npm', ['run', 'build'], { quiet: true, say, what: 'building' });
      if (code !== 0)
        throw new PlainError(`The build failed:\n${output.trim().split('\n').slice(-12).join('\n')}`);
    },
  );
