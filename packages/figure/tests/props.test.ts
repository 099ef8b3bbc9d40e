/** Props: what they are made of, where they stand, and that mirroring keeps them. */
import { buildBody, completePosture, type PropPlacement } from '@lotus-steady/core/body';
import { mirrorProps } from '../src/index.js';
import { piecesOf } from '../src/props/pieces.js';
import { propMeshOf } from '../src/props/propMesh.js';
import { VARIANTS } from './scenes.js';

const body = buildBody(completePosture({ y: 87.5 }), 165);

test.each<[PropPlacement, number, number]>([
  [{ kind: 'chair', where: '' }, 7, 88],
  [{ kind: 'block', heightCm: 23, lies: 'upright', under: ['palmMidR'], where: '' }, 1, 23],
  [{ kind: 'block', heightCm: 10, under: ['forehead'], where: '' }, 1, 10],
  [{ kind: 'blanket', count: 4, heightCm: 10, under: ['sacrum'], where: '' }, 4, 10],
  [{ kind: 'bolster', heightCm: 20, under: ['kneeR', 'kneeL'], along: [0, 0, 1], where: '' }, 1, 20],
  [{ kind: 'stool', heightCm: 38, x: 50, size: [30, 42], where: '' }, 1, 38],
  [{ kind: 'stool', heightCm: 72, x: 50, size: [50, 76], where: '' }, 5, 72],
  [{ kind: 'roll', thickCm: 12, between: ['thighInR', 'thighInL'], lengthCm: 30, where: '' }, 1, 0],
  [{ kind: 'strap', through: ['palmMidR', 'ballR', 'palmMidL'], where: '' }, 2, 0],
  [{ kind: 'wall', x: 30, where: '' }, 0, 0],
])('%j is %i pieces, %f cm high', (prop, count, height) => {
  const pieces = piecesOf([prop], body);
  expect(pieces).toHaveLength(count);
  const { points, triangles, paints } = propMeshOf(pieces);
  if (height) expect(Math.max(...points.map(([, y]) => y))).toBeCloseTo(height, 0);
  for (const [a, b, c, paint] of triangles) {
    for (const corner of [a, b, c]) expect(points[corner]!.every(Number.isFinite)).toBe(true);
    expect(paints[paint]).toBeDefined();
  }
});

test('a wheelchair stands where the chair was, with its seat as high', () => {
  const chair: PropPlacement = { kind: 'chair', where: '' };
  const seat = (onWheels: boolean): number =>
    Math.max(
      ...piecesOf([chair], body, onWheels).flatMap(({ solid }) =>
        solid.kind === 'box' && solid.max[0] - solid.min[0] > 30 ? [solid.max[1]] : [],
      ),
    );
  expect(seat(true)).toBe(seat(false));
  expect(piecesOf([chair], body, true).length).toBeGreaterThan(40);
});

test('no scene needs more paints than there are labels for', () => {
  for (const { props } of VARIANTS)
    for (const onWheels of [false, true])
      expect(propMeshOf(piecesOf(props, body, onWheels)).paints.length).toBeLessThan(230);
});

test('sides change places', () => {
  expect(mirrorProps([{ kind: 'strap', through: ['palmMidR', 'ballL'], where: '' }])).toEqual([
    { kind: 'strap', through: ['palmMidL', 'ballR'], where: '' },
  ]);
});
