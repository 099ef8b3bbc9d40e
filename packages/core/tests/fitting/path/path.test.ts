/** The best path of a lane: equal to trying everything, over ways that the person may take. */
import fc from 'fast-check';
import {
  BUILT_IN,
  createFitter,
  fitClass,
  NO_CHOICES,
  NO_SUMS,
  PACE,
  parseSequence,
  readPeople,
  stagePerson,
  USUAL_HOUSE_VIEW,
  type Level,
  type StagedPerson,
} from '../../builtIn.js';
import { asked } from '../../../src/fitting/person/candidates.js';
import { bitOf } from '../../../src/bitSet.js';
import { laneTable, type LaneTable } from '../../../src/fitting/person/lane.js';
import { COUNTER_NEEDS } from '../../../src/fitting/person/outcome.js';
import { levelDistance } from '../../../src/fitting/ways/levelDistance.js';
import { optionsOf, type Option } from '../../../src/fitting/person/options.js';
import { Shared } from '../../../src/fitting/together/shared.js';
import { Walk } from '../../../src/fitting/path/walk.js';
import { passagesFor } from '../../../src/fitting/ways/waysBetween.js';
import { WEIGHTS } from '../../../src/fitting/weights.js';
import { SUMS, type Sum } from '../../../src/rules/types.js';
import { counterPosesFor, type CounterNeed } from '../../../src/poses/counterPoses.js';

const ON = '2026-12-01';
const staged = (person: Record<string, unknown>): StagedPerson => {
  const { people, errors } = readPeople([{ name: 'A', ...person }], ON);
  expect(errors).toEqual([]);
  return stagePerson(people[0]!, ON, USUAL_HOUSE_VIEW);
};
const laneOf = (person: Record<string, unknown>): LaneTable =>
  laneTable(staged(person), BUILT_IN, USUAL_HOUSE_VIEW, ON, PACE);
const pregnant = { conditions: [{ condition: 'pregnancy', dueDate: '2027-02-23' }] };
type Steps = ReturnType<typeof parseSequence>['sequence']['steps'];

interface At {
  level: Level | undefined;
  propsInHand: number;
  counterNeed: CounterNeed | undefined;
  sums: Readonly<Record<Sum, number>>;
}
const popcount = (bits: number): number => bits.toString(2).replaceAll('0', '').length;

/**
 * Every way through, tried one by one, with every counter-pose that may be put in: the least cost. Said
 * again from scratch, and slowly.
 */
