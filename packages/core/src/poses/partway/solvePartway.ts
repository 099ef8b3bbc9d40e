import type { BodyRanges } from '../../body/bodyRanges.js';
import type { Build } from '../../body/build.js';
import { AUTHOR_HEIGHT } from '../../body/residuals.js';
import { buildBody } from '../../body/kinematics.js';
import { jointAngle } from '../../body/jointAngle.js';
import type { Posture } from '../../body/posture.js';
import type { PropPlacement } from '../../body/shape.js';
import { solveShape, type SolvedShape } from '../../body/solve.js';
import { inBody } from '../inBody.js';
import { measureMovement } from '../measureMovement.js';
import type { Measures } from '../measures.js';
import { solveInBody } from '../solveInBody.js';
import { MIDDLE_HEIGHT, scaleMeasures, scaleSolved, scalesWithHeight } from '../solveVariant.js';
import { framesFor, propsFor } from '../sizedProps.js';
import type { Grows, Variant } from '../types.js';
import { handsAfter } from './handsAfter.js';
import { partwayShape } from './partwayShape.js';
import { startOf } from './startOf.js';

/** A variant done part of its way. */
export interface SolvedPartway {
  heightCm: number;
  postures: readonly Posture[];
  props: readonly PropPlacement[];
  measures: Measures;
  worstGapCm: number;
  /**
   * The angle of the limiting joint at the start, there, and at the end, degrees; of a movement where it goes furthest.
   */
  start: number;
  reached: number;
  full: number;
  /** Where hands are that have let go: "shins". */
  hands?: string;
}

/** A frame part of its way, its hands placed. */
function solveFrame(
  grows: Grows,
  start: SolvedShape,
  full: SolvedShape,
  share: number,
): { solved: SolvedShape; raised: ReadonlyMap<string, number>; letGo: boolean; hands: string | undefined } {
  const { heightCm, build } = full.body;
  const partway = partwayShape(grows, start, full, share);
  const body = solveShape(partway.shape, full.props, heightCm, partway.posture, build);
  // Arms as they would be on the way, over the body as it stands.
  const { shoulderR, shoulderL, elbowR, elbowL, forearmR, forearmL, wristR, wristL } = partway.posture;
  const posture = partway.lost.length
    ? { ...body.posture, shoulderR, shoulderL, elbowR, elbowL, forearmR, forearmL, wristR, wristL }
    : body.posture;
  const standing = { ...body, posture, body: buildBody(posture, heightCm, {}, build) };
  const placed = handsAfter(grows, partway, standing);
  const solved = placed ? solveShape(placed.shape, full.props, heightCm, posture, build) : body;
  return { solved, raised: partway.raised, letGo: placed !== undefined, hands: placed?.place };
}

/** Props on the way: what hands have let go of or nothing lies on is left out, what rises is as high as it comes. */
function propsOn(
  props: readonly PropPlacement[],
  raised: ReadonlyMap<string, number>,
  letGo: boolean,
): readonly PropPlacement[] {
  return props.flatMap((prop): PropPlacement[] => {
    if (prop.kind !== 'block') return [prop];
    const heights = prop.under.flatMap((name) => [raised.get(name), raised.get(`${name}R`)]);
    const known = heights.filter((height) => height !== undefined);
    if (known.length) return known[0] ? [{ ...prop, heightCm: Math.round(known[0]) }] : [];
    return letGo && prop.under.every((name) => /^(palm|tips|hand)/.test(name)) ? [] : [prop];
  });
}

/**
 * Solves a variant as far as `share` of its way: every frame of it, for one body.
 *
 * @param share of the way of its limiting joint from the plain start to the full shape, 0 to 1
 * @param near postures of the whole variant's frames, to start from
 * @param ranges how far their joints go, see {@link solveInBody}; the supple body of the catalogue unless said
 * @throws RangeError for a variant that does not grow
 */
export function solvePartway(
  variant: Variant,
  share: number,
  heightCm = AUTHOR_HEIGHT,
  build: Build = 'adult',
  near?: readonly Posture[],
  ranges?: BodyRanges,
): SolvedPartway {
  const { grows } = variant;
  if (!grows) throw new RangeError(`"${variant.id}" is done as it is, or not at all.`);
  const solvedCm = scalesWithHeight(variant) ? MIDDLE_HEIGHT[build] : heightCm;
  if (solvedCm !== heightCm) {
    const nearby = near && scaleSolved(near, heightCm, solvedCm);
    const solved = solvePartway(variant, share, solvedCm, build, nearby, ranges);
    return {
      ...solved,
      heightCm,
      postures: scaleSolved(solved.postures, solvedCm, heightCm),
      measures: scaleMeasures(solved.measures, heightCm / solvedCm),
      worstGapCm: (solved.worstGapCm * heightCm) / solvedCm,
    };
  }
  const props = propsFor(variant, heightCm);
  const full = framesFor(variant, heightCm).map((shape, i) =>
    solveShape(shape, props, heightCm, near?.[i], build),
  );
  const first = full[0]!;
  const frame = (one: SolvedShape, i: number): ReturnType<typeof solveFrame> =>
    i === 0 && grows.from === 'first-frame'
      ? { solved: one, raised: new Map(), letGo: false, hands: undefined }
      : solveFrame(grows, startOf(grows, one, first), one, share);
  const solved = full.map(frame).map((one) => ({
    ...one,
    solved: ranges ? solveInBody(one.solved, ranges) : one.solved,
  }));
  const angles = (shapes: readonly SolvedShape[]): number[] =>
    shapes.map(({ posture, body }) => jointAngle(posture, body, grows.by));
  const start = angles([startOf(grows, first, first)])[0]!;
  const furthest = (all: readonly number[]): number =>
    all.reduce((most, angle) => (Math.abs(angle - start) > Math.abs(most - start) ? angle : most), start);
  const hands = solved.find((one) => one.hands)?.hands;
  const measures = measureMovement(
    solved.map((one) => one.solved),
    variant,
  );
  return {
    heightCm,
    postures: solved.map((one) => one.solved.posture),
    props: propsOn(
      props,
      solved[0]!.raised,
      solved.some(({ letGo }) => letGo),
    ),
    measures: ranges ? inBody(measures, ranges) : measures,
    worstGapCm: Math.max(...solved.map((one) => one.solved.misfit.contact)),
    start,
    reached: furthest(angles(solved.map((one) => one.solved))),
    full: furthest(angles(full)),
    ...(hands === undefined ? {} : { hands }),
  };
}
