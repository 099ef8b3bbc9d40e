import { completePosture, HINGES, MIDLINE_KEYS, type AuthoredPosture, type Ball } from '../body/posture.js';
import { AUTHOR_HEIGHT } from '../body/residuals.js';
import type { Shape } from '../body/shape.js';
import { GROUPS, solveShape, type Misfit, type SolvedShape } from '../body/solve.js';
import { balanceMargin } from '../body/support.js';
import type { StoredSolutions } from './solveVariant.js';
import type { Pose, Variant } from './types.js';

/** Joint angles a teacher has set herself, in degrees; both sides where no side is named. */
export type OwnAngles = Readonly<Record<string, number>>;

/** A teacher's own variant: an existing one with other angles, somewhere on a ladder. */
export interface OwnVariant {
  /**
   * `own-…`, under the pose's id, never given twice: `tree.own-heel-on-the-ankle-3f9c1b`. Kept classes name
   * it.
   */
  id: string;
  /** On whose ladder it stands: a built-in pose, or one of her own (`own-…`). */
  pose: string;
  /** Where it is a pose of its own: what that is called. All else is told as for the base's pose. */
  poseName?: string;
  /** The variant it was made from. */
  base: string;
  name: string;
  /** Which rung it comes after; the first if empty. */
  after: string;
  angles: OwnAngles;
  /** The base's key frames with those angles: see {@link ownFrames}. */
  frames: readonly Shape[];
  solved: StoredSolutions;
}

/** A joint that can be set, in words, with its bounds in degrees. */
export interface OwnJoint {
  key: string;
  name: string;
  least: number;
  most: number;
  sided: boolean;
}

const BALL_PARTS = ['flexion', 'abduction', 'rotation'] as const;

/** What the sliders of the own-variant editor move. */
export const OWN_JOINTS: readonly OwnJoint[] = [
  { key: 'lumbar', name: 'low back, hollow to round', least: -30, most: 55, sided: false },
  { key: 'thorax', name: 'upper back, hollow to round', least: -25, most: 40, sided: false },
  { key: 'neck', name: 'neck, chin up to chin in', least: -50, most: 60, sided: false },
  { key: 'side', name: 'side bend', least: -45, most: 45, sided: false },
  { key: 'twist', name: 'twist', least: -48, most: 48, sided: false },
  { key: 'neckTwist', name: 'head turned', least: -70, most: 70, sided: false },
  { key: 'hip.flexion', name: 'hip, bend', least: -25, most: 135, sided: true },
  { key: 'hip.abduction', name: 'hip, out to the side', least: -25, most: 65, sided: true },
  { key: 'hip.rotation', name: 'hip, turned out', least: -40, most: 70, sided: true },
  { key: 'knee', name: 'knee, bend', least: 0, most: 155, sided: true },
  { key: 'shoulder.flexion', name: 'arm, forward and up', least: -60, most: 180, sided: true },
  { key: 'shoulder.abduction', name: 'arm, out to the side', least: -40, most: 90, sided: true },
  { key: 'elbow', name: 'elbow, bend', least: 0, most: 145, sided: true },
];

/** The joints of a shape's `free` as single handles, sides and parts spelt out, each with its stiffness. */
function handles(free: string): { key: string; stiff: string }[] {
  return free
    .split(' ')
    .filter(Boolean)
    .flatMap((raw) => {
      const [words = '', stiff] = raw.split('~');
      const [full = '', part] = words.split('.');
      const bare = full.replace(/[RL]$/, '');
      const group = GROUPS[full.replace(/s$/, '')] ?? GROUPS[bare];
      const names = group ?? [
        /^(hip|shoulder)$/.test(bare) || (HINGES as readonly string[]).includes(bare) ? bare : full,
      ];
      const sides = full !== bare && (GROUPS[bare] || names[0] === bare) ? [full.slice(-1)] : ['R', 'L'];
      return names.flatMap((name): { key: string; stiff: string }[] => {
        const tail = stiff ? `~${stiff}` : '';
        if ((MIDLINE_KEYS as readonly string[]).includes(name)) return [{ key: name, stiff: tail }];
        const ballParts = part ? [part] : BALL_PARTS;
        const parts = name === 'hip' || name === 'shoulder' ? ballParts : [undefined];
        return sides.flatMap((side) =>
          parts.map((one) => ({ key: `${name}${side}${one ? `.${one}` : ''}`, stiff: tail })),
        );
      });
    });
}

const isSet = (angles: OwnAngles, key: string): boolean =>
  key in angles || key.replace(/[RL](?=$|\.)/, '') in angles;

/** A solved posture with the teacher's angles in place of its own. */
function changed(posture: AuthoredPosture, angles: OwnAngles): AuthoredPosture {
  const full = completePosture(posture) as unknown as Record<string, number | Ball>;
  for (const [key, degrees] of Object.entries(angles)) {
    const [joint = '', part] = key.split('.');
    for (const name of joint in full ? [joint] : [`${joint}R`, `${joint}L`]) {
      if (part) {
        const ball = [...(full[name] as Ball)] as Ball;
        ball[BALL_PARTS.indexOf(part as 'flexion')] = degrees;
        full[name] = ball;
      } else full[name] = degrees;
    }
  }
  return full as AuthoredPosture;
}

