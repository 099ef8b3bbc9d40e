/** Cases for the teacher's eye: on the borders of rules, the same for everybody, and due again as they were seen. */
import {
  BUILT_IN,
  chanceFrom,
  compareEye,
  dateAfter,
  daysBetween,
  dueNext,
  EYE_CASES,
  eyeCase,
  eyeOverTime,
  fitClass,
  housesDiffer,
  parseSequence,
  RULEBOOK,
  USUAL_HOUSE_VIEW,
  type EyeCard,
  type EyeCase,
  type Lane,
  type Seen,
  type Verdict,
} from '../builtIn.js';

const WORLD = { catalogue: BUILT_IN, rulebook: RULEBOOK };
const laneOf = ({ plan, person, on }: EyeCase): Lane => {
  const { sequence } = parseSequence(plan);
  return fitClass({ ...WORLD, sequence, people: [person], on, houseView: USUAL_HOUSE_VIEW }).lanes[0]!;
};
const first = Array.from({ length: EYE_CASES }, (_, number) => eyeCase(number, WORLD));

test('forty cases of forty conditions, each with something to change and something to leave', () => {
  expect(new Set(first.map(({ condition }) => condition)).size).toBe(EYE_CASES);
  for (const one of first) {
    const steps = compareEye({}, laneOf(one));
    const changed = steps.filter(({ given }) => given !== 'as-written');
    // Which condition it is, is seen where it fails.
    expect([one.condition, steps.length > 3]).toEqual([one.condition, true]);
    expect([one.condition, changed.length > 0]).toEqual([one.condition, true]);
    expect([one.condition, changed.length < steps.length]).toEqual([one.condition, true]);
    // Whatever is changed has a reason.
    expect(changed.filter(({ because }) => because.length === 0)).toEqual([]);
  }
});

test.each([0, 7, 18, 39, 211, 5000])('case %i is the same whenever it is made', (number) => {
  expect(eyeCase(number, WORLD)).toEqual(eyeCase(number, WORLD));
});

test('past the last stage each comes again, with other poses', () => {
  const at = (number: number): EyeCase => eyeCase(number, WORLD);
  let number = 40;
  while (
    at(number).condition !== 'pregnancy' ||
    at(number).person.conditions[0]!.details.dueDate !== '2026-01-08'
  )
    number++;
  expect(at(number).plan).not.toBe(first[0]!.plan);
});

test.each(first.slice(0, 12).map((one) => [one.condition, one] as const))(
  'of %s: right is what the fitting does; less is missed or not enough, more is too much',
  (_, one) => {
    const lane = laneOf(one);
    const given = Object.fromEntries(compareEye({}, lane).map((step) => [step.step, step.given]));
    expect(compareEye(given, lane).every(({ seen }) => seen === 'right')).toBe(true);
    const all = (verdict: Verdict): Record<Verdict, Seen[]> => {
      const marks = Object.fromEntries(Object.keys(given).map((step) => [step, verdict]));
      const steps = compareEye(marks, lane);
      const of = (v: Verdict): Seen[] => [...new Set(steps.filter((s) => s.given === v).map((s) => s.seen))];
      return { 'as-written': of('as-written'), eased: of('eased'), swapped: of('swapped'), rest: of('rest') };
    };
    const none = all('as-written');
    for (const verdict of ['eased', 'swapped', 'rest'] as const)
      expect(none[verdict].filter((seen) => seen !== 'missed')).toEqual([]);
    expect(all('eased').swapped.filter((seen) => seen !== 'not-enough')).toEqual([]);
    expect(all('rest').eased.filter((seen) => seen !== 'too-much')).toEqual([]);
    expect(all('rest')['as-written']).toEqual(['too-much']);
  },
);

