import { jointMoments } from '../body/jointMoments.js';
import { contactLoads } from '../body/loads.js';
import { thighRaise } from '../body/jointAngle.js';
import { jointAngles } from '../body/kinematics.js';
import { DEGREES, rotate, SIDES, sub, unit } from '../body/maths.js';
import { heldBy, LIMB_MUSCLES, MIDLINE_MUSCLES } from '../body/muscles.js';
import { LUMBAR_SHARE, MASS } from '../body/segments.js';
import { balanceMargin } from '../body/support.js';
import type { SolvedShape } from '../body/solve.js';
import { MEASURE_NAMES, type MeasureName, type Measures, type SidedMeasure } from './measures.js';
import type { Variant } from './types.js';
import { shareOfYoung, workBands } from './workBands.js';

/** Known no better than to a tenth: METs, cm, hip widths. */
const COARSE: ReadonlySet<string> = new Set(['met', 'balanceMargin', 'feetApart']);

const positive = (value: number): number => Math.max(0, value);

const HANDS = /^(palm|knuckles|tips|handBack|wrist)/;
const FOREARMS = /^elbow/;
const NECK = /^(neckBack|crown|headBack|forehead|temple|chin)/;
const FEET = /^(sole|ball|heel|instep|ankle|foot|toe)/;
const SEAT = /^(sit|buttock|thighMid|hipJ)/;
const BELLY = /^(belly|pubis)$/;
/** A knee bears weight as in kneeling only when it is bent; in lying it merely touches. */
const BENT = 30;
/** Head contacts that only rest on something bear on the neck no more than lying does. */
const RESTING_HEAD = 0.085;

/** Measures while they are being taken, all 0 at first. */
type Taken = Record<(typeof MEASURE_NAMES)[number], number>;

/** A shape, which share of the weight each contact carries, and which way the trunk goes. */
interface Look {
  shape: SolvedShape;
  variant: Pick<Variant, 'declared' | 'level' | 'support'>;
  share: Readonly<Record<string, number>>;
  trunk: readonly [number, number, number];
}

/** What contacts of some names carry together, share of body weight. */
const carriedBy = (share: Look['share'], names: RegExp, side = ''): number =>
  Object.entries(share).reduce(
    (sum, [name, load]) => sum + (names.test(name) && name.endsWith(side) ? load : 0),
    0,
  );

/** The cosine of an angle, kept between -1 and 1 whatever rounding did to it. */
const cosine = (value: number): number => Math.max(-1, Math.min(1, value));

/**
 * All measures of one solved shape (DESIGN section 4).
 *
 * Where flexion and rotation of a ball joint cannot be told apart (abduction near 90 degrees),
 * they are reported as elevation only. `lowBackMoment` is the moment of what is above L5/S1 about
 * it, per body weight and height. `spineLoad` is the share of body weight pressing along the trunk
 * at L5/S1: weight above times the cosine of the lean; our own estimate, no muscle forces in it.
 * Moments of muscles are in % of body weight × height, see {@link jointMoments}; `momentSpread` is by how much the most
 * uncertain of them changes between a slippery and a sticky ground, in halves.
 * Angles are those of the drawn, supple body; what another body makes of them, see {@link inBody}.
 *
 * @param grounds whether `momentSpread` is worked out: it takes three times as long, and only what is stored has it
 */
export function measureShape(
  shape: SolvedShape,
  variant: Pick<Variant, 'declared' | 'level' | 'support'>,
  grounds = false,
): Measures {
  const { frames } = shape.body;
  const m = Object.fromEntries(MEASURE_NAMES.map((name) => [name, 0])) as Taken;
  const { share } = contactLoads(shape);
  const trunk = unit(sub(frames.C7!.origin, frames.pelvis!.origin));
  const look: Look = { shape, variant, share, trunk };
  takeSpine(m, look);
  takeHeights(m, look);
  takeLoads(m, look);
  takeBalance(m, look);
  takeLowBack(m, look);
  for (const side of SIDES) takeLimbs(m, look, side);
  takeMoments(m, shape, grounds);
  takeDeclared(m, variant);
  for (const name of MEASURE_NAMES) {
    const parts = COARSE.has(name) ? 10 : 1000;
    m[name] = Math.round(m[name] * parts) / parts;
  }
  return m;
}

/** Back and neck, degrees. */
function takeSpine(m: Taken, { shape: { posture } }: Look): void {
  m.lumbarFlexion = positive(posture.lumbar);
  m.lumbarExtension = positive(-posture.lumbar);
  m.thoracicFlexion = positive(posture.thorax);
  m.thoracicExtension = positive(-posture.thorax);
  m.neckFlexion = positive(posture.neck);
  m.neckExtension = positive(-posture.neck);
  m.neckRotation = Math.abs(posture.neckTwist);
  m.neckSideBend = Math.abs(posture.neckSide);
  m.sideBend = Math.abs(posture.side);
  m.lumbarTwist = Math.abs(posture.twist) * LUMBAR_SHARE.twist;
  m.thoracicTwist = Math.abs(posture.twist) * (1 - LUMBAR_SHARE.twist);
}