/**
 * A base shape with some angles set: those joints no longer give, all else is put on its contacts again.
 * A symmetric shape stays symmetric unless one side is set.
 */
export function withAngles(shape: Shape, props: Variant['props'], angles: OwnAngles): Shape {
  const { posture } = solveShape(shape, props);
  const free = handles(shape.free).filter(({ key }) => !isSet(angles, key));
  const { symmetric, ...rest } = shape;
  const oneSided =
    Object.keys(angles).some((key) => /[RL](?=$|\.)/.test(key)) ||
    angles.side ||
    angles.twist ||
    angles.neckTwist;
  const { x: _x, y: _y, z: _z, ...turned } = changed(posture, angles) as Record<string, unknown>;
  return {
    ...rest,
    ...(symmetric && !oneSided ? { symmetric } : {}),
    posture: { ...turned, x: posture.x, y: posture.y, z: posture.z } as AuthoredPosture,
    free: [
      ...new Set(
        free.map(
          ({ key, stiff }) => (symmetric && !oneSided ? key.replace(/[RL](?=$|\.)/, '') : key) + stiff,
        ),
      ),
    ].join(' '),
  };
}

/** A base's key frames with a teacher's angles. Takes a solve per frame. */
export const ownFrames = (base: Variant, angles: OwnAngles): Shape[] =>
  base.frames.map((shape) => withAngles(shape, base.props, angles));

/** The variant that an own variant describes: the base's, but for name and shape. */
export const variantOfOwn = (
  { id, name, frames }: Pick<OwnVariant, 'id' | 'name' | 'frames'>,
  { grows: _grows, ...base }: Variant,
): Variant => ({ ...base, id, name, words: [name], frames });

/**
 * What a variant must keep to, as the built-in ones do: contacts to 1 cm, nothing sunk by 2, joints within
 * human range.
 */
export const MISFIT_MOST: Readonly<Record<'contact' | 'under' | 'clash' | 'limit', number>> = {
  contact: 1,
  under: 2,
  clash: 2,
  limit: 2,
};

/** How far the centre of mass may be outside the support of a held shape, cm: the width of a doubt. */
export const OUTSIDE_MOST = 0.5;

/** What is wrong with a variant in plain words; nothing if it can stand among the others. */
export const faultsOf = (variant: Variant): string[] =>
  faultsIn(variant.frames.map((shape) => solveShape(shape, variant.props, AUTHOR_HEIGHT)));

/** The same for key frames that are solved already. A held shape must also stand; a movement passes through. */
export function faultsIn(solved: readonly SolvedShape[]): string[] {
  const worst = (kind: keyof Misfit): number => Math.max(...solved.map(({ misfit }) => misfit[kind]));
  const said = {
    contact: 'something no longer touches what it rests on',
    under: 'part of the body is in the floor, the wall or the chair',
    clash: 'body parts overlap',
    limit: 'a joint is bent further than joints go',
  };
  const falls = solved.length === 1 && balanceMargin(solved[0]!) < -OUTSIDE_MOST;
  return [
    ...(Object.keys(MISFIT_MOST) as (keyof typeof MISFIT_MOST)[])
      .filter((kind) => worst(kind) > MISFIT_MOST[kind])
      .map((kind) => `${said[kind]} (${worst(kind).toFixed(1)} ${kind === 'limit' ? 'degrees' : 'cm'})`),
    ...(falls ? ['the weight is not over what carries it'] : []),
  ];
}

/**
 * Ladders with own variants in their places, and poses of her own behind the one they were made
 * from. Unknown poses and bases are left out: data outlives catalogues.
 */
export function addOwn(poses: readonly Pose[], own: readonly OwnVariant[]): Pose[] {
  const known = new Map(
    poses.flatMap((pose) => pose.ladder.map((variant) => [variant.id, { pose, variant }])),
  );
  const fresh = new Map<string, Pose>();
  for (const mine of own) {
    const base = known.get(mine.base);
    if (!mine.poseName || !base) continue;
    const { sanskrit: _sanskrit, ...told } = base.pose;
    fresh.set(mine.pose, {
      ...told,
      id: mine.pose,
      name: mine.poseName,
      aliases: [mine.poseName],
      usual: mine.id,
      ladder: [variantOfOwn(mine, base.variant)],
    });
  }
  return [...poses, ...fresh.values()].map((pose) => {
    const ladder = [...pose.ladder];
    for (const mine of own) {
      const base = known.get(mine.base);
      if (mine.pose === pose.id && base && !mine.poseName)
        ladder.splice(
          ladder.findIndex((variant) => variant.id === mine.after) + 1,
          0,
          variantOfOwn(mine, base.variant),
        );
    }
    return ladder.length === pose.ladder.length ? pose : { ...pose, ladder };
  });
}
