import { SOLVED_PARTS, SOLVED_VERSION } from '../../catalogue/generated/solved.js';
import { POSES } from '../../catalogue/poses/index.js';
import { WAYS } from '../../catalogue/ways.js';
import type { Build } from '../body/build.js';
import { unpackPosture, type Posture } from '../body/posture.js';
import { fingerprint } from '../fingerprint.js';
import { makeMeasures, worse, type Measures } from './measures.js';
import { addOwn, type OwnVariant } from './ownVariant.js';
import {
  scaleMeasures,
  scaleSolved,
  scalesWithHeight,
  type SolvedVariant,
  type StoredSolutions,
} from './solveVariant.js';
import type { Pose, Variant } from './types.js';

/** What `npm run solve` writes. */
export interface StoredCatalogue {
  version: string;
  variants: Readonly<Record<string, { print: string; builds: StoredSolutions }>>;
}

/** Poses with what they ask of bodies. The built-in one, or that with a teacher's own variants. */
export interface Catalogue {
  /** The data it answers from: a date and a hash, and a hash of the own variants where there are any. */
  version: string;
  poses: readonly Pose[];
  /** A variant and its pose by id. @throws RangeError for an id that is not in the catalogue */
  variant(id: string): { pose: Pose; variant: Variant };
  /**
   * What a variant asks of a person of this height and build: exact where the shape scales, otherwise
   * interpolated between the stored heights on either side (their ends beyond the table); the worse of
   * the two where they are far apart.
   */
  measures(id: string, heightCm: number, build?: Build): Measures;
  /** The postures to draw for a person of this height and build: the nearest stored solution. */
  postures(id: string, heightCm: number, build?: Build): { heightCm: number; postures: Posture[] };
}

/** The built-in variants' solutions. */
export const STORED: StoredCatalogue = {
  version: SOLVED_VERSION,
  variants: Object.assign(
    {},
    ...SOLVED_PARTS.map((part) => JSON.parse(part) as object),
  ) as StoredCatalogue['variants'],
};

/** Names the data that the measures were computed from: a date and a hash. */
export const CATALOGUE_VERSION = STORED.version;

/** Measures already worked out; a class asks for the same few heights again and again. */
const MEASURED_MOST = 20_000;

function catalogueOf(
  version: string,
  poses: readonly Pose[],
  others: readonly Variant[],
  solutions: (id: string) => StoredSolutions | undefined,
): Catalogue {
  const byId = new Map(
    poses.flatMap((pose) => pose.ladder.map((variant) => [variant.id, { pose, variant }])),
  );
  const shapes = new Map(
    [...[...byId.values()].map(({ variant }) => variant), ...others].map((variant) => [variant.id, variant]),
  );
  const read = new Map<string, SolvedVariant[]>();
  const measured = new Map<string, Measures>();
  const solutionsOf = (id: string, build: Build): SolvedVariant[] => {
    const key = `${id}|${build}`;
    let found = read.get(key);
    if (!found) {
      const builds = solutions(id);
      if (!builds) throw new RangeError(`Variant "${id}" has not been solved: run npm run solve.`);
      found = Object.entries(builds[build])
        .map(([height, { postures, measures, gap }]): SolvedVariant => ({
          heightCm: Number(height),
          postures: postures.map(unpackPosture),
          worstGapCm: gap,
          measures: makeMeasures((_, at) => measures[at]!),
        }))
        .sort((a, b) => a.heightCm - b.heightCm);
      read.set(key, found);
    }
    return found;
  };
  return {
    version,
    poses,
    variant(id) {
      const found = byId.get(id);
      if (!found) throw new RangeError(`No variant "${id}" in the catalogue.`);
      return found;
    },
    measures(id, heightCm, build = 'adult') {
      const key = `${id}|${heightCm}|${build}`;
      let measures = measured.get(key);
      if (!measures) {
        if (measured.size >= MEASURED_MOST) measured.clear();
        measures = interpolate(solutionsOf(id, build), heightCm);
        measured.set(key, measures);
      }
      return measures;
    },
    postures(id, heightCm, build = 'adult') {
      const found = solutionsOf(id, build);
      if (scalesWithHeight(shapes.get(id)!)) return scaleSolved(found[0]!, heightCm);
      return found.reduce((best, solution) =>
        Math.abs(solution.heightCm - heightCm) < Math.abs(best.heightCm - heightCm) ? solution : best,
      );
    },
  };
}

function interpolate(solutions: readonly SolvedVariant[], heightCm: number): Measures {
  if (solutions.length === 1) return scaleMeasures(solutions[0]!.measures, heightCm / solutions[0]!.heightCm);
  const above = solutions.findIndex((solution) => solution.heightCm >= heightCm);
  if (above <= 0) return (above === 0 ? solutions[0]! : solutions[solutions.length - 1]!).measures;
  // At a height that was solved nothing has to be guessed.
  if (solutions[above]!.heightCm === heightCm) return solutions[above]!.measures;
  const low = solutions[above - 1]!;
  const high = solutions[above]!;
  const t = (heightCm - low.heightCm) / (high.heightCm - low.heightCm);
  return makeMeasures((name) => {
    const a = low.measures[name];
    const b = high.measures[name];
    return Math.abs(b - a) > JUMP ? worse(name, a, b) : a + (b - a) * t;
  });
}

/**
 * Where neighbouring heights differ by more than this (degrees or cm), the shape settled another way
 * between them; nobody knows at which height, so the worse of the two is taken.
 */
const JUMP = 5;

/** Poses and ways as we ship them. */
export const BUILT_IN: Catalogue = catalogueOf(
  CATALOGUE_VERSION,
  POSES,
  WAYS.map((way) => way.variant),
  (id) => STORED.variants[id]?.builds,
);

/** The built-in catalogue with a teacher's own variants on its ladders; the built-in ones stay as they are. */
export function withOwn(own: readonly OwnVariant[]): Catalogue {
  if (!own.length) return BUILT_IN;
  const solved = new Map(own.map((variant) => [variant.id, variant.solved]));
  return catalogueOf(
    `${CATALOGUE_VERSION}+own.${fingerprint(JSON.stringify(own.map(({ id, frames }) => [id, frames])))}`,
    addOwn(POSES, own),
    WAYS.map((way) => way.variant),
    (id) => solved.get(id) ?? STORED.variants[id]?.builds,
  );
}

/** {@link Catalogue.variant} of the built-in catalogue. */
export const variantById = (id: string): { pose: Pose; variant: Variant } => BUILT_IN.variant(id);
/** {@link Catalogue.measures} of the built-in catalogue. */
export const measuresFor = (id: string, heightCm: number, build?: Build): Measures =>
  BUILT_IN.measures(id, heightCm, build);
/** {@link Catalogue.postures} of the built-in catalogue. */
export const posturesFor = (
  id: string,
  heightCm: number,
  build?: Build,
): { heightCm: number; postures: Posture[] } => BUILT_IN.postures(id, heightCm, build);
