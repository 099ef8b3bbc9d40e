/** The drawing of a skeleton: what must hold for every figure, whatever the pose. */
import {
  buildBody,
  completePosture,
  mirrorPosture,
  outline,
  type PropPlacement,
  type Vec3,
} from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { depthOrder, type Seen } from '../../src/domain/figure/depthOrder.js';
import { drawFigure } from '../../src/domain/figure/drawFigure.js';
import { capsulePath, circlePoints, extent, short, sidePath } from '../../src/domain/figure/geometry.js';
import { mirrorProps } from '../../src/domain/figure/mirrorProps.js';
import { bodyParts } from '../../src/domain/figure/bodyParts.js';
import type { Part } from '../../src/domain/figure/parts.js';
import { propParts } from '../../src/domain/figure/propParts.js';

const SIZE = { width: 96, height: 84, margin: 4 };
const variants = BUILT_IN.poses.flatMap((pose) => pose.ladder);
const draw = (id: string, frame = 0): string => {
  const variant = variants.find((known) => known.id === id)!;
  const { postures, heightCm } = BUILT_IN.postures(id, 165);
  return drawFigure({ posture: postures[frame]!, heightCm, props: variant.props, view: variant.view }, SIZE);
};
/** Coordinates of absolute points in a drawing: what stands behind M and L. */
const points = (svg: string): [number, number][] =>
  [...svg.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map((match) => [Number(match[1]), Number(match[2])]);

test.each(variants.map((variant) => variant.id))(
  '%s: stays in its frame, with nothing that is no number',
  (id) => {
    const svg = draw(id);
    expect(svg).not.toMatch(/NaN|Infinity|undefined/);
    const outside = points(svg).filter(
      ([x, y]) => x < -1 || y < -1 || x > SIZE.width + 1 || y > SIZE.height + 1,
    );
    expect(outside).toEqual([]);
  },
);

test.each(variants.map((variant) => variant.id))(
  '%s: is large enough to read at 96 px: at least 60 px one way',
  (id) => {
    const all = points(draw(id));
    const [x0, x1] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
    const [y0, y1] = [Math.min(...all.map(([, y]) => y)), Math.max(...all.map(([, y]) => y))];
    expect(Math.max(x1 - x0, y1 - y0)).toBeGreaterThan(60);
  },
);

test('every colour is a variable, so that light, dark and paper agree', () => {
  for (const { id } of variants) expect(draw(id)).not.toMatch(/#[0-9a-f]{3,6}\b/i);
});

test('the same scene gives the same drawing', () => {
  expect(draw('tree.full')).toBe(draw('tree.full'));
});

test('a movement draws its key frames differently', () => {
  expect(draw('cat-cow.all-fours', 0)).not.toBe(draw('cat-cow.all-fours', 1));
});

test('a mirrored posture from a mirrored camera has the same extent', () => {
  const { postures, heightCm } = BUILT_IN.postures('warrior-two.full', 165);
  const one = postures[0]!;
  const right = points(drawFigure({ posture: one, heightCm, props: [], view: [80, 8] }, SIZE));
  const left = points(drawFigure({ posture: mirrorPosture(one), heightCm, props: [], view: [100, 8] }, SIZE));
  const wide = (all: [number, number][]): number =>
    Math.max(...all.map(([x]) => x)) - Math.min(...all.map(([x]) => x));
  expect(wide(left)).toBeCloseTo(wide(right), 0);
});

describe('parts', () => {
  const body = buildBody(completePosture({ y: 87.5 }), 165);
  const parts = bodyParts(body);
  test('a body has two arms, two legs, a trunk, a neck and a head', () => {
    const limbs = new Set(parts.map((part) => part.limb));
    expect([...limbs].sort()).toEqual(['armL', 'armR', 'head', 'legL', 'legR', 'neck', 'trunk']);
  });
  test('every part has balls to sort it by, inside the room a body takes', () => {
    for (const part of parts) {
      expect(part.samples.length).toBeGreaterThan(0);
      for (const [[x, y, z], radius] of part.samples) {
        expect(Math.hypot(x, z)).toBeLessThan(60);
        expect(y + radius).toBeGreaterThan(-2);
        expect(y - radius).toBeLessThan(175);
      }
    }
  });
  test.each<[PropPlacement, number, number]>([
    [{ kind: 'chair', where: '' }, 7, 88],
    [{ kind: 'block', heightCm: 23, lies: 'upright', under: ['palmMidR'], where: '' }, 1, 23],
    [{ kind: 'block', heightCm: 10, under: ['forehead'], where: '' }, 1, 10],
    [{ kind: 'blanket', count: 4, heightCm: 10, under: ['sacrum'], where: '' }, 4, 10],
    [{ kind: 'bolster', heightCm: 20, under: ['kneeR', 'kneeL'], along: [0, 0, 1], where: '' }, 1, 20],
    [{ kind: 'wall', x: 30, where: '' }, 0, 0],
  ])('%j is %i parts, %f cm high', (prop, count, height) => {
    const made = propParts(prop, body);
    expect(made).toHaveLength(count);
    const tops = made.flatMap((part) =>
      part.kind === 'box' ? [part.max[1]] : part.samples.map(([v, r]) => v[1] + r),
    );
    if (count) expect(Math.max(...tops)).toBeCloseTo(height, 5);
  });
});

describe('depth', () => {
  const ball = (name: string, at: Vec3, radius = 5): Part => ({
    kind: 'chain',
    name,
    tone: 'skin',
    balls: [
      [at, radius],
      [at, radius],
    ],
    samples: [[at, radius]],
  });
  const box = (name: string, min: Vec3, max: Vec3): Part => ({
    kind: 'box',
    name,
    tone: 'wood',
    min,
    max,
    layer: 0,
    samples: [[[0, 0, (min[2] + max[2]) / 2], 5]],
  });
  // The camera looks along -z: what has more z is nearer.
  const seen = (part: Part): Seen => {
    const balls = part.samples;
    const [p, r] = balls[0]!;
    return { part, balls, bounds: [p[0] - r, p[1] - r, p[0] + r, p[1] + r], depth: p[2] };
  };
  const order = (...parts: Part[]): string[] =>
    depthOrder(parts.map(seen), [0, 0, 1]).map((part) => part.name);
  test('what is further away is drawn first, in whichever order it comes', () => {
    const far = ball('far', [0, 0, -10]);
    const near = ball('near', [2, 0, 10]);
    expect(order(far, near)).toEqual(['far', 'near']);
    expect(order(near, far)).toEqual(['far', 'near']);
  });
  test('three in a row', () => {
    expect(order(ball('b', [1, 0, 0]), ball('c', [2, 0, 9]), ball('a', [0, 0, -9]))).toEqual(['a', 'b', 'c']);
  });
  test('a hand before a chair back is drawn after it, and one behind it before', () => {
    const back = box('back', [-20, -20, -2], [20, 20, 2]);
    expect(order(ball('hand', [0, 0, 9], 3), back)).toEqual(['back', 'hand']);
    expect(order(back, ball('hand', [0, 0, -9], 3))).toEqual(['hand', 'back']);
  });
});

describe('shapes on the page', () => {
  test('one decimal is kept', () => expect(short(1.2345)).toBe(1.2));
  test('a capsule whose one end swallows the other is a circle', () =>
    expect(capsulePath([0, 0], [1, 0], 10, 2)).toMatch(/^M-10 0a10 10/));
  test('a capsule is two arcs and two lines', () =>
    expect(capsulePath([0, 0], [20, 0], 4, 3).match(/[AL]/g)).toEqual(['A', 'L', 'A']));
  test('side lines leave the round ends open', () => {
    expect(sidePath([0, 0], [20, 0], 4, 4)).toBe('M0 4L20 4M0 -4L20 -4');
    expect(sidePath([0, 0], [1, 0], 10, 2)).toBe('');
  });
  test('a circle keeps its radius', () => {
    for (const [x, y] of circlePoints([3, 4], 5)) expect(Math.hypot(x - 3, y - 4)).toBeCloseTo(5, 9);
  });
  test('extent of some points', () =>
    expect(
      extent(
        [
          [1, 5, 0],
          [3, -2, 0],
        ],
        1,
      ),
    ).toEqual([-2, 5]));
  test('the outline of a square with a point inside is the square', () =>
    expect(
      outline([
        [0, 0],
        [4, 0],
        [4, 4],
        [0, 4],
        [2, 2],
      ]),
    ).toHaveLength(4));
});

describe('props of the atlas', () => {
  const body = buildBody(completePosture({ y: 87.5 }), 165);
  test.each<[string, PropPlacement, number]>([
    ['a low stool is one solid box', { kind: 'stool', heightCm: 38, x: 50, size: [30, 42], where: '' }, 1],
    ['a table is a top on four legs', { kind: 'stool', heightCm: 72, x: 50, size: [50, 76], where: '' }, 5],
    [
      'a roll lies between two points',
      { kind: 'roll', thickCm: 12, between: ['thighInR', 'thighInL'], lengthCm: 30, where: '' },
      1,
    ],
    [
      'a strap runs from point to point',
      { kind: 'strap', through: ['palmMidR', 'ballR', 'palmMidL'], where: '' },
      2,
    ],
  ])('%s', (_name, prop, count) => expect(propParts(prop, body)).toHaveLength(count));

  test('mirrored twice, props are where they were, and sides change places', () => {
    for (const { props } of variants) expect(mirrorProps(mirrorProps(props))).toEqual(props);
    expect(mirrorProps([{ kind: 'strap', through: ['palmMidR', 'ballL'], where: '' }])).toEqual([
      { kind: 'strap', through: ['palmMidL', 'ballR'], where: '' },
    ]);
  });

  test("a child's figure is drawn with a larger head: it is no small adult", () => {
    const { postures, heightCm } = BUILT_IN.postures('mountain.full', 110, 'child-3-5');
    expect(
      drawFigure({ posture: postures[0]!, heightCm, build: 'child-3-5', props: [], view: [60, 8] }, SIZE),
    ).not.toBe(drawFigure({ posture: postures[0]!, heightCm, props: [], view: [60, 8] }, SIZE));
  });
});
