import { contactsOf, type Contact } from '../../body/contacts.js';
import { jointAngle } from '../../body/jointAngle.js';
import { buildBody, type Body } from '../../body/kinematics.js';
import { POINT_RADIUS } from '../../body/landmarks.js';
import { dot, length, rotate, SIDES, sub, unit, type Vec3 } from '../../body/maths.js';
import type { Posture } from '../../body/posture.js';
import type { JointBound, Shape, Surface, Target } from '../../body/shape.js';
import type { SolvedShape } from '../../body/solve.js';
import type { Grows } from '../types.js';
import { blendPosture } from './blendPosture.js';

/** A frame of a variant between its plain start and its full shape, before it stands on its contacts. */
export interface Partway {
  shape: Shape;
  posture: Posture;
  /** Hands that do not reach any more what they hold in the full shape. */
  lost: readonly ('R' | 'L')[];
  /** Heights that what lies under a point comes to, cm; 0 where it is put away. */
  raised: ReadonlyMap<string, number>;
}

/** Points of the hands. */
const OF_HAND = /^(palm|tips|handBack|knuckles|wrist)/;
const OF_ARM_JOINTS = /^(arm|shoulder|forearm|wrist|elbow|blade)/;
/** Contacts within this of their plane are kept: at the start, and on the way, cm at 165 cm of height. */
const TOUCHES = 1.6;
const STILL_TOUCHES = 1.2;
/** What rises under a knee or a hand is worth its while from this height on, and as high as a block stands, cm. */
const RAISED_FROM = 3;
const RAISED_MOST = 23;
/** What a degree weighs: beyond how far it is; beyond what start and end ask of a joint; away from the way itself. */
const WEIGHT = { by: 1.5, back: 0.4, knee: 0.3, hip: 0.15, stays: 0.06 };
/** Degrees by which joints may leave what start and end ask. */
const SLACK = { back: 2, knee: 3, hip: 4, hipAside: 10 };

const BACK = ['lumbar', 'thorax', 'side', 'twist'] as const;

/** How far the contacts of a shape are from their planes, cm. */
const gapsOf = (body: Body, contacts: readonly Contact[]): number[] =>
  contacts.map(({ name, flat, side, plane }) => {
    const point = flat === undefined ? name : `${flat}Mid${side!}`;
    return dot(body.points[point]!, plane.normal) - plane.distance - POINT_RADIUS[point]! * body.heightCm;
  });

/** A number between two, the free ones of a direction or place left free. */
const between = (from: Vec3, to: Vec3, share: number, wanted: Target | readonly (number | null)[]): Target =>
  [0, 1, 2].map((i) =>
    wanted[i] === null ? null : from[i]! + share * (to[i]! - from[i]!),
  ) as unknown as Target;

const directionBetween = (from: Vec3, to: Vec3, share: number, wanted: Target): Target => {
  const u = unit([0, 1, 2].map((i) => from[i]! + share * (to[i]! - from[i]!)) as Vec3);
  return wanted.map((value, i) => (value === null ? null : u[i]!)) as unknown as Target;
};

/** Sides whose joints are solved. */
const sidesOf = (shape: Shape): readonly ('R' | 'L')[] => (shape.symmetric ? ['R'] : SIDES);

/** The joint that says how far it is; on both sides where both go the same way. */
function joints({ by }: Grows, start: SolvedShape, full: SolvedShape): readonly string[] {
  const other = by.replace(/^(hip|shoulder|knee)R/, '$1L');
  if (other === by || full.shape.symmetric) return [by];
  const gap = (joint: string, of: SolvedShape): number => jointAngle(of.posture, of.body, joint);
  const alike =
    Math.abs(gap(by, full) - gap(other, full)) < 8 && Math.abs(gap(by, start) - gap(other, start)) < 8;
  return alike ? [by, other] : [by];
}

/** Whether hands hold on to the room: then arms go with the rest, otherwise all the way at once. */
const holdsOn = ({ on }: Shape): boolean =>
  on.some(([, points]) => points.split(' ').some((point) => OF_HAND.test(point)));

/** Whether a hand is asked to be somewhere. */
const placesHands = ({ at = [], touch = [] }: Shape): boolean =>
  at.some(([name]) => OF_HAND.test(name)) || touch.some(([name]) => OF_HAND.test(name));

