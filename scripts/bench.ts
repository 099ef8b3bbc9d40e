/** `npm run bench [-- --out json]`: measures the core in this process and rewrites docs/benchmarks.md. Ratios matter; milliseconds depend on the machine. */
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { Bench } from 'tinybench';
import { fitClass, parseSequence, POSES, posturesFor, rankPoses, readPeople, USUAL_HOUSE_VIEW, variantById, type Person } from '@lotus-steady/core';
import { solveVariant } from '@lotus-steady/core/solving';
import { drawFigure } from '../apps/web/src/figure/drawFigure.js';

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

const bench = new Bench({ time: 1500, warmupTime: 300 });
bench.add('fit-12x8', () => { fit(eight); }).add('fit-12x24', () => { fit(twentyFour); })
  .add('find-a-name', () => { rankPoses(written[turn++ % written.length]!); }).add('solve-cold', () => { solveVariant(dog, 165); }).add('solve-near', () => { solveVariant(dog, 165, near); }).add('draw-figure', () => { drawFigure(figure, { width: 112, height: 96, margin: 4 }); });
await bench.run();
const median = (name: string): number => {
  const result = bench.getTask(name)!.result as { latency: { p50: number } };
  return Math.round(result.latency.p50 * 100) / 100;
};
const results = [
  ...['fit-12x8', 'fit-12x24', 'find-a-name', 'solve-cold', 'solve-near', 'draw-figure'].map((name) => ({ name, medianMs: median(name) })),
  { name: 'three-times-the-people', ratio: Math.round((median('fit-12x24') / median('fit-12x8')) * 100) / 100 },
  { name: 'cold-to-near-solve', ratio: Math.round((median('solve-cold') / median('solve-near')) * 100) / 100 },
  { name: 'heap-after', megabytes: Math.round(process.memoryUsage().heapUsed / 1e6) },
];
const rows = results.map((row) => `| ${row.name} | ${'medianMs' in row ? `${row.medianMs} ms` : 'ratio' in row ? `× ${row.ratio}` : `${row.megabytes} MB`} |`).join('\n');
writeFileSync('docs/benchmarks.md', `# Benchmarks

Made by \`npm run bench\` (tinybench, medians, warm, one process). \`fit-12x8\`: twelve steps, eight people, every rule and the whole
catalogue of ${POSES.length} poses. \`solve-*\`: downward-facing dog put on its contacts, from the author's angles and from the stored solution.
Compare the ratios; the milliseconds are those of one machine.

| what | measured |
|---|---|
${rows}
`);
if (values.out === 'json') console.log(JSON.stringify({ results }));
else console.table(results);
