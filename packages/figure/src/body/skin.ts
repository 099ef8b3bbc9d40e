import {
  BUILDS,
  buildBody,
  sub,
  unrotate,
  type Body,
  type Frame,
  type Posture,
  type Rotation,
  type Vec3,
} from '@lotus-steady/core/body';
import { boneFrames, restAxes, SCULPTED_AT, type RestAxes } from './boneFrames.js';
import { BONES, partOfBone } from './bones.js';
import { formKey, grownBy, type Form, type Placed } from './forms.js';
import { PART } from './labels.js';
import { endLimb } from './stump.js';
import { REST_POSTURE } from './restPosture.js';
import type { Mesh } from './mesh.js';

/** The surface in a posture, cm in the room. */
export interface Skinned {
  mesh: Mesh;
  position: Float32Array;
  normal: Float32Array;
}

/** The surface of one form, still at rest and 165 cm tall. */
interface Fitted {
  position: Float32Array;
  frames: Frame[];
  axes: RestAxes;
}

const STRAIGHT = { bends: false, holds: '' } as const;

/** Forms that are kept ready, of each mesh: a class's worth. */
const FORMS_KEPT = 24;
const fitted = new WeakMap<Mesh, Map<string, Fitted>>();

function fit(mesh: Mesh, form: Form): Fitted {
  let known = fitted.get(mesh);
  if (!known) fitted.set(mesh, (known = new Map<string, Fitted>()));
  const key = formKey(form);
  const found = known.get(key);
  if (found) return found;
  const made = fitForm(mesh, form);
  known.set(key, made);
  if (known.size > FORMS_KEPT) known.delete(known.keys().next().value!);
  return made;
}

/** Grows each bone to the form's proportions, and the flesh on it by the form's bumps. */
function fitForm(mesh: Mesh, form: Form): Fitted {
  const grown = buildBody(REST_POSTURE, SCULPTED_AT, {}, 'adult');
  const body = buildBody(REST_POSTURE, SCULPTED_AT, {}, form.build);
  const axes = restAxes(grown);
  const from = boneFrames(grown, REST_POSTURE, axes, STRAIGHT);
  const to = boneFrames(body, REST_POSTURE, axes, STRAIGHT);
  const scales = BONES.map((bone) => BUILDS[form.build][partOfBone(bone)]);
  const sculpted = withBumps(mesh, grown, form);
  const position = new Float32Array(sculpted.length);
  for (let v = 0; v < mesh.vertices; v++)
    for (let axis = 0; axis < 3; axis++) {
      let sum = 0;
      for (let j = 0; j < 4; j++) {
        const bone = mesh.bones[v * 4 + j]!;
        const away = sculpted[v * 3 + axis]! - from[bone]!.origin[axis]!;
        sum += mesh.weights[v * 4 + j]! * (to[bone]!.origin[axis]! + scales[bone]! * away);
      }
      position[v * 3 + axis] = sum;
    }
  return { position, frames: to, axes };
}

const HEAD = BONES.indexOf('head');

function withBumps(mesh: Mesh, rest: Body, form: Form): Float32Array {
  const { frames } = rest;
  const by = grownBy(form);
  const { without = [] } = form;
  if (!by && !without.length) return mesh.position;
  const isHand = new Uint8Array(mesh.vertices);
  for (let t = 0; t < mesh.triangles; t++)
    if (mesh.part[t] === PART.hand || mesh.part[t] === PART.foot || mesh.part[t] === PART.plait)
      for (let j = 0; j < 3; j++) isHand[mesh.triangle[t * 3 + j]!] = 1;
  const out = Float32Array.from(mesh.position);
  const inAxes = (frame: string, place: Vec3): Vec3 =>
    unrotate(frames[frame]!.rotation, sub(place, frames[frame]!.origin));
  for (let v = 0; by && v < mesh.vertices; v++) {
    if (isHand[v]) continue;
    const place: Vec3 = [
      mesh.position[v * 3]!,
      mesh.position[v * 3 + 1]!,
      Math.abs(mesh.position[v * 3 + 2]!),
    ];
    const head = inAxes('head', place);
    const places: Placed = {
      trunk: place,
      head,
      upperArm: inAxes('upperArmR', place),
      forearm: inAxes('forearmR', place),
      thigh: inAxes('thighR', place),
      shank: inAxes('shankR', place),
    };
    const cm = by(places, mesh.bones[v * 4] === HEAD && mesh.weights[v * 4]! > 0.9);
    for (let axis = 0; axis < 3; axis++) out[v * 3 + axis]! += mesh.normal[v * 3 + axis]! * cm;
  }
  for (const limb of without) endLimb(out, mesh, limb, rest);
  return out;
}

/** A rotation as a quaternion x y z w. Columns: the first three numbers are where x points. */
function quaternion([a, b, c, d, e, f, g, h, i]: Rotation): [number, number, number, number] {
  const trace = a + e + i;
  if (trace > 0) {
    const s = Math.sqrt(trace + 1) * 2;
    return [(f - h) / s, (g - c) / s, (b - d) / s, s / 4];
  }
  if (a > e && a > i) {
    const s = Math.sqrt(1 + a - e - i) * 2;
    return [s / 4, (d + b) / s, (g + c) / s, (f - h) / s];
  }
  if (e > i) {
    const s = Math.sqrt(1 + e - a - i) * 2;
    return [(d + b) / s, s / 4, (h + f) / s, (g - c) / s];
  }
  const s = Math.sqrt(1 + i - a - e) * 2;
  return [(g + c) / s, (h + f) / s, s / 4, (b - d) / s];
}

