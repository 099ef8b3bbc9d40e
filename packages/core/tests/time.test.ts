/** Keeping a class within its minutes: exact against a solver and against trying everything; what is kept whatever happens. */
import fc from 'fast-check';
import highs from 'highs';
import { fitClass, parseSequence, readPeople, USUAL_HOUSE_VIEW } from '../src/index.js';
import { sharesOf } from '../src/fitting/keepTime.js';
import { fitMinutes, type TimeOption } from '../src/timing/fitMinutes.js';

const ON = '2026-12-01';
const problems = fc.record({
  steps: fc.array(fc.array(fc.record({ seconds: fc.integer({ min: 1, max: 120 }), cost: fc.integer({ min: 0, max: 50 }) }), { minLength: 1, maxLength: 6 }), { minLength: 1, maxLength: 8 }),
  share: fc.double({ min: 0.2, max: 1.1, noNaN: true }),
});
const total = (steps: readonly (readonly TimeOption[])[], chosen: readonly number[], what: 'seconds' | 'cost'): number => chosen.reduce((sum, choice, i) => sum + steps[i]![choice]![what], 0);

test('the cheapest that fits is as cheap as what a mixed-integer solver finds, on 200 generated classes', async () => {
  const solver = await (highs as unknown as () => Promise<{ solve(model: string): { ObjectiveValue: number } }>)(), samples = fc.sample(problems, { numRuns: 200, seed: 7 });
  let fitted = 0;
  for (const { steps, share } of samples) {
    const budget = Math.floor(share * steps.reduce((sum, options) => sum + Math.max(...options.map(({ seconds }) => seconds)), 0)), least = steps.reduce((sum, options) => sum + Math.min(...options.map(({ seconds }) => seconds)), 0);
    const chosen = fitMinutes(steps, budget);
    if (least > budget) { expect(total(steps, chosen, 'seconds')).toBe(least); continue; }
    fitted++;
    const names = steps.flatMap((options, i) => options.map((option, j) => ({ name: `x${i}_${j}`, i, ...option })));
    const sum = (list: readonly { name: string }[], by: (entry: never) => number): string => list.map((entry) => `${by(entry as never)} ${entry.name}`).join(' + ');
    const model = `Minimize\n obj: ${sum(names, ({ cost }: { cost: number }) => cost)}\nSubject To\n time: ${sum(names, ({ seconds }: { seconds: number }) => seconds)} <= ${budget}\n${steps.map((_, i) => ` one${i}: ${sum(names.filter((entry) => entry.i === i), () => 1)} = 1`).join('\n')}\nBinary\n ${names.map(({ name }) => name).join(' ')}\nEnd`;
    const found = solver.solve(model);
    expect(total(steps, chosen, 'seconds')).toBeLessThanOrEqual(budget);
    expect(total(steps, chosen, 'cost')).toBeCloseTo(found.ObjectiveValue, 6);
  }
  expect(fitted).toBeGreaterThan(100);
}, 120_000);

const CLASS = '# Long\nminutes: 30\n- Mountain, 8 breaths\n- Cat and cow, 20 rounds\n- Downward-facing dog, 10 breaths\n- Warrior two, 10 breaths each side\n- Seated twist, 10 breaths each side\n- Bridge, 12 breaths\n- Supine twist, 12 breaths each side\n- Final rest, 8 min';
const people = readPeople([{ name: 'Ada' }, { name: 'Bea', conditions: [{ condition: 'pregnancy', dueDate: '2027-03-01' }] }, { name: 'Cal', born: '2019-01-01', heightCm: 122 }], ON).people;
const fit = (minutes: number) => fitClass({ sequence: parseSequence(CLASS.replace('30', String(minutes))).sequence, people, on: ON, houseView: USUAL_HOUSE_VIEW });

test('a class that fits is left alone; one that does not is shortened, said step by step, and rest keeps five minutes', () => {
  const roomy = fit(90), tight = fit(18);
  expect(roomy.steps.some(({ shortened }) => shortened)).toBe(false);
  expect([tight.minutes.planned <= 18, tight.minutes.written > 18, tight.minutes.over]).toEqual([true, true, 0]);
  expect(tight.steps.filter(({ shortened }) => shortened).length).toBeGreaterThan(2);
  expect(tight.lanes[0]!.steps.at(-1)!.hold.seconds).toBeGreaterThanOrEqual(300 - 5.5);
});

test('where the least of everything is still too long, it says by how much', () => {
  const tight = fit(6);
  expect(tight.minutes.over).toBeCloseTo(tight.minutes.planned - 6, 5);
  expect(tight.minutes.over).toBeGreaterThan(0);
});

test('keeping the time changes nobody’s verdict or variant, lengthens nothing and keeps sides equal', () => {
  fc.assert(fc.property(fc.integer({ min: 8, max: 60 }), (minutes) => {
    const roomy = fit(90), tight = fit(minutes);
    tight.lanes.forEach((lane, i) => lane.steps.forEach((entry, j) => {
      const before = roomy.lanes[i]!.steps[j]!;
      expect([entry.variant, entry.verdict, entry.sides]).toEqual([before.variant, before.verdict, before.sides]);
      expect(entry.hold.seconds).toBeLessThanOrEqual(before.hold.seconds + 1e-9);
      expect(entry.hold.seconds).toBeGreaterThan(0);
    }));
    expect(tight.steps.at(-1)!.end / 60).toBeCloseTo(tight.minutes.planned, 0);
  }), { numRuns: 12 });
}, 60_000);

test('a hold is cut by whole breaths, down to the least that still is the pose', () => {
  const [step] = parseSequence('- Warrior two, 5 breaths').sequence.steps;
  expect(sharesOf(step!, ON)).toEqual([1, 0.8, 0.6].concat(step!.pose.hold.least <= 2 ? [0.4] : []).concat(step!.pose.hold.least <= 1 ? [0.2] : []));
});

test('the room says what the hall is short of, where its stock is known', () => {
  const { sequence } = parseSequence('- Downward-facing dog with hands on a chair back, 4 breaths'), room = (stock?: Record<string, number>) => fitClass({ sequence, people, on: ON, houseView: USUAL_HOUSE_VIEW, ...(stock ? { stock } : {}) }).room.find(({ prop }) => prop === 'chair');
  expect([room(), room({ chair: 3 }), room({ chair: 1 }), room({})]).toEqual([{ prop: 'chair', count: 3 }, { prop: 'chair', count: 3 }, { prop: 'chair', count: 3, short: 2 }, { prop: 'chair', count: 3, short: 3 }]);
});
