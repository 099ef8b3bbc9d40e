import {
  add,
  buildBody,
  BUILDS,
  rotate,
  scale,
  type Body,
  type Build,
  type Posture,
  type PropPlacement,
  type Vec3,
} from '@lotus-steady/core/body';
import { SCULPTED_AT } from '../body/boneFrames.js';
import type { FaceLines } from '../body/faceLines.js';
import { PART } from '../body/labels.js';
import type { Mesh } from '../body/mesh.js';
import { settle } from '../body/settle.js';
import { skin, type Skinned } from '../body/skin.js';
import { formOf, type Look } from '../people/look.js';
import { piecesOf, type Piece } from '../props/pieces.js';
import { propMeshOf, type PropMesh } from '../props/propMesh.js';
import { ground, type Ground } from './ground.js';

/** What a figure shows. */
export interface FigureScene {
  /** Solved: it rests on what it rests on. */
  posture: Posture;
  heightCm: number;
  /** Whose proportions; a grown person's unless said otherwise. */
  build?: Build;
  look?: Look;
  props: readonly PropPlacement[];
  /** Degrees from her right side (90 from the front), and degrees above. */
  view: readonly [turn: number, tilt: number];
  eyesClosed?: boolean;
}

/** The body's surface as it was sculpted: for figures one looks at, for those in a list, and the face. */
export interface Sculpture {
  fine: Mesh;
  coarse: Mesh;
  face: FaceLines;
}

/** A scene with its body's surface in the posture, settled on what it rests on. */
export interface Stage {
  scene: FigureScene;
  body: Body;
  look: Look;
  skinned: Skinned;
  /** By corner of the surface: 1 where it is shown. */
  worn: Uint8Array;
  pieces: Piece[];
  props: PropMesh;
  ground: Ground;
}

/** A surface with no more corners than this is a list's. */
const COARSE_MOST = 6000;

/** Sets a scene up with one of the sculpted surfaces. */
export function stageOf(scene: FigureScene, mesh: Mesh): Stage {
  const { posture, heightCm, build = 'adult', look = {}, props } = scene;
  const body = buildBody(posture, heightCm, {}, build);
  const skinned = skin(mesh, body, posture, formOf(look, build), heldBy(props));
  const pieces = piecesOf(props, body, look.onWheels);
  settle(skinned, body, props, pieces, mesh.vertices > COARSE_MOST);
  return {
    scene,
    body,
    look,
    skinned,
    worn: wornBy(mesh, hairPart(body, look)),
    pieces,
    props: propMeshOf(pieces),
    ground: ground(body, skinned, props),
  };
}

/** The sides whose hands hold a strap. */
const heldBy = (props: readonly PropPlacement[]): string =>
  props
    .flatMap((prop) =>
      prop.kind === 'strap' ? prop.through.map((name) => /^palm.*([RL])$/.exec(name)?.[1]) : [],
    )
    .join('');

/** Where the two buns are lowest, in the head's axes, and how far round. */
const HIGH_BUN: readonly [Vec3, number] = [[-6.0, 11, 0], 3.9];
const LOW_BUN: readonly [Vec3, number] = [[-9.9, 4.2, 0], 3.7];

/** Which piece of hair is worn: a bun high, or low where a high one would be in the floor. */
function hairPart(body: Body, { hair = 'bun' }: Look): number | undefined {
  if (hair === 'short') return undefined;
  if (hair === 'plait') return PART.plait;
  const { rotation, origin } = body.frames.head!;
  const size = (body.heightCm / SCULPTED_AT) * BUILDS[body.build].head;
  const lowest = ([at, radius]: readonly [Vec3, number]): number =>
    add(origin, rotate(rotation, scale(at, size)))[1] - radius * size;
  const high = lowest(HIGH_BUN);
  return high > -0.8 || high > lowest(LOW_BUN) ? PART.highBun : PART.lowBun;
}

const worn = new WeakMap<Mesh, Map<number | undefined, Uint8Array>>();

/** By corner: 1 for the body and the one piece of hair that is worn. */
function wornBy(mesh: Mesh, hair: number | undefined): Uint8Array {
  let sets = worn.get(mesh);
  if (!sets) worn.set(mesh, (sets = new Map()));
  const known = sets.get(hair);
  if (known) return known;
  const used = new Uint8Array(mesh.vertices);
  for (let t = 0; t < mesh.triangles; t++) {
    const part = mesh.part[t]!;
    if (part >= PART.highBun && part <= PART.plait && part !== hair) continue;
    for (let j = 0; j < 3; j++) used[mesh.triangle[t * 3 + j]!] = 1;
  }
  sets.set(hair, used);
  return used;
}
