import { keep } from '../cache.js';
import type { Build } from '../body/build.js';
import type { Posture } from '../body/posture.js';
import { fingerprint } from '../fingerprint.js';
import type { CounterPoses } from './counterPoses.js';
import { makeMeasures, worse, type Measures } from './measures.js';
import { addOwn, type OwnVariant } from './ownVariant.js';
import { readSolutions, type Solution } from './solutions.js';
import { scaleMeasures, scaleSolved, scalesWithHeight } from './solveVariant.js';
import type { Theme } from './themes.js';
import type { Pose, Variant } from './types.js';
import type { Way } from './ways.js';

/** What a catalogue is made of. */
export interface CatalogueData {
  /** Names the solutions: a date and a hash. */
  version: string;
  poses: readonly Pose[];
  ways: readonly Way[];
  themes: readonly Theme[];
  counterPoses: CounterPoses;
  /**
   * Where a variant's bodies were put on their contacts, by height; the movements of ways are there too.
   * Undefined for a variant that was never solved.
   */
  solutions: (variant: string, build: Build) => readonly Solution[] | undefined;
}

/** Poses with what they ask of bodies. The built-in one, or that with a teacher's own variants. */
export interface Catalogue extends Omit<CatalogueData, 'solutions'> {
  /** A variant and its pose by id. @throws RangeError for an id that is not in the catalogue */
  variant(id: string): { pose: Pose; variant: Variant };
  /** What a pose is called; its id where it is not in the catalogue. */
  poseName(id: string): string;
  /**
   * What a variant asks of a person of this height and build: exact where the shape scales, otherwise
   * interpolated between the stored heights on either side (their ends beyond the table); the worse of
   * the two where they are far apart.
   */
  measures(id: string, heightCm: number, build?: Build): Measures;
  /** The postures to draw for a person of this height and build: the nearest stored solution. */
  postures(id: string, heightCm: number, build?: Build): { heightCm: number; postures: readonly Posture[] };
  /** This catalogue with a teacher's own variants on its ladders; itself stays as it is. */
  withOwn(own: readonly OwnVariant[]): Catalogue;
}

/** Measures already worked out; a class asks for the same few heights again and again. */
const MEASURED_MOST = 20_000;

/**
 * Makes data into a catalogue.
 *
 * @example makeCatalogue(data).measures('tree.full', 172).oneLeg // 1
 */
export function makeCatalogue(data: CatalogueData): Catalogue {
  const { poses, ways, solutions } = data;
  const byId = new Map(
    poses.flatMap((pose) => pose.ladder.map((variant) => [variant.id, { pose, variant }])),
  );
  const shapes = new Map(
    [...[...byId.values()].map(({ variant }) => variant), ...ways.map(({ variant }) => variant)].map(
      (variant) => [variant.id, variant],
    ),
  );
  const names = new Map(poses.map(({ id, name }) => [id, name]));
  const measured = new Map<string, Measures>();
  const solutionsOf = (id: string, build: Build): readonly Solution[] => {
    const found = solutions(id, build);
    if (!found) throw new RangeError(`Variant "${id}" has not been solved: run npm run solve.`);
    return found;
  };
  const catalogue: Catalogue = {
    ...data,
    variant(id) {
      const found = byId.get(id);
      if (!found) throw new RangeError(`No variant "${id}" in the catalogue.`);
      return found;
    },
    poseName: (id) => names.get(id) ?? id,
    measures(id, heightCm, build = 'adult') {
      const key = `${id}|${heightCm}|${build}`;
      const make = (): Measures => interpolate(solutionsOf(id, build), heightCm);
      return measured.get(key) ?? keep(measured, key, make(), MEASURED_MOST);
    },
    postures(id, heightCm, build = 'adult') {
      const found = solutionsOf(id, build);
      if (scalesWithHeight(shapes.get(id)!)) {
        const [{ heightCm: solvedCm, postures }] = found as [Solution];
        return { heightCm, postures: scaleSolved(postures(), solvedCm, heightCm) };
      }
      const near = found.reduce((best, solution) =>
        Math.abs(solution.heightCm - heightCm) < Math.abs(best.heightCm - heightCm) ? solution : best,
      );
      return { heightCm: near.heightCm, postures: near.postures() };
    },
    withOwn: (own) => (own.length ? makeCatalogue(addedTo(data, own)) : catalogue),
  };
  return catalogue;
}

/** The data with a teacher's own variants on its ladders. */
function addedTo(data: CatalogueData, own: readonly OwnVariant[]): CatalogueData {
  const solved = new Map(own.map((variant) => [variant.id, readSolutions(variant.solved)]));
  return {
    ...data,
    version: `${data.version}+own.${fingerprint(JSON.stringify(own.map(({ id, frames }) => [id, frames])))}`,
    poses: addOwn(data.poses, own),
    solutions: (id, build) => solved.get(id)?.(build) ?? data.solutions(id, build),
  };
}

function interpolate(solutions: readonly Solution[], heightCm: number): Measures {
  const [first] = solutions as [Solution];
  if (solutions.length === 1) return scaleMeasures(first.measures(), heightCm / first.heightCm);
  const above = solutions.findIndex((solution) => solution.heightCm >= heightCm);
  if (above <= 0) return (above === 0 ? first : solutions[solutions.length - 1]!).measures();
  // At a height that was solved nothing has to be guessed.
  if (solutions[above]!.heightCm === heightCm) return solutions[above]!.measures();
  const low = solutions[above - 1]!;
  const high = solutions[above]!;
  const t = (heightCm - low.heightCm) / (high.heightCm - low.heightCm);
  const below = low.measures();
  const beyond = high.measures();
  return makeMeasures((name) => {
    const a = below[name];
    const b = beyond[name];
    return Math.abs(b - a) > JUMP ? worse(name, a, b) : a + (b - a) * t;
  });
}

/**
 * Where neighbouring heights differ by more than this (degrees or cm), the shape settled another way
 * between them; nobody knows at which height, so the worse of the two is taken.
 */
const JUMP = 5;
