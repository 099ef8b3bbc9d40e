import { packPosture } from '../../body/posture.js';
import type { PropPlacement } from '../../body/shape.js';
import { BUILDS, type Build } from '../../body/build.js';
import { AUTHOR_HEIGHT } from '../../body/residuals.js';
import { fingerprint } from '../../fingerprint.js';
import { MEASURE_NAMES } from '../measures.js';
import type { StoredSolutions } from '../solveVariant.js';
import type { Pose, Variant } from '../types.js';
import { variantPrint } from '../variantPrint.js';
import type { Posture } from '../../body/posture.js';
import { solvePartway } from './solvePartway.js';

/** Shares of the way at which a variant is solved and judged; between them it is interpolated. */
export const PART_SHARES = [0.25, 0.5, 0.75] as const;
/** Raise this when what is computed part of the way changes for the same data. */
const METHOD = 3;

/** What is stored of a variant part of its way, beside its solution. */
export interface PartData {
  share: number;
  from: number;
  to: number;
  hands?: string;
  /** Where they are not those of the variant. */
  props?: readonly PropPlacement[];
}

/** Parts of variants that grow, by the variant's id. */
export type PartsData = Readonly<Record<string, readonly PartData[]>>;

export const partId = (variant: string, share: number): string => `${variant}~${Math.round(share * 100)}`;

/** A fingerprint of all that the stored parts of a variant depend on. */
export const partsPrint = (variant: Variant): string =>
  fingerprint(variantPrint(variant) + JSON.stringify([METHOD, variant.grows]));

/** Words for a share of the way. */
const SHARE_WORDS: Readonly<Record<number, string>> = {
  0.25: 'a quarter of the way',
  0.5: 'half way',
  0.75: 'three quarters of the way',
};

/** A variant as it is done part of its way: what is said of the end of it is not said; all else is the variant's. */
export function partVariant(
  { grows, ...variant }: Variant,
  { share, from, to, hands, props = variant.props }: PartData,
): Variant {
  const { by, how } = grows!;
  return {
    ...variant,
    id: partId(variant.id, share),
    name: `${SHARE_WORDS[share]!} (${variant.name})`,
    words: [],
    props,
    cues: [],
    partOf: { variant: variant.id, share, by, how, from, to, ...(hands === undefined ? {} : { hands }) },
  };
}

/** Variants that are parts of those on a pose's ladder, the furthest first. */
export const partsOn = ({ ladder }: Pose, parts: PartsData): Variant[] =>
  ladder.flatMap((variant) =>
    variant.grows ? [...(parts[variant.id] ?? [])].reverse().map((part) => partVariant(variant, part)) : [],
  );

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** Solves a variant part of its way for a grown body of usual height; others are told from it. */
export function solveParts(
  variant: Variant,
  near?: readonly Posture[],
): { data: PartData; solved: StoredSolutions }[] {
  return PART_SHARES.map((share) => {
    const { measures, postures, worstGapCm, start, full, hands, props } = solvePartway(
      variant,
      share,
      AUTHOR_HEIGHT,
      'adult',
      near,
    );
    const builds = Object.fromEntries(
      (Object.keys(BUILDS) as Build[]).map((build) => [
        build,
        build === 'adult'
          ? {
              [AUTHOR_HEIGHT]: {
                postures: postures.map(packPosture),
                measures: MEASURE_NAMES.map((name) => measures[name]),
                gap: worstGapCm,
              },
            }
          : {},
      ]),
    );
    const changed = JSON.stringify(props) !== JSON.stringify(variant.props);
    return {
      data: {
        share,
        from: tenth(start),
        to: tenth(full),
        ...(hands === undefined ? {} : { hands }),
        ...(changed ? { props } : {}),
      },
      solved: builds as unknown as StoredSolutions,
    };
  });
}
