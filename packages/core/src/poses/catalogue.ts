import { SOLVED_JSON } from '../../catalogue/generated/solved.js';
import { POSES } from '../../catalogue/poses/index.js';
import { unpackPosture, type Posture } from '../body/posture.js';
import { MEASURE_NAMES, type Measures } from './measures.js';
import { scaleSolved, scalesWithHeight, type SolvedVariant } from './solveVariant.js';
import type { Pose, Variant } from './types.js';

/** One stored solution: angles of each key frame, measures in `MEASURE_NAMES` order, the worst unmet contact. */
interface Stored { postures: number[][]; measures: number[]; gap: number }

/** What `npm run solve` writes. */
export interface StoredCatalogue { version: string; variants: Record<string, { print: string; heights: Record<string, Stored> }> }

const stored = JSON.parse(SOLVED_JSON) as StoredCatalogue;

/** Names the data that the measures were computed from: a date and a hash. */
export const CATALOGUE_VERSION = stored.version;

const variantsById = new Map(POSES.flatMap((pose) => pose.ladder.map((variant) => [variant.id, { pose, variant }])));

/** A variant and its pose by id. @throws RangeError for an id that is not in the catalogue */
export function variantById(id: string): { pose: Pose; variant: Variant } {
  const found = variantsById.get(id);
  if (!found) throw new RangeError(`No variant "${id}" in the catalogue.`);
  return found;
}

const read = (heightCm: number, { postures, measures, gap }: Stored): SolvedVariant => ({
  heightCm, postures: postures.map(unpackPosture), worstGapCm: gap,
  measures: Object.fromEntries(MEASURE_NAMES.map((name, i) => [name, measures[i]!])) as Measures,
});

const cache = new Map<string, SolvedVariant[]>();
function solutionsOf(id: string): SolvedVariant[] {
  let solutions = cache.get(id);
  if (!solutions) {
    const entry = stored.variants[id];
    if (!entry) throw new RangeError(`Variant "${id}" has not been solved: run npm run solve.`);
    solutions = Object.entries(entry.heights).map(([height, solution]) => read(Number(height), solution)).sort((a, b) => a.heightCm - b.heightCm);
    cache.set(id, solutions);
  }
  return solutions;
}

/** Measures already worked out; a class asks for the same few heights again and again. */
const measured = new Map<string, Measures>();
const MEASURED_MOST = 20_000;

/**
 * What a variant asks of a person of this height: exact where the shape scales, otherwise
 * interpolated between the stored heights on either side (their ends beyond the table).
 */
export function measuresFor(id: string, heightCm: number): Measures {
  const key = `${id}|${heightCm}`;
  let measures = measured.get(key);
  if (!measures) {
    if (measured.size >= MEASURED_MOST) measured.clear();
    measures = interpolate(id, heightCm);
    measured.set(key, measures);
  }
  return measures;
}

function interpolate(id: string, heightCm: number): Measures {
  const solutions = solutionsOf(id);
  if (solutions.length === 1) return scaleSolved(solutions[0]!, heightCm).measures;
  const above = solutions.findIndex((solution) => solution.heightCm >= heightCm);
  if (above <= 0) return (above === 0 ? solutions[0]! : solutions[solutions.length - 1]!).measures;
  const low = solutions[above - 1]!, high = solutions[above]!, t = (heightCm - low.heightCm) / (high.heightCm - low.heightCm);
  return Object.fromEntries(MEASURE_NAMES.map((name) => [name, low.measures[name] + (high.measures[name] - low.measures[name]) * t])) as Measures;
}

/** The postures to draw for a person of this height: the nearest stored solution. */
export function posturesFor(id: string, heightCm: number): { heightCm: number; postures: Posture[] } {
  const solutions = solutionsOf(id);
  if (scalesWithHeight(variantById(id).variant)) return scaleSolved(solutions[0]!, heightCm);
  return solutions.reduce((best, solution) => (Math.abs(solution.heightCm - heightCm) < Math.abs(best.heightCm - heightCm) ? solution : best));
}