function leastCost(steps: Steps, lane: LaneTable): number {
  const through = (sums: At['sums'], { seconds, runs }: Option): At['sums'] =>
    lane.sums.length
      ? (Object.fromEntries(
          SUMS.map((sum, i) => [sum, sum.endsWith('Total') || (runs >> i) & 1 ? sums[sum] + seconds[i]! : 0]),
        ) as At['sums'])
      : sums;
  const going = (at: At, option: Option): number =>
    at.level === undefined
      ? 0
      : lane.passage(at.level, option.entry).cost +
        popcount(option.propsInHand & ~at.propsInHand) * WEIGHTS.fetch;
  const fits = (sums: At['sums']): boolean =>
    [...lane.right.sums, ...lane.left.sums].every(({ sum, over }) => sums[sum] <= over + 1e-9);
  const counters = (counterNeed: CounterNeed): { option: Option; cost: number }[] => {
    const found: { option: Option; cost: number }[] = [];
    const poses = new Set<string>();
    for (const [rank, id] of counterPosesFor(
      counterNeed,
      BUILT_IN.counterPoses,
      USUAL_HOUSE_VIEW,
    ).entries()) {
      if (poses.size >= 6) break;
      const pose = BUILT_IN.poses.find((one) => one.id === id)!;
      const { variant } = BUILT_IN.variant(pose.usual);
      const own = optionsOf(
        asked(pose, variant, 3 * lane.count(pose, variant), pose.side ? ['right', 'left'] : []),
        lane,
      ).filter(
        ({ sides, counterNeed }) =>
          counterNeed === undefined && sides.every(({ candidate }) => candidate?.pose === pose),
      );
      if (own.length) poses.add(id);
      found.push(
        ...own.map((option) => ({ option, cost: WEIGHTS.counter + rank * WEIGHTS.perRung + option.cost })),
      );
    }
    return found;
  };
  const settle = (at: At, next: Option | undefined): { at: At; cost: number; put?: boolean }[] => {
    const { counterNeed } = at;
    if (
      !counterNeed ||
      (next && (next.answers & bitOf(COUNTER_NEEDS, counterNeed) || next.counterNeed === counterNeed))
    )
      return [{ at, cost: 0 }];
    const put = counters(counterNeed).flatMap(({ option, cost }) => {
      const sums = through(at.sums, option);
      return lane.passage(at.level!, option.entry).none || !fits(sums)
        ? []
        : [
            {
              at: { level: option.exit, propsInHand: option.propsInHand, counterNeed: undefined, sums },
              cost: cost + going(at, option),
              put: true,
            },
          ];
    });
    return put.length ? put : [{ at: { ...at, counterNeed: undefined }, cost: WEIGHTS.noCounter }];
  };
  const from = (i: number, at: At): number => {
    const step = steps[i];
    if (!step) return Math.min(...settle(at, undefined).map(({ cost }) => cost));
    const options = optionsOf(
      {
        ...asked(step.pose, step.variant, lane.asked(step), step.sides),
        before: lane.sums.length ? at.sums : NO_SUMS,
      },
      lane,
    );
    return Math.min(
      ...options.flatMap((option) =>
        settle(at, option).flatMap(({ at: place, cost, put }) => {
          const sums = through(place.sums, option);
          if (put && lane.sums.length && option.sides.some(({ candidate }) => candidate) && !fits(sums))
            return [];
          return [
            cost +
              going(place, option) +
              option.cost +
              from(i + 1, {
                level: option.exit,
                propsInHand: option.propsInHand,
                counterNeed: option.counterNeed,
                sums,
              }),
          ];
        }),
      ),
    );
  };
  return from(0, { level: undefined, propsInHand: 0, counterNeed: undefined, sums: NO_SUMS });
}

const PEOPLE = [
  {},
  pregnant,
  { conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] },
  { conditions: [{ condition: 'lumbar disc', phase: 'acute' }] },
  { can: { kneel: false } },
  { conditions: [{ condition: 'knee arthritis', side: 'right' }] },
  { born: '1947-01-01', screening: { fallsLastYear: 1 } },
];
const STEPS = [
  'Locust, 4 breaths',
  'Plough, 5 breaths',
  'Reclined butterfly, 90 s',
  'Seated twist, 4 breaths',
  'Child’s pose, 5 breaths',
  'Downward-facing dog, 4 breaths',
  'Bridge, 8 breaths',
  'Tree, 20 s',
  'Final rest, 3 min',
  'Camel, 3 breaths',
];
const optionsFor = (lane: LaneTable, steps: Steps) =>
  steps.map((step) => (before: At['sums']) => {
    const ask = { ...asked(step.pose, step.variant, lane.asked(step), step.sides), before };
    return { ask, options: optionsOf(ask, lane, false, true) };
  });

test('no other way through costs less, with what adds up, what is in hand and what must be answered', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...PEOPLE),
      fc.array(fc.constantFrom(...STEPS), { minLength: 1, maxLength: 3 }),
      (person, lines) => {
        const lane = laneOf(person);
        const { steps } = parseSequence(lines.map((line) => `- ${line}`).join('\n')).sequence;
        const { cost, choices } = new Walk(lane).through(
          optionsFor(lane, steps).map((options, i) => ({ key: i, options })),
        );
        expect(cost).toBeCloseTo(leastCost(steps, lane), 6);
        expect(choices.length).toBe(steps.length);
      },
    ),
    { numRuns: 30 },
  );
});

test('what was fitted before changes nothing: an edited class is fitted as if it were new', () => {
  const people = readPeople(
    PEOPLE.map((person, i) => ({ ...person, name: `P${i}` })),
    ON,
  ).people;
  const input = { people, on: ON, houseView: USUAL_HOUSE_VIEW };
  const fitter = createFitter(input);
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...STEPS), { minLength: 1, maxLength: 7 }), (lines) => {
      const { sequence } = parseSequence(`# A\nminutes: 30\n${lines.map((line) => `- ${line}`).join('\n')}`);
      expect(fitter.fit(sequence)).toEqual(createFitter(input).fit(sequence));
    }),
    { numRuns: 25 },
  );
});

