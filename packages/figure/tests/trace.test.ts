/** The traced picture against the plain z-buffer that it was traced from. */
import fc from 'fast-check';
import { wipe } from '../src/raster/buffer.js';
import { exactEdges } from '../src/raster/exactEdges.js';
import { fillTriangle } from '../src/raster/fillTriangle.js';
import { labelPixels } from '../src/raster/labelPixels.js';
import { render } from '../src/raster/render.js';
import { buffersFor } from '../src/raster/buffer.js';
import { cameraOf, pageFor, stageOf } from '../src/index.js';
import { SCULPTURE } from '../src/node.js';
import { areasOf } from '../src/trace/areas.js';
import { fitCurve } from '../src/trace/fitCurve.js';
import { scenesOf } from './scenes.js';

/** Points along a path of M, l and c, curves cut into eight. */
function flattened(d: string): [number, number][][] {
  const loops: [number, number][][] = [];
  let loop: [number, number][] = [];
  let [x, y] = [0, 0];
  for (const [, letter, text] of d.matchAll(/([Mlcz])([^A-Za-z]*)/g)) {
    const n = [...text!.matchAll(/-?(?:\d+\.?\d*|\.\d+)/g)].map(Number);
    if (letter === 'M') loops.push((loop = [([x, y] = [n[0]!, n[1]!])]));
    if (letter === 'l')
      for (let i = 0; i < n.length; i += 2) loop.push(([x, y] = [x + n[i]!, y + n[i + 1]!]));
    if (letter === 'c')
      for (let i = 0; i < n.length; i += 6) {
        const [x0, y0] = [x, y];
        for (let k = 1; k <= 8; k++) {
          const t = k / 8;
          const s = 1 - t;
          const at = (j: number): number =>
            3 * s * s * t * n[i + j]! + 3 * s * t * t * n[i + 2 + j]! + t ** 3 * n[i + 4 + j]!;
          loop.push(([x, y] = [x0 + at(0), y0 + at(1)]));
        }
      }
  }
  return loops;
}

/** Pixels whose centres lie in a path, even-odd. */
function filled(d: string, width: number, height: number, scale: number): Uint8Array {
  const mask = new Uint8Array(width * height);
  const loops = flattened(d);
  for (let row = 0; row < height; row++) {
    const y = (row + 0.5) / scale;
    const crossings: number[] = [];
    for (const loop of loops)
      for (let i = 0; i < loop.length; i++) {
        const [ax, ay] = loop[i]!;
        const [bx, by] = loop[(i + 1) % loop.length]!;
        if (ay <= y !== by <= y) crossings.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
      }
    crossings.sort((a, b) => a - b);
    for (let i = 0; i + 1 < crossings.length; i += 2) {
      const from = Math.max(0, Math.ceil(crossings[i]! * scale - 0.5));
      for (let x = from; x < width && x + 0.5 < crossings[i + 1]! * scale; x++) mask[row * width + x]! ^= 1;
    }
  }
  return mask;
}

test.each([
  'downward-facing-dog.full',
  'eagle.toe-down',
  'happy-baby.feet',
  'seated-twist.chair',
  'garland.full',
])('%s: less than 1 % of pixels differ from the z-buffer', (id) => {
  const scene = scenesOf(id)[0]!;
  const stage = stageOf(scene, SCULPTURE.fine);
  const size = { width: 500, height: 420, margin: 10 };
  const page = pageFor([stage], cameraOf(scene.view), size);
  const scale = 1.55;
  const rendered = render(stage, page, scale);
  const { buffers } = rendered;
  exactEdges(rendered);
  labelPixels(buffers, stage.skinned.mesh, new Uint8Array(5));
  const { width, height } = buffers.buffer;
  const labels = buffers.labels.slice(0, width * height);
  const areas = areasOf(buffers.labels, {
    width,
    height,
    scale,
    tolerance: 0.28 * scale,
    passes: 5,
    exact: buffers.exact,
    rows: buffers.buffer,
  });
  wipe(buffers);
  const drawn = new Uint8Array(width * height);
  for (const [label, d] of [...areas].sort((a, b) => b[0] - a[0]))
    filled(d, width, height, scale).forEach((inside, i) => {
      if (inside) drawn[i] = label;
    });
  const differing = drawn.reduce((sum, label, i) => sum + (label === labels[i] ? 0 : 1), 0);
  expect(differing / (width * height)).toBeLessThan(0.01);
});

