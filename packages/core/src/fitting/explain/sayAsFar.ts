import type { Growth, Level, PartOf } from '../../poses/types.js';

/** A start with its joint bent by more than this, degrees, is counted from there: sitting, or a knee that is up. */
const PLAIN = 25;

/** A share of the way, as it is said. */
export function shareWords(share: number): string {
  if (share < 0.3) return 'only a little way';
  if (share < 0.42) return 'about a third of the way';
  if (share < 0.58) return 'about half way';
  if (share < 0.7) return 'about two thirds of the way';
  if (share < 0.85) return 'about three quarters of the way';
  return 'nearly all the way';
}

/** What is done, what says how far, and what is kept meanwhile. */
const SAYS: Readonly<Record<Growth, readonly [does: string, where: string, keeps: string]>> = {
  fold: ['Fold', 'at the hips', 'the back stays long'],
  twist: ['Turn', '', 'the low back stays long'],
  'back-bend': ['Lift the breastbone', 'in the low back', 'the low back stays long'],
  wave: ['Round and hollow', 'in the low back', 'the breath leads'],
  'side-bend': ['Lean over', 'of side bend', 'both sides stay long'],
  'knee-bend': ['Bend the knee', 'at the knee', 'the breath stays easy'],
  lunge: ['Sink', 'at the back hip', 'the low back stays long'],
  'leg-lift': ['Lift the leg', 'at the hip', 'the back stays as it is'],
  'draw-in': ['Draw in', 'at the hip', 'the back stays on the floor'],
  'arm-lift': ['Lift the arms', 'at the shoulders', 'the ribs stay down'],
  bridge: ['Lift the pelvis', 'at the hips', 'the ribs stay down'],
  lean: ['Lean', 'at the hip', 'the back stays long'],
  head: ['Move the head', 'of the neck', 'the shoulders stay down'],
};

const whole = (degrees: number): number => Math.abs(Math.round(degrees));

/** Where the limiting joint is at a share of the way, and at its end, degrees. */
export function degreesAt({ from, to }: PartOf, share: number): { degrees: number; wholeDegrees: number } {
  const start = Math.abs(from) > PLAIN ? from : 0;
  return { degrees: whole(from + share * (to - from) - start), wholeDegrees: whole(to - start) };
}

/** The least of a list's numbers that is not below a value, with its words; the last where all are. */
const upTo = (value: number, list: readonly (readonly [most: number, words: string])[]): string =>
  (list.find(([most]) => value <= most) ?? list[list.length - 1]!)[1];

/** Where the breastbone looks, by how far it is turned from the front, degrees. */
const TURNED: readonly (readonly [number, string])[] = [
  [8, 'the breastbone still to the wall in front'],
  [26, 'the breastbone a quarter of the way from the wall in front to the one beside'],
  [36, 'the breastbone a third of the way from the wall in front to the one beside'],
  [54, 'the breastbone to the corner of the room'],
  [Infinity, 'the breastbone nearly to the wall beside'],
];

/**
 * How high the hands are, by how far straight arms are lifted from hanging, degrees: an arm of a third of the height
 * and shoulders, chin, eyes and crown at 82, 87, 94 and 100% of it (segment lengths as in `body/segments`).
 */
const LIFTED: readonly (readonly [number, string])[] = [
  [35, 'the hands in front of the thighs'],
  [62, 'the hands as high as the waist'],
  [82, 'the hands as high as the chest'],
  [95, 'the hands as high as the shoulders'],
  [104, 'the hands as high as the chin'],
  [116, 'the hands as high as the eyes'],
  [130, 'the hands as high as the crown of the head'],
  [Infinity, 'the hands above the head'],
];

/** A landmark of the room or the body that shows how far, where the kind of movement has one. */
function landmark({ how, from, to }: PartOf, share: number, level: Level): string | undefined {
  const degrees = Math.abs(from + share * (to - from));
  if (how === 'arm-lift') return upTo(degrees, LIFTED);
  if (how !== 'twist') return undefined;
  return level === 'lying' ? 'the breastbone still to the ceiling' : upTo(degrees, TURNED);
}

/**
 * How far, as a teacher says it: the share, a landmark where there is one, the number, where the hands are, and what
 * is kept.
 *
 * @param level where the pose is done
 * @example sayAsFar(twist, 0.5, 'sitting')
 * // Turn about half way, the breastbone a quarter of the way from the wall in front to the one beside, 17 of 34
 * // degrees, hands on the thighs; the low back stays long.
 */
export function sayAsFar(part: PartOf, share: number, level: Level): string {
  const [does, where, keeps] = SAYS[part.how];
  const seen = landmark(part, share, level);
  const { degrees, wholeDegrees } = degreesAt(part, share);
  const at = seen ? `, ${seen}` : '';
  const far = part.how === 'bridge' ? '' : `, ${degrees} of ${wholeDegrees} degrees${where && ` ${where}`}`;
  const rest = part.hands ? `, hands on the ${part.hands}` : '';
  return `${does} ${shareWords(share)}${at}${far}${rest}; ${keeps}.`;
}