test.each([
  ['each for themselves', {}, NO_CHOICES],
  ['out of a small cupboard', { stock: { chair: 1, blanket: 3, block: 2, bolster: 1 } }, NO_CHOICES],
  ['in fewer versions', {}, { ...NO_CHOICES, fewerVersions: true }],
] as const)(
  'one edit after another, %s, comes to the same as fitting anew',
  (_, more, choices) => {
    const people = readPeople(
      PEOPLE.map((person, i) => ({ ...person, name: `P${i}` })),
      ON,
    ).people;
    const input = { people, on: ON, houseView: USUAL_HOUSE_VIEW, ...more };
    const line = fc.constantFrom(...STEPS);
    const edit = fc.record({ at: fc.nat(7), line, how: fc.constantFrom('put', 'take', 'change') });
    fc.assert(
      fc.property(
        fc.array(line, { minLength: 7, maxLength: 8 }),
        fc.array(edit, { minLength: 1, maxLength: 4 }),
        (start, edits) => {
          const fitter = createFitter(input);
          const sequenceOf = (lines: readonly string[]) =>
            parseSequence(`# A\nminutes: 60\n${lines.map((one) => `- ${one}`).join('\n')}`).sequence;
          let lines = [...start];
          fitter.fit(sequenceOf(lines), choices);
          for (const { at, line: own, how } of edits) {
            lines = lines.toSpliced(
              Math.min(at, lines.length - 1),
              how === 'put' ? 0 : 1,
              ...(how === 'take' ? [] : [own]),
            );
            expect(fitter.fit(sequenceOf(lines), choices)).toEqual(
              createFitter(input).fit(sequenceOf(lines), choices),
            );
          }
        },
      ),
      { numRuns: 15 },
    );
  },
  60_000,
);

test('someone alone in the room: two sides that differ are two things at once', () => {
  const lane = laneOf({ ranges: { shoulderFlexionRight: 100 } });
  const { steps } = parseSequence('- Opposite arm and leg, 4 breaths each side').sequence;
  const [step] = steps;
  const options = optionsOf(asked(step!.pose, step!.variant, lane.asked(step!), step!.sides), lane);
  const variants = ({ sides }: (typeof options)[number]): number =>
    new Set(sides.map(({ candidate }) => candidate?.variant)).size;
  const path = new Walk(lane).through([{ key: 0, options: optionsFor(lane, steps)[0]! }]);
  const room = new Shared({ lanes: [lane], steps: 1, fewerVersions: true }, [path]);
  room.add(0, path, -1);
  const weight = room.weight(0, 0)!;
  expect(options.some((option) => variants(option) === 2)).toBe(true);
  for (const option of options) expect(weight.extra(option)).toBe((variants(option) - 1) * WEIGHTS.version);
});

