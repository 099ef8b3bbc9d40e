import type { Build } from './build.js';
import { contactsOf, type Contact } from './contacts.js';
import { absorbTurns, buildBody, type Body, type Turns } from './kinematics.js';
import { POINT_RADIUS, SKIN_POINTS } from './landmarks.js';
import { leastSquares } from './leastSquares.js';
import { SIDES, type Vec3 } from './maths.js';
import { completePosture, HINGES, packPosture, type Posture, unpackPosture } from './posture.js';
import { AUTHOR_HEIGHT, residualsOf, type Misfit } from './residuals.js';
import type { PropPlacement, Shape } from './shape.js';

export type { Misfit } from './residuals.js';

/** A shape put on its contacts for one height. */
export interface SolvedShape {
  /** As its author states it. */
  shape: Shape;
  posture: Posture;
  body: Body;
  contacts: Contact[];
  props: readonly PropPlacement[];
  misfit: Misfit;
}

/** Something the solver may move: read it, write it, and how strongly it wants to stay. */
interface Handle {
  get(): number;
  set(value: number): void;
  stiffness: number;
}

/** Words for several joints at once in a shape's `free`. */
export const GROUPS: Readonly<Record<string, readonly string[]>> = {
  leg: ['hip', 'knee', 'ankle', 'inversion'],
  arm: ['shoulder', 'elbow', 'forearm', 'wrist'],
  blade: ['girdle', 'protraction'],
  spine: ['lumbar', 'thorax'],
  trunk: ['lumbar', 'thorax', 'side', 'twist'],
  head: ['neck', 'neckSide', 'neckTwist'],
};
const LIMB_JOINTS = new Set<string>(['hip', 'shoulder', ...HINGES]);
const BALL_PARTS = { flexion: 0, abduction: 1, rotation: 2 } as const;
const isBall = (joint: string): joint is 'hip' | 'shoulder' => joint === 'hip' || joint === 'shoulder';

/** The handles for a shape's root and free joints. They write into `posture` and `turns`. */
function handlesOf(shape: Shape, posture: Posture, turns: Turns): Handle[] {
  const handles: Handle[] = [];
  const mirrored = shape.symmetric === true;
  const seen = new Set<string>();
  const numbers = posture as unknown as Record<string, number>;
  const scalar = (key: string, stiffness: number): void => {
    handles.push({
      stiffness,
      get: () => numbers[key]!,
      set: (value) => {
        numbers[key] = value;
        if (mirrored && LIMB_JOINTS.has(key.slice(0, -1))) numbers[`${key.slice(0, -1)}L`] = value;
      },
    });
  };
  const turn = (key: keyof Turns, axes: readonly number[], stiffness: number): void => {
    const vector: Vec3 = (turns[key] ??= [0, 0, 0]);
    const twin =
      mirrored && key.endsWith('R')
        ? (turns[`${key.slice(0, -1)}L` as keyof Turns] ??= [0, 0, 0])
        : undefined;
    for (const axis of axes) {
      handles.push({
        stiffness,
        get: () => vector[axis]!,
        set: (value) => {
          vector[axis] = value;
          if (twin) twin[axis] = axis < 2 ? -value : value;
        },
      });
    }
  };
  const joint = (name: string, side: string, part: string | undefined, stiffness: number): void => {
    const key = name + side;
    if (seen.has(key + (part ?? ''))) return;
    seen.add(key + (part ?? ''));
    if (!isBall(name)) return scalar(key, stiffness);
    if (part === undefined) return turn(key as keyof Turns, [0, 1, 2], stiffness);
    const axis = BALL_PARTS[part as keyof typeof BALL_PARTS];
    handles.push({
      stiffness,
      get: () => posture[key as 'hipR'][axis]!,
      set: (value) => {
        posture[key as 'hipR'][axis] = value;
        if (mirrored) posture[`${name}L`][axis] = value;
      },
    });
  };

  if (!shape.still) {
    for (const key of mirrored ? ['x', 'y'] : ['x', 'y', 'z']) scalar(key, 0.002);
    turn('root', mirrored ? [2] : [0, 1, 2], 0.01);
  }
  for (const raw of shape.free.split(' ').filter(Boolean)) {
    const [words, stiff] = raw.split('~') as [string, string?];
    const [full, part] = words.split('.') as [string, string?];
    const stiffness = 0.03 * Number(stiff ?? 1);
    const bare = full.replace(/[RL]$/, '');
    const group = GROUPS[full.replace(/s$/, '')] ?? GROUPS[bare];
    const oneSide = full !== bare && (GROUPS[bare] || LIMB_JOINTS.has(bare)) ? [full.slice(-1)] : undefined;
    for (const name of group ?? [oneSide ? bare : full]) {
      if (!LIMB_JOINTS.has(name)) joint(name, '', part, stiffness);
      else for (const side of oneSide ?? (mirrored ? ['R'] : SIDES)) joint(name, side, part, stiffness);
    }
  }
  return handles;
}

/** How far a posture is lifted so that its lowest point rests on the floor, cm. */
const floorHeight = (posture: Posture, heightCm: number, build: Build): number => {
  const { points } = buildBody(posture, heightCm, {}, build);
  return -Math.min(...SKIN_POINTS.map((name) => points[name]![1] - POINT_RADIUS[name]! * heightCm));
};

/**
 * Puts a shape on its contacts: damped least squares over the root and the joints it leaves free.
 *
 * The pull towards what the author wrote fades in four rounds, each anchored at the last
 * result, so the shape stays the author's and the contacts end exact.
 *
 * @param build whose proportions
 * @param from an earlier solution to start at (another height, a neighbouring key frame)
 */
export function solveShape(
  shape: Shape,
  props: readonly PropPlacement[],
  heightCm = AUTHOR_HEIGHT,
  from?: Posture,
  build: Build = 'adult',
): SolvedShape {
  const residuals = residualsOf(shape, props, heightCm, build);
  let posture: Posture = from ? unpackPosture(packPosture(from)) : completePosture(shape.posture);
  if (!from) {
    for (const key of ['x', 'y', 'z'] as const) posture[key] *= heightCm / AUTHOR_HEIGHT;
    if (shape.posture.y === undefined) posture.y += floorHeight(posture, heightCm, build);
  }
  for (const pull of from ? [0.05, 0.01] : [1, 0.25, 0.05, 0.01]) {
    const turns: Turns = {};
    const handles = handlesOf(shape, posture, turns);
    const anchor = handles.map((handle) => handle.get());
    const apply = (q: readonly number[]): void => q.forEach((value, i) => handles[i]!.set(value));
    const solved = leastSquares(
      (q) => {
        apply(q);
        const r = residuals(posture, turns);
        for (let i = 0; i < q.length; i++) r.push(pull * handles[i]!.stiffness * (q[i]! - anchor[i]!));
        return r;
      },
      anchor,
      { iterations: pull === 1 ? 50 : 30, tolerance: pull > 0.01 ? 1e-4 : 1e-6 },
    );
    apply(solved);
    posture = absorbTurns(posture, turns, heightCm, build);
  }
  const misfit: Misfit = { contact: 0, tilt: 0, point: 0, under: 0, clash: 0, touch: 0, limit: 0 };
  residuals(posture, {}, misfit);
  return {
    shape,
    posture,
    body: buildBody(posture, heightCm, {}, build),
    contacts: contactsOf(shape, props),
    props,
    misfit,
  };
}
