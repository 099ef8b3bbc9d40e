import {
  add,
  cross,
  length,
  lerp,
  rotate,
  scale,
  sub,
  unit,
  type Body,
  type Vec3,
} from '@lotus-steady/core/body';
import { short } from '../draw/paint.js';
import type { Page } from '../room/page.js';
import type { BendJoint, Mark } from './marks.js';

/** From which place, round which, to which a bend is drawn. Names of frames, or of points of the body. */
function limbsOf(joint: BendJoint): readonly [string, string, string] {
  const side = joint.slice(-1);
  switch (joint) {
    case 'neck':
      return ['T8', 'C7', 'crown'];
    case 'lowBack':
      return ['pelvis', 'L3', 'T8'];
    case 'upperBack':
      return ['L3', 'T8', 'C7'];
    case 'side':
      return ['pelvis', 'T12', 'C7'];
    default:
      switch (joint.slice(0, -1)) {
        case 'hip':
          return ['T12', `thigh${side}`, `shank${side}`];
        case 'hipOut':
          return ['thighMidR', 'pelvis', 'thighMidL'];
        case 'knee':
          return [`thigh${side}`, `shank${side}`, `foot${side}`];
        case 'ankle':
          return [`shank${side}`, `foot${side}`, `ball${side}`];
        case 'shoulder':
          return ['pelvis', `upperArm${side}`, `forearm${side}`];
        default:
          return [`forearm${side}`, `hand${side}`, `tips${side}`];
      }
  }
}

/** Joints whose degrees count from straight; the others are the angle between their limbs. */
const FROM_STRAIGHT = /^(hip[RL]|knee|wrist|neck|lowBack|upperBack|side)/;

/** How far out from a joint its arc runs, of the body's height. */
const ARC = 0.085;
const LINE = 'fill="none" stroke="var(--fig-mark)" stroke-linecap="round" stroke-linejoin="round"';
const FILLED = 'fill="var(--fig-mark)"';
const dashed = (width: number): string => `stroke-dasharray="${short(width * 2)} ${short(width * 2)}"`;

/** Draws what is asked on top of a figure. */
export function drawMarks(marks: readonly Mark[], body: Body, page: Page): string {
  const width = Math.max(1.2, Math.min(2.6, page.width / 180));
  return marks.map((mark) => markup(mark, body, page, width)).join('');
}

const at = ({ frames, points }: Body, name: string): Vec3 => points[name] ?? frames[name]!.origin;

function markup(mark: Mark, body: Body, page: Page, width: number): string {
  switch (mark.kind) {
    case 'bend':
      return bend(mark, body, page, width);
    case 'load':
      return load(mark, body, page, width);
    case 'level':
      return level(mark, body, page, width);
    case 'turn':
      return turn(mark.degrees, body, page, width);
    case 'spot': {
      const [x, y] = page.onPage(at(body, mark.at)).map(short);
      return `<circle cx="${x}" cy="${y}" r="${short(width * 4.5)}" ${LINE} stroke-width="${width}"/>`;
    }
  }
}

const path = (places: readonly Vec3[], page: Page): string =>
  `M${places.map((place) => page.onPage(place).map(short).join(' ')).join('L')}`;

/** Words beside a mark, on a ground of paper so that they are read over anything. */
function words(text: string, [x, y]: readonly [number, number], page: Page): string {
  const size = Math.max(9, Math.min(15, page.width / 30));
  const kept = Math.max(size * 1.2, Math.min(page.width - size * 1.2, x));
  const middle = Math.max(size, Math.min(page.height - size / 2, y));
  return (
    `<text x="${short(kept)}" y="${short(middle + size * 0.35)}" text-anchor="middle" ` +
    `font-family="sans-serif" font-weight="600" font-size="${short(size)}" ${FILLED} ` +
    `stroke="var(--fig-paper)" stroke-width="${short(size / 4)}" paint-order="stroke" ` +
    `stroke-linejoin="round">${text}</text>`
  );
}

function bend(
  { joint, degrees }: Extract<Mark, { kind: 'bend' }>,
  body: Body,
  page: Page,
  width: number,
): string {
  const [from, round, to] = limbsOf(joint);
  const centre = at(body, round);
  const towards = unit(sub(at(body, from), centre));
  // Of a hinge that is straight at 0, the angle is from where it would go on straight.
  const a = FROM_STRAIGHT.test(joint) ? scale(towards, -1) : towards;
  const b = unit(sub(at(body, to), centre));
  const radius = ARC * body.heightCm;
  const cos = Math.max(-1, Math.min(1, a[0] * b[0] + a[1] * b[1] + a[2] * b[2]));
  const angle = Math.acos(cos);
  let normal = cross(a, b);
  if (length(normal) < 1e-3) normal = cross(a, [0, 0, 1]);
  const side = unit(cross(unit(normal), a));
  const arc = Array.from({ length: 17 }, (_, i): Vec3 => {
    const t = (angle * i) / 16;
    return add(centre, add(scale(a, radius * Math.cos(t)), scale(side, radius * Math.sin(t))));
  });
  const [cx, cy] = page.onPage(centre);
  const [mx, my] = page.onPage(arc[8]!);
  const off = Math.hypot(mx - cx, my - cy) || 1;
  const reach = Math.max(off + width * 7, width * 13);
  return (
    `<path d="${path([add(centre, scale(a, radius * 1.25)), centre, add(centre, scale(b, radius * 1.25))], page)}" ` +
    `${LINE} stroke-width="${short(width * 0.7)}" ${dashed(width)}/>` +
    `<path d="${path(arc, page)}" ${LINE} stroke-width="${short(width * 1.3)}"/>` +
    words(`${Math.round(degrees)}°`, [cx + ((mx - cx) / off) * reach, cy + ((my - cy) / off) * reach], page)
  );
}

