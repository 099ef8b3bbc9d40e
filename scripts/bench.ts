/**
 * `npm run bench [-- --out json]`: measures the core in this process and rewrites docs/benchmarks.md.
 * Ratios matter; milliseconds depend on the machine.
 */
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { Sequelize } from 'sequelize';
import { Bench } from 'tinybench';
import { keyRingIn, Vault } from '../apps/server/src/common/vault.js';
import { fillHall } from '../apps/server/tests/largeHall.js';
import {
  compileRules,
  createFitter,
  fitClass,
  judgeAll,
  measureTable,
  parseSequence,
  rankPoses,
  readPlan,
  rowsBroken,
  SOMEBODY,
  stagePerson,
  type Person,
} from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import { lookAt, planLines } from '../packages/core/tests/forms/planLines.js';
import { solveVariant } from '@lotus-steady/core/solving';
import { fitMinutes } from '../packages/core/src/fitting/time/fitMinutes.js';
import {
  choiceProblems,
  coupledOf,
  pathsOf,
  solveChoice,
} from '../packages/core/tests/reference/choiceModel.js';
import { solver, solveTime, timeOf, timeProblems } from '../packages/core/tests/reference/timeModel.js';
import { bodyKb, measureFigures } from './lib/benchFigures.js';
import { benchPeople, benchSequence, FIT_DAY } from './lib/benchClass.js';
import { measurePages, measureYears } from './lib/benchPages.mjs';
import { factsOf, generalEngine } from './lib/generalEngine.js';

/** More than this, and a first visit is too heavy: kilobytes as they cross the wire, milliseconds. */
const MOST = { listScriptKb: 200, listReadyMs: 2000, fittingAllKb: 1300, heapMb: 300 };

const { values } = parseArgs({ options: { out: { type: 'string', default: 'text' } } });
const sequence = parseSequence(readFileSync('docs/examples/thursday-mixed.txt', 'utf8'), BUILT_IN).sequence;
const fit = (people: readonly Person[]) =>
  fitClass({
    sequence,
    people,
    on: FIT_DAY,
    houseView: RULEBOOK.usualHouseView,
    catalogue: BUILT_IN,
    rulebook: RULEBOOK,
  });
const eight = benchPeople(8);
const twentyFour = benchPeople(24);
const many = benchPeople(240);
const dog = BUILT_IN.variant('downward-facing-dog.full').variant;
const near = BUILT_IN.postures('downward-facing-dog.full', 165).postures;
const input = (people: readonly Person[]) => ({
  people,
  on: FIT_DAY,
  houseView: RULEBOOK.usualHouseView,
  catalogue: BUILT_IN,
  rulebook: RULEBOOK,
});

/**
 * Thirty steps, and the same with one hold changed in the middle: an edit that has not been seen before
 * each time.
 */
const thirty = benchSequence();
const edits = Array.from({ length: 400 }, (_, i) => benchSequence({ at: 14, seconds: 15 + i / 4 }));
const edited = createFitter(input(twentyFour));
edited.fit(thirty);
/** The same out of a cupboard that is too small at some steps. */
const cupboard = createFitter({
  ...input(twentyFour),
  stock: { chair: 14, blanket: 24, block: 20, bolster: 8, strap: 12, cushion: 6, table: 2, roll: 4 },
});
cupboard.fit(thirty);
let turn = 0;
let edit = 0;
let shared = 0;

const written = readFileSync('packages/core/tests/forms/set-aside.txt', 'utf8')
  .trim()
  .split('\n')
  .map((line) => line.split(' = ')[0]!);

const asides = planLines('set-aside');
const hundred = Array.from({ length: 100 }, (_, i) => asides[i % asides.length]!.text);
const readAside = asides.map((line) => lookAt(line, (source) => readPlan(source, BUILT_IN)));
const asideShare = (found: (typeof readAside)[number]): number =>
  Math.round((readAside.filter((one) => one === found).length / asides.length) * 1000) / 10;