/** What lies above and below the heart, cm; how the trunk lies and where the face looks. */
function takeHeights(m: Taken, { shape: { body }, trunk }: Look): void {
  const { points, frames } = body;
  const heart = points.heart![1];
  m.headBelowHeart = heart - points.ear![1];
  m.eyesBelowHeart = positive(heart - points.eyes![1]);
  m.pelvisAboveHeart = positive(frames.pelvis!.origin[1] - heart);
  m.legsAboveHeart = positive(Math.max(points.ankleR![1], points.ankleL![1]) - heart);
  m.armsAboveHeart = positive(Math.max(points.wristR![1], points.wristL![1]) - heart);
  m.trunkIncline = Math.abs(Math.asin(cosine(trunk[1]))) * DEGREES;
  const faceUp = rotate(frames.T8!.rotation, [1, 0, 0])[1];
  // Reclined 30 degrees and more is not flat (PRACTICE 4).
  m.supine = m.trunkIncline < 30 && faceUp > 0.5 ? 1 : 0;
  // Which way the face looks, as the height of its direction: 1 straight up or down, 0 level.
  const gaze = rotate(frames.head!.rotation, [1, 0, 0])[1];
  m.faceUp = positive(gaze);
  m.faceDown = positive(-gaze);
}

/** What carries the weight, shares of it; and whether the body is upside down. */
function takeLoads(m: Taken, { shape: { posture }, variant, share }: Look): void {
  m.handsShare = carriedBy(share, HANDS);
  m.forearmsShare = carriedBy(share, FOREARMS);
  m.kneesShare = SIDES.reduce(
    (sum, side) => sum + (posture[`knee${side}`] > BENT && !m.supine ? (share[`knee${side}`] ?? 0) : 0),
    0,
  );
  m.feetShare = carriedBy(share, FEET);
  m.seatShare = carriedBy(share, SEAT);
  const neck = carriedBy(share, NECK);
  const rests = m.supine || variant.level === 'side-lying' || variant.level === 'prone';
  m.neckShare = neck <= RESTING_HEAD || rests ? 0 : neck;
  const legs = m.feetShare + carriedBy(share, /^(knee|thigh)/);
  // On the knees a head that takes some weight is a fold to the floor, not a body upside down.
  const onHead = m.neckShare > 0.1 && m.kneesShare < 0.3;
  m.inverted = (m.pelvisAboveHeart > 15 && legs < 0.2) || onHead ? 1 : 0;
  m.bellyPressed = carriedBy(share, BELLY) > 0.1 ? 1 : 0;
}

/** How steady the body stands on what, and how high its weight is. */
function takeBalance(m: Taken, { shape, variant }: Look): void {
  const { points, heightCm } = shape.body;
  m.balanceMargin = balanceMargin(shape);
  m.supports = shape.contacts.filter((contact) => !contact.weak).length;
  const onFoot = (side: string): boolean =>
    shape.contacts.some((c) => !c.weak && FEET.test(c.name) && c.name.endsWith(side));
  // What is leaned on is no balance; a hand on the floor or on a block holds nobody who sways.
  const leans = m.handsShare >= 0.25 && (variant.support !== 'none' || variant.level !== 'standing');
  const onFeet = m.feetShare + m.handsShare > 0.95 && m.seatShare < 0.05 && !leans;
  m.oneLeg = onFeet && onFoot('R') !== onFoot('L') ? 1 : 0;
  const hips = 2 * 0.0955 * heightCm;
  m.feetApart =
    Math.hypot(points.ankleR![0] - points.ankleL![0], points.ankleR![2] - points.ankleL![2]) / hips;
}

/** What lies above L5/S1 (head, neck, thorax, abdomen and, unless they are propped, the arms), and how it leans. */
function takeLowBack(m: Taken, { variant, share, trunk }: Look): void {
  const above = MASS.headAndNeck.share + MASS.thorax.share + MASS.abdomen.share + 0.1;
  const lean = Math.sqrt(1 - trunk[1] * trunk[1]);
  const lies = m.supine || variant.level === 'prone' || variant.level === 'side-lying';
  const propped = lies ? 1 : Math.min(1, (m.handsShare + m.forearmsShare + carriedBy(share, NECK)) / 0.45);
  m.lowBackMoment = above * lean * 0.15 * (1 - propped);
  m.spineLoad = above * Math.abs(trunk[1]);
}

