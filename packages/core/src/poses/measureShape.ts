import { centreOfMass } from '../body/centreOfMass.js';
import { contactLoads } from '../body/loads.js';
import { jointAngles } from '../body/kinematics.js';
import { DEGREES, rotate, SIDES, sub, unit } from '../body/maths.js';
import { LUMBAR_SHARE, MASS } from '../body/segments.js';
import { balanceMargin } from '../body/support.js';
import type { SolvedShape } from '../body/solve.js';
import { roundedBy } from './roundedBy.js';
import { MEASURE_NAMES, type Measures, type SidedMeasure } from './measures.js';
import type { Variant } from './types.js';

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

/**
 * All measures of one solved shape (DESIGN section 4).
 *
 * Where flexion and rotation of a ball joint cannot be told apart (abduction near 90 degrees),
 * they are reported as elevation only. `lowBackMoment` is the moment of what is above L5/S1 about
 * it, per body weight and height. `spineLoad` is the share of body weight pressing along the trunk
 * at L5/S1: weight above times the cosine of the lean; our own estimate, no muscle forces in it.
 * `lumbarFlexion` is that of somebody with usual hamstrings, see {@link roundedBy}.
 */
export function measureShape(shape: SolvedShape, variant: Pick<Variant, 'declared' | 'level'>): Measures {
  const { body, posture } = shape;
  const { points, frames, heightCm } = body;
  const m = Object.fromEntries(MEASURE_NAMES.map((name) => [name, 0])) as Record<
    (typeof MEASURE_NAMES)[number],
    number
  >;
  const heart = points.heart![1];
  const { share } = contactLoads(shape);
  const carried = (names: RegExp): number =>
    Object.entries(share).reduce((sum, [name, load]) => sum + (names.test(name) ? load : 0), 0);

  m.thoracicFlexion = positive(posture.thorax);
  m.thoracicExtension = positive(-posture.thorax);
  m.neckFlexion = positive(posture.neck);
  m.neckExtension = positive(-posture.neck);
  m.neckRotation = Math.abs(posture.neckTwist);
  m.neckSideBend = Math.abs(posture.neckSide);
  m.sideBend = Math.abs(posture.side);
  m.lumbarTwist = Math.abs(posture.twist) * LUMBAR_SHARE.twist;
  m.thoracicTwist = Math.abs(posture.twist) * (1 - LUMBAR_SHARE.twist);

  m.headBelowHeart = heart - points.ear![1];
  m.eyesBelowHeart = positive(heart - points.eyes![1]);
  m.pelvisAboveHeart = positive(frames.pelvis!.origin[1] - heart);
  m.legsAboveHeart = positive(Math.max(points.ankleR![1], points.ankleL![1]) - heart);
  m.armsAboveHeart = positive(Math.max(points.wristR![1], points.wristL![1]) - heart);
  const trunk = unit(sub(frames.C7!.origin, frames.pelvis!.origin));
  m.trunkIncline = Math.abs(Math.asin(Math.max(-1, Math.min(1, trunk[1])))) * DEGREES;
  const faceUp = rotate(frames.T8!.rotation, [1, 0, 0])[1];
  // Reclined 30 degrees and more is not flat (PRACTICE 4).
  m.supine = m.trunkIncline < 30 && faceUp > 0.5 ? 1 : 0;

  // Which way the face looks, as the height of its direction: 1 straight up or down, 0 level.
  const gaze = rotate(frames.head!.rotation, [1, 0, 0])[1];
  m.faceUp = positive(gaze);
  m.faceDown = positive(-gaze);

  m.handsShare = carried(HANDS);
  m.forearmsShare = carried(FOREARMS);
  m.kneesShare = SIDES.reduce(
    (sum, side) => sum + (posture[`knee${side}`] > BENT && !m.supine ? (share[`knee${side}`] ?? 0) : 0),
    0,
  );
  m.feetShare = carried(FEET);
  m.seatShare = carried(SEAT);
  const neck = carried(NECK);
  m.neckShare =
    neck <= RESTING_HEAD || m.supine || variant.level === 'side-lying' || variant.level === 'prone'
      ? 0
      : neck;
  const legs = m.feetShare + carried(/^(knee|thigh)/);
  m.inverted = (m.pelvisAboveHeart > 15 && legs < 0.2) || m.neckShare > 0.1 ? 1 : 0;

  m.balanceMargin = balanceMargin(shape);
  m.supports = shape.contacts.filter((contact) => !contact.weak).length;
  const onFoot = (side: string): boolean =>
    shape.contacts.some((c) => !c.weak && FEET.test(c.name) && c.name.endsWith(side));
  const onFeetOnly = m.feetShare + m.handsShare > 0.95 && m.handsShare < 0.25 && m.seatShare < 0.05;
  m.oneLeg = onFeetOnly && onFoot('R') !== onFoot('L') ? 1 : 0;
  const hips = 2 * 0.0955 * heightCm;
  m.feetApart =
    Math.hypot(points.ankleR![0] - points.ankleL![0], points.ankleR![2] - points.ankleL![2]) / hips;
  m.bellyPressed = carried(BELLY) > 0.1 ? 1 : 0;
  m.comHeight = centreOfMass(body)[1];

  // What lies above L5/S1: head, neck, thorax, abdomen and, unless they are propped, the arms.
  const above = MASS.headAndNeck.share + MASS.thorax.share + MASS.abdomen.share + 0.1;
  const lean = Math.sqrt(1 - trunk[1] * trunk[1]);
  const propped =
    m.supine || variant.level === 'prone' || variant.level === 'side-lying'
      ? 1
      : Math.min(1, (m.handsShare + m.forearmsShare + neck) / 0.45);
  m.lowBackMoment = above * lean * 0.15 * (1 - propped);
  m.spineLoad = above * Math.abs(trunk[1]);

  for (const side of SIDES) {
    const name = side === 'R' ? 'Right' : 'Left';
    const { hip, shoulder } = jointAngles(body, side);
    const set = (measure: SidedMeasure, value: number): void => {
      m[`${measure}${name}`] = positive(value);
    };
    const clear = (angle: number): boolean => Math.abs(angle) <= 70;
    const thigh = unit(sub(points[`knee${side}`]!, points[`hipJ${side}`]!));
    const down = rotate(frames.pelvis!.rotation, [0, -1, 0]);
    const elevation =
      Math.acos(Math.max(-1, Math.min(1, thigh[0] * down[0] + thigh[1] * down[1] + thigh[2] * down[2]))) *
      DEGREES;
    set('hipFlexion', clear(hip[1]) ? hip[0] : elevation);
    set('hipExtension', clear(hip[1]) ? -hip[0] : 0);
    set('hipAbduction', hip[1]);
    set('hipAdduction', -hip[1]);
    set('hipRotationOut', clear(hip[1]) ? hip[2] : 0);
    set('hipRotationIn', clear(hip[1]) ? -hip[2] : 0);
    set('kneeFlexion', posture[`knee${side}`]);
    set('kneeHyperextension', -posture[`knee${side}`]);
    set('ankleFlexion', posture[`ankle${side}`]);
    set('shoulderFlexion', clear(shoulder[1]) ? shoulder[0] : 0);
    set('shoulderExtension', clear(shoulder[1]) ? -shoulder[0] : 0);
    // Overhead by flexion is read as flexion; abduction counts while the arm is below that.
    set('shoulderAbduction', shoulder[1]);
    set('shoulderRotationOut', clear(shoulder[1]) ? shoulder[2] : 0);
    set('shoulderRotationIn', clear(shoulder[1]) ? -shoulder[2] : 0);
    set('wristExtension', posture[`wrist${side}`]);
    set('hipFlexionWithKneeStraight', posture[`knee${side}`] < 20 ? m[`hipFlexion${name}`] : 0);
    set(
      'wristLoad',
      Object.entries(share).reduce((s, [n, load]) => s + (HANDS.test(n) && n.endsWith(side) ? load : 0), 0),
    );
    const foot = Object.entries(share).reduce(
      (s, [n, load]) => s + (FEET.test(n) && n.endsWith(side) ? load : 0),
      0,
    );
    set('kneeLoad', variant.level === 'chair' ? 0 : Math.max(foot, share[`knee${side}`] ?? 0));
  }

  m.lumbarFlexion = roundedBy(
    posture.lumbar,
    Math.max(m.hipFlexionWithKneeStraightRight, m.hipFlexionWithKneeStraightLeft),
  );
  m.lumbarExtension = m.lumbarFlexion ? 0 : positive(-posture.lumbar);

  const { declared } = variant;
  m.abdominalLoad = declared.abdominalLoad;
  m.isometric = declared.isometric;
  m.met = declared.met;
  m.eyesClosed = declared.eyesClosed ? 1 : 0;
  m.heelsLifted = declared.heelsLifted ? 1 : 0;
  m.bind = declared.bind ? 1 : 0;
  m.hang = declared.hang ? 1 : 0;
  m.strap = declared.strap ? 1 : 0;
  m.eyeContact = declared.eyeContact ? 1 : 0;
  m.closedTwist = declared.closedTwist ? 1 : 0;
  m.jumping = declared.impact === 'jumping' || declared.impact === 'hopping' ? 1 : 0;
  m.contactGap = shape.misfit.contact;
  for (const name of MEASURE_NAMES) m[name] = Math.round(m[name] * 1000) / 1000;
  return m;
}
