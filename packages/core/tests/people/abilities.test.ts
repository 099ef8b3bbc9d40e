/** What people can do: norms at their edges, what is told before what is read, and more never opening less. */
import { one } from '../fitting/one.js';
import fc from 'fast-check';
import {
  abilitiesOf,
  answersThatOpen,
  BUILT_IN,
  compileRules,
  dateAfter,
  judgeAll,
  measureTable,
  readPeople,
  RULEBOOK,
  settingsOf,
  stagePerson,
  strengthAsked,
  USUAL_HOUSE_VIEW,
} from '../builtIn.js';
import { atAge, betweenAges } from '../../src/people/norms.js';
import { unsteadySigns } from '../../src/people/unsteady.js';

const ON = '2026-12-01';
const { norms } = RULEBOOK;
const read = (person: Record<string, unknown>) => {
  const { people, errors } = readPeople([{ name: 'A', ...person }], ON);
  expect(errors).toEqual([]);
  return people[0]!;
};
const aged = (years: number): string => dateAfter(ON, -Math.round(years * 365.25) - 10);
const of = (person: Record<string, unknown>, waits = false) => abilitiesOf(read(person), ON, norms, waits);

test('norms go straight between their ages and stay at their ends', () => {
  const { byAge } = norms.strength;
  expect(betweenAges(byAge, 1, 'legs')).toBe(0.6);
  expect(betweenAges(byAge, 20, 'legs')).toBe(1);
  expect(betweenAges(byAge, 65, 'legs')).toBeCloseTo((0.77 + 0.66) / 2, 9);
  expect(betweenAges(byAge, 110, 'arms')).toBe(0.5);
  // Springer 2007, from memory: 27 s in the sixties, 15 in the seventies, 6 from 80.
  expect([59, 60, 69, 70, 79, 80, 99].map((age) => atAge(norms.oneLeg.byAge, age).middle)).toEqual([
    37, 27, 27, 15, 15, 6, 6,
  ]);
});

test.each([
  // STEADI, from memory: below average is fewer than this.
  [64, 'woman', 11, true],
  [64, 'woman', 12, false],
  [64, 'man', 13, true],
  [90, 'woman', 3, true],
  [90, 'woman', 4, false],
  [95, 'man', 1, false],
  [59, 'man', 1, false],
] as const)('at %d a %s of %d chair stands is unsteady: %s', (age, sex, chairStands, unsteady) => {
  const person = read({ born: aged(age), sex, screening: { chairStands } });
  expect(unsteadySigns(person, age, norms).length > 0).toBe(unsteady);
});

test('what is told or measured is never read from norms', () => {
  const told = of({
    born: aged(84),
    can: { floor: 'alone', practised: 'months' },
    screening: { oneLegSeconds: 12, chairStands: 11 },
  });
  expect(told).toMatchObject({
    fromFloor: { value: 'alone', from: 'told' },
    oneLeg: { value: 12, from: 'measured' },
    practice: { value: 3, from: 'told' },
    strength: { legs: { from: 'measured' }, arms: { from: 'norm' } },
  });
  expect(of({ born: aged(84) })).toMatchObject({
    fromFloor: { value: 'chair', from: 'norm', cite: 'brito-2012' },
    oneLeg: { value: 1, from: 'norm' },
  });
});

test('the middle for the healthy under 60, nine in ten beyond, after a fall, and while something waits', () => {
  const young = of({ born: aged(40), sex: 'woman' }).strength.arms.value;
  expect(young).toBeCloseTo(0.95, 2);
  const careful = 1 - 1.28 * 0.22;
  expect(
    of({ born: aged(40), sex: 'woman', screening: { fallsLastYear: 1 } }).strength.arms.value,
  ).toBeCloseTo(careful * young, 2);
  expect(of({ born: aged(40), sex: 'woman' }, true).strength.arms.value).toBeCloseTo(careful * young, 2);
  expect(of({ born: aged(70), sex: 'woman' }).strength.arms.value).toBeCloseTo(careful * 0.7, 2);
  // Tested, and tested well: the middle again.
  expect(
    of({ born: aged(70), sex: 'woman', screening: { chairStands: 14 } }).strength.arms.value,
  ).toBeCloseTo(0.7, 2);
  expect(of({ born: aged(30), sex: 'man' }).strength.arms.value).toBeGreaterThan(1.4);
});

