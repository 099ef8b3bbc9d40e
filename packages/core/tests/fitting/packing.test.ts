/** Sets and outcomes packed into numbers: nothing is lost, and two that differ never share a number. */
import fc from 'fast-check';
import { bitOf, hasBit, packSet, SET_MOST, sizeOfSet, unpackSet } from '../../src/bitSet.js';
import {
  COUNTER_NEEDS,
  packOutcome,
  packRowOutcome,
  unpackOutcome,
  unpackRowOutcome,
  type Outcome,
} from '../../src/fitting/person/outcome.js';
import { LEVELS } from '../../src/poses/levels.js';
import { SUMS } from '../../src/rules/types.js';

const names = fc.uniqueArray(fc.string(), { maxLength: SET_MOST });
const outcome: fc.Arbitrary<Outcome> = fc.record({
  entry: fc.constantFrom(...LEVELS),
  exit: fc.constantFrom(...LEVELS),
  counterNeed: fc.constantFrom(undefined, ...COUNTER_NEEDS),
  answers: fc.nat(2 ** COUNTER_NEEDS.length - 1),
  propsInHand: fc.nat(2 ** SET_MOST - 1),
});

test('a set comes back as it went in, and says how many it has', () =>
  fc.assert(
    fc.property(names, fc.func(fc.boolean()), (list, has) => {
      const members = list.filter((name) => has(name));
      const bits = packSet(list, (name) => has(name));
      expect(unpackSet(list, bits)).toEqual(members);
      expect(sizeOfSet(bits)).toBe(members.length);
      expect(bits).toBeGreaterThanOrEqual(0);
      for (const [i, name] of list.entries()) expect(hasBit(bits, i)).toBe(members.includes(name));
    }),
  ));

test('one name is a set of its own; a name that the list has not is an error', () => {
  expect(unpackSet(SUMS, bitOf(SUMS, 'headDownTotal'))).toEqual(['headDownTotal']);
  expect(() => bitOf<string>(SUMS, 'laughter')).toThrow('No bit for laughter.');
});

test('an outcome comes back as it went in, and its number is exact', () =>
  fc.assert(
    fc.property(outcome, (one) => {
      const packed = packOutcome(one);
      expect(unpackOutcome(packed)).toEqual(one);
      expect(Number.isSafeInteger(packed)).toBe(true);
    }),
  ));

test('what a variant leaves comes back as it went in, within 31 bits', () =>
  fc.assert(
    fc.property(
      fc.record({
        bodyOutcome: fc.nat(2000),
        answers: fc.nat(2 ** COUNTER_NEEDS.length - 1),
        towards: fc.nat(2 ** SUMS.length - 1),
      }),
      (one) => {
        expect(unpackRowOutcome(packRowOutcome(one))).toEqual(one);
        expect(packRowOutcome(one)).toBeLessThan(2 ** 31);
      },
    ),
  ));