/** What a bone does from rest, as a dual quaternion: eight numbers into `into` at `at`. */
function motion(rest: Frame, now: Frame, k: number, into: Float64Array, at: number): void {
  const from = rest.rotation;
  const to = now.rotation;
  const turn = [0, 1, 2].flatMap((col) =>
    [0, 1, 2].map(
      (row) => to[row]! * from[col]! + to[row + 3]! * from[col + 3]! + to[row + 6]! * from[col + 6]!,
    ),
  ) as unknown as Rotation;
  const o = rest.origin.map((v) => v * k);
  const [tx, ty, tz] = [0, 1, 2].map(
    (row) => now.origin[row]! - (turn[row]! * o[0]! + turn[row + 3]! * o[1]! + turn[row + 6]! * o[2]!),
  ) as Vec3;
  const [x, y, z, w] = quaternion(turn);
  into.set(
    [
      x,
      y,
      z,
      w,
      0.5 * (tx * w + ty * z - tz * y),
      0.5 * (-tx * z + ty * w + tz * x),
      0.5 * (tx * y - ty * x + tz * w),
      -0.5 * (tx * x + ty * y + tz * z),
    ],
    at,
  );
}

/** Corners done at a time: a function that is called often is compiled whole, one long loop only from within. */
const BLOCK = 256;

/**
 * Moves the surface to a posture by dual quaternions (Kavan 2007): limbs keep their volume where they bend.
 *
 * @param body built from `posture`
 * @param holds the sides whose hands hold something: '', 'R', 'L' or 'RL'
 */
export function skin(mesh: Mesh, body: Body, posture: Posture, form: Form, holds = ''): Skinned {
  const { position: rest, frames: from, axes } = fit(mesh, form);
  const k = body.heightCm / SCULPTED_AT;
  const to = boneFrames(body, posture, axes, { bends: true, holds });
  const motions = new Float64Array(BONES.length * 8);
  to.forEach((frame, bone) => motion(from[bone]!, frame, k, motions, bone * 8));
  const position = new Float32Array(mesh.vertices * 3);
  const normal = new Float32Array(mesh.vertices * 3);
  for (let v = 0; v < mesh.vertices; v += BLOCK)
    blend(v, Math.min(v + BLOCK, mesh.vertices), mesh, rest, k, motions, position, normal);
  return { mesh, position, normal };
}

function blend(
  first: number,
  end: number,
  { bones, weights, normal }: Mesh,
  rest: Float32Array,
  k: number,
  motions: Float64Array,
  position: Float32Array,
  normals: Float32Array,
): void {
  for (let v = first; v < end; v++) {
    const b0 = bones[v * 4]! * 8;
    const px = motions[b0]!;
    const py = motions[b0 + 1]!;
    const pz = motions[b0 + 2]!;
    const pw = motions[b0 + 3]!;
    let x = 0;
    let y = 0;
    let z = 0;
    let w = 0;
    let dx = 0;
    let dy = 0;
    let dz = 0;
    let dw = 0;
    for (let j = 0; j < 4; j++) {
      let weight = weights[v * 4 + j]!;
      if (weight === 0) break;
      const b = bones[v * 4 + j]! * 8;
      // A quaternion and its opposite are the same turn: all on one side.
      if (j > 0 && px * motions[b]! + py * motions[b + 1]! + pz * motions[b + 2]! + pw * motions[b + 3]! < 0)
        weight = -weight;
      x += weight * motions[b]!;
      y += weight * motions[b + 1]!;
      z += weight * motions[b + 2]!;
      w += weight * motions[b + 3]!;
      dx += weight * motions[b + 4]!;
      dy += weight * motions[b + 5]!;
      dz += weight * motions[b + 6]!;
      dw += weight * motions[b + 7]!;
    }
    const l = 1 / Math.sqrt(x * x + y * y + z * z + w * w);
    x *= l;
    y *= l;
    z *= l;
    w *= l;
    dx *= l;
    dy *= l;
    dz *= l;
    dw *= l;
    const vx = rest[v * 3]! * k;
    const vy = rest[v * 3 + 1]! * k;
    const vz = rest[v * 3 + 2]! * k;
    // v + 2 q x (q x v + w v), then the shift.
    let cx = y * vz - z * vy + w * vx;
    let cy = z * vx - x * vz + w * vy;
    let cz = x * vy - y * vx + w * vz;
    position[v * 3] = vx + 2 * (y * cz - z * cy) + 2 * (w * dx - dw * x + y * dz - z * dy);
    position[v * 3 + 1] = vy + 2 * (z * cx - x * cz) + 2 * (w * dy - dw * y + z * dx - x * dz);
    position[v * 3 + 2] = vz + 2 * (x * cy - y * cx) + 2 * (w * dz - dw * z + x * dy - y * dx);
    const nx = normal[v * 3]!;
    const ny = normal[v * 3 + 1]!;
    const nz = normal[v * 3 + 2]!;
    cx = y * nz - z * ny + w * nx;
    cy = z * nx - x * nz + w * ny;
    cz = x * ny - y * nx + w * nz;
    normals[v * 3] = nx + 2 * (y * cz - z * cy);
    normals[v * 3 + 1] = ny + 2 * (z * cx - x * cz);
    normals[v * 3 + 2] = nz + 2 * (x * cy - y * cx);
  }
}
