/** Solved bodies as they are stored: what is packed comes out again, to the last digit. */
import fc from 'fast-check';
import { readBuiltIn } from '../../builtIn/index.js';
import { MEASURE_NAMES } from '../../src/poses/measures.js';
import { fromPlanes, toPlanes } from '../../src/poses/bytePlanes.js';
import { readTables, writeTables } from '../../src/poses/catalogueFile.js';
import {
  packMeasure,
  packSolutions,
  unpackMeasure,
  unpackSolutions,
} from '../../src/poses/packedSolutions.js';
import { compact } from '../../src/poses/solveAll.js';
import type { StoredSolutions } from '../../src/poses/solveVariant.js';
import { POSES } from '../builtIn.js';

test('numbers through byte planes', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -32_767, max: 32_767 })), (numbers) =>
      expect([...fromPlanes(toPlanes(Int16Array.from(numbers)))]).toEqual(numbers),
    ),
  );
});

test('a measure that is rounded as it is stored', () => {
  fc.assert(
    fc.property(fc.integer({ min: -2_000, max: 2_000 }), (tenths) => {
      const value = Math.abs(tenths / 10) < 2 ? tenths / 1000 : tenths / 10;
      expect(unpackMeasure(packMeasure(value))).toBe(value === 0 ? 0 : value);
    }),
  );
});

test('solutions of made-up variants, and what goes with them, through a file', () => {
  const angle = fc.integer({ min: -1800, max: 1800 }).map((tenths) => tenths / 10);
  const solution = (frames: number) =>
    fc.record({
      postures: fc.array(fc.array(angle, { minLength: 41, maxLength: 41 }), {
        minLength: frames,
        maxLength: frames,
      }),
      measures: fc.array(angle, { minLength: MEASURE_NAMES.length, maxLength: MEASURE_NAMES.length }),
      gap: fc.integer({ min: 0, max: 1999 }).map((thousandths) => thousandths / 1000),
    });
  const stored = fc.integer({ min: 1, max: 3 }).chain((frames) => {
    const heights = fc.dictionary(fc.constantFrom('130', '150', '165', '190'), solution(frames), {
      minKeys: 1,
    });
    return fc.record({
      adult: heights,
      'child-3-5': heights,
      'child-6-8': heights,
      'child-9-12': heights,
    });
  });
  fc.assert(
    fc.property(fc.dictionary(fc.constantFrom('a.one', 'b.two', 'c.three'), stored), (all) => {
      const variants = new Map(
        Object.entries(all).map(([id, builds]) => [id, compact(builds as StoredSolutions)]),
      );
      const file = writeTables({ version: 'v', ṛ: 'ṅ' }, packSolutions(variants));
      const { data, packed } = readTables<{ version: string }>(file.buffer as ArrayBuffer);
      expect(data).toEqual({ version: 'v', ṛ: 'ṅ' });
      const unpacked = unpackSolutions(packed);
      for (const [id, builds] of variants) expect(unpacked.stored(id)).toEqual(builds);
      expect(unpacked('nobody', 'adult')).toBeUndefined();
    }),
    { numRuns: 30 },
  );
});

test('the built-in ones: packing what was unpacked gives the same tables', () => {
  const { packed } = readBuiltIn();
  const before = { measures: packed.measures.slice(), postures: packed.postures.slice() };
  const unpacked = unpackSolutions(packed);
  const again = packSolutions(new Map(packed.variants.map(([id]) => [id, unpacked.stored(id)])));
  expect(again.measures).toEqual(before.measures);
  expect(again.postures).toEqual(before.postures);
  expect(packed.variants.length).toBeGreaterThan(POSES.length);
});
