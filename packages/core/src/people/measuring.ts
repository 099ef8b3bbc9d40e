import type { Ball, Posture } from '../body/posture.js';
import { GIVING_JOINTS, type GivingJoint } from '../body/bodyRanges.js';
import { USUAL_RANGE } from '../body/ranges.js';
import type { SideLetter } from '../body/maths.js';
import { atAge, type Norms } from './norms.js';

/** Where someone is while a range is measured: a variant of the catalogue whose shape is begun from. */
export type MeasuringPlace = 'sitting' | 'standing' | 'lying' | 'prone';
export const MEASURING_PLACES: Readonly<Record<MeasuringPlace, string>> = {
  sitting: 'seated-breath.chair',
  standing: 'mountain.full',
  lying: 'final-rest.flat',
  prone: 'final-rest.prone',
};

type Measured = keyof typeof USUAL_RANGE;

/** How one range is measured on someone. */
export interface RangeToMeasure {
  range: Measured;
  /** As it is said of the body: "the chin goes to the chest". */
  says: string;
  /** Each limb has its own; what goes both ways is measured both ways, and the lesser is kept. */
  sides: 'limb' | 'both-ways' | 'none';
  place: MeasuringPlace;
  /** How they are, and what they do. */
  does: string;
  /** Where a goniometer lies: its axis, the arm that stays, the arm that goes along. */
  goniometer: string;
  /** Where a phone lies, which reads the way it has tipped; left out where it cannot tell. */
  phone?: string;
  /** With a tape: what is read, and degrees for each centimetre of it. */
  tape?: { reads: string; degreesPerCm: number };
  /** Of what is read so much is this joint's own; all of it unless said. */
  share?: number;
  /** The shape at so many degrees, beside how they are to begin with. */
  shape: (degrees: number, side: SideLetter) => Partial<Posture>;
}

const ball = (joint: 'hip' | 'shoulder', side: SideLetter, angles: Ball): Partial<Posture> => ({
  [`${joint}${side}`]: angles,
});

/**
 * Every range that can be measured in a room, from the neck down. Places of the goniometer as textbooks have them
 * (Norkin and White, *Measurement of Joint Motion*; spine with two inclinometers as in the AMA Guides; from memory).
 */
