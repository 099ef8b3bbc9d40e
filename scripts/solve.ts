/**
 * `npm run solve`: puts every variant on its contacts for every stored build and height and writes
 * catalogue/generated/solved.bin. Only what changed is solved again; `--all` solves everything,
 * and words those whose ids begin with them.
 * Two processes share the work.
 */
import { fork } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import {
  compact,
  fingerprint,
  packSolutions,
  readTables,
  solveAll,
  unpackSolutions,
  variantPrint,
  writeTables,
  type StoredSolutions,
  type Variant,
} from '@lotus-steady/core/solving';
import { CATALOGUE_DATA } from '../packages/core/catalogue/poseData.js';

/** One variant's solutions, and what they were made from. */
interface Entry {
  print: string;
  builds: StoredSolutions;
}

const FOLDER = 'packages/core/catalogue/generated';
const FILE = `${FOLDER}/solved.bin`;
const PROCESSES = 2;
const { poses, ways } = CATALOGUE_DATA;
const all: readonly Variant[] = [...poses.flatMap((pose) => pose.ladder), ...ways.map((way) => way.variant)];

/** What a run before this one has stored. */
function readStored(): { version: string; entries: Record<string, Entry> } | undefined {
  if (!existsSync(FILE)) return undefined;
  const { buffer, byteOffset, byteLength } = readFileSync(FILE);
  const { data, packed } = readTables<{ version: string; prints: Record<string, string> }>(
    buffer.slice(byteOffset, byteOffset + byteLength) as ArrayBuffer,
  );
  const stored = unpackSolutions(packed);
  const entries = packed.variants.map(([id]) => [id, { print: data.prints[id]!, builds: stored.stored(id) }]);
  return { version: data.version, entries: Object.fromEntries(entries) as Record<string, Entry> };
}

const entryOf = (variant: Variant): Entry => ({ print: variantPrint(variant), builds: solveAll(variant) });

if (process.send) {
  // A helper: solves what it is sent, one at a time, until there is nothing left.
  process.on('message', (id: string) =>
    process.send!({ id, entry: entryOf(all.find((variant) => variant.id === id)!) }),
  );
} else {
  const started = performance.now();
  const before = readStored();
  const old = process.argv.includes('--all') ? {} : (before?.entries ?? {});
  const words = process.argv.slice(2).filter((word) => !word.startsWith('--'));
  const isAsked = ({ id }: Variant): boolean => words.some((word) => id.startsWith(word));
  const todo = all
    .filter((variant) => isAsked(variant) || old[variant.id]?.print !== variantPrint(variant))
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
  const entries = new Map(all.map(({ id }) => [id, kept(id)]));
  const prints = Object.fromEntries([...entries].map(([id, { print }]) => [id, print]));
  const packed = packSolutions(new Map([...entries].map(([id, { builds }]) => [id, builds])));
  const print = fingerprint(JSON.stringify([prints, [...packed.measures], [...packed.postures]]));
  const date = process.env.SOLVE_DATE ?? new Date().toISOString().slice(0, 10);
  const version = before?.version.endsWith(print) ? before.version : `${date}.${print}`;
  mkdirSync(FOLDER, { recursive: true });
  writeFileSync(FILE, writeTables({ version, prints }, packed));
  console.log(
    `${all.length} variants, ${count} solved anew in ${Math.round((performance.now() - started) / 1000)} ` +
      `s, version ${version}.`,
  );
}
