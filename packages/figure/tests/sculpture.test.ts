/** The sculpted body: that it is what its fields give, whole, and as large as bodies are. */
import { readFileSync } from 'node:fs';
import { add, BODY_POINTS, MASS, rotate, type Vec3 } from '@lotus-steady/core/body';
import { bodyField } from '../sculpt/bodyField.js';
import { buildMesh } from '../sculpt/buildMesh.js';
import { faceLines } from '../sculpt/faceLines.js';
import { footField } from '../sculpt/footField.js';
import { handField } from '../sculpt/handField.js';
import type { Field } from '../sculpt/field.js';
import { headField } from '../sculpt/headField.js';
import { packMesh } from '../sculpt/packMesh.js';
import { inFrame, REST } from '../sculpt/rest.js';
import { CELLS } from '../sculpt/cells.js';
import { SCULPTURE } from '../src/node.js';

const data = (name: string): Buffer => readFileSync(new URL(`../data/${name}`, import.meta.url));

test.each(['fine', 'coarse'] as const)('%s is what the fields give: npm run sculpt', (name) => {
  expect(Buffer.compare(Buffer.from(packMesh(buildMesh(CELLS[name]))), data(`${name}.bin`))).toBe(0);
});

test('what lies on the face is what its fields give', () => {
  expect(JSON.parse(data('face.json').toString())).toEqual(faceLines());
});

test.each(['fine', 'coarse'] as const)('%s: right and left are mirror images', (name) => {
  const { position, vertices } = SCULPTURE[name];
  const key = (x: number, y: number, z: number): string => [x, y, z].map((v) => v.toFixed(3)).join(' ');
  const all = new Set<string>();
  for (let v = 0; v < vertices; v++)
    all.add(key(position[v * 3]!, position[v * 3 + 1]!, position[v * 3 + 2]!));
  for (let v = 0; v < vertices; v++)
    expect(all.has(key(position[v * 3]!, position[v * 3 + 1]!, -position[v * 3 + 2]! + 0))).toBe(true);
});

test.each(['fine', 'coarse'] as const)('%s: weights add up to 1, the heaviest first', (name) => {
  const { weights, vertices } = SCULPTURE[name];
  for (let v = 0; v < vertices; v++) {
    const four = [...weights.subarray(v * 4, v * 4 + 4)];
    expect(four.reduce((a, b) => a + b)).toBeCloseTo(1, 5);
    expect(Math.max(...four)).toBe(four[0]);
    expect(Math.min(...four)).toBeGreaterThanOrEqual(0);
  }
});

describe('size', () => {
  /** Litres of each part, counted in a grid: right side only, middle parts doubled. */
  const litres = { head: 0, trunk: 0, arm: 0, leg: 0 };
  const cell = 1.25;
  for (let x = -22; x < 34; x += cell)
    for (let y = -92; y < 80; y += cell)
      for (let z = cell / 2; z < 59; z += cell) {
        const place: Vec3 = [x, y, z];
        const head = headField(inFrame('head', place)) < 0;
        const hand = handField(inFrame('handR', place)) < 0;
        const foot = footField(inFrame('footR', place)) < 0;
        if (!head && !hand && !foot && bodyField(place) >= 0) continue;
        const arm = inFrame('upperArmR', place);
        const isArm = hand || (arm[1] < 0 && Math.hypot(arm[0], arm[2]) < 8 && z > 12 && y > 0) || z > 30;
        const thigh = inFrame('thighR', place);
        const litre = cell ** 3 / 1000;
        if (head || y > 53.6) litres.head += 2 * litre;
        else if (isArm && y > -25) litres.arm += litre;
        else if (foot || (thigh[1] < 0 && y < -2 && z > 0.5)) litres.leg += litre;
        else litres.trunk += 2 * litre;
      }
  const all = litres.head + litres.trunk + 2 * (litres.arm + litres.leg);
  /** Mean density of a body, kg a litre: about 1.04 without the air in the lungs (Dempster 1955, from memory). */
  const DENSITY = 1.04;

  test('the body weighs, at the usual density, what a slim one of 165 cm does: within 5 %', () => {
    // Body mass index 20, in the lower half of what is called healthy (WHO: 18.5 to 25).
    const mass = 20 * 1.65 ** 2;
    expect(Math.abs(all * DENSITY - mass) / mass).toBeLessThan(0.05);
  });

  // Where a limb ends at hip and shoulder differs from table to table: shares of the whole, within 5 points of it.
  const legShare = MASS.thigh.share + MASS.shank.share + MASS.foot.share;
  const armShare = MASS.upperArm.share + MASS.forearm.share + MASS.hand.share;
  const trunkShare = MASS.thorax.share + MASS.abdomen.share + MASS.pelvis.share;
  test.each([
    ['head and neck', litres.head, MASS.headAndNeck.share],
    ['a leg', litres.leg, legShare],
    ['an arm', litres.arm, armShare],
    ['the trunk', litres.trunk, trunkShare],
  ])('%s is as much of it as in the tables (Winter 4.1): within 5 %% of the body', (_part, part, share) => {
    expect(Math.abs(part / all - share)).toBeLessThan(0.05);
  });
});

describe('landmarks', () => {
  /** Under hair, or where what one sits on presses the flesh in: how far the surface may lie outside them, cm. */
  const COVERED: Readonly<Record<string, number>> = { headBack: 0.9, sit: 0.9 };
  const skin = BODY_POINTS.filter(
    ({ name }) => !name.endsWith('L') && !/^(heart|ear|eyes|headMiddle|toe)/.test(name),
  );
  test.each(skin.map((point) => [point.name, point] as const))(
    '%s lies on the surface, within 0.7 cm or what covers it',
    (name, { frame, offset, radius }) => {
      const at = offset.map((v) => v * 165) as Vec3;
      const { rotation, origin } = REST.frames[frame]!;
      const fields: Readonly<Record<string, Field>> = { head: headField, handR: handField, footR: footField };
      const distance = fields[frame]?.(at) ?? bodyField(add(origin, rotate(rotation, at)));
      const off = distance + radius * 165;
      expect(off).toBeLessThan(0.75);
      expect(off).toBeGreaterThan(-(COVERED[name.replace(/R$/, '')] ?? 0.7));
    },
  );
});
