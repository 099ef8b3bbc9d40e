/**
 * `npm run prove -- --lanes 1000000 [--seed 1]`: fits made-up people to made-up classes and holds every lane against
 * what is promised: nothing that must never be, no limit unmet, and easing that is easing. Two processes share the
 * work, a thousand lanes at a time; what was done is kept in .cache/prove.json, so that a run that was ended goes on.
 * Writes docs/proof.md.
 */
import { fork } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import fc from 'fast-check';
import { fitClass, parseSequence, readPeople } from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import { PROVE_DAY, somebody, someClass } from './lib/prove/made.js';
import { brokenPromises } from './lib/prove/promises.js';

/** People made up for one seed; who cannot be, such as with a date after the class, has no lane. */
const A_TIME = 1000;
/** So many people come to each class. */
const PEOPLE = 4;
const PROCESSES = 2;
const KEPT = '.cache/prove.json';

/** What came of a thousand lanes: how many were fitted, and which promises were broken, with the first case of each. */
interface Found {
  seed: number;
  lanes: number;
  broken: Record<string, { count: number; first: string }>;
}

const classes = fc.record({
  source: someClass(BUILT_IN),
  people: fc.array(somebody(RULEBOOK), { minLength: PEOPLE, maxLength: PEOPLE }),
});

/** Fits the classes of one seed. */
function prove(seed: number): Found {
  const found: Found = { seed, lanes: 0, broken: {} };
  for (const { source, people: written } of fc.sample(classes, { seed, numRuns: A_TIME / PEOPLE })) {
    const { people, errors } = readPeople(
      written.map((one, i) => ({ name: `P${i}`, ...one })),
      RULEBOOK,
      PROVE_DAY,
    );
    // What cannot be, such as a date after the class, is refused before anything is fitted.
    const fine = people.filter((_, i) => !errors.some(({ field }) => field.startsWith(`people[${i}]`)));
    const { sequence } = parseSequence(source, BUILT_IN);
    const { lanes, steps } = fitClass({
      sequence,
      people: fine,
      on: PROVE_DAY,
      houseView: RULEBOOK.usualHouseView,
      catalogue: BUILT_IN,
      rulebook: RULEBOOK,
    });
    const inFlow = new Set(steps.flatMap(({ flow, step }) => (flow ? [step] : [])));
    lanes.forEach((lane, i) => {
      found.lanes++;
      for (const what of brokenPromises(lane, fine[i]!, PROVE_DAY, BUILT_IN, (step) => inFlow.has(step))) {
        const kind = what.split(':')[0]!;
        const known = (found.broken[kind] ??= { count: 0, first: `${what} ${JSON.stringify(fine[i])}` });
        known.count++;
      }
    });
  }
  return found;
}

function report(all: readonly Found[], seed: number, minutes: number): string {
  const lanes = all.reduce((sum, one) => sum + one.lanes, 0);
  const kinds = new Map<string, number>();
  for (const { broken } of all)
    for (const [kind, { count }] of Object.entries(broken)) kinds.set(kind, (kinds.get(kind) ?? 0) + count);
  const rows = [...kinds].sort((a, b) => b[1] - a[1]).map(([kind, count]) => `| ${kind} | ${count} |`);
  return [
    '# What holds for everybody',
    '',
    `Made by \`npm run prove\`: ${lanes} lanes of made-up people in made-up classes, seeds ${seed} to`,
    `${seed + all.length - 1}, on ${new Date().toISOString().slice(0, 10)}, rulebook \`${RULEBOOK.version}\`,`,
    `catalogue \`${BUILT_IN.version}\`, ${Math.round(minutes)} minutes. People have up to three conditions`,
    'with any details, any age from 4 to 98, any abilities, tests and day; classes three to six poses or flows.',
    '',
    'Promised: nothing that must never be, no limit unmet; a fuller version only where it asks no more;',
    'another pose only where it asks for nothing new (skill, a balance, strength, support that is missed), is',
    'worth doing, and answers strength with strength; both sides on one level; a chair class on chairs.',
    '',
    ...(rows.length ? ['| broken | lanes |', '|---|---|', ...rows] : ['Broken: none.']),
    '',
  ].join('\n');
}

if (process.send) {
  process.on('message', (seed: number) => process.send!(prove(seed)));
} else {
  const { values } = parseArgs({
    options: { lanes: { type: 'string', default: '10000' }, seed: { type: 'string', default: '1' } },
  });
  const seed = Number(values.seed);
  const wanted = Number(values.lanes);
  const key = `${RULEBOOK.version} ${BUILT_IN.version} ${seed}`;
  const kept = existsSync(KEPT)
    ? (JSON.parse(readFileSync(KEPT, 'utf8')) as { key: string; all: Found[]; minutes: number })
    : undefined;
  const before = kept?.key === key ? kept : { key, all: [], minutes: 0 };
  const done = new Map(before.all.map((one) => [one.seed, one]));
  const lanesDone = (): number => [...done.values()].reduce((sum, { lanes }) => sum + lanes, 0);
  let latest = Math.max(seed - 1, ...done.keys());
  const started = performance.now();
  const minutes = (): number => before.minutes + (performance.now() - started) / 60_000;
  mkdirSync('.cache', { recursive: true });
  const note = (): void =>
    writeFileSync(KEPT, JSON.stringify({ key, all: [...done.values()], minutes: minutes() }));
  await Promise.all(
    Array.from(
      { length: lanesDone() < wanted ? PROCESSES : 0 },
      () =>
        new Promise<void>((resolve, reject) => {
          const helper = fork(fileURLToPath(import.meta.url));
          const next = (): void => {
            if (lanesDone() >= wanted) helper.disconnect();
            else helper.send(++latest);
          };
          helper.on('message', (found: Found) => {
            done.set(found.seed, found);
            note();
            const broken = Object.entries(found.broken).map(([kind, { count }]) => `${kind} ${count}`);
            console.log(`${lanesDone()} of ${wanted} lanes: ${broken.join(', ') || 'all kept'}`);
            next();
          });
          helper.on('exit', (code) =>
            code ? reject(new Error(`A process ended with ${code}.`)) : resolve(),
          );
          next();
        }),
    ),
  );
  const all = [...done.values()].sort((a, b) => a.seed - b.seed);
  writeFileSync('docs/proof.md', report(all, seed, minutes()));
  const first = new Map(
    all.flatMap(({ broken }) => Object.entries(broken).map(([kind, one]) => [kind, one.first])),
  );
  for (const [kind, one] of first) console.error(`${kind}\n  ${one}`);
  rmSync(KEPT, { force: true });
  process.exitCode = first.size ? 1 : 0;
}
