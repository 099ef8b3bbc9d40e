import { rangeOf, type BodyRanges, type GivingJoint } from '../body/bodyRanges.js';
import { USUAL_RANGE } from '../body/ranges.js';
import { jointAngles } from '../body/kinematics.js';
import { SIDES } from '../body/maths.js';
import type { Posture } from '../body/posture.js';
import type { JointBound, Shape } from '../body/shape.js';
import { solveShape, type SolvedShape } from '../body/solve.js';

/** What a joint does not give weighs more than what a shape likes, and less than what it stands on; a degree. */
const JOINT_GIVES_NO_MORE = 1;
/** How gladly the back stays as it is drawn, a degree. */
const BACK_STAYS = 0.25;
/*
 * Both found by trying: of stiffer ones more versions leave what they stand on, of softer ones more legs splay.
 */
/** How gladly a leg stays as far out and turned as it is drawn, a degree: it does not splay to get where it was. */
const LEG_STAYS = 0.12;
/** A knee that may bend bends sooner than a hip splays. */
const KNEE_STAYS = 0.06;
/** Of its weight, how much a trunk that was put at a place keeps: it leaves the wall where legs do not go up. */
const PLACE_GIVES = 0.1;
/** A knee that bends less than this is straight, degrees. */
const STRAIGHT = 20;

/** How much a joint is short of what a posture asks, degrees. */
const over = (angle: number, gives: number): number => Math.max(0, angle - gives);

/** How far a joint goes on one side of the body. */
const gives = (ranges: BodyRanges, joint: GivingJoint, side: 'R' | 'L'): number =>
  rangeOf(ranges, joint, side === 'R' ? 'right' : 'left');

/** How far the hip of a leg bends in this body: less where the knee is straight. */
const hipGives = (posture: Posture, side: 'R' | 'L', ranges: BodyRanges): number =>
  Math.abs(posture[`knee${side}`]) < STRAIGHT
    ? Math.min(gives(ranges, 'hipFlexion', side), gives(ranges, 'hipFlexionWithKneeStraight', side))
    : gives(ranges, 'hipFlexion', side);

/**
 * A solved shape of the supple body as it comes out in a body of less range: pelvis and back go along with what
 * hips and shoulders do not give, arms and legs stay where they are as far as they can, and all stands on its
 * contacts again. Itself where nothing is short.
 *
 * Turns of the chest are shared out in {@link inBody}, as the figure bends low back and chest in one.
 */
export function solveInBody(solved: SolvedShape, ranges: BodyRanges): SolvedShape {
  const { posture, body, props, shape } = solved;
  const angles = { R: jointAngles(body, 'R'), L: jointAngles(body, 'L') };
  const bends = Math.max(...SIDES.map((side) => over(angles[side].hip[0], hipGives(posture, side, ranges))));
  const legBack = Math.max(
    ...SIDES.map((side) => over(-angles[side].hip[0], gives(ranges, 'hipExtension', side))),
  );
  const isOverhead = Math.max(body.points.wristR![1], body.points.wristL![1]) > body.points.heart![1] + 10;
  const arms = isOverhead
    ? Math.max(...SIDES.map((side) => over(angles[side].shoulder[0], gives(ranges, 'shoulderFlexion', side))))
    : 0;
  if (!bends && !legBack && !arms) return solved;
  // The pelvis turns under the spine: round where hips stop, hollow where the leg does not go back.
  const round = Math.min(bends, Math.max(0, USUAL_RANGE.lumbarFlexion - posture.lumbar));
  const hollow = Math.min(legBack, Math.max(0, USUAL_RANGE.lumbarExtension + posture.lumbar));
  const tilt = round - hollow;
  const lowBack = Math.min(arms / 2, Math.max(0, USUAL_RANGE.lumbarExtension + posture.lumbar - hollow));
  const chest = Math.min(arms / 2, Math.max(0, USUAL_RANGE.thoracicExtension + posture.thorax));
  const turned = (ball: Posture['hipR']): Posture['hipR'] => [ball[0] - tilt, ball[1], ball[2]];
  const lifted = (ball: Posture['hipR']): Posture['hipR'] => [ball[0] - lowBack - chest, ball[1], ball[2]];
  const from: Posture = {
    ...posture,
    pitch: posture.pitch - tilt,
    lumbar: posture.lumbar + tilt - lowBack,
    thorax: posture.thorax - chest,
    hipR: turned(posture.hipR),
    hipL: turned(posture.hipL),
    shoulderR: lifted(posture.shoulderR),
    shoulderL: lifted(posture.shoulderL),
  };
  const bounds: JointBound[] = [
    ...SIDES.flatMap((side): JointBound[] => [
      {
        joint: `hip${side}.0`,
        low: -gives(ranges, 'hipExtension', side),
        high: hipGives(posture, side, ranges),
        weight: JOINT_GIVES_NO_MORE,
      },
      ...[1, 2].map((part) => staying(`hip${side}.${part}`, posture[`hip${side}`][part]!, LEG_STAYS)),
      staying(`knee${side}`, posture[`knee${side}`], KNEE_STAYS),
      ...(isOverhead
        ? [
            {
              joint: `shoulder${side}.0`,
              low: -90,
              high: gives(ranges, 'shoulderFlexion', side),
              weight: JOINT_GIVES_NO_MORE,
            },
          ]
        : []),
    ]),
    staying('lumbar', from.lumbar, BACK_STAYS),
    staying('thorax', from.thorax, BACK_STAYS),
    {
      joint: 'lumbar',
      low: -Math.max(USUAL_RANGE.lumbarExtension, -posture.lumbar),
      high: Math.max(USUAL_RANGE.lumbarFlexion, posture.lumbar),
      weight: JOINT_GIVES_NO_MORE,
    },
  ];
  const within: Shape = {
    ...shape,
    ...(shape.at ? { at: shape.at.map(lessFixed) } : {}),
    bounds,
    free: `${shape.free} hip lumbar thorax`,
  };
  return solveShape(within, props, body.heightCm, from, body.build);
}

const staying = (joint: string, angle: number, weight: number): JointBound => ({
  joint,
  low: angle,
  high: angle,
  weight,
});

const TRUNK = /^(buttock|sacrum|pelvis)/;

/** A trunk that was put at a place may leave it; a hand or a foot stays. */
const lessFixed = (at: NonNullable<Shape['at']>[number]): NonNullable<Shape['at']>[number] => {
  const [point, target, { weight = 1, ...more } = {}] = at;
  if (typeof target === 'string' || !TRUNK.test(point)) return at;
  return [point, target, { ...more, weight: weight * PLACE_GIVES }];
};
