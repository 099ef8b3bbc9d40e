import { BUILDS, type Build } from '../body/build.js';
import type { PropPlacement, Shape } from '../body/shape.js';
import { solveShape } from '../body/solve.js';
import { USUAL_RANGE } from '../body/ranges.js';
import { LENGTH } from '../body/segments.js';
import { measureShape } from '../poses/measureShape.js';
import type { Measures } from '../poses/measures.js';
import type { Posture } from '../body/posture.js';
import { fromStock, USUAL_STOCK, type Layers, type Stock } from './fromStock.js';
import type { Catalogue } from '../poses/catalogue.js';

/** What can be sized to a person. */
export const PROP_TASKS = [
  'shoulder-stand-blankets',
  'twist-knees',
  'fold-hands',
  'seat-legs-long',
  'seat-cross-legged',
  'head-on-side',
  'thigh-roll',
] as const;
export type PropTask = (typeof PROP_TASKS)[number];

/** What is known of the person. Ranges in degrees, lengths in cm; what is missing is taken as usual. */
export interface Fits {
  heightCm: number;
  build?: Build;
  neckFlexion?: number;
  shoulderExtension?: number;
  trunkRotation?: number;
  hipFlexion?: number;
  hipFlexionWithKneeStraight?: number;
  /** From the bump at the base of the neck to the crown's underside, C7 to the skull. */
  neckLengthCm?: number;
  /** Between the front hip bones. */
  hipWidthCm?: number;
}

/** How high something should be for someone, what to take for it, and how to check it in the room. */
export interface PropSize {
  task: PropTask;
  /** Where it goes: "under the shoulders". */
  where: string;
  heightCm: number;
  /** Which range decided, and whether it was measured on the person. */
  from: { range: string; value: number; measured: boolean };
  layers: Layers;
  words: string;
  household: string;
  check: string;
  /** Something more that the numbers ask for. */
  also?: string;
}

interface Sizing {
  variant: string;
  where: string;
  /** The person's range that decides, and what it usually is. */
  range: keyof Fits;
  usual: number;
  how:
    /** Looked for between two heights: the lowest at which the measure stays within the range. */
    | {
        measure: (measures: Measures) => number;
        most: number;
        at: (
          shape: Shape,
          props: readonly PropPlacement[],
          heightCm: number,
        ) => { shape: Shape; props: readonly PropPlacement[] };
      }
    /** Read off: the joint is held at its range, and a point of the body shows how high the support must be. */
    | { point: string; held: (shape: Shape, range: number) => Shape };
  /** Only blankets will do. */
  soft?: true;
  words: (layers: Layers) => string;
  household: string;
  check: string;
}

/** Puts everything that rests on `was` cm onto another height, and the prop with it. */
const raised =
  (was: number) =>
  (
    shape: Shape,
    props: readonly PropPlacement[],
    heightCm: number,
  ): { shape: Shape; props: readonly PropPlacement[] } => ({
    shape: {
      ...shape,
      on: shape.on.map(([surface, names]) => [surface === was ? heightCm : surface, names] as const),
    },
    props: props.map((prop) => ('heightCm' in prop && prop.heightCm === was ? { ...prop, heightCm } : prop)),
  });