export const RANGES_TO_MEASURE: readonly RangeToMeasure[] = [
  {
    range: 'neckFlexion',
    says: 'the chin goes to the chest',
    sides: 'none',
    place: 'sitting',
    does: 'Sitting tall, shoulders down. The chin goes to the chest by itself.',
    goniometer: 'Axis at the ear; one arm upright, one towards the tip of the nose.',
    phone: 'Flat on the crown, pointing forward.',
    shape: (degrees) => ({ neck: degrees }),
  },
  {
    range: 'neckExtension',
    says: 'the head goes back',
    sides: 'none',
    place: 'sitting',
    does: 'Sitting tall. The face turns up as far as is pleasant; never hanging, never dizzy.',
    goniometer: 'Axis at the ear; one arm upright, one towards the tip of the nose.',
    phone: 'Flat on the crown, pointing forward.',
    shape: (degrees) => ({ neck: -degrees }),
  },
  {
    range: 'neckRotation',
    says: 'the head turns',
    sides: 'both-ways',
    place: 'sitting',
    does: 'Sitting tall, shoulders still. The head turns without tipping.',
    goniometer: 'From above: axis at the crown; one arm to the tip of the shoulder, one to the nose.',
    shape: (degrees, side) => ({ neckTwist: side === 'R' ? degrees : -degrees }),
  },
  {
    range: 'neckSideBend',
    says: 'the ear goes to the shoulder',
    sides: 'both-ways',
    place: 'sitting',
    does: 'Sitting tall, shoulders down. The ear goes to the shoulder without turning.',
    goniometer:
      'From behind: axis at the bump at the base of the neck; one arm upright, one up the middle of the head.',
    phone: 'On the crown, pointing to the side.',
    shape: (degrees, side) => ({ neckSide: side === 'R' ? degrees : -degrees }),
  },
  {
    range: 'thoracicTwist',
    says: 'the chest turns',
    sides: 'both-ways',
    place: 'sitting',
    does: 'Sitting, feet on the floor, knees still, arms crossed. The chest turns.',
    goniometer: 'From above: axis at the crown; one arm between the hip bones, one along the shoulders.',
    // Of 45 degrees that the trunk turns, 9 are the low back's (White and Panjabi, from memory).
    share: 0.8,
    shape: (degrees, side) => ({ twist: side === 'R' ? degrees : -degrees }),
  },
  {
    range: 'sideBend',
    says: 'the trunk bends to the side',
    sides: 'both-ways',
    place: 'standing',
    does: 'Standing, feet under the hips. The hand slides down the outside of the thigh.',
    goniometer: 'From behind: axis over the sacrum; one arm upright, one to the base of the neck.',
    phone: 'Flat between the shoulder blades.',
    shape: (degrees, side) => ({ side: side === 'R' ? degrees : -degrees }),
  },
  {
    range: 'lumbarFlexion',
    says: 'the low back rounds',
    sides: 'none',
    place: 'standing',
    does: 'Standing, knees soft. They roll down, hands on the thighs.',
    goniometer:
      'Two readings against the upright, at the lowest rib’s height and on the sacrum: take one from the other.',
    phone: 'On the spine at the lowest ribs, then on the sacrum: take one from the other.',
    shape: (degrees) => ({
      lumbar: degrees,
      thorax: degrees / 3,
      // The arms hang.
      shoulderR: [degrees * 1.3, 4, 0],
      shoulderL: [degrees * 1.3, 4, 0],
    }),
  },
  {
    range: 'lumbarExtension',
    says: 'the low back hollows',
    sides: 'none',
    place: 'standing',
    does: 'Standing, hands on the hips. They lean back a little; the neck stays long.',
    goniometer:
      'Two readings against the upright, at the lowest rib’s height and on the sacrum: take one from the other.',
    phone: 'On the spine at the lowest ribs, then on the sacrum: take one from the other.',
    shape: (degrees) => ({ lumbar: -degrees, thorax: -degrees / 3 }),
  },
  {
    range: 'thoracicFlexion',
    says: 'the upper back rounds',
    sides: 'none',
    place: 'sitting',
    does: 'Sitting, the pelvis still. The upper back rounds.',
    goniometer:
      'Two readings against the upright, at the base of the neck and at the lowest ribs: take one from the other.',
    phone: 'On the spine at the base of the neck, then at the lowest ribs: take one from the other.',
    shape: (degrees) => ({ thorax: degrees }),
  },
  {
    range: 'thoracicExtension',
    says: 'the upper back lifts',
    sides: 'none',
    place: 'sitting',
    does: 'Sitting, the pelvis still. The breastbone lifts; the chin stays in.',
    goniometer:
      'Two readings against the upright, at the base of the neck and at the lowest ribs: take one from the other.',
    phone: 'On the spine at the base of the neck, then at the lowest ribs: take one from the other.',
    shape: (degrees) => ({ thorax: -degrees }),
  },
  {
    range: 'shoulderFlexion',
    says: 'the arm lifts',
    sides: 'limb',
    place: 'lying',
    does: 'On the back, knees bent if that is easier. The straight arm goes up and over; the ribs stay down.',
    goniometer:
      'Axis below the tip of the shoulder; one arm along the side of the chest, one to the outside of the elbow.',
    phone: 'Along the upper arm, its foot at the elbow.',
    shape: (degrees, side) => ball('shoulder', side, [degrees, 6, 0]),
  },
  {
    range: 'shoulderAbduction',
    says: 'the arm goes out',
    sides: 'limb',
    place: 'sitting',
    does: 'Sitting. The straight arm goes out to the side and up, the palm turned forward.',
    goniometer:
      'From behind: axis at the tip of the shoulder; one arm along the spine, one along the upper arm.',
    phone: 'Along the upper arm, its foot at the elbow.',
    shape: (degrees, side) => ball('shoulder', side, [0, degrees, 0]),
  },
  {
    range: 'shoulderExtension',
    says: 'the arm goes behind',
    sides: 'limb',
    place: 'standing',
    does: 'Standing. The straight arm goes back; the chest does not lean.',
    goniometer:
      'Axis below the tip of the shoulder; one arm along the side of the chest, one to the outside of the elbow.',
    phone: 'Along the upper arm, its foot at the elbow.',
    shape: (degrees, side) => ball('shoulder', side, [-degrees, 6, 0]),
  },
  {
    range: 'shoulderRotationOut',
    says: 'the arm turns out',
    sides: 'limb',
    place: 'sitting',
    does: 'The elbow out at the height of the shoulder and bent; the hand goes up and back.',
    goniometer: 'Axis at the point of the elbow; one arm level, one along the forearm.',
    phone: 'Along the forearm.',
    shape: (degrees, side) => ({ ...ball('shoulder', side, [0, 90, degrees]), [`elbow${side}`]: 90 }),
  },
  {
    range: 'shoulderRotationIn',
    says: 'the arm turns in',
    sides: 'limb',
    place: 'sitting',
    does: 'The elbow out at the height of the shoulder and bent; the hand goes down, the shoulder does not tip.',
    goniometer: 'Axis at the point of the elbow; one arm level, one along the forearm.',
    phone: 'Along the forearm.',
    shape: (degrees, side) => ({ ...ball('shoulder', side, [0, 90, -degrees]), [`elbow${side}`]: 90 }),
  },
  {
    range: 'wristExtension',
    says: 'the wrist bends back under weight',
    sides: 'limb',
    place: 'sitting',
    does: 'The palm on a table, the forearm leaning over it as far as is pleasant.',
    goniometer:
      'From the little finger’s side: axis at the wrist; one arm along the forearm, one along the hand.',
    shape: (degrees, side) => ({
      ...ball('shoulder', side, [60, 6, 0]),
      [`elbow${side}`]: 30,
      [`forearm${side}`]: 80,
      [`wrist${side}`]: degrees,
    }),
  },
  {
    range: 'hipFlexion',
    says: 'the hip bends',
    sides: 'limb',
    place: 'lying',
    does: 'On the back, the other leg long and heavy. The knee comes up until the pelvis would tip.',
    goniometer: 'Axis at the outside of the hip; one arm along the side of the trunk, one along the thigh.',
    phone: 'Along the thigh.',
    shape: (degrees, side) => ({ ...ball('hip', side, [degrees, 0, 0]), [`knee${side}`]: 120 }),
  },
  {
    range: 'hipFlexionWithKneeStraight',
    says: 'the straight leg lifts',
    sides: 'limb',
    place: 'lying',
    does: 'On the back, the other leg long and heavy. The straight leg is lifted until the knee would bend.',
    goniometer: 'Axis at the outside of the hip; one arm along the side of the trunk, one along the thigh.',
    phone: 'Along the shin.',
    shape: (degrees, side) => ({ ...ball('hip', side, [degrees, 0, 0]), [`knee${side}`]: 0 }),
  },
  {
    range: 'hipExtension',
    says: 'the leg goes back',
    sides: 'limb',
    place: 'prone',
    does: 'On the belly, or on the side where that is out. The thigh lifts; the pelvis stays.',
    goniometer: 'Axis at the outside of the hip; one arm along the side of the trunk, one along the thigh.',
    phone: 'Along the back of the thigh.',
    shape: (degrees, side) => ball('hip', side, [-degrees, 0, 0]),
  },
  {
    range: 'hipAbduction',
    says: 'the leg goes out',
    sides: 'limb',
    place: 'lying',
    does: 'On the back, the knee and toes up. The leg slides out until the pelvis would follow.',
    goniometer: 'Axis at the hip bone in front; one arm to the other hip bone, one along the thigh.',
    shape: (degrees, side) => ball('hip', side, [0, degrees, 0]),
  },
  {
    range: 'hipAdduction',
    says: 'the leg crosses',
    sides: 'limb',
    place: 'lying',
    does: 'On the back, the other leg out of the way. The leg slides across until the pelvis would follow.',
    goniometer: 'Axis at the hip bone in front; one arm to the other hip bone, one along the thigh.',
    shape: (degrees, side) => ({
      ...ball('hip', side, [0, -degrees, 0]),
      ...ball('hip', side === 'R' ? 'L' : 'R', [0, 40, 0]),
    }),
  },
  {
    range: 'hipRotationOut',
    says: 'the thigh turns out',
    sides: 'limb',
    place: 'sitting',
    does: 'Sitting high, both sitting bones heavy. The foot swings in.',
    goniometer: 'Axis at the knee; one arm upright, one along the shin.',
    phone: 'Along the shin.',
    shape: (degrees, side) => ball('hip', side, [90, 0, degrees]),
  },
  {
    range: 'hipRotationIn',
    says: 'the thigh turns in',
    sides: 'limb',
    place: 'sitting',
    does: 'Sitting high, both sitting bones heavy. The foot swings out.',
    goniometer: 'Axis at the knee; one arm upright, one along the shin.',
    phone: 'Along the shin.',
    shape: (degrees, side) => ball('hip', side, [90, 0, -degrees]),
  },
  {
    range: 'kneeFlexion',
    says: 'the knee bends',
    sides: 'limb',
    place: 'lying',
    does: 'On the back. The heel goes to the seat, helped by the hands; this is how far it bends under weight.',
    goniometer: 'Axis at the outside of the knee; one arm along the thigh, one along the shin.',
    shape: (degrees, side) => ({
      ...ball('hip', side, [Math.min(110, degrees * 0.6), 0, 0]),
      [`knee${side}`]: degrees,
    }),
  },
  {
    range: 'kneeHyperextension',
    says: 'the knee locks back',
    sides: 'limb',
    place: 'lying',
    does: 'On the back, a roll under the heel. The knee sinks; how far beyond straight?',
    goniometer: 'Axis at the outside of the knee; one arm along the thigh, one along the shin.',
    shape: (degrees, side) => ({ [`knee${side}`]: -Math.min(3, degrees) }),
  },
  {
    range: 'ankleFlexion',
    says: 'the foot bends up under weight',
    sides: 'limb',
    place: 'sitting',
    does: 'A lunge facing a wall, heel down: the knee goes forward as far as the heel stays.',
    goniometer: 'Axis below the outer ankle; one arm upright, one along the shin.',
    phone: 'On the front of the shin.',
    // Bennell 1998, from memory: 3.6 degrees a centimetre.
    tape: { reads: 'From the wall to the big toe while the knee just touches it, cm', degreesPerCm: 3.6 },
    shape: (degrees, side) => ({ [`ankle${side}`]: degrees }),
  },
];

