/** Movements: that one sees what changes, and that what moves stays a body. */
import { buildBody, length, SKIN_POINTS, sub, wallAt, type Vec3 } from '@lotus-steady/core/body';
import { drawMovement, paintFigure, postureBetween, cameraOf, pageFor, stageOf } from '../src/index.js';
import { SCULPTURE } from '../src/node.js';
import { render } from '../src/raster/render.js';
import { changeBetween } from '../src/view/silhouette.js';
import { wipe } from '../src/raster/buffer.js';
import { scenesOf, VARIANTS } from './scenes.js';

const MOVEMENTS = VARIANTS.filter(({ frames }) => frames.length > 1).map(({ id }) => id);

/** Share of the figure's pixels that change from start to end, seen alike. */
function changeOf(id: string): number {
  const scenes = scenesOf(id);
  const stages = [scenes[0]!, scenes.at(-1)!].map((scene) => stageOf(scene, SCULPTURE.coarse));
  const page = pageFor(stages, cameraOf(scenes[0]!.view), { width: 200, height: 170, margin: 8 });
  return changeBetween(stages[0]!, stages[1]!, page);
}

test.each(MOVEMENTS)(
  '%s: start and end differ in 2 %% of pixels at least, or stand larger in a circle',
  (id) => {
    const svg = drawMovement(scenesOf(id), { width: 200, height: 170, margin: 8 }, SCULPTURE);
    expect(svg).not.toMatch(/NaN|undefined/);
    // Ghost and arrow, or the circle.
    expect(svg).toMatch(/fill-opacity=".2"/);
    if (changeOf(id) < 0.02) expect(svg).toContain('<clipPath');
  },
);

describe('on the way between two postures', () => {
  const pairs = MOVEMENTS.filter((_, i) => i % 5 === 0).map((id) => [id, scenesOf(id)] as const);
  test.each(pairs)(
    '%s: limbs keep their lengths, nothing sinks in, and what stands still stands',
    (_id, scenes) => {
      const { heightCm, build } = scenes[0]!;
      const [from, to] = [scenes[0]!.posture, scenes[1]!.posture];
      const at = (share: number) =>
        buildBody(postureBetween(from, to, share, { heightCm, build }), heightCm, {}, build);
      const [a, b] = [at(0), at(1)];
      const apart = (x: Vec3, y: Vec3): number => length(sub(x, y));
      const still = SKIN_POINTS.filter((name) => apart(a.points[name]!, b.points[name]!) < 0.5);
      for (const share of [0.2, 0.5, 0.8]) {
        const { points } = at(share);
        expect(apart(points.hipJR!, points.kneeR!)).toBeCloseTo(apart(a.points.hipJR!, a.points.kneeR!), 3);
        expect(apart(points.shoulderJR!, points.elbowR!)).toBeCloseTo(
          apart(a.points.shoulderJR!, a.points.elbowR!),
          3,
        );
        const lowest = Math.min(...SKIN_POINTS.map((name) => points[name]![1]));
        expect(lowest).toBeGreaterThan(-1.2);
        // In the mean: single ones swing about the others.
        if (still.length > 3) {
          const moved = still.map((name) => apart(points[name]!, a.points[name]!));
          expect(moved.reduce((sum, one) => sum + one) / moved.length).toBeLessThan(4);
        }
      }
    },
  );

  test('it begins and ends at the key frames', () => {
    for (const [, scenes] of pairs) {
      const { heightCm } = scenes[0]!;
      const [from, to] = [scenes[0]!.posture, scenes[1]!.posture];
      expect(postureBetween(from, to, 0, { heightCm })).toBe(from);
      expect(postureBetween(from, to, 1, { heightCm })).toBe(to);
    }
  });
});

test('a painted figure shows the same body as the drawn one', () => {
  const palette = Object.fromEntries(
    [
      'paper',
      'top',
      'leg',
      'skin',
      'hair',
      'wood',
      'cloth',
      'mat',
      'wall',
      'eye',
      'shadow',
      'edge',
      'mark',
      'black',
      'brown',
    ].map((name, i) => [`--fig-${name}`, `#${(0x101010 * (i + 1)).toString(16).padStart(6, '0')}`]),
  );
  const scene = scenesOf('warrior-two.full')[0]!;
  const stage = stageOf(scene, SCULPTURE.fine);
  const page = pageFor([stage], cameraOf(scene.view), { width: 240, height: 200, margin: 8 });
  const { pixels, width, height, below, face } = paintFigure(stage, page, SCULPTURE, palette);
  const { buffers } = render(stage, page, 1);
  let differs = 0;
  for (let i = 0; i < width * height; i++)
    if (Boolean(buffers.buffer.id[i]) !== pixels[i * 4 + 3]! > 127) differs++;
  wipe(buffers);
  expect(differs / (width * height)).toBeLessThan(0.01);
  expect(below.length).toBeGreaterThan(wallAt(scene.props) === undefined ? 2 : 3);
  expect(face.every(({ fill, stroke }) => /^#[0-9a-f]{6}$/.test(fill ?? stroke!))).toBe(true);
});
