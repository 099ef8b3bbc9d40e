import { keep } from '../cache.js';
import { USUAL_BODY, type BodyRanges } from '../body/bodyRanges.js';
import type { Build } from '../body/build.js';
import type { Posture } from '../body/posture.js';
import { fingerprint } from '../fingerprint.js';
import type { CounterPoses } from './counterPoses.js';
import type { Flow } from './flows.js';
import { inBody } from './inBody.js';
import { makeMeasures, worse, type Measures } from './measures.js';
import { addOwn, type OwnVariant } from './ownVariant.js';
import { readSolutions, type Solution } from './solutions.js';
import { scaleMeasures, scaleSolved, scalesWithHeight } from './solveVariant.js';
import { partsOn, type PartsData } from './partway/parts.js';
import { tellPart } from './partway/tellPart.js';
import type { Theme } from './themes.js';
import type { Pose, Variant } from './types.js';
import type { Way } from './ways.js';

/** What a catalogue is made of. */
export interface CatalogueData {
  /** Names the solutions: a date and a hash. */
  version: string;
  poses: readonly Pose[];
  /** Salutes and links, by the shapes of these poses. */
  flows: readonly Flow[];
  ways: readonly Way[];
  themes: readonly Theme[];
  counterPoses: CounterPoses;
  /** Variants that can be done part of the way, with what is known of each part. */
  parts: PartsData;
  /**
   * Where a variant's bodies were put on their contacts, by height; the movements of ways are there too.
   * Undefined for a variant that was never solved.
   */
  solutions: (variant: string, build: Build) => readonly Solution[] | undefined;
}

/** Poses with what they ask of bodies. The built-in one, or that with a teacher's own variants. */
export interface Catalogue extends Omit<CatalogueData, 'solutions'> {
  /** Every variant, and after them those that are parts of others, furthest first. */
  rows: readonly { pose: Pose; variant: Variant }[];
  /** A variant, or part of one, and its pose by id. @throws RangeError for an id that is not in the catalogue */
  variant(id: string): { pose: Pose; variant: Variant };
  /** What a pose is called; its id where it is not in the catalogue. */
  poseName(id: string): string;
  /**
   * What a variant asks of a person of this height and build: exact where the shape scales, otherwise
   * interpolated between the stored heights on either side (their ends beyond the table); the worse of
   * the two where they are far apart.
   *
   * @param ranges how far their joints go: what those do not give is made up for, see {@link inBody}; usual ones
   * unless said
   */
  measures(id: string, heightCm: number, build?: Build, ranges?: BodyRanges): Measures;
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
  const { poses, ways, parts, solutions } = data;
  const rows = [
    ...poses.flatMap((pose) => pose.ladder.map((variant) => ({ pose, variant }))),
    ...poses.flatMap((pose) => partsOn(pose, parts).map((variant) => ({ pose, variant }))),
  ];
  const byId = new Map(rows.map((row) => [row.variant.id, row]));
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
  /** A part that a later catalogue does not have any more is told, and drawn, by the whole. */
  const known = (id: string): string => (byId.has(id) ? id : id.split('~')[0]!);
  /** What a shape asks of the supple body of the catalogue. */
  const drawn = (id: string, heightCm: number, build: Build): Measures => {
    const key = `${id}|${heightCm}|${build}`;
    const make = (): Measures => {
      const partOf = byId.get(id)?.variant.partOf;
      if (!partOf) return interpolate(solutionsOf(id, build), heightCm);
      const [solved] = solutionsOf(id, 'adult') as [Solution];
      if (build === 'adult' && heightCm === solved.heightCm) return solved.measures();
      const whole = drawn(partOf.variant, solved.heightCm, 'adult');
      return tellPart(drawn(partOf.variant, heightCm, build), { part: solved.measures(), whole });
    };
    return measured.get(key) ?? keep(measured, key, make(), MEASURED_MOST);
  };
  const catalogue: Catalogue = {
    ...data,
    rows,
    variant(id) {
      const found = byId.get(known(id));
      if (!found) throw new RangeError(`No variant "${id}" in the catalogue.`);
      return found;
    },
    poseName: (id) => names.get(id) ?? id,
    measures: (id, heightCm, build = 'adult', ranges = USUAL_BODY) =>
      inBody(drawn(known(id), heightCm, build), ranges),
    postures(asked, heightCm, build = 'adult') {
      const id = known(asked);
      const isPart = byId.get(id)?.variant.partOf !== undefined;
      const found = solutionsOf(id, isPart ? 'adult' : build);
      // Parts are drawn as they were solved, on the props that were there.
      if (isPart) return { heightCm: found[0]!.heightCm, postures: found[0]!.postures() };
      if (scalesWithHeight(shapes.get(id)!)) {
        const [{ heightCm: solvedCm, postures }] = found as [Solution];
        return { heightCm, postures: scaleSolved(postures(), solvedCm, heightCm) };
      }
      const near = found
        .filter(({ drawn }) => drawn)
        .reduce((best, solution) =>
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