/** The share of the whole way at which the limiting joint is so far. */
function shareOfWay(grows: Grows, start: SolvedShape, full: SolvedShape, angle: number): number {
  const { heightCm, build } = full.body;
  const way = jointAngle(full.posture, full.body, grows.by) - jointAngle(start.posture, start.body, grows.by);
  let [low, high] = [0, 1];
  for (let i = 0; i < 14; i++) {
    const middle = (low + high) / 2;
    const posture = blendPosture(start.posture, full.posture, middle);
    const there = jointAngle(posture, buildBody(posture, heightCm, {}, build), grows.by);
    if ((there - angle) * Math.sign(way) > 0) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}

/** Bounds that keep a shape on its way: the limiting joint no further, the others within what start and end ask. */
function boundsOf(
  grows: Grows,
  start: SolvedShape,
  full: SolvedShape,
  angle: number,
  way: { posture: Posture; body: Body },
): JointBound[] {
  const from = (joint: string): number => jointAngle(start.posture, start.body, joint);
  const to = (joint: string): number => jointAngle(full.posture, full.body, joint);
  const within = (joint: string, slack: number, weight: number): JointBound => ({
    joint,
    low: Math.min(from(joint), to(joint)) - slack,
    high: Math.max(from(joint), to(joint)) + slack,
    weight,
  });
  const stays = (joint: string): JointBound => {
    const here = jointAngle(way.posture, way.body, joint);
    return { joint, low: here, high: here, weight: WEIGHT.stays };
  };
  const sides = sidesOf(full.shape);
  const rises = to(grows.by) > from(grows.by);
  return [
    ...joints(grows, start, full).map((joint): JointBound =>
      rises
        ? { joint, low: -360, high: angle, weight: WEIGHT.by }
        : { joint, low: angle, high: 360, weight: WEIGHT.by },
    ),
    ...BACK.map((joint) => within(joint, SLACK.back, WEIGHT.back)),
    ...sides.flatMap((side) => [
      within(`knee${side}`, SLACK.knee, WEIGHT.knee),
      within(`hip${side}.0`, SLACK.hip, WEIGHT.hip),
      within(`hip${side}.1`, SLACK.hipAside, WEIGHT.hip),
      within(`hip${side}.2`, SLACK.hipAside, WEIGHT.hip),
    ]),
    ...BACK.map(stays),
    ...sides.flatMap((side) => [`knee${side}`, `hip${side}.0`, `hip${side}.1`, `hip${side}.2`].map(stays)),
  ];
}

/** Contacts that are kept on the way; hands that let go of theirs; what rises under a hand. */
function contactsKept(
  start: SolvedShape,
  full: SolvedShape,
  here: Body,
): Pick<Partway, 'lost' | 'raised'> & Pick<Shape, 'on'> {
  const size = here.heightCm / 165;
  const contacts = contactsOf(full.shape, full.props);
  const before = gapsOf(start.body, contacts);
  const now = gapsOf(here, contacts);
  const on: [Surface, string][] = [];
  const raised = new Map<string, number>();
  const lost = new Set<'R' | 'L'>();
  contacts.forEach(({ name, surface, plane, weak }, i) => {
    const point = name + (weak ? '?' : '');
    const isHand = OF_HAND.test(name);
    const keeps =
      Math.abs(before[i]!) < TOUCHES * size || (!isHand && Math.abs(now[i]!) < STILL_TOUCHES * size);
    if (keeps) on.push([surface, point]);
    else if (isHand) lost.add(name.slice(-1) as 'R');
    else if (typeof surface === 'number') {
      const height = plane.distance + now[i]!;
      const lies = height > RAISED_FROM && height <= RAISED_MOST;
      raised.set(name, lies ? height : 0);
      if (lies) on.push([height, point]);
    }
  });
  // What lay on something at the start and still does bears weight meanwhile.
  const known = new Set(contacts.map(({ name }) => name));
  const old = start.contacts.filter(({ name }) => !known.has(name) && !OF_HAND.test(name));
  gapsOf(here, old).forEach((gap, i) => {
    const { name, surface, weak } = old[i]!;
    if (Math.abs(gap) < STILL_TOUCHES * size) on.push([surface, name + (weak ? '?' : '')]);
  });
  return { on, raised, lost: [...lost] };
}

/** Places, directions and turns between those of the start and those of the end. */
function targetsBetween(
  shape: Shape,
  a: Body,
  b: Body,
  share: number,
  lost: ReadonlySet<string>,
): Pick<Shape, 'at' | 'aim' | 'face'> {
  const goes = (name: string): boolean => OF_HAND.test(name) && lost.has(name.slice(-1));
  const at = (shape.at ?? []).flatMap((entry): NonNullable<Shape['at']>[number][] => {
    const [name, target, more = {}] = entry;
    if (goes(name)) return [];
    if (OF_HAND.test(name)) return [entry];
    const place = ({ points }: Body): Vec3 =>
      typeof target === 'string' ? sub(points[name]!, points[target]!) : points[name]!;
    const [from, to] = [place(a), place(b)];
    if (more.gapCm !== undefined) {
      const gapCm = length(from) + share * (length(to) - length(from));
      return [[name, target, { ...more, gapCm: (gapCm * 165) / b.heightCm }]];
    }
    const free = [0, 1, 2].map((i) =>
      (typeof target !== 'string' && target[i] === null) || more.off?.[i] === null ? null : 0,
    );
    const { off: _off, ...rest } = more;
    const place3 = between(from, to, share, free);
    return typeof target === 'string'
      ? [
          [
            name,
            target,
            { ...rest, off: place3.map((v) => (v === null ? null : (v * 165) / b.heightCm)) as never },
          ],
        ]
      : [[name, place3, rest]];
  });
  const aim = (shape.aim ?? [])
    .filter(([from, to]) => !goes(from) && !goes(to) && !(OF_HAND.test(to) && share < 0.98))
    .map(([from, to, wanted, weight = 1]): NonNullable<Shape['aim']>[number] => {
      const way = ({ points }: Body): Vec3 => unit(sub(points[to]!, points[from]!));
      return [from, to, directionBetween(way(a), way(b), share, wanted), weight];
    });
  const face = (shape.face ?? []).map(
    ([frame, axis, wanted, weight = 1]): NonNullable<Shape['face']>[number] => {
      const way = ({ frames }: Body): Vec3 => rotate(frames[frame]!.rotation, axis);
      return [frame, axis, directionBetween(way(a), way(b), share, wanted), weight];
    },
  );
  return { at, aim, face };
}

/**
 * A frame of a variant on its way from a plain start: as far as its limiting joint is at `share` of its way. What
 * touches at the start or still touches on the way stays in touch; a block rises to what lies on it; hands that do not
 * reach let go. Capping the full shape alone would make other joints pay.
 *
 * @param share 0 the start, 1 the full shape
 */
export function partwayShape(grows: Grows, start: SolvedShape, full: SolvedShape, share: number): Partway {
  const { heightCm, build } = full.body;
  const from = jointAngle(start.posture, start.body, grows.by);
  const angle = from + share * (jointAngle(full.posture, full.body, grows.by) - from);
  const t = shareOfWay(grows, start, full, angle);
  const armsFollow = grows.by.startsWith('shoulder') || holdsOn(full.shape) || grows.hands !== undefined;
  const arms = armsFollow ? t : 1;
  const posture = blendPosture(start.posture, full.posture, t, arms);
  const here = buildBody(posture, heightCm, {}, build);
  const { on, raised, lost } = contactsKept(start, full, here);
  const holders = (full.shape.at ?? []).flatMap(([name]) =>
    OF_HAND.test(name) ? [name.slice(-1) as 'R'] : [],
  );
  const letGo = new Set<'R' | 'L'>(grows.hands ? [...lost, ...holders] : lost);
  const bounds = boundsOf(grows, start, full, angle, { posture, body: here });
  const words = full.shape.free.split(' ');
  const armsRest = letGo.size > 0 || (!armsFollow && !placesHands(full.shape));
  const free = (armsRest ? words.filter((word) => !OF_ARM_JOINTS.test(word)) : words).join(' ');
  const [limiting] = grows.by.split('.') as [string];
  // What is solved on the right alone is told without a side.
  const limitingFree = full.shape.symmetric ? limiting.replace(/[RL]$/, '') : limiting;
  return {
    posture,
    raised,
    lost: [...letGo],
    shape: {
      ...full.shape,
      posture: {},
      on,
      ...targetsBetween(full.shape, start.body, full.body, t, letGo),
      touch: (full.shape.touch ?? []).filter(([name]) => !(letGo.size && OF_HAND.test(name))),
      bounds,
      free: `${free} ${limitingFree}`,
      ...(letGo.size ? { withoutArms: true as const } : {}),
    },
  };
}