test('where houses differ, the other house does what is told, and its position is none that is taken here', () => {
  const told = first.flatMap((one) =>
    housesDiffer(one, USUAL_HOUSE_VIEW, WORLD).map((other) => ({ one, other })),
  );
  expect(told.length).toBeGreaterThan(0);
  for (const { one, other } of told.slice(0, 20)) {
    const houseView = { ...USUAL_HOUSE_VIEW, [other.topic]: other.position };
    expect(USUAL_HOUSE_VIEW[other.topic]).not.toBe(other.position);
    const { sequence } = parseSequence(one.plan);
    const { lanes } = fitClass({ ...WORLD, sequence, people: [one.person], on: one.on, houseView });
    expect(compareEye({}, lanes[0]!).find(({ step }) => step === other.step)!.given).toBe(other.verdict);
  }
});

describe('when a case comes again', () => {
  const days = (seen: readonly Seen[], times: number): number[] => {
    let card: EyeCard | undefined;
    let now = '2026-11-23';
    return Array.from({ length: times }, () => {
      card = dueNext(
        card,
        seen.map((one) => ({ seen: one })),
        `${now}T12:00:00.000Z`,
      );
      const due = card.due.slice(0, 10);
      const ahead = daysBetween(now, due);
      now = due;
      return ahead;
    });
  };

  test('seen rightly again and again, ever later; missed, within days', () => {
    const right = days(['right', 'right'], 5);
    expect(right).toEqual([...right].sort((a, b) => a - b));
    expect(right.at(-1)!).toBeGreaterThan(60);
    for (const ahead of days(['right', 'missed'], 5)) expect([ahead >= 1, ahead <= 4]).toEqual([true, true]);
  });

  test('what matters more comes sooner', () => {
    const last = (seen: Seen): number => days([seen], 3).at(-1)!;
    expect(last('missed')).toBeLessThanOrEqual(last('not-enough'));
    expect(last('not-enough')).toBeLessThanOrEqual(last('too-much'));
    expect(last('too-much')).toBeLessThan(last('right'));
  });

  test('a card is plain: kept as text and read again it goes on the same', () => {
    const card = dueNext(undefined, [{ seen: 'right' }], '2026-11-23T12:00:00.000Z');
    const read = JSON.parse(JSON.stringify(card)) as EyeCard;
    const then = '2026-12-20T12:00:00.000Z';
    expect(dueNext(read, [{ seen: 'missed' }], then)).toEqual(dueNext(card, [{ seen: 'missed' }], then));
  });
});

test.each([1, 2, 3, 4, 5])('over time: the same as counted answer by answer, %i', (seed) => {
  const chance = chanceFrom(seed);
  const one = <T>(of: readonly T[]): T => of[Math.floor(chance() * of.length)]!;
  const answers = Array.from({ length: 60 }, (_, number) => ({
    number,
    condition: one(['pregnancy', 'glaucoma']),
    on: dateAfter('2026-01-01', Math.floor(chance() * 200)),
    steps: Array.from({ length: 6 }, () => ({
      seen: one(['right', 'missed', 'not-enough', 'too-much'] as const),
    })),
  }));
  const told = eyeOverTime(answers);
  for (const [kind, { sum, months }] of told) {
    const all = answers.filter(({ condition }) => condition === kind).flatMap((answer) => answer.steps);
    expect(sum.steps).toBe(all.length);
    expect(sum.counts.right).toBe(all.filter(({ seen }) => seen === 'right').length);
    const names = months.map(({ month }) => month);
    expect(names).toEqual([...new Set(names)].sort());
    for (const { month, steps, counts } of months) {
      const rows = answers
        .filter(({ condition, on }) => condition === kind && on.startsWith(month))
        .flatMap((answer) => answer.steps);
      expect(steps).toBe(rows.length);
      for (const seen of ['right', 'missed', 'not-enough', 'too-much'] as const)
        expect(counts[seen]).toBe(rows.filter((row) => row.seen === seen).length);
    }
  }
  expect([...told.values()].reduce((steps, { sum }) => steps + sum.steps, 0)).toBe(360);
});