const SIZINGS: Readonly<Record<Exclude<PropTask, 'thigh-roll'>, Sizing>> = {
  'shoulder-stand-blankets': {
    variant: 'shoulder-stand.blankets',
    where: 'under the shoulders',
    range: 'neckFlexion',
    usual: USUAL_RANGE.neckFlexion,
    soft: true,
    how: { measure: (m) => m.neckFlexion, most: 17.5, at: raised(12.5) },
    words: ({ words }) => `${words}, edges stepped, shoulders two to three fingers inside`,
    household:
      'firm bath towels folded to the same height, or foam blocks under one blanket; a bolster to land on',
    check: 'Can you swallow and speak with ease? Not easy means too low or too high; 5 mm can be felt.',
  },
  'twist-knees': {
    variant: 'supine-twist.knees-on-block',
    where: 'under the lower knee',
    range: 'trunkRotation',
    usual: USUAL_RANGE.lumbarTwist + USUAL_RANGE.thoracicTwist,
    how: {
      point: 'kneeOutR',
      held: (shape, range) => ({
        ...shape,
        posture: { ...shape.posture, twist: -range, roll: range + 2, hipR: [85, 20, 0], hipL: [85, -22, 0] },
        on: [['floor', 'upperBack headBack? buttockR handBack']],
        free: 'arms blade neck',
        face: [
          ['C7', [1, 0, 0], [0, 1, 0]],
          ['C7', [0, 1, 0], [-1, 0, 0], 0.6],
        ],
      }),
    },
    words: ({ words }) => words,
    household: 'sofa cushions or a rolled duvet',
    check: 'Does the far shoulder blade stay on the floor? If not, higher; lower over the weeks.',
  },
  'fold-hands': {
    variant: 'standing-forward-fold.blocks',
    where: 'under each hand',
    range: 'hipFlexionWithKneeStraight',
    usual: USUAL_RANGE.hipFlexionWithKneeStraight,
    how: {
      measure: (m) => m.hipFlexionRight,
      most: 70,
      at: (shape, props, heightCm) => {
        const there = raised(23)(shape, props, heightCm);
        return {
          ...there,
          shape: {
            ...there.shape,
            posture: { ...shape.posture, lumbar: 12, thorax: 4, knee: 6 },
            free: 'hip ankle arms',
            at: (shape.at ?? []).map((entry) =>
              entry[0] === 'palmMidR' ? (['palmMidR', [30, null, 16], { weight: 0.8 }] as const) : entry,
            ),
          },
        };
      },
    },
    words: ({ words, heightCm }) => (heightCm > 40 ? `a chair seat (45 cm)` : `${words} under each hand`),
    household: 'a stool, a stair or piles of books of one height',
    check: 'Is the low back still long, and the stretch in the middle of the thighs, not behind the knees?',
  },
  'seat-legs-long': {
    variant: 'staff.blanket',
    where: 'under the sitting bones',
    range: 'hipFlexionWithKneeStraight',
    usual: USUAL_RANGE.hipFlexionWithKneeStraight,
    how: { measure: (m) => m.hipFlexionRight, most: 45, at: raised(5) },
    words: ({ words }) => words,
    household: 'a firm cushion or a few big books',
    check: 'Does the pelvis stand upright without effort, the waistband level?',
  },
  'seat-cross-legged': {
    variant: 'easy-seat.blankets',
    where: 'under the sitting bones',
    range: 'hipFlexion',
    usual: USUAL_RANGE.hipFlexion,
    how: { measure: (m) => m.hipFlexionRight, most: 45, at: raised(10) },
    words: ({ words }) => words,
    household: 'a firm cushion or a few big books',
    check: 'Are both knees below the hips, and does the back stay long for three breaths?',
  },
  'head-on-side': {
    variant: 'final-rest.side',
    where: 'under the head',
    range: 'heightCm',
    usual: 165,
    soft: true,
    how: {
      point: 'templeL',
      held: (shape) => ({
        ...shape,
        on: shape.on.filter(([surface]) => surface === 'floor'),
        at: [],
        posture: { ...shape.posture, side: 0, neckSide: 0 },
        free: 'hip ankle inversion arms bladeL',
      }),
    },
    words: ({ words }) => words,
    household: 'a firm pillow folded to this height',
    check: 'Are nose and breastbone in one level line?',
  },
};

/** The version that something is sized for; of the roll none, it goes between any thighs. */
export const variantOfTask = (task: PropTask): string | undefined =>
  task === 'thigh-roll' ? undefined : SIZINGS[task].variant;

/** Where it goes: "under the shoulders". */
export const whereOfTask = (task: PropTask): string =>
  task === 'thigh-roll' ? BETWEEN_THIGHS : SIZINGS[task].where;

const BETWEEN_THIGHS = 'between the thighs';

/**
 * Solves the height of what goes under somebody: as low as their own range allows.
 *
 * Either the body is put on its contacts from the highest support down, each from the last, and the
 * height is taken at which the measure reaches the range (interpolated between two heights); or the
 * joint is held at its range and the height is read off the body.
 *
 * @param fits what is known of the person; usual values stand in for what is not
 * @example sizeProp('shoulder-stand-blankets', { heightCm: 165, neckFlexion: 55 },
 * catalogue).layers.blankets // about 4
 */
