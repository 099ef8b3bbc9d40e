/** `npm run solve`: puts every variant on its contacts for every stored height and writes catalogue/generated/solved.ts. Only what changed is solved again; `--all` solves everything. */
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { fingerprint, MEASURE_NAMES, packPosture, POSES, scalesWithHeight, solveVariant, STORED_HEIGHTS, variantPrint, type Posture, type StoredCatalogue } from '@lotus-steady/core/solving';

const FILE = 'packages/core/catalogue/generated/solved.ts';
const old: StoredCatalogue['variants'] = existsSync(FILE) && !process.argv.includes('--all')
  ? (JSON.parse((await import(`../${FILE}`)).SOLVED_JSON) as StoredCatalogue).variants : {};
const variants: StoredCatalogue['variants'] = {};
const round = (value: number): number => Math.round(value * 1000) / 1000;
let solvedCount = 0;
for (const variant of POSES.flatMap((pose) => pose.ladder)) {
  const print = variantPrint(variant);
  if (old[variant.id]?.print === print) { variants[variant.id] = old[variant.id]!; continue; }
  const started = performance.now(), middle = STORED_HEIGHTS.indexOf(165), solve = new Map<number, ReturnType<typeof solveVariant>>();
  const run = (height: number, near?: readonly Posture[]): readonly Posture[] => {
    const solution = solveVariant(variant, height, near);
    solve.set(height, solution);
    return solution.postures;
  };
  const first = run(165);
  if (!scalesWithHeight(variant)) {
    // Outwards from the author's height, each from its neighbour.
    const walk = (heights: readonly number[]): void => { heights.reduce((near, height) => run(height, near), first); };
    walk(STORED_HEIGHTS.slice(middle + 1));
    walk(STORED_HEIGHTS.slice(0, middle).reverse());
  }
  variants[variant.id] = { print, heights: Object.fromEntries([...solve.values()].sort((a, b) => a.heightCm - b.heightCm).map((solution) => [solution.heightCm, {
    postures: solution.postures.map(packPosture), measures: MEASURE_NAMES.map((name) => round(solution.measures[name])), gap: round(solution.worstGapCm),
  }])) };
  solvedCount++;
  console.log(`${variant.id} (${solve.size} heights, ${Math.round(performance.now() - started)} ms)`);
}
const body = JSON.stringify(variants), date = process.env.SOLVE_DATE ?? new Date().toISOString().slice(0, 10);
const print = fingerprint(body);
const kept = existsSync(FILE) && !solvedCount ? (JSON.parse((await import(`../${FILE}`)).SOLVED_JSON) as StoredCatalogue).version : undefined;
const version = kept?.endsWith(print) ? kept : `${date}.${print}`;
mkdirSync('packages/core/catalogue/generated', { recursive: true });
writeFileSync(FILE, `/** Written by npm run solve from the pose data; do not edit. */\nexport const SOLVED_JSON = '${JSON.stringify({ version, variants } satisfies StoredCatalogue)}';\n`);
console.log(`${Object.keys(variants).length} variants, ${solvedCount} solved anew, version ${version}.`);