test('a triangle covers the pixels whose centres lie in it, and keeps what is nearer', () => {
  const at = fc.double({ min: 2, max: 38, noNaN: true });
  fc.assert(
    fc.property(fc.tuple(at, at, at, at, at, at), ([x0, y0, x1, y1, x2, y2]) => {
      const buffers = buffersFor(40, 40);
      fillTriangle(buffers.buffer, x0, y0, 5, 1, x1, y1, 5, 1, x2, y2, 5, 1, 7);
      const side = (ax: number, ay: number, bx: number, by: number, px: number, py: number): number =>
        (bx - ax) * (py - ay) - (by - ay) * (px - ax);
      let wrong = 0;
      for (let y = 0; y < 40; y++)
        for (let x = 0; x < 40; x++) {
          const s = [
            side(x0, y0, x1, y1, x + 0.5, y + 0.5),
            side(x1, y1, x2, y2, x + 0.5, y + 0.5),
            side(x2, y2, x0, y0, x + 0.5, y + 0.5),
          ];
          const inside = s.every((v) => v > 0.5) || s.every((v) => v < -0.5);
          const outside = s.some((v) => v > 0.5) && s.some((v) => v < -0.5);
          const covered = buffers.buffer.id[y * 40 + x] === 7;
          if ((inside && !covered) || (outside && covered)) wrong++;
        }
      wipe(buffers);
      expect(wrong).toBe(0);
    }),
    { numRuns: 60 },
  );
});

test('a fitted curve stays within its tolerance of what it follows', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 6, maxLength: 12 }),
      (waves) => {
        const line = new Float64Array(160);
        for (let i = 0; i < 80; i++) {
          const t = i / 79;
          line[i * 2] = t * 100;
          line[i * 2 + 1] = waves.reduce(
            (sum, wave, k) => sum + (wave * 8 * Math.sin((k + 1) * t * 3)) / (k + 1),
            0,
          );
        }
        const curve = fitCurve(line, false, 0.5);
        let worst = 0;
        for (let i = 0; i < 80; i++) {
          const [px, py] = [line[i * 2]!, line[i * 2 + 1]!];
          let nearest = Infinity;
          let [ax, ay] = [curve[0]!, curve[1]!];
          for (let c = 2; c < curve.length; c += 6)
            for (let k = 1; k <= 20; k++) {
              const t = k / 20;
              const s = 1 - t;
              const at = (j: 0 | 1): number =>
                s ** 3 * curve[c - 2 + j]! +
                3 * s * s * t * curve[c + j]! +
                3 * s * t * t * curve[c + 2 + j]! +
                t ** 3 * curve[c + 4 + j]!;
              const [bx, by] = [at(0), at(1)];
              const squared = (bx - ax) ** 2 + (by - ay) ** 2 || 1;
              const along = Math.max(
                0,
                Math.min(1, ((px - ax) * (bx - ax) + (py - ay) * (by - ay)) / squared),
              );
              nearest = Math.min(
                nearest,
                Math.hypot(px - ax - (bx - ax) * along, py - ay - (by - ay) * along),
              );
              [ax, ay] = [bx, by];
            }
          worst = Math.max(worst, nearest);
        }
        // Twenty chords stand for a curve.
        expect(worst).toBeLessThan(0.7);
      },
    ),
    { numRuns: 40 },
  );
});