test('who rises from a chair without hands has the legs for it; who uses the hands has not', () => {
  const legs = (can: Record<string, unknown>): number => of({ born: aged(92), can }).strength.legs.value;
  expect(legs({ chair: 'free' })).toBe(0.45);
  expect(legs({})).toBe(0.45);
  expect(legs({ chair: 'help' })).toBeLessThan(0.3);
  expect(of({ born: aged(70), screening: { chairStands: 0 } }).fromChair).toBe('hands');
});

/** How each variant stands: 0 allowed to 3 never. */
const codes = (person: Record<string, unknown>): Uint8Array => {
  const one = read(person);
  const staged = stagePerson(one, ON, USUAL_HOUSE_VIEW);
  return judgeAll(compileRules(staged), measureTable(BUILT_IN, one, ON));
};
/** Variants that are open with less and shut with more. */
const taken = (less: Record<string, unknown>, more: Record<string, unknown>): string[] => {
  const { rows } = measureTable(BUILT_IN, read(less), ON);
  const now = codes(less);
  const then = codes(more);
  return rows.flatMap(({ variant }, row) => (now[row]! < 2 && then[row]! >= 2 ? [variant.id] : []));
};

const BETTER = {
  floor: ['no', 'help', 'chair', 'alone'],
  chair: ['help', 'hands', 'free'],
  walks: ['frame', 'stick', 'free'],
  practised: ['new', 'months', 'years'],
  hands: [false, true],
  overhead: [false, true],
  flat: [false, true],
  sits: [false, true],
} as const;
const somebody = fc.record({
  born: fc.integer({ min: 16, max: 99 }).map(aged),
  sex: fc.constantFrom('woman', 'man'),
  can: fc.record(
    Object.fromEntries(
      Object.entries(BETTER).map(([key, values]) => [key, fc.constantFrom<unknown>(...values)]),
    ),
    { requiredKeys: [] },
  ),
  screening: fc.record(
    {
      chairStands: fc.integer({ min: 0, max: 22 }),
      oneLegSeconds: fc.integer({ min: 0, max: 40 }),
      fallsLastYear: fc.integer({ min: 0, max: 3 }),
    },
    { requiredKeys: [] },
  ),
});

test('a better answer never takes a pose away', () => {
  fc.assert(
    fc.property(
      somebody,
      fc.constantFrom(...(Object.keys(BETTER) as (keyof typeof BETTER)[])),
      fc.nat(),
      (person, question, at) => {
        const answers = BETTER[question] as readonly unknown[];
        const worse = at % (answers.length - 1);
        const answered = (answer: unknown) => ({ ...person, can: { ...person.can, [question]: answer } });
        expect(taken(answered(answers[worse]), answered(answers[worse + 1]))).toEqual([]);
      },
    ),
    { numRuns: 150 },
  );
});

test('a better test never takes a pose away, nor does a limb that is full', () => {
  fc.assert(
    fc.property(
      somebody,
      fc.integer({ min: 0, max: 20 }),
      fc.integer({ min: 1, max: 12 }),
      fc.constantFrom('rightLeg', 'leftLeg', 'rightArm', 'leftArm'),
      fc.constantFrom('weak', 'still'),
      (person, count, more, limb, state) => {
        const stands = (chairStands: number) => ({
          ...person,
          screening: { ...person.screening, chairStands },
        });
        expect(taken(stands(count), stands(count + more))).toEqual([]);
        const one = (oneLegSeconds: number) => ({
          ...person,
          screening: { ...person.screening, oneLegSeconds },
        });
        expect(taken(one(count), one(count + more))).toEqual([]);
        expect(taken({ ...person, can: { ...person.can, limbs: { [limb]: state } } }, person)).toEqual([]);
      },
    ),
    { numRuns: 60 },
  );
});

test('years never give a pose back, where nothing else is known', () => {
  for (const sex of ['woman', 'man'])
    for (let age = 25; age < 95; age += 10)
      expect(taken({ born: aged(age + 10), sex }, { born: aged(age), sex })).toEqual([]);
});

