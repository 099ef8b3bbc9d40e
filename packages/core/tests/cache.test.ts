import fc from 'fast-check';
import { keep } from '../src/cache.js';

test('a cache never holds more than it may, and what was put in last is there', () =>
  fc.assert(
    fc.property(fc.array(fc.nat(20), { minLength: 1 }), fc.integer({ min: 1, max: 8 }), (keys, most) => {
      const cache = new Map<number, number>();
      let made = 0;
      for (const key of keys) {
        const value = cache.get(key) ?? keep(cache, key, ++made, most);
        expect(cache.get(key)).toBe(value);
        expect(cache.size).toBeLessThanOrEqual(most);
      }
      // Where all fit, each is made once.
      if (new Set(keys).size <= most) expect(made).toBe(new Set(keys).size);
    }),
  ));
