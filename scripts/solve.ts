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
  AUTHOR_HEIGHT,
  compact,
  fingerprint,
  packSolutions,
  partId,
  partsPrint,
  readTables,
  solveAll,
  solveParts,
  unpackPosture,
  unpackSolutions,
  variantPrint,
  writeTables,
  type PartData,
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

/** A variant part of its way, and what that was made from. */
interface Parts {
  print: string;
  parts: { data: PartData; solved: StoredSolutions }[];
}

/** What is stored beside the solutions. */
interface Head {
  version: string;
  prints: Record<string, string>;
  parts: Record<string, readonly PartData[]>;
  partPrints: Record<string, string>;
}

/** What a run before this one has stored. */
function readStored():
  { version: string; entries: Record<string, Entry>; parts: Record<string, Parts> } | undefined {
  if (!existsSync(FILE)) return undefined;
  const { buffer, byteOffset, byteLength } = readFileSync(FILE);
  const { data, packed } = readTables<Head>(buffer.slice(byteOffset, byteOffset + byteLength) as ArrayBuffer);
  const stored = unpackSolutions(packed);
  const entries = Object.entries(data.prints).map(([id, print]): [string, Entry] => [
    id,
    { print, builds: stored.stored(id) },
  ]);
  const parts = Object.entries(data.partPrints ?? {}).map(([id, print]): [string, Parts] => [
    id,
    {
      print,
      parts: data.parts[id]!.map((part) => ({ data: part, solved: stored.stored(partId(id, part.share)) })),
    },
  ]);
  return {
    version: data.version,
    entries: Object.fromEntries(entries),
    parts: Object.fromEntries(parts),
  };
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
  let solvedParts = 0;
  const partsOf = (variant: Variant): Parts => {
    const known = process.argv.includes('--all') ? undefined : before?.parts[variant.id];
    const print = partsPrint(variant);
    if (known?.print === print && !isAsked(variant)) return known;
    solvedParts++;
    const near = entries.get(variant.id)!.builds.adult[AUTHOR_HEIGHT]!.postures.map(unpackPosture);
    console.log(`part of the way: ${variant.id}`);
    return { print, parts: solveParts(variant, near) };
  };
  const parts = new Map(
    all.filter(({ grows }) => grows).map((variant) => [variant.id, partsOf(variant)] as const),
  );
  const stored: [string, StoredSolutions][] = [
    ...[...entries].map(([id, { builds }]): [string, StoredSolutions] => [id, builds]),
    ...[...parts].flatMap(([id, { parts: list }]) =>
      list.map(({ data, solved }): [string, StoredSolutions] => [partId(id, data.share), compact(solved)]),
    ),
  ];
  const packed = packSolutions(new Map(stored));
  const head = {
    prints,
    parts: Object.fromEntries([...parts].map(([id, { parts: list }]) => [id, list.map(({ data }) => data)])),
    partPrints: Object.fromEntries([...parts].map(([id, { print }]) => [id, print])),
  };
  const print = fingerprint(JSON.stringify([head, [...packed.measures], [...packed.postures]]));
  const date = process.env.SOLVE_DATE ?? new Date().toISOString().slice(0, 10);
  const version = before?.version.endsWith(print) ? before.version : `${date}.${print}`;
  mkdirSync(FOLDER, { recursive: true });
  writeFileSync(FILE, writeTables({ version, ...head } satisfies Head, packed));
  const seconds = Math.round((performance.now() - started) / 1000);
  console.log(
    `${all.length} variants, ${count} solved anew and ${solvedParts} part of the way in ${seconds} s, ` +
      `version ${version}.`,
  );
}