/** Someone with four conditions: their rules against the whole catalogue, here and in a general rule engine. */
const careful = stagePerson(
  {
    ...SOMEBODY,
    conditions: ['pregnancy', 'high-blood-pressure', 'low-back-pain', 'hip-arthritis'].map((condition) => ({
      condition,
      details: {},
    })),
  },
  {
    rulebook: RULEBOOK,
    on: FIT_DAY,
    houseView: RULEBOOK.usualHouseView,
    poseName: BUILT_IN.poseName,
  },
);
const ways = measureTable(BUILT_IN, SOMEBODY, FIT_DAY);
const compiled = compileRules(careful);
const engine = generalEngine(careful);
const facts = factsOf(ways, careful, (id) => BUILT_IN.measures(id, 165), FIT_DAY);
const general = async (): Promise<number> => {
  let broken = 0;
  for (const each of facts) broken += (await engine.run(each)).events.length;
  return broken;
};
// Both find the same: a rule that looks at a limb is held here against the right and the left of a sided
// pose, there against the described side.
const same = compiled
  .filter(({ active }) => !active.rule.limb)
  .reduce((sum, rule) => sum + rowsBroken(rule, ways).length, 0);
const there = (await Promise.all(facts.map((each) => engine.run(each))))
  .flatMap(({ events }) => events)
  .filter(({ type }) => !careful.rules.find(({ rule }) => rule.id === type)!.rule.limb).length;
if (same !== there) throw new Error(`The engines differ: ${same} breaches here, ${there} there.`);

const TIMED = {
  'judge-catalogue': () => {
    judgeAll(compiled, ways);
  },
  'judge-catalogue-general-engine': general,
  'fit-12x8': () => {
    fit(eight);
  },
  'fit-12x24': () => {
    fit(twentyFour);
  },
  'fit-30x24': () => {
    createFitter(input(twentyFour)).fit(thirty);
  },
  'refit-one-edit': () => {
    edited.fit(edits[edit++ % edits.length]!);
  },
  'refit-with-stock': () => {
    cupboard.fit(edits[shared++ % edits.length]!);
  },
  'fit-240-people': () => {
    createFitter(input(many)).fit(thirty);
  },
  'read-100-lines': () => {
    // Another list of the same poses knows nothing of what was read before.
    readPlan(hundred.join('\n'), { ...BUILT_IN, poses: [...BUILT_IN.poses] });
  },
  'find-a-name': () => {
    rankPoses(written[turn++ % written.length]!, BUILT_IN.poses);
  },
  'solve-cold': () => {
    solveVariant(dog, 165);
  },
  'solve-near': () => {
    solveVariant(dog, 165, near);
  },
} as const;
const bench = new Bench({ time: 2500, warmupTime: 1500 });
for (const [name, run] of Object.entries(TIMED)) bench.add(name, run);
await bench.run();
const median = (name: keyof typeof TIMED): number =>
  Math.round((bench.getTask(name)!.result as { latency: { p50: number } }).latency.p50 * 1000) / 1000;
const middle = (list: readonly number[]): number =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!;

/**
 * Twenty-four people whose bodies nobody has looked at, in a process of its own: from the first call to the
 * fitting, reading the solved catalogue included.
 */
const cold = Array.from({ length: 5 }, () =>
  Number(
    execFileSync(
      process.execPath,
      [...process.execArgv, fileURLToPath(new URL('./lib/benchCold.ts', import.meta.url))],
      { encoding: 'utf8' },
    ).trim(),
  ),
);

/** Our choosing and timing against a mixed-integer solver, on the classes of the tests. */
const highs = await solver();
const choices = choiceProblems(200, 11);
const times = timeProblems(200, 7);
const timed = <T>(run: () => T): { found: T; ms: number } => {
  const began = performance.now();
  const found = run();
  return { found, ms: performance.now() - began };
};
// What it costs to get from option to option is found out when it is first asked for, and the solver's model is
// made of the same costs: neither is timed finding them out, nor before the process is warm.
const passes = Array.from({ length: 9 }, () =>
  timed(() => choices.map((problem) => pathsOf(problem).reduce((sum, { cost }) => sum + cost, 0))),
);
const mineMs = middle(passes.map(({ ms }) => ms));
for (const problem of choices.slice(0, 40)) solveChoice(highs, problem, false);
const solved = timed(() => choices.map((problem) => solveChoice(highs, problem, false)));
const choiceGaps = solved.found.map((best, i) => Math.abs(passes[0]!.found[i]! - best));
const timeGaps = times.flatMap((problem) => {
  const best = solveTime(highs, problem);
  return best === undefined
    ? []
    : [Math.abs(timeOf(problem, fitMinutes(problem.stages, problem.gap, problem.budget)).cost - best)];
});
const coupled = choiceProblems(200, 13)
  .filter(({ lanes }) => lanes.length > 1)
  .slice(0, 60)
  .map((problem) => {
    const best = solveChoice(highs, problem, true);
    return (coupledOf(problem) - best) / Math.max(1, best);
  });