/** An arrow on the page from one place to another. */
function arrow(
  [x0, y0]: readonly [number, number],
  [x1, y1]: readonly [number, number],
  width: number,
): string {
  const l = Math.hypot(x1 - x0, y1 - y0) || 1;
  const [dx, dy] = [(x1 - x0) / l, (y1 - y0) / l];
  const head = width * 2.6;
  const [bx, by] = [x1 - dx * head, y1 - dy * head];
  const w = width * 1.5;
  return (
    `<path d="M${short(x0)} ${short(y0)}L${short(bx)} ${short(by)}" ${LINE} stroke-width="${short(width)}"/>` +
    `<path d="M${short(x1)} ${short(y1)}L${short(bx - dy * w)} ${short(by + dx * w)}L${short(bx + dy * w)} ` +
    `${short(by - dx * w)}Z" ${FILLED}/>`
  );
}

function load(
  { at: name, share }: Extract<Mark, { kind: 'load' }>,
  body: Body,
  page: Page,
  width: number,
): string {
  const place = at(body, name);
  const foot = page.onPage(place);
  const long = Math.max(20, page.height * 0.14);
  const wide = Math.max(width, width * (1 + 5 * Math.min(1, share)));
  // Weight goes down: the arrow ends at the place that bears it.
  return (
    arrow([foot[0], foot[1] - long], foot, wide) +
    words(`${Math.round(share * 100)}%`, [foot[0], foot[1] - long - width * 4], page)
  );
}

function level(
  { at: name, belowHeartCm }: Extract<Mark, { kind: 'level' }>,
  body: Body,
  page: Page,
  width: number,
): string {
  const heart = page.onPage(at(body, 'heart'));
  const place = page.onPage(at(body, name));
  const x = Math.min(page.width - 26, Math.max(heart[0], place[0]) + page.width * 0.09);
  const line = (from: readonly [number, number]): string =>
    `<path d="M${short(from[0])} ${short(from[1])}L${short(x + 5)} ${short(from[1])}" ` +
    `${LINE} stroke-width="${short(width * 0.7)}" ${dashed(width)}/>`;
  const dot = ([cx, cy]: readonly [number, number]): string =>
    `<circle cx="${short(cx)}" cy="${short(cy)}" r="${short(width * 1.8)}" ${FILLED}/>`;
  return (
    line(heart) +
    line(place) +
    dot(heart) +
    dot(place) +
    arrow([x, heart[1]], [x, place[1]], width) +
    words(
      `${Math.abs(Math.round(belowHeartCm))} cm`,
      [x + page.width * 0.045, (heart[1] + place[1]) / 2],
      page,
    )
  );
}

function turn(degrees: number, body: Body, page: Page, width: number): string {
  const pelvis = body.frames.pelvis!;
  const chest = body.frames.C7!;
  const radius = 0.17 * body.heightCm;
  const middle = lerp(pelvis.origin, chest.origin, 0.62);
  const from = rotate(pelvis.rotation, [1, 0, 0]);
  const to = rotate(chest.rotation, [1, 0, 0]);
  const up = unit(sub(chest.origin, pelvis.origin));
  const flat = (v: Vec3): Vec3 => unit(sub(v, scale(up, v[0] * up[0] + v[1] * up[1] + v[2] * up[2])));
  const a = flat(from);
  const b = flat(to);
  const side = cross(up, a);
  const angle = Math.atan2(
    b[0] * side[0] + b[1] * side[1] + b[2] * side[2],
    b[0] * a[0] + b[1] * a[1] + b[2] * a[2],
  );
  const arc = Array.from({ length: 25 }, (_, i): Vec3 => {
    const t = (angle * i) / 24;
    return add(middle, add(scale(a, radius * Math.cos(t)), scale(side, radius * Math.sin(t))));
  });
  const end = page.onPage(arc[24]!);
  const before = page.onPage(arc[20]!);
  const spoke = (v: Vec3): string =>
    `<path d="${path([middle, add(middle, scale(v, radius * 1.1))], page)}" ` +
    `${LINE} stroke-width="${short(width * 0.7)}" ${dashed(width)}/>`;
  const text = page.onPage(add(middle, scale(unit(add(a, b)), radius * 1.35)));
  return (
    spoke(a) +
    spoke(b) +
    `<path d="${path(arc, page)}" ${LINE} stroke-width="${short(width * 1.3)}"/>` +
    arrow(before, end, width) +
    words(`${Math.round(degrees)}°`, text, page)
  );
}
