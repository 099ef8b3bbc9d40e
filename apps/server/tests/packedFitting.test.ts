/** Fittings as they are kept: small, and those of before still open. */
import { gzipSync } from 'node:zlib';
import fc from 'fast-check';
import { FITTING_FORMAT, isUpToDate, packed, unpackedJson } from '../src/classes/packedFitting.js';

test('whatever is kept comes back as it was, also what earlier versions kept', async () => {
  await fc.assert(
    fc.asyncProperty(fc.jsonValue(), async (value) => {
      const text = JSON.stringify(value);
      expect(await unpackedJson(packed(value), FITTING_FORMAT)).toBe(text);
      for (const format of [0, 1]) expect(await unpackedJson(gzipSync(text), format)).toBe(text);
    }),
  );
});

test('what is the same far apart is kept once', () => {
  const line = Array.from({ length: 3000 }, (_, i) => ({ step: i, says: `${(i * 7919) % 10007}` }));
  const one = packed([line]).length;
  expect(packed(Array.from({ length: 24 }, () => line)).length).toBeLessThan(one * 1.5);
});

test('only what says people by the words of before is brought up to date', () => {
  expect([0, 1, 2].map(isUpToDate)).toEqual([false, true, true]);
});