/** What a range usually is, degrees, and whose that is. */
export interface UsualRange {
  middle: number;
  /** What nine in ten have, where it is known. */
  careful?: number;
  /** "at 52"; "for grown people of any age". */
  says: string;
}

/** From this age necks go less far, down to this share of it at the other; years (Youdas 1992, from memory). */
const NECK_AGES = [20, 80] as const;
const NECK_LEFT = 2 / 3;

/**
 * What a range usually is at an age.
 *
 * @param age years; undefined where nobody knows
 * @example usualRange('neckRotation', 80, norms).middle // 40: two thirds of 60
 */
export function usualRange(
  range: Measured,
  age: number | undefined,
  { ranges }: Pick<Norms, 'ranges'>,
): UsualRange {
  const says = age === undefined ? 'for grown people' : `at ${age}`;
  if ((GIVING_JOINTS as readonly string[]).includes(range)) {
    const { middle, careful } = atAge(ranges.byAge, age ?? NECK_AGES[0]);
    return { middle: middle[range as GivingJoint], careful: careful[range as GivingJoint], says };
  }
  const usual = USUAL_RANGE[range];
  if (age !== undefined && (range === 'neckExtension' || range === 'neckRotation')) {
    const [from, to] = NECK_AGES;
    const way = Math.max(0, Math.min(1, (age - from) / (to - from)));
    return { middle: Math.round(usual * (1 - way * (1 - NECK_LEFT))), says };
  }
  return { middle: usual, says: 'for grown people of any age' };
}
