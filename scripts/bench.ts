/** `npm run bench [-- --out json]`: measures the core in this process and rewrites docs/benchmarks.md. Ratios matter; milliseconds depend on the machine. */
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { Bench } from 'tinybench';
import { BUILT_IN, compileRules, fitClass, judgeAll, measuresFor, measureTable, parseSequence, POSES, posturesFor, rankPoses, readPeople, rowsBroken, SOMEBODY, stagePerson, USUAL_HOUSE_VIEW, variantById, type Person } from '@lotus-steady/core';
import { solveVariant } from '@lotus-steady/core/solving';
import { drawFigure } from '../apps/web/src/figure/drawFigure.js';
import { factsOf, generalEngine } from './lib/generalEngine.js';

const { values } = parseArgs({ options: { out: { type: 'string', default: 'text' } } });
const sequence = parseSequence(readFileSync('docs/examples/thursday-mixed.txt', 'utf8')).sequence;
const table = JSON.parse(readFileSync('docs/examples/people.json', 'utf8')) as { people: { name: string }[] };
/** The example people over and over, under new names. */
const crowd = (n: number): Person[] => readPeople(Array.from({ length: n }, (_, i) => ({ ...table.people[i % table.people.length]!, name: `P${i}` })), '2026-11-26').people;
const fit = (people: readonly Person[]) => fitClass({ sequence, people, on: '2026-11-26', houseView: USUAL_HOUSE_VIEW });
const eight = crowd(8), twentyFour = crowd(24), dog = variantById('downward-facing-dog.full').variant, near = posturesFor('downward-facing-dog.full', 165).postures;
const figure = { posture: near[0]!, heightCm: 165, props: dog.props, view: dog.view };

const written = readFileSync('packages/core/tests/forms/set-aside.txt', 'utf8').trim().split('\n').map((line) => line.split(' = ')[0]!);
let turn = 0;

/** Someone with four conditions: their rules against the whole catalogue, here and in a general rule engine. */
const ON = '2026-11-26', careful = stagePerson({ ...SOMEBODY, conditions: ['pregnancy', 'high-blood-pressure', 'low-back-pain', 'hip-arthritis'].map((condition) => ({ condition, details: {} })) }, ON, USUAL_HOUSE_VIEW);
const ways = measureTable(BUILT_IN, SOMEBODY, ON), compiled = compileRules(careful), engine = generalEngine(careful), facts = factsOf(ways, careful, (id) => measuresFor(id, 165), ON);
const general = async (): Promise<number> => {
  let broken = 0;
  for (const each of facts) broken += (await engine.run(each)).events.length;
  return broken;
};
// Both find the same: a rule that looks at a limb is held here against the right and the left of a sided pose, there against the described side.
const same = compiled.filter(({ active }) => !active.rule.limb).reduce((sum, rule) => sum + rowsBroken(rule, ways).length, 0), there = (await Promise.all(facts.map((each) => engine.run(each)))).flatMap(({ events }) => events).filter(({ type }) => !careful.rules.find(({ rule }) => rule.id === type)!.rule.limb).length;
if (same !== there) throw new Error(`The engines differ: ${same} breaches here, ${there} there.`);

const bench = new Bench({ time: 1500, warmupTime: 300 });
bench.add('judge-catalogue', () => { judgeAll(compiled, ways); }).add('judge-catalogue-general-engine', general).add('fit-12x8', () => { fit(eight); }).add('fit-12x24', () => { fit(twentyFour); })
  .add('find-a-name', () => { rankPoses(written[turn++ % written.length]!); }).add('solve-cold', () => { solveVariant(dog, 165); }).add('solve-near', () => { solveVariant(dog, 165, near); }).add('draw-figure', () => { drawFigure(figure, { width: 112, height: 96, margin: 4 }); });
await bench.run();
const median = (name: string): number => {
  const result = bench.getTask(name)!.result as { latency: { p50: number } };
  return Math.round(result.latency.p50 * 1000) / 1000;
};
const results = [
  ...['judge-catalogue', 'judge-catalogue-general-engine', 'fit-12x8', 'fit-12x24', 'find-a-name', 'solve-cold', 'solve-near', 'draw-figure'].map((name) => ({ name, medianMs: median(name) })),
  { name: 'rules-vs-general-engine', ratio: Math.round(median('judge-catalogue-general-engine') / median('judge-catalogue')) },
  { name: 'three-times-the-people', ratio: Math.round((median('fit-12x24') / median('fit-12x8')) * 100) / 100 },
  { name: 'cold-to-near-solve', ratio: Math.round((median('solve-cold') / median('solve-near')) * 100) / 100 },
  { name: 'heap-after', megabytes: Math.round(process.memoryUsage().heapUsed / 1e6) },
];
const rows = results.map((row) => `| ${row.name} | ${'medianMs' in row ? `${row.medianMs} ms` : 'ratio' in row ? `× ${row.ratio}` : `${row.megabytes} MB`} |`).join('\n');
writeFileSync('docs/benchmarks.md', `# Benchmarks

Made by \`npm run bench\` (tinybench, medians, warm, one process). \`fit-12x8\`: twelve steps, eight people, every rule and the whole
catalogue of ${POSES.length} poses. \`judge-catalogue\`: ${compiled.length} rules of someone with four conditions against all ${ways.rows.length} variants, here
and the same rules in json-rules-engine (both find the same; the run stops if not). \`solve-*\`: downward-facing dog put on its contacts, from the author's angles and from the stored solution.
Compare the ratios; the milliseconds are those of one machine.

| what | measured |
|---|---|
${rows}
`);
if (values.out === 'json') console.log(JSON.stringify({ results }));
else console.table(results);
