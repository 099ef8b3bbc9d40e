/**
 * `npm run solve`: puts every variant on its contacts for every stored build and height and writes
 * catalogue/generated/solved.ts. Only what changed is solved again; `--all` solves everything.
 * Two processes share the work.
 */
import { fork } from 'node:child_process';
import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import {
  compact,
  fingerprint,
  POSES,
  solveAll,
  variantPrint,
  WAYS,
  type StoredCatalogue,
  type Variant,
} from '@lotus-steady/core/solving';

type Entry = StoredCatalogue['variants'][string];

const FOLDER = 'packages/core/catalogue/generated';
const FILE = `${FOLDER}/solved.ts`;
const PROCESSES = 2;
/** A part stays well under what tools handle in one piece, bytes. */
const PART_BYTES = 1_500_000;
const all: readonly Variant[] = [...POSES.flatMap((pose) => pose.ladder), ...WAYS.map((way) => way.variant)];

const entryOf = (variant: Variant): Entry => ({ print: variantPrint(variant), builds: solveAll(variant) });

if (process.send) {
  // A helper: solves what it is sent, one at a time, until there is nothing left.
  process.on('message', (id: string) =>
    process.send!({ id, entry: entryOf(all.find((variant) => variant.id === id)!) }),
  );
} else {
  const started = performance.now();
  const made = existsSync(FILE)
    ? ((await import(`../${FILE}`)) as { SOLVED_VERSION: string; SOLVED_PARTS: readonly string[] })
    : undefined;
  const stored = made
    ? {
        version: made.SOLVED_VERSION,
        variants: Object.assign(
          {},
          ...made.SOLVED_PARTS.map((part) => JSON.parse(part) as object),
        ) as StoredCatalogue['variants'],
      }
    : undefined;
  const old = process.argv.includes('--all') ? {} : (stored?.variants ?? {});
  const todo = all
    .filter((variant) => old[variant.id]?.print !== variantPrint(variant))
    .map((variant) => variant.id);
  const count = todo.length;
  const fresh: Record<string, Entry> = {};
  await Promise.all(
    Array.from(
      { length: Math.min(PROCESSES, count) },
      () =>
        new Promise<void>((resolve, reject) => {
          const helper = fork(fileURLToPath(import.meta.url));
          const next = (): void => {
            const id = todo.shift();
            if (id) helper.send(id);
            else helper.disconnect();
          };
          helper.on('message', ({ id, entry }: { id: string; entry: Entry }) => {
            fresh[id] = entry;
            console.log(`${Object.keys(fresh).length} of ${count}: ${id}`);
            next();
          });
          helper.on('exit', (code) =>
            code ? reject(new Error(`A solving process ended with ${code}.`)) : resolve(),
          );
          next();
        }),
    ),
  );
  const kept = (id: string): Entry => {
    const { print, builds } = fresh[id] ?? old[id]!;
    return { print, builds: compact(builds) };
  };
  const parts: Record<string, Entry>[] = [];
  let size = Infinity;
  for (const { id } of all) {
    const entry = kept(id);
    const bytes = JSON.stringify(entry).length;
    if (size + bytes > PART_BYTES) {
      parts.push({});
      size = 0;
    }
    parts[parts.length - 1]![id] = entry;
    size += bytes;
  }
  const texts = parts.map((part) => JSON.stringify(part));
  const print = fingerprint(texts.join(''));
  const date = process.env.SOLVE_DATE ?? new Date().toISOString().slice(0, 10);
  const version = stored?.version.endsWith(print) ? stored.version : `${date}.${print}`;
  const note = '/** Written by npm run solve from the pose data; do not edit. */\n';
  rmSync(FOLDER, { recursive: true, force: true });
  mkdirSync(FOLDER, { recursive: true });
  texts.forEach((text, i) =>
    writeFileSync(`${FOLDER}/part${i + 1}.ts`, `${note}export const PART = '${text}';\n`),
  );
  writeFileSync(
    FILE,
    `${note}${texts.map((_, i) => `import { PART as part${i + 1} } from './part${i + 1}.js';\n`).join('')}\nexport ` +
      `const SOLVED_VERSION = '${version}';\nexport const SOLVED_PARTS: readonly string[] = ` +
      `[${texts.map((_, i) => `part${i + 1}`).join(', ')}];\n`,
  );
  console.log(
    `${all.length} variants, ${count} solved anew in ${Math.round((performance.now() - started) / 1000)} ` +
      `s, version ${version}.`,
  );
}
