import {
  multiply,
  rotate,
  rotationX,
  rotationY,
  unrotate,
  type Rotation,
  type Vec3,
} from '@lotus-steady/core/body';
import type { FigureScene, Stage } from './stage.js';

export interface FigureSize {
  width: number;
  height: number;
  margin?: number;
}

/** A camera without perspective, and where on the page it puts what it sees. */
export interface Page {
  width: number;
  height: number;
  camera: Rotation;
  /** Units of the page in a cm. */
  pixels: number;
  left: number;
  top: number;
  /** A place as the camera has it: right, down, towards the eye, cm. */
  look(place: Vec3): Vec3;
  /** A place on the page. */
  onPage(place: Vec3): [x: number, y: number];
}

/** The turn from the room to the camera: x right, y up, z towards the eye. */
export const cameraOf = ([turn, tilt]: FigureScene['view']): Rotation =>
  multiply(rotationX(tilt), rotationY(-turn));

/** The way to the eye, in the room. */
export const towardsEye = (camera: Rotation): Vec3 => unrotate(camera, [0, 0, 1]);

/** Right, down and the two farthest of each, as the camera has them: x0 y0 x1 y1. */
type Bounds = [number, number, number, number];

function boundsOf({ skinned, worn, props, ground }: Stage, camera: Rotation): Bounds {
  const bounds: Bounds = [Infinity, Infinity, -Infinity, -Infinity];
  const take = (x: number, y: number): void => {
    if (x < bounds[0]) bounds[0] = x;
    if (y < bounds[1]) bounds[1] = y;
    if (x > bounds[2]) bounds[2] = x;
    if (y > bounds[3]) bounds[3] = y;
  };
  const [a, b, , d, e, , g, h] = camera;
  const { position } = skinned;
  for (let v = 0, i = 0; v < worn.length; v++, i += 3) {
    if (!worn[v]) continue;
    const x = position[i]!;
    const y = position[i + 1]!;
    const z = position[i + 2]!;
    take(a * x + d * y + g * z, -(b * x + e * y + h * z));
  }
  for (const place of [...props.points, ...ground.mat, ...ground.wall]) {
    const [x, y] = rotate(camera, place);
    take(x, -y);
  }
  return bounds;
}

/**
 * The page for some scenes seen by one camera at one scale: whole, no larger than others of their kind, a little above
 * the foot.
 */
export function pageFor(
  stages: readonly Stage[],
  camera: Rotation,
  { width, height, margin = 10 }: FigureSize,
): Page {
  const all = stages.map((stage) => boundsOf(stage, camera));
  const [x0, y0, x1, y1] = [0, 1, 2, 3].map((i) =>
    (i < 2 ? Math.min : Math.max)(...all.map((bounds) => bounds[i]!)),
  ) as Bounds;
  const heightCm = stages[0]!.body.heightCm;
  const pixels = Math.min(
    (width - 2 * margin) / (x1 - x0),
    (height - 2 * margin) / (y1 - y0),
    ((1.8 * height) / 220) * (165 / heightCm),
  );
  const left = (width - (x1 + x0) * pixels) / 2;
  const free = height - 2 * margin - (y1 - y0) * pixels;
  const top = height - margin - free * 0.3 - y1 * pixels;
  const look = (place: Vec3): Vec3 => {
    const [x, y, z] = rotate(camera, place);
    return [x, -y, z];
  };
  return {
    width,
    height,
    camera,
    pixels,
    left,
    top,
    look,
    onPage: (place) => {
      const [x, y] = look(place);
      return [x * pixels + left, y * pixels + top];
    },
  };
}