export function sizeProp(
  task: PropTask,
  fits: Fits,
  catalogue: Pick<Catalogue, 'variant'>,
  stock: Stock = USUAL_STOCK,
): PropSize {
  if (task === 'thigh-roll') return thighRoll(fits, stock);
  const sizing = SIZINGS[task];
  const { how } = sizing;
  const known = fits[sizing.range];
  const limit = typeof known === 'number' ? known : sizing.usual;
  const { frames, props, ...variant } = catalogue.variant(sizing.variant).variant;
  const build = fits.build ?? 'adult';
  let found: number;
  if ('point' in how) {
    const { body } = solveShape(how.held(frames[0]!, limit), props, fits.heightCm, undefined, build);
    found = Math.max(0, body.points[how.point]![1]);
  } else {
    found = lowestWithin(limit, how.most, (height, near) => {
      const there = how.at(frames[0]!, props, height);
      const solved = solveShape(there.shape, there.props, fits.heightCm, near, build);
      return { value: how.measure(measureShape(solved, variant)), posture: solved.posture };
    });
  }
  // A longer neck needs the same angle over a longer arm (derived: the height grows with it).
  if (task === 'shoulder-stand-blankets' && fits.neckLengthCm)
    found *= fits.neckLengthCm / (LENGTH.neck * BUILDS[build].neck * fits.heightCm);
  const heightCm = Math.round(found * 2) / 2;
  const layers = fromStock(heightCm, stock, sizing.soft);
  return {
    task,
    where: sizing.where,
    heightCm,
    layers,
    words: sizing.words(layers),
    household: sizing.household,
    check: sizing.check,
    from: { range: sizing.range, value: limit, measured: typeof known === 'number' },
    ...(task === 'shoulder-stand-blankets' &&
    (fits.shoulderExtension ?? USUAL_RANGE.shoulderExtension) < SHORT_EXTENSION
      ? {
          also: 'Shoulder extension is short: another folded blanket under the elbows, or the feet on a wall.',
        }
      : {}),
  };
}

/**
 * Below this the elbows do not stay on the blankets while the hands hold the back, degrees (common
 * practice, no published source).
 */
const SHORT_EXTENSION = 45;

const STEP_CM = 2.5;

/** From `most` down to the floor: where a value that grows as the support sinks reaches its limit. */
function lowestWithin(
  limit: number,
  most: number,
  solveAt: (heightCm: number, near?: Posture) => { value: number; posture: Posture },
): number {
  let near: Posture | undefined;
  let above: { height: number; value: number } | undefined;
  for (let height = most; height >= 0; height -= STEP_CM) {
    const { value, posture } = solveAt(height, near);
    if (value > limit)
      return above ? height + ((value - limit) / (value - above.value)) * (above.height - height) : most;
    near = posture;
    above = { height, value };
  }
  return 0;
}

/**
 * Share of height between the front hip bones, from memory; the inner thigh lies 0.041 of height inside its
 * middle (our own body).
 */
const HIP_BONES = 0.14;
const THIGH_INSIDE = 0.041;

/** A roll that keeps the knees under the front hip bones (common practice, no published source). */
function thighRoll({ heightCm: tall, hipWidthCm }: Fits, stock: Stock): PropSize {
  const wide = hipWidthCm ?? HIP_BONES * tall;
  const heightCm = Math.max(2, Math.round((wide - 2 * THIGH_INSIDE * tall) * 2) / 2);
  const layers = fromStock(heightCm, stock, true);
  return {
    task: 'thigh-roll',
    where: BETWEEN_THIGHS,
    heightCm,
    layers,
    words: `${layers.words}, rolled to ${heightCm} cm`,
    household: 'a rolled bath towel',
    from: { range: 'hipWidthCm', value: Math.round(wide * 10) / 10, measured: hipWidthCm !== undefined },
    check: 'Do the knees point straight up, in line with the hip bones?',
  };
}