const total = (list: readonly number[]): number => list.reduce((sum, value) => sum + value, 0);
const round = (value: number, places = 6): number =>
  Math.max(0, Math.round(value * 10 ** places) / 10 ** places);

/** What is held once all that is no longer needed has gone. */
setFlagsFromString('--expose-gc');
(runInNewContext('gc') as () => void)();
const heapMb = Math.round(process.memoryUsage().heapUsed / 1e6);

const [small, large] = [measureFigures(96, 84), measureFigures(500, 420)];

const pages = await measurePages((ids: readonly string[]) => ({
  title: 'Thirty',
  on: FIT_DAY,
  sequenceText: `# Thirty\nminutes: 120\n${thirty.steps.map(({ text }) => `- ${text}`).join('\n')}`,
  people: ids.slice(0, 24).map((id) => ({ id })),
}));

/** Two hundred people who have come for three years. */
const years = await measureYears(async ({ databaseUrl, keys, classId }) => {
  const sequelize = new Sequelize(databaseUrl, { logging: false });
  const size = { people: 200, weeks: 156, classes: 5, each: 20 };
  const regular = await fillHall(sequelize, new Vault(keyRingIn(keys)), classId, size);
  await sequelize.close();
  return regular;
});

const results = [
  ...(Object.keys(TIMED) as (keyof typeof TIMED)[]).map((name) => ({ name, medianMs: median(name) })),
  { name: 'fit-cold-24', medianMs: Math.round(middle(cold)) },
  {
    name: 'rules-vs-general-engine',
    ratio: Math.round(median('judge-catalogue-general-engine') / median('judge-catalogue')),
  },
  {
    name: 'fit-vs-solver',
    maxGap: round(Math.max(...choiceGaps)),
    ratio: Math.round((solved.ms / mineMs) * 10) / 10,
  },
  { name: 'time-vs-solver', maxGap: round(Math.max(...timeGaps)) },
  {
    name: 'coupled-gap',
    maxGap: round(Math.max(...coupled), 4),
    meanGap: round(total(coupled) / coupled.length, 4),
  },
  {
    name: 'three-times-the-people',
    ratio: Math.round((median('fit-12x24') / median('fit-12x8')) * 100) / 100,
  },
  {
    name: 'ten-times-the-people',
    ratio: Math.round((median('fit-240-people') / median('fit-30x24')) * 100) / 100,
  },
  {
    name: 'cold-to-near-solve',
    ratio: Math.round((median('solve-cold') / median('solve-near')) * 100) / 100,
  },
  ...(['right', 'asked', 'wrong'] as const).map((found) => ({
    name: `set-aside-lines-${found}`,
    percent: asideShare(found),
  })),
  { name: 'heap-after', megabytes: heapMb },
  { name: 'server-after-30x24', megabytes: pages.serverMb },
  { name: 'worker-after-30x24', megabytes: pages.workerMb },
  { name: 'figure-96', medianMs: small.medianMs },
  { name: 'figure-96-slowest-tenth', medianMs: small.slowMs },
  { name: 'figure-96-largest', kilobytes: small.mostKb },
  { name: 'figure-500', medianMs: large.medianMs },
  { name: 'figure-500-slowest-tenth', medianMs: large.slowMs },
  { name: 'figure-500-largest', kilobytes: large.mostKb },
  { name: 'figure-body', kilobytes: bodyKb() },
  { name: 'figure-played', perSecond: pages.played },
  { name: 'taught-pacer', perSecond: pages.taught.pacer },
  { name: 'taught-figure', perSecond: pages.taught.figure },
  { name: 'atlas-first-paint', medianMs: pages.atlas.paintMs },
  { name: 'atlas-pictures', medianMs: pages.atlas.readyMs },
  { name: 'class-list-script', kilobytes: pages.list.scriptKb },
  { name: 'class-list-ready', medianMs: pages.list.readyMs },
  { name: 'fitting-all', kilobytes: pages.fitting.allKb },
  { name: 'fitting-ready', medianMs: pages.fitting.readyMs },
  { name: 'person-3-years', medianMs: years.pageMs },
  { name: 'person-3-years-answer', medianMs: years.answerMs },
  { name: 'report-3-years-first', medianMs: years.reportFirstMs },
  { name: 'report-3-years', medianMs: years.reportMs },
];
const shown = (row: (typeof results)[number]): string =>
  [
    'medianMs' in row ? `${row.medianMs} ms` : '',
    'ratio' in row ? `× ${row.ratio}` : '',
    'maxGap' in row ? `greatest gap ${row.maxGap}` : '',
    'meanGap' in row ? `mean gap ${row.meanGap}` : '',
    'percent' in row ? `${row.percent} %` : '',
    'megabytes' in row ? `${row.megabytes} MB` : '',
    'kilobytes' in row ? `${row.kilobytes} kB` : '',
    'perSecond' in row ? `${row.perSecond} a second` : '',
  ]
    .filter(Boolean)
    .join(', ');
