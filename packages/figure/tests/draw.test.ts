/** A drawing as vectors: what must hold for every figure, whatever the pose. */
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { drawFigure, mirrorScene, resolveColours, type FigureScene } from '../src/index.js';
import { SCULPTURE } from '../src/node.js';
import { scenesOf, VARIANTS } from './scenes.js';

const SIZE = { width: 96, height: 84, margin: 4 };
const draw = (scene: FigureScene, size = SIZE): string => drawFigure(scene, size, SCULPTURE);
const first = (id: string): FigureScene => scenesOf(id)[0]!;

/** Where a drawing's paths go, absolute. */
function points(svg: string): [number, number][] {
  const all: [number, number][] = [];
  for (const [, d] of svg.matchAll(/ d="([^"]*)"/g)) {
    let [x, y] = [0, 0];
    for (const [, letter, text] of d!.matchAll(/([MLlc])([^A-Za-z]*)/g)) {
      const numbers = [...text!.matchAll(/-?(?:\d+\.?\d*|\.\d+)/g)].map(Number);
      const step = letter === 'c' ? 6 : 2;
      for (let i = 0; i + step <= numbers.length; i += step) {
        const [dx, dy] = [numbers[i + step - 2]!, numbers[i + step - 1]!];
        [x, y] = letter === 'M' || letter === 'L' ? [dx, dy] : [x + dx, y + dy];
        all.push([x, y]);
      }
    }
  }
  return all;
}

test.each(BUILT_IN.poses.map((pose) => [pose.id, pose.ladder.map(({ id }) => id)] as const))(
  '%s: every version stays in its frame, is large enough to read, and small as a file',
  (_pose, ids) => {
    for (const id of ids) {
      const svg = draw(first(id));
      expect(svg).not.toMatch(/NaN|Infinity|undefined|style=/);
      const all = points(svg);
      const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
      const [x0, x1] = [Math.min(...xs), Math.max(...xs)];
      const [y0, y1] = [Math.min(...ys), Math.max(...ys)];
      expect(x0).toBeGreaterThan(-2);
      expect(y0).toBeGreaterThan(-2);
      expect(x1).toBeLessThan(SIZE.width + 2);
      expect(y1).toBeLessThan(SIZE.height + 2);
      expect(Math.max(x1 - x0, y1 - y0)).toBeGreaterThan(55);
      expect(gzipSync(svg).length).toBeLessThan(4096);
    }
  },
);

test('colours are variables, but for a look that has its own and what a palette may leave out', () => {
  for (const { id } of VARIANTS.filter((_, i) => i % 9 === 0))
    expect(draw(first(id)).replace(/var\(--fig-[a-z-]+,#[0-9a-f]{6}\)/g, '')).not.toMatch(/#[0-9a-f]{6}/);
});

test('the same scene gives the same drawing, and other gradients by another name', () => {
  expect(draw(first('tree.full'))).toBe(draw(first('tree.full')));
  expect(drawFigure(first('tree.full'), SIZE, SCULPTURE, 'other')).not.toContain('url(#f');
});

test('a mirrored scene has the mirrored extent', () => {
  const wide = (scene: FigureScene): number => {
    const xs = points(draw(scene)).map(([x]) => x);
    return Math.max(...xs) - Math.min(...xs);
  };
  for (const id of ['warrior-two.full', 'pigeon.head-supported', 'gate.full'])
    expect(Math.abs(wide(first(id)) - wide(mirrorScene(first(id))))).toBeLessThan(2);
});

test('mirrored twice, a scene is as it was', () => {
  for (const { id } of VARIANTS) {
    const { props, view } = mirrorScene(mirrorScene(first(id)));
    expect({ props, view }).toEqual({ props: first(id).props, view: first(id).view });
  }
});

/** The palette's light colours. */
const PALETTE = Object.fromEntries(
  [
    ...readFileSync(new URL('../palette.css', import.meta.url), 'utf8')
      .split('@media')[0]!
      .matchAll(/(--fig-[a-z]+): (#[0-9a-f]{6})/g),
  ].map(([, name, colour]) => [name!, colour!]),
);

test('with colours resolved nothing is left that a PDF would not know', () => {
  for (const { id } of VARIANTS.filter((_, i) => i % 7 === 0)) {
    const svg = resolveColours(draw({ ...first(id), look: { skin: 3, hairTone: 0 } }), PALETTE);
    expect(svg).not.toMatch(/var\(|color-mix|undefined/);
    expect(svg).toContain('#8d5b3c');
  }
});

test.each([
  ['<path fill="var(--fig-top)"/>', '<path fill="#2b6f73"/>'],
  ['<path fill="var(--fig-shade,#0b1030)"/>', '<path fill="#0b1030"/>'],
  ['<path fill="var(--fig-shade,#fff)"/>', '<path fill="#ffffff"/>'],
  ['<path stroke="var(--fig-outline,url(#f11))"/>', '<path stroke="url(#f11)"/>'],
  ['<path stroke-width="var(--fig-outline-width,0.35)"/>', '<path stroke-width="0.35"/>'],
  // Half way between 2b6f73 and fbf7ef: (43 + 251) / 2 and so on.
  ['<path fill="color-mix(in srgb,var(--fig-top) 50%,var(--fig-paper))"/>', '<path fill="#93b3b1"/>'],
  [
    '<path stroke="var(--fig-outline,color-mix(in srgb,var(--fig-top) 50%,var(--fig-paper)))"/>',
    '<path stroke="#93b3b1"/>',
  ],
])('%s is %s', (given, resolved) => expect(resolveColours(given, PALETTE)).toBe(resolved));

test('a colour that no palette has is said', () => {
  expect(() => resolveColours('<path fill="var(--fig-nothing)"/>', PALETTE)).toThrow('--fig-nothing');
});