test('what is asked for would open something, and what nobody needs to know is not asked', () => {
  const frail = read({ born: aged(84), screening: { fallsLastYear: 2, chairStands: 6 } });
  const [first] = answersThatOpen(frail, settingsOf(ON), BUILT_IN);
  expect(first).toMatchObject({ asks: 'gets up from the floor alone' });
  expect(first!.opens.length).toBeGreaterThan(20);
  const known = read({ born: aged(30), can: { floor: 'alone', practised: 'years' } });
  expect(answersThatOpen(known, settingsOf(ON), BUILT_IN)).toEqual([]);
});

test.each([
  [{ floor: 'sometimes' }, 'people[0].can.floor'],
  [{ hands: 'a bit' }, 'people[0].can.hands'],
  [{ limbs: { tail: 'weak' } }, 'people[0].can.limbs.tail'],
  [{ limbs: { leftArm: 'sore' } }, 'people[0].can.limbs.leftArm'],
  [{ flies: true }, 'people[0].can.flies'],
])('%j is told where it was written', (can, field) => {
  expect(readPeople([{ name: 'A', can }], ON).errors.map((error) => error.field)).toEqual([field]);
});

test('files that say yes or no of the floor are read as before', () => {
  expect(read({ can: { floor: false } }).can.floor).toBe('no');
  expect(read({ can: { floor: true } }).can.floor).toBe('alone');
});

test('what a pose asks of strength, in bands and ages', () => {
  const chair = strengthAsked(BUILT_IN.measures('chair-pose.full', 165), norms);
  expect(chair[0]).toMatchObject({ does: 'straightening the knees', band: 'fair' });
  expect(chair[0]!.middleTo!).toBeGreaterThan(chair[0]!.carefulTo!);
  expect(strengthAsked(BUILT_IN.measures('four-limbed-staff.full', 165), norms)[0]).toMatchObject({
    band: 'hard',
  });
  expect(strengthAsked(BUILT_IN.measures('final-rest.flat', 165), norms)).toEqual([]);
});

test('a limb that does not move is lifted by the hands, where it can be', () => {
  const given = (line: string, limbs: Record<string, string>): string =>
    one(line, { can: { stand: true, limbs } }).variant;
  expect(given('Knee lift, 6 rounds', { rightLeg: 'still' })).toBe('chair-march.hands');
  expect(given('Arms up with the breath on a chair, 5 rounds', { leftArm: 'still' })).toBe(
    'arm-raise.clasped',
  );
  expect(given('Knee lift, 6 rounds', {})).toBe('chair-march.chair');
  expect(given('Foot pump on a chair, 8 rounds', { rightLeg: 'still', leftLeg: 'still' })).toBe(
    'foot-pump.by-hand',
  );
  expect(given('Open and close the knees on a chair, 5 rounds', { rightLeg: 'still' })).not.toBe(
    'knee-opening.chair',
  );
});

test('nobody is sent to a level to which no way leads, and it is said', () => {
  // Every way down kneels on the new knee.
  const { verdict, findings } = one('Final rest, 5 minutes', {
    born: aged(60),
    conditions: [{ condition: 'knee replacement', operatedOn: dateAfter(ON, -60), side: 'both' }],
    clearances: [{ for: 'knee-replacement', by: 'surgeon', on: dateAfter(ON, -3) }],
  });
  expect(verdict).not.toBe('as-written');
  expect(findings.map(({ rule }) => rule)).toContain('own.no-way');
});

test('who is unsteady leans over in standing only with something to hold', () => {
  const unsteady = {
    born: aged(84),
    sex: 'woman',
    screening: { fallsLastYear: 2, tugSeconds: 17, chairStands: 5 },
  };
  for (const line of ['Extended side angle, right, 4 breaths', 'Half moon, right, 4 breaths']) {
    const { variant, findings } = one(line, unsteady);
    expect([line, findings.some(({ rule }) => /lean|hand-support/.test(rule))]).toEqual([line, true]);
    expect(variant).not.toMatch(/forearm$|block$/);
  }
});