writeFileSync(
  'docs/benchmarks.md',
  `# Benchmarks

Made by \`npm run bench\` (tinybench, medians, warm, one process, the core as it is built). \`fit-30x24\`:
thirty steps, twenty-four people, every rule and the whole catalogue of ${BUILT_IN.poses.length} poses,
everything but the bodies' measures worked out anew; \`refit-one-edit\`: the same class with one hold
changed, and \`refit-with-stock\` with lanes weighed against each other for props that run short;
\`fit-240-people\`: ten times the people; \`fit-cold-24\`: twenty-four new bodies in a new process, the
solved catalogue read first. \`judge-catalogue\`: ${compiled.length} rules of someone with four conditions
against all ${ways.rows.length} variants, here and the same rules in json-rules-engine (both find the same;
the run stops if not). \`fit-vs-solver\`, \`time-vs-solver\`: the greatest difference in cost from HiGHS on
200 generated classes each, and how many times longer HiGHS takes, both warm; \`coupled-gap\`: fewer versions in the
room, lane by lane, above the solver's best for all lanes at once, as a share of it. \`solve-*\`:
downward-facing dog put on its contacts, from the author's angles and from the stored solution.
\`read-100-lines\`: jotted lines, read with nothing known before; \`set-aside-lines-*\`: how many of ${asides.length}
lines that were set aside before the reader was written are read right, asked about, or wrong.
\`heap-after\`: what this process still holds, measures of hundreds of bodies among it;
\`server-after-30x24\`: all of the server's memory after fitting thirty steps and twenty-four people, and
\`worker-after-30x24\` the heap of the browser's worker, catalogue included.
\`figure-96\`, \`figure-500\`: one figure drawn as vectors in a frame that wide, the usual version of every pose, the
slowest tenth and the largest as text, compressed; \`figure-body\`: the sculpted body they are drawn from;
\`figure-played\`: how often a moving figure of 480 units is painted in the browser; \`taught-pacer\`,
\`taught-figure\`: how often in class, in a movement, the pacer and the figure of 560 units are;
\`atlas-first-paint\` and \`atlas-pictures\`: when the atlas first paints, and when its first pictures stand.
\`class-list-*\`, \`atlas-*\`, \`fitting-*\`: a first visit with an empty cache (the quickest of five),
compressed as it is served, on a
processor four times slower; past ${MOST.listScriptKb} kB of script and ${MOST.listReadyMs} ms for the class
list, ${MOST.fittingAllKb} kB for a fitting with everything
(a third of it pictures, which a browser keeps for good), or ${MOST.heapMb} MB of heap the run fails.
\`person-3-years\`: the page of somebody who came to 312 classes, in a hall of 200 people and 780 classes that were
recorded, from the click in the list until it stands with her last classes, and what those take the server (what is
worked out for her on the page follows: figures, what is open); \`report-3-years\`: all of it in one report, the first
time and again.
Compare the ratios; the milliseconds are those of one machine.

| what | measured |
|---|---|
${results.map((row) => `| ${row.name} | ${shown(row)} |`).join('\n')}
`,
);
if (values.out === 'json') console.log(JSON.stringify({ results }));
else console.table(results);

const tooMuch = [
  pages.list.scriptKb > MOST.listScriptKb && `class list: ${pages.list.scriptKb} kB of script`,
  pages.list.readyMs > MOST.listReadyMs && `class list: ready after ${pages.list.readyMs} ms`,
  pages.fitting.allKb > MOST.fittingAllKb && `fitting: ${pages.fitting.allKb} kB`,
  heapMb > MOST.heapMb && `heap: ${heapMb} MB`,
].filter(Boolean);
if (tooMuch.length) {
  console.error(`Too much: ${tooMuch.join('; ')}.`);
  process.exitCode = 1;
}