describe('ways between', () => {
  const ids = (person: Record<string, unknown>, from: Level, to: Level): string[] =>
    passagesFor(staged(person), BUILT_IN)(from, to).moves.map(({ way }) => way.id);
  test('the usual way where nothing speaks against it', () =>
    expect(ids({}, 'standing', 'all-fours')).toEqual(['way-fold-down']));
  // PRACTICE 2, disc class: no flexion anywhere, getting down included: half-kneeling through a lunge.
  test('a disc that must not round goes down through a half-kneel, and says why', () => {
    const disc = { conditions: [{ condition: 'lumbar disc', phase: 'acute' }] };
    const passage = passagesFor(staged(disc), BUILT_IN)('standing', 'all-fours');
    expect(ids(disc, 'standing', 'all-fours')).toEqual(['way-half-kneel', 'way-hands-forward']);
    expect(passage.instead.map(({ rule }) => rule.id)).toContain('lumbar-disc.flexion');
    for (const to of ['prone', 'lying', 'kneeling'] as const)
      for (const { way } of passagesFor(staged(disc), BUILT_IN)('standing', to).moves)
        expect(BUILT_IN.measures(way.id, 165).lumbarFlexion).toBeLessThanOrEqual(5);
  });
  test('who must not lie on the belly does not roll over it', () => {
    for (const from of ['standing', 'all-fours', 'sitting'] as const) {
      const { moves, none } = passagesFor(staged(pregnant), BUILT_IN)(from, 'lying');
      expect([none, moves.some(({ way }) => way.from === 'prone' || way.to === 'prone')]).toEqual([
        false,
        false,
      ]);
    }
  });
  test('who puts no weight on the knees sits down through the squat', () =>
    expect(ids({ can: { kneel: false } }, 'standing', 'sitting')).toEqual([
      'way-squat-down',
      'way-squat-to-sit',
    ]));
  test('where no way suits it says so, and it is the last thing taken', () => {
    const passage = passagesFor(
      staged({
        limits: [
          { kind: 'no-kneeling', by: 'herself' },
          { kind: 'knee-bend', most: 60, by: 'physiotherapist' },
        ],
      }),
      BUILT_IN,
    )('standing', 'lying');
    expect([passage.none, passage.cost > 300]).toEqual([true, true]);
  });
  test('levels are as far apart as the moves between them', () =>
    expect([
      levelDistance('prone', 'prone', BUILT_IN.ways),
      levelDistance('prone', 'all-fours', BUILT_IN.ways),
      levelDistance('prone', 'lying', BUILT_IN.ways),
    ]).toEqual([0, 1, 2]));
});

const laneFitted = (person: Record<string, unknown>, lines: string, view = {}) =>
  fitClass({
    sequence: parseSequence(lines).sequence,
    people: [staged(person).person],
    on: ON,
    houseView: { ...USUAL_HOUSE_VIEW, ...view },
  }).lanes[0]!;

test('a step says how one gets there, and the cue and the pause of who goes slowly', () => {
  const lane = laneFitted(
    { born: '1947-01-01' },
    '- Mountain, 5 breaths\n- Cat and cow, 6 rounds\n- Cat and cow, 6 rounds',
  );
  expect(lane.steps.map(({ way }) => way?.moves.map(({ id }) => id))).toEqual([
    undefined,
    ['way-fold-down'],
    undefined,
  ]);
  expect(lane.steps[1]!.way!.pause).toMatch(/slowly/);
  expect(lane.steps[1]!.way!.pauseSeconds).toBe(PACE.changeLevelSlow);
});

describe('counter-poses (PRACTICE 2: after shoulder stand a small twist or knees in, above all with sciatica)', () => {
  test('after shoulder stand someone with sciatica is given the small twist or knees in', () => {
    const { steps } = laneFitted(
      { conditions: ['sciatica'] },
      '- Shoulder stand, 8 breaths\n- Final rest, 6 min',
    );
    expect(steps[0]!.pose === 'shoulder-stand' ? ['supine-twist', 'knees-to-chest'] : [undefined]).toContain(
      steps[0]!.then?.pose,
    );
    expect(steps[0]!.pose).toBe('shoulder-stand');
  });
  test('not where the class itself brings one', () =>
    expect(
      laneFitted({}, '- Shoulder stand, 8 breaths\n- Supine twist, 6 breaths\n- Final rest, 6 min').steps[0]!
        .then,
    ).toBeUndefined());
  test('the house view decides which', () =>
    expect(
      laneFitted({}, '- Shoulder stand, 8 breaths\n- Final rest, 6 min', {
        'after-shoulder-stand': 'rest-on-props',
      }).steps[0]!.then?.pose,
    ).toBe('rest-on-props'));
  test('a run of back bends is answered once, at its end', () =>
    expect(
      laneFitted({}, '- Cobra, 4 breaths\n- Locust, 4 breaths\n- Bow, 3 breaths\n- Tree, 20 s').steps.map(
        ({ then }) => Boolean(then),
      ),
    ).toEqual([false, false, true, false]));
  test('who is swapped out of the deep step needs none', () =>
    expect(laneFitted(pregnant, '- Locust, 4 breaths\n- Tree, 20 s').steps[0]!.then).toBeUndefined());
});
