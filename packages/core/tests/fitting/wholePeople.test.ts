/** Whole people through a whole class: what is never given, and what is not taken away. */
import { variantById } from '../builtIn.js';
import { WHOLE_CLASS, WHOLE_PEOPLE } from '../cases/wholePeople.js';
import { FLOOR_LEVELS } from '../../src/poses/levels.js';
import { fit } from './one.js';

test('there are thirty of them and more, each once', () => {
  expect(WHOLE_PEOPLE.length).toBeGreaterThanOrEqual(30);
  expect(new Set(WHOLE_PEOPLE.map(({ who }) => who)).size).toBe(WHOLE_PEOPLE.length);
});

test.each(WHOLE_PEOPLE)('$who', ({ person, keeps = [], never, floor, is = {}, away, helped }) => {
  const lane = fit(WHOLE_CLASS, [person]).lanes[0]!;
  const { steps } = lane;
  if (away) {
    expect(steps.every(({ verdict }) => verdict === 'rest')).toBe(true);
    return;
  }
  const said = steps.map(({ step, verdict, variant }) => `${step} ${verdict} ${variant}`);
  expect(said.filter((_, i) => keeps.includes(steps[i]!.step) && steps[i]!.verdict !== 'as-written')).toEqual(
    [],
  );
  const given = steps.filter(({ verdict }) => verdict !== 'rest');
  expect(given.map(({ variant }) => variant).filter((id) => never?.test(id))).toEqual([]);
  if (floor === false)
    expect(
      given.map(({ variant }) => variant).filter((id) => FLOOR_LEVELS.has(variantById(id).variant.level)),
    ).toEqual([]);
  for (const [step, expected] of Object.entries(is))
    for (const entry of steps.filter((one) => one.step === Number(step)))
      expect(entry.variant).toMatch(expected);
  // Nobody is led where there is no way.
  if (!helped)
    expect(steps.filter(({ way }) => way?.none).map(({ step, variant }) => `${step} ${variant}`)).toEqual([]);
});
