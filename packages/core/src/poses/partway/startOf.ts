import { rotate, SIDES, type Vec3 } from '../../body/maths.js';
import type { Posture } from '../../body/posture.js';
import type { Shape, Surface } from '../../body/shape.js';
import { solveShape, type SolvedShape } from '../../body/solve.js';
import type { Grows } from '../types.js';

const UP: Vec3 = [0, 1, 0];
const AHEAD: Vec3 = [1, 0, 0];
/** Points of the hands and forearms. */
const OF_HANDS = /^(palm|tips|handBack|knuckles|wrist|elbow)/;
/** Points of the head and trunk, which lie on nothing while the trunk is upright. */
const OF_TRUNK = /^(forehead|chin|headBack|temple|crown|chest|belly|upperBack|midBack|lowBack|shoulderJ)/;
/** Points below the trunk. */
const BELOW = /^(sole|ankle|heel|foot|knee|instep|sit|ball|thigh|shin|calf|buttock|hipJ|trochanter)/;

/** A shape's contacts without some points. */
const contactsWithout = (shape: Shape, names: readonly RegExp[]): Shape['on'] =>
  shape.on.flatMap(([surface, points]): [Surface, string][] => {
    const kept = points.split(' ').filter((point) => !names.some((name) => name.test(point)));
    return kept.length ? [[surface, kept.join(' ')]] : [];
  });

/** The targets of a shape that speak of legs and seat. */
const below = ({ at = [], face = [], aim = [] }: Shape): Pick<Shape, 'at' | 'face' | 'aim'> => ({
  at: at.filter(([name]) => BELOW.test(name)),
  face: face.filter(([frame]) => frame.startsWith('foot')),
  aim: aim.filter(([from, to]) => BELOW.test(from) && BELOW.test(to)),
});

/** The same feet, legs straight, trunk upright. */
const stanceOf = (shape: Shape): Shape => ({
  posture: { hip: [0, 28, 20], shoulder: [0, 60, 0], y: 72 },
  on: contactsWithout(shape, [OF_HANDS, OF_TRUNK]),
  at: below(shape).at!,
  face: [...below(shape).face!, ['T8', UP, UP], ['pelvis', UP, UP, 0.6]],
  free: 'legs',
  bounds: SIDES.map((side) => ({ joint: `knee${side}`, low: -2, high: 4, weight: 0.5 })),
});

/** Sitting or kneeling as in the pose, trunk upright, nothing in the hands. */
function uprightOf(shape: Shape, full: Posture): Shape {
  const { pitch: _pitch, ...legs } = Object.fromEntries(
    Object.entries(full).filter(([key]) => /^(knee|ankle|inversion|x|y|z|roll|yaw)/.test(key)),
  );
  const fold = (side: 'R' | 'L'): Vec3 => {
    const [flexion, abduction, rotation] = full[`hip${side}`];
    return [Math.max(-20, flexion - full.pitch), abduction, rotation];
  };
  return {
    posture: {
      ...legs,
      pitch: 0,
      hipR: fold('R'),
      hipL: fold('L'),
      shoulder: [18, 8, 0],
      elbow: 30,
      forearm: 40,
    },
    on: contactsWithout(shape, [OF_HANDS, OF_TRUNK]),
    ...below(shape),
    face: [...below(shape).face!, ['T8', UP, UP], ['pelvis', UP, UP, 0.6], ['C7', AHEAD, AHEAD, 0.6]],
    free: 'legs',
    ...(shape.apart === undefined ? {} : { apart: shape.apart }),
  };
}

/** A standing start with its feet where they are in the full pose. */
function planted(start: Shape, full: SolvedShape): Shape {
  const feet = SIDES.filter((side) => full.contacts.some(({ name }) => name === `sole${side}`));
  const { points, frames } = full.body;
  return {
    ...start,
    at: [
      ...(start.at ?? []).filter(([name]) => !name.startsWith('ankle')),
      ...feet.map((side): NonNullable<Shape['at']>[number] => {
        const [x, , z] = points[`ankle${side}`]!;
        return [`ankle${side}`, [x, null, z], { weight: 0.8 }];
      }),
    ],
    face: [
      ...(start.face ?? []),
      ...feet.map((side): NonNullable<Shape['face']>[number] => [
        `foot${side}`,
        AHEAD,
        rotate(frames[`foot${side}`]!.rotation, AHEAD),
        0.6,
      ]),
    ],
    free: `${start.free} legs`,
  };
}

const isShape = (from: Grows['from']): from is Shape => typeof from === 'object' && 'on' in from;
const standsOn = ({ on }: Shape): boolean => on.some(([, points]) => points.includes('sole'));

/**
 * The plain shape that a frame grows out of, solved.
 *
 * @param full the frame as it is at the end
 * @param first the first frame of a movement, as it is
 */
export function startOf({ from }: Grows, full: SolvedShape, first: SolvedShape): SolvedShape {
  const { shape, props, body, posture } = full;
  const { heightCm, build } = body;
  if (from === 'first-frame') return first;
  const solved = (start: Shape): SolvedShape => solveShape(start, props, heightCm, undefined, build);
  if (from === 'stance') return solved(stanceOf(shape));
  if (from === 'upright') return solved(uprightOf(shape, posture));
  if (!isShape(from)) {
    const changed = Object.fromEntries(
      Object.entries(from).flatMap(([key, value]) =>
        key in posture ? [[key, value]] : SIDES.map((side) => [key + side, value]),
      ),
    );
    return solveShape({ ...shape, free: '' }, props, heightCm, { ...posture, ...changed }, build);
  }
  return solved(standsOn(from) && standsOn(shape) ? planted(from, full) : from);
}
