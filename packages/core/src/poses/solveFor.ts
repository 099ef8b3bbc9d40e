import { USUAL_BODY, type BodyRanges } from '../body/bodyRanges.js';
import type { Build } from '../body/build.js';
import type { Posture } from '../body/posture.js';
import type { Catalogue } from './catalogue.js';
import type { Measures } from './measures.js';
import { solvePartway } from './partway/solvePartway.js';
import { propsFor } from './sizedProps.js';
import { solveVariant } from './solveVariant.js';
import type { Variant } from './types.js';

/** A variant put on its contacts for one body. */
export interface SolvedFor {
  /** Of each key frame. */
  postures: readonly Posture[];
  measures: Measures;
  /** The worst unmet contact, cm. */
  worstGapCm: number;
  /** Props as they stand: part of the way a block may be higher, or not there. */
  props: Variant['props'];
}

/** A body that gives whatever is asked. */
const SUPPLEST = Object.fromEntries(
  Object.keys(USUAL_BODY).map((joint) => [joint, 360]),
) as unknown as BodyRanges;

/**
 * Whether the stored solution nearest to a body, which is that of a supple one, shows it well: it goes as far as is
 * asked, and no way of its own.
 */
export const isShownByStored = (
  catalogue: Catalogue,
  id: string,
  heightCm: number,
  build: Build,
  { ranges, share }: { ranges?: BodyRanges; share?: number } = {},
): boolean =>
  share === undefined &&
  (!ranges ||
    catalogue.measures(id, heightCm, build, ranges) === catalogue.measures(id, heightCm, build, SUPPLEST));

/**
 * A variant, or part of one, solved exactly for a body, from the nearest stored solution.
 *
 * @param ranges how far its joints go; the supple body of the catalogue unless given
 * @param share of the way, for a variant that is part of one; its own unless given
 */
export function solveFor(
  catalogue: Catalogue,
  id: string,
  heightCm: number,
  build: Build,
  { ranges, share }: { ranges?: BodyRanges; share?: number } = {},
): SolvedFor {
  const { variant } = catalogue.variant(id);
  const { partOf } = variant;
  const near = catalogue.postures(partOf?.variant ?? id, heightCm, build).postures;
  if (!partOf)
    return {
      ...solveVariant(variant, heightCm, near, build, false, ranges),
      props: propsFor(variant, heightCm),
    };
  const whole = catalogue.variant(partOf.variant).variant;
  return solvePartway(whole, share ?? partOf.share, heightCm, build, near, ranges);
}
