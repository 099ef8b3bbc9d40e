/**
 * Our forward kinematics against the object hierarchy of `three`, an independent implementation, on every
 * variant.
 */
import { Euler, Object3D, Quaternion, Vector3 } from 'three';
import {
  buildBody,
  completePosture,
  mirrorPosture,
  packPosture,
  POSES,
  posturesFor,
  unpackPosture,
  type Posture,
} from '../builtIn.js';
import { LENGTH as L, LUMBAR_SHARE as SHARE } from '../../src/body/segments.js';

const rad = (degrees: number): number => (degrees * Math.PI) / 180;

/** Three's chain for a posture, built from Object3D parents and children only. */
function threeOrigins(p: Posture, h: number): Record<string, Vector3> {
  const nodes: Record<string, Object3D> = {};
  const turn = (x: number, y: number, z: number, order: 'XYZ' | 'YXZ' | 'YZX' | 'ZXY'): Quaternion =>
    new Quaternion().setFromEuler(new Euler(rad(x), rad(y), rad(z), order));
  const child = (name: string, parent: Object3D, at: [number, number, number], q: Quaternion): Object3D => {
    const node = new Object3D();
    node.position.set(at[0] * h, at[1] * h, at[2] * h);
    node.quaternion.copy(q);
    parent.add(node);
    nodes[name] = node;
    return node;
  };
  const pelvis = new Object3D();
  pelvis.position.set(p.x, p.y, p.z);
  pelvis.quaternion.copy(turn(p.roll, -p.yaw, -p.pitch, 'YXZ'));
  nodes.pelvis = pelvis;
  // A spine frame sits at the upper end of its segment: turn first, then go up along the turned axis.
  let parent = child('L5', pelvis, [0, L.pelvis, 0], new Quaternion());
  const spine = (names: string[], length: number, flexion: number, side: number, twist: number): void => {
    for (const name of names) {
      const joint = child(
        `${name}-joint`,
        parent,
        [0, 0, 0],
        turn(side / names.length, -twist / names.length, -flexion / names.length, 'YZX'),
      );
      parent = child(name, joint, [0, length / names.length, 0], new Quaternion());
    }
  };
  spine(['L3', 'T12'], L.lumbar, p.lumbar, p.side * SHARE.sideBend, p.twist * SHARE.twist);
  spine(['T8', 'T3', 'C7'], L.thorax, p.thorax, p.side * (1 - SHARE.sideBend), p.twist * (1 - SHARE.twist));
  const chest = parent;
  spine(['C4', 'head'], L.neck, p.neck, p.neckSide, p.neckTwist);
  for (const s of ['R', 'L'] as const) {
    const k = s === 'R' ? 1 : -1;
    const ball = ([f, a, r]: readonly number[]): Quaternion => turn(-k * a!, -k * r!, f!, 'ZXY');
    const thigh = child(`thigh${s}`, pelvis, [0, 0, k * L.hipHalf], ball(p[`hip${s}`]));
    const shank = child(`shank${s}`, thigh, [0, -L.thigh, 0], turn(0, 0, -p[`knee${s}`], 'XYZ'));
    child(`foot${s}`, shank, [0, -L.shank, 0], turn(k * p[`inversion${s}`], 0, p[`ankle${s}`], 'ZXY'));
    const q = ball(p[`shoulder${s}`]);
    const arm = new Vector3(0, -1, 0).applyQuaternion(q);
    const up = (1 + arm.y) / 2;
    const upper = child(
      `upperArm${s}`,
      chest,
      [
        0.018 * arm.x * (1 - up) + 0.001 * p[`protraction${s}`],
        -L.shoulderDrop + 0.035 * up * up + 0.001 * p[`girdle${s}`],
        k * (L.shoulderHalf - 0.022 * up * up - 0.0008 * Math.max(0, p[`protraction${s}`])),
      ],
      q,
    );
    const elbow = child(`elbow${s}`, upper, [0, -L.upperArm, 0], turn(0, 0, p[`elbow${s}`], 'XYZ'));
    const forearm = child(`forearm${s}`, elbow, [0, 0, 0], turn(0, k * p[`forearm${s}`], 0, 'XYZ'));
    child(`hand${s}`, forearm, [0, -L.forearm, 0], turn(-k * p[`wrist${s}`], 0, 0, 'XYZ'));
  }
  pelvis.updateMatrixWorld(true);
  return Object.fromEntries(
    Object.entries(nodes).map(([name, node]) => [name, node.getWorldPosition(new Vector3())]),
  );
}

const variants = POSES.flatMap((pose) => pose.ladder.map((variant) => variant.id));

test.each(variants)('%s: every joint where three puts it, to 1e-6', (id) => {
  const { heightCm, postures } = posturesFor(id, 165);
  for (const posture of postures) {
    const ours = buildBody(posture, heightCm);
    const theirs = threeOrigins(posture, heightCm);
    for (const [name, frame] of Object.entries(ours.frames)) {
      const other = theirs[name]!;
      expect(
        Math.hypot(frame.origin[0] - other.x, frame.origin[1] - other.y, frame.origin[2] - other.z) /
          heightCm,
      ).toBeLessThan(1e-6);
    }
  }
});

test('a posture survives being packed and unpacked', () => {
  const posture = completePosture({ hipR: [12.34, 5, -6], kneeL: 90, x: 3, twist: -12.5 });
  expect(unpackPosture(packPosture(posture))).toEqual(posture);
});

test('a mirrored posture puts the left hand where the right was', () => {
  const { heightCm, postures } = posturesFor('triangle.block', 165);
  const posture = postures[0]!;
  const body = buildBody(posture, heightCm);
  const mirrored = buildBody(mirrorPosture(posture), heightCm);
  for (const [right, left] of [
    ['palmMidR', 'palmMidL'],
    ['toeL', 'toeR'],
    ['crown', 'crown'],
  ] as const) {
    const [x, y, z] = body.points[right]!;
    const [mx, my, mz] = mirrored.points[left]!;
    expect(Math.hypot(x - mx, y - my, z + mz)).toBeLessThan(1e-9);
  }
});
