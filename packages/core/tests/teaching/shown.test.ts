/** What the class may see: all of it stands, and nothing of anybody comes through. */
import fc from 'fast-check';
import { BUILT_IN, momentOfShown, momentsOf, readShown, shownMoment, type Shown } from '../builtIn.js';
import { fit, named, PEOPLE } from '../fitting/mixedClass.js';

const people = named(PEOPLE.map((person, i) => ({ ...person, name: `Marigold${i} Foxglove` })));
const moments = momentsOf(fit(people), BUILT_IN);
const shown = (at: number): Shown => ({
  now: shownMoment(moments[at]!),
  ...(at ? { before: shownMoment(moments[at - 1]!) } : {}),
  phase: 'hold',
  passed: 1200,
  runs: true,
  more: 0,
  isUp: false,
  isOver: false,
  build: 'adult',
  heightCm: 165,
});

test('of a whole class every moment is shown, read back the same, and nobody is in it', () => {
  for (const at of moments.keys()) {
    const sent = JSON.stringify(shown(at));
    expect(sent).not.toMatch(/Marigold|Foxglove/);
    for (const { id } of people) expect(sent).not.toContain(id);
    expect(readShown(JSON.parse(sent))).toEqual(shown(at));
    const back = momentOfShown(shown(at).now);
    const { seconds, count, breath, step, side } = moments[at]!;
    expect(back).toMatchObject({
      seconds,
      count,
      breath,
      step: { variant: step.variant },
      ...(side ? { side } : {}),
    });
  }
});

test('whatever else is told does not come through, wherever it is put', () => {
  const words = fc.string({ minLength: 8 }).map((text) => `zinnia ${text}`);
  fc.assert(
    fc.property(words, words, (key, value) => {
      const told = shown(1);
      const more = { [key]: value, name: value };
      const read = readShown({
        ...told,
        ...more,
        now: { ...told.now, ...more, count: { ...told.now.count, ...more } },
        before: { ...told.before!, ...more },
      });
      expect(read).toEqual(told);
    }),
  );
});

test.each<[string, object]>([
  ['words in place of a variant', { now: { ...shown(0).now, variant: 'Ines has a sore knee' } }],
  ['a time that never ends', { passed: Infinity }],
  ['a phase that no class has', { phase: 'secret' }],
  ['a round of nothing', { now: { ...shown(0).now, round: [] } }],
  ['no moment at all', { now: null }],
])('%s is not shown', (_what, more) => {
  expect(readShown({ ...shown(0), ...more })).toBeUndefined();
});

test('whatever is told is read or refused', () => {
  fc.assert(fc.property(fc.anything(), (value) => readShown(value) === undefined));
});