/** Hip and shoulder angles near the axis say little: past this much to the side, degrees, they are not read. */
const TO_THE_SIDE = 70;

/** Joints of one side, degrees, and what its hand and knee carry. */
function takeLimbs(m: Taken, { shape: { body, posture }, variant, share }: Look, side: 'R' | 'L'): void {
  const name = side === 'R' ? 'Right' : 'Left';
  const { hip, shoulder } = jointAngles(body, side);
  const set = (measure: SidedMeasure, value: number): void => {
    m[`${measure}${name}`] = positive(value);
  };
  const clearHip = Math.abs(hip[1]) <= TO_THE_SIDE;
  const clearShoulder = Math.abs(shoulder[1]) <= TO_THE_SIDE;
  set('hipFlexion', clearHip ? hip[0] : thighRaise(body, side));
  set('hipExtension', clearHip ? -hip[0] : 0);
  set('hipAbduction', hip[1]);
  set('hipAdduction', -hip[1]);
  set('hipRotationOut', clearHip ? hip[2] : 0);
  set('hipRotationIn', clearHip ? -hip[2] : 0);
  set('kneeFlexion', posture[`knee${side}`]);
  set('kneeHyperextension', -posture[`knee${side}`]);
  set('ankleFlexion', posture[`ankle${side}`]);
  set('shoulderFlexion', clearShoulder ? shoulder[0] : 0);
  set('shoulderExtension', clearShoulder ? -shoulder[0] : 0);
  // Overhead by flexion is read as flexion; abduction counts while the arm is below that.
  set('shoulderAbduction', shoulder[1]);
  set('shoulderRotationOut', clearShoulder ? shoulder[2] : 0);
  set('shoulderRotationIn', clearShoulder ? -shoulder[2] : 0);
  set('wristExtension', posture[`wrist${side}`]);
  set('hipFlexionWithKneeStraight', posture[`knee${side}`] < 20 ? m[`hipFlexion${name}`] : 0);
  set('wristLoad', carriedBy(share, HANDS, side));
  const foot = carriedBy(share, FEET, side);
  set('kneeLoad', variant.level === 'chair' ? 0 : Math.max(foot, share[`knee${side}`] ?? 0));
}

/** What muscles hold on ground with a friction, % of body weight × height. */
function momentsOn(shape: SolvedShape, friction?: number): ReadonlyMap<MeasureName, number> {
  const { moments } = jointMoments(shape, friction);
  const held = new Map<MeasureName, number>();
  for (const [muscle, at] of Object.entries(MIDLINE_MUSCLES))
    held.set(`${muscle as 'trunkFlexor'}Moment`, heldBy(at, moments[at[0]]!, false));
  held.set('trunkSideMoment', Math.abs(moments.trunk![0]));
  for (const side of SIDES)
    for (const [muscle, at] of Object.entries(LIMB_MUSCLES))
      held.set(
        `${muscle as 'kneeExtensor'}Moment${side === 'R' ? 'Right' : 'Left'}`,
        heldBy(at, moments[at[0] + side]!, side === 'L'),
      );
  return held;
}

/** Ground that is slippery, and a mat that sticks. */
const OTHER_GROUNDS = [0.3, 0.9];

/** What muscles hold, and how much of that hangs on the ground. */
function takeMoments(m: Taken, shape: SolvedShape, grounds: boolean): void {
  const usual = momentsOn(shape);
  for (const [name, value] of usual) m[name] = Math.round(value * 10) / 10;
  if (!grounds) return;
  for (const friction of OTHER_GROUNDS)
    for (const [name, value] of momentsOn(shape, friction))
      m.momentSpread = Math.max(m.momentSpread, Math.round(Math.abs(value - usual.get(name)!) * 2) / 2);
}

/** What no body shows, as it is declared, and effort that is declared to be more than the moments give. */
function takeDeclared(m: Taken, { declared }: Look['variant']): void {
  const given = workBands(shareOfYoung(m));
  m.abdominalLoad = Math.max(given.abdominalLoad, declared.abdominalLoad ?? 0);
  m.isometric = Math.max(given.isometric, declared.isometric ?? 0);
  m.met = declared.met;
  m.eyesClosed = declared.eyesClosed ? 1 : 0;
  m.heelsLifted = declared.heelsLifted ? 1 : 0;
  m.bind = declared.bind ? 1 : 0;
  m.hang = declared.hang ? 1 : 0;
  m.strap = declared.strap ? 1 : 0;
  m.eyeContact = declared.eyeContact ? 1 : 0;
  m.closedTwist = declared.closedTwist ? 1 : 0;
  m.jumping = declared.impact === 'jumping' || declared.impact === 'hopping' ? 1 : 0;
}
