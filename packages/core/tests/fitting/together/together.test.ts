/** The class as a whole: fewer versions, the stock, one version for all. */
import fc from 'fast-check';
import { createFitter, NO_CHOICES, USUAL_HOUSE_VIEW } from '../../builtIn.js';
import { ON, PEOPLE, named, CLASS, sequenceOf, fit, versions, variantsOf } from '../mixedClass.js';

describe('fewer versions in the room', () => {
  const people = named(PEOPLE);
  const apart = fit(people);
  const fewer = fit(people, { fewerVersions: true });
  test('there are fewer, and the whole costs no more than each for themselves', () => {
    expect(versions(fewer)).toBeLessThan(versions(apart));
    expect(fewer.together.cost).toBeLessThanOrEqual(fewer.together.costAlone);
  });
  test('nobody is led away from what was asked and suits them, and who joins others is told why', () => {
    apart.lanes.forEach((lane, i) =>
      lane.steps.forEach((entry, j) => {
        if (entry.verdict === 'as-written') expect(fewer.lanes[i]!.steps[j]!.variant).toBe(entry.variant);
      }),
    );
    const moved = fewer.lanes.flatMap(({ steps }) => steps.filter(({ because }) => because));
    expect(moved.length).toBeGreaterThan(0);
    expect(moved.every(({ because }) => because!.kind === 'fewer-versions')).toBe(true);
  });
  test('no rule gives way for it', () => {
    for (const { steps } of fewer.lanes)
      for (const { verdict, findings } of steps)
        if (verdict !== 'rest')
          expect(
            findings.filter(({ on, level, met }) => on === 'chosen' && level !== 'watch' && !met),
          ).toEqual([]);
  });
});

describe('the stock', () => {
  const people = named([...Array.from({ length: 6 }, () => ({})), { can: { kneel: false } }]);
  const text =
    '# Props\nminutes: 40\n- Downward-facing dog with hands on a chair back, 4 breaths\n- Mountain, 5 ' +
    'breaths\n- Final rest, 5 min';
  test('while it suffices it changes nothing', () =>
    expect(
      variantsOf(
        fit(people, {}, { chair: 20, block: 20, blanket: 20, bolster: 20, cushion: 20, strap: 20 }, text),
      ),
    ).toEqual(variantsOf(fit(people, {}, undefined, text))));
  test('when short, others choose again within it, and are told why', () => {
    const { room, lanes } = fit(people, {}, { chair: 4 }, text);
    expect(room.find(({ prop }) => prop === 'chair')).toEqual({ prop: 'chair', count: 4 });
    expect(lanes.filter(({ steps }) => steps[0]!.because?.kind === 'stock')).toHaveLength(3);
  });
  test('where nobody can do without, it says what is missing', () => {
    const { room } = fit(
      named([
        { conditions: ['chair-user'], can: { floor: false } },
        { conditions: ['chair-user'], can: { floor: false } },
      ]),
      {},
      { chair: 1 },
      '# Chairs\nminutes: 20\n- Chair fold, 4 breaths',
    );
    expect(room.find(({ prop }) => prop === 'chair')).toEqual({ prop: 'chair', count: 2, short: 1 });
  });
});

test('whatever the stock, nobody breaks a limit for it, and where it does not reach that is said', () => {
  const own = fc.integer({ min: 0, max: 6 });
  fc.assert(
    fc.property(
      fc.subarray([...PEOPLE], { minLength: 2, maxLength: 7 }),
      fc.record({ chair: own, block: own, blanket: own, bolster: own, cushion: own, strap: own }),
      fc.boolean(),
      (some, stock, fewerVersions) => {
        const { room, lanes, together } = fit(named(some), { fewerVersions }, stock);
        for (const { prop, count, short } of room)
          expect(count - (short ?? 0)).toBeLessThanOrEqual((stock as Record<string, number>)[prop] ?? 0);
        for (const { steps } of lanes)
          for (const { verdict, findings } of steps)
            if (verdict !== 'rest')
              expect(
                findings.filter(({ on, level, met }) => on === 'chosen' && level !== 'watch' && !met),
              ).toEqual([]);
        expect(together.cost).toBeLessThanOrEqual(together.costAlone + 1e-6);
      },
    ),
    { numRuns: 25 },
  );
});

test('adding a person changes no one else’s chosen ways while the stock suffices', () => {
  fc.assert(
    fc.property(
      fc.subarray([...PEOPLE], { minLength: 1, maxLength: 5 }),
      fc.constantFrom(...PEOPLE),
      (some, one) => {
        const stock = {
          chair: 30,
          block: 30,
          blanket: 60,
          bolster: 30,
          cushion: 30,
          strap: 30,
          roll: 30,
          table: 30,
        };
        const before = fit(named(some), {}, stock);
        const after = fit(named([...some, one]), {}, stock);
        expect(variantsOf(after).slice(0, some.length)).toEqual(variantsOf(before));
      },
    ),
    { numRuns: 25 },
  );
});

test('one version for all: everyone may take it, and swapping to it leaves everyone doing the same', () => {
  const people = named(PEOPLE.slice(0, 6));
  const sequence = sequenceOf(CLASS);
  const fitter = createFitter({ people, on: ON, houseView: USUAL_HOUSE_VIEW });
  const offers = fitter.oneForAll(sequence, 2);
  expect(offers.length).toBeGreaterThan(0);
  expect(offers.map(({ cost }) => cost)).toEqual(offers.map(({ cost }) => cost).sort((a, b) => a - b));
  const { steps, lanes } = fitter.fit(sequence, {
    ...NO_CHOICES,
    swaps: [{ step: 2, variant: offers[0]!.variant, reason: 'One for all' }],
  });
  expect(steps[1]).toMatchObject({
    versions: 1,
    variant: offers[0]!.variant,
    insteadOf: { pose: 'cat-cow', reason: 'One for all' },
  });
  expect(
    lanes.every((lane) =>
      lane.steps.filter(({ step }) => step === 2).every(({ variant }) => variant === offers[0]!.variant),
    ),
  ).toBe(true);
  expect(offers[0]!.leaving).toContain('P0');
});
