import fc from 'fast-check';
import {
  BUILT_IN,
  fitClass,
  PACE,
  parseSequence,
  readPeople,
  stagePerson,
  USUAL_HOUSE_VIEW,
  POSES,
  variantById,
  type Fitting,
  type LaneStep,
} from '../builtIn.js';
import { CONDITION_PEOPLE } from '../cases/conditions.js';

const ON = '2026-12-01';
const fit = (
  source: string,
  people: readonly Record<string, unknown>[],
  view: Record<string, string> = {},
): Fitting => {
  const { sequence, errors } = parseSequence(source);
  const { people: read, errors: problems } = readPeople(
    people.map((person, i) => ({ name: `P${i}`, ...person })),
    ON,
  );
  expect([...errors, ...problems]).toEqual([]);
  return fitClass({ sequence, people: read, on: ON, houseView: { ...USUAL_HOUSE_VIEW, ...view } });
};
const one = (step: string, person: Record<string, unknown>, view?: Record<string, string>): LaneStep =>
  fit(`- ${step}`, [person], view).lanes[0]!.steps[0]!;

const weeks = (n: number): Record<string, unknown> => ({
  conditions: [
    {
      condition: 'pregnancy',
      dueDate: new Date(Date.UTC(2026, 11, 1) + (280 - 7 * n) * 86400000).toISOString().slice(0, 10),
    },
  ],
});
const uncontrolled = { conditions: [{ condition: 'high-blood-pressure', control: 'uncontrolled' }] };
const acute = { conditions: [{ condition: 'lumbar-disc', phase: 'acute' }] };
const settled = { conditions: [{ condition: 'lumbar-disc', phase: 'settled' }] };
const older = { born: '1955-03-01' };
const unsteady = { born: '1949-03-01', screening: { fallsLastYear: 1 } };
const wheelchair = { conditions: ['wheelchair'] };
const chair = { conditions: ['chair user'] };
const child = { born: '2019-06-01', heightCm: 118 };

/** Step, person, verdict, deciding rule, and where the expectation comes from. */
const CASES: readonly (readonly [
  string,
  Record<string, unknown>,
  LaneStep['verdict'],
  string | null,
  string,
])[] = [
  // Pregnancy (PRACTICE 4; CLINICAL 1b)
  ['Cobra, 4 breaths', weeks(10), 'as-written', null, 'no belly-down from week 14, c'],
  ['Cobra, 4 breaths', weeks(14), 'swapped', 'pregnancy.prone', 'no belly-down from week 14, c'],
  ['Locust, 4 breaths', weeks(22), 'swapped', 'pregnancy.prone', 'DESIGN: locust at 22 weeks'],
  ['Bridge, 5 breaths', weeks(17), 'as-written', null, 'CLINICAL row 16: a 17-week bridge stays'],
  ['Bridge, 5 breaths', weeks(26), 'as-written', null, 'CLINICAL row 14: brief is not long'],
  ['Final rest, 5 min', weeks(18), 'as-written', null, 'flat lying from week 20, ACOG CO 804'],
  ['Final rest, 5 min', weeks(24), 'eased', 'pregnancy.flat-lying', 'flat lying from week 20, ACOG CO 804'],
  ['Downward-facing dog, 4 breaths', weeks(10), 'as-written', null, 'CLINICAL row 71: dog is no inversion'],
  [
    'Downward-facing dog, 5 breaths',
    weeks(22),
    'eased',
    'pregnancy.head-down-wide',
    'head-down short and wide, c',
  ],
  ['Downward-facing dog, 5 breaths', weeks(30), 'eased', 'pregnancy.head-down-late', 'chair or wall late, c'],
  ['Shoulder stand, 10 breaths', weeks(10), 'swapped', 'pregnancy.inverted', 'full inversions out, c'],
  ['Seated twist, 4 breaths', weeks(16), 'eased', 'pregnancy.closed-twist', 'no closed twist, c'],
  ['Plank, 4 breaths', weeks(10), 'as-written', null, 'abdominal load from week 14, c'],
  ['Plank, 4 breaths', weeks(20), 'eased', 'pregnancy.plank', 'house view step-knees-down'],
  ['Tree, 30 s', weeks(12), 'as-written', null, 'support from trimester 2'],
  ['Tree, 30 s', weeks(20), 'eased', 'pregnancy.balance', 'support from trimester 2'],
  ['Warrior two, 5 breaths', weeks(20), 'as-written', null, 'over-restriction is a failure'],
  ['Mountain, 5 breaths', weeks(38), 'as-written', null, 'over-restriction is a failure'],
  ['Mountain, 15 breaths', weeks(20), 'eased', 'pregnancy.standing-still', 'standing still short, CO 804'],
  [
    'Garland, 5 breaths',
    weeks(30),
    'as-written',
    null,
    'CLINICAL row 19: squats have no evidence against them',
  ],
  ["Child's pose, 8 breaths", weeks(24), 'eased', 'pregnancy.kneeling-wide', 'room for the belly, c'],
  [
    'Standing forward fold, 4 breaths',
    weeks(24),
    'eased',
    'pregnancy.fold',
    'house view short-hands-on-blocks',
  ],
  // High blood pressure
  [
    'Downward-facing dog, 5 breaths',
    uncontrolled,
    'eased',
    'high-blood-pressure.head-down',
    'no head below heart',
  ],
  [
    'Standing forward fold, 4 breaths',
    uncontrolled,
    'eased',
    'high-blood-pressure.head-down',
    'no head below heart',
  ],
  [
    "Child's pose, 8 breaths",
    uncontrolled,
    'eased',
    'high-blood-pressure.head-down',
    'CLINICAL row 5: forehead on the floor',
  ],
  [
    'Plough, 8 breaths',
    uncontrolled,
    'swapped',
    'high-blood-pressure.inverted',
    'PRACTICE 2: plough is found in a pressure sequence',
  ],
  ['Half forward fold, 4 breaths', uncontrolled, 'as-written', null, 'level head stays'],
  ['Final rest, 5 min', uncontrolled, 'as-written', null, 'lying is level'],
  [
    'Legs up the wall, 10 breaths',
    uncontrolled,
    'as-written',
    null,
    'head is level (eyes are another matter)',
  ],
  ['Warrior two, 5 breaths', uncontrolled, 'as-written', null, 'CLINICAL row 76'],
  ['Plank, 4 breaths', uncontrolled, 'as-written', null, 'strong holds up to 30 s'],
  ['Plank, 8 breaths', uncontrolled, 'eased', 'high-blood-pressure.strong-hold', 'strong holds up to 30 s'],
  [
    'Seated forward fold, 6 breaths',
    uncontrolled,
    'as-written',
    null,
    'judged by the measure, CLINICAL row 31',
  ],
  // Disc
  ['Cat and cow, 6 rounds', acute, 'eased', 'lumbar-disc.flexion', 'no flexion anywhere'],
  ['Seated twist, 4 breaths', acute, 'swapped', 'lumbar-disc.rotation-low-back', 'no rotation anywhere'],
  ['Standing forward fold, 4 breaths', acute, 'swapped', 'lumbar-disc.flexion', 'no flexion anywhere'],
  ['Locust, 4 breaths', acute, 'as-written', null, 'PRACTICE 2: disc-friendly class'],
  ['Opposite arm and leg, 4 breaths', acute, 'as-written', null, 'PRACTICE 2: disc-friendly class'],
  ['Mountain, 5 breaths', acute, 'as-written', null, 'neutral spine'],
  ['Half forward fold, 4 breaths', settled, 'as-written', null, 'hip hinge'],
  ['Supine twist, 6 breaths', settled, 'swapped', 'lumbar-disc.rotation-settled', 'house view none'],
  ['Cat and cow, 6 rounds', settled, 'as-written', null, 'settled: no deep flexion (use 0.55)'],
  // Older adults
  [
    'Tree, 30 s',
    older,
    'eased',
    'older-adult.support-in-reach',
    'CLINICAL row 57: age adds support within reach',
  ],
  ['Tree, 30 s', unsteady, 'eased', 'older-adult.hand-support', 'after a fall a hand on something'],
  ['Triangle, 5 breaths', older, 'as-written', null, 'CLINICAL row 57: function, not birthday'],
  ['Downward-facing dog, 5 breaths', older, 'as-written', null, 'CLINICAL row 57'],
  ['Warrior two, 5 breaths', unsteady, 'as-written', null, 'a wide base'],
  ['Shoulder stand, 8 breaths', older, 'swapped', 'older-adult.neck-load', 'no weight on the neck, c'],
  ['Plough, 8 breaths', acute, 'swapped', 'lumbar-disc.inverted', 'hidden flexion on the way in'],
  // Chair
  ['Downward-facing dog, 5 breaths', wheelchair, 'swapped', 'wheelchair-user.level', 'everything seated'],
  ['Seated breath, 10 breaths', wheelchair, 'as-written', null, 'everything seated'],
  ['Seated twist, 4 breaths', wheelchair, 'as-written', null, 'everything seated'],
  ['Tree, 30 s', wheelchair, 'eased', 'wheelchair-user.level', 'chair form of tree'],
  ['Downward-facing dog, 5 breaths', chair, 'eased', 'chair-user.level', 'seated or behind the chair'],
  ['Half forward fold, 4 breaths', chair, 'as-written', null, 'behind the chair'],
  // Children
  ['Tree, 30 s', child, 'eased', 'child.hold-6-to-8', 'holds up to 15 s at 6 to 8'],
  ['Cat and cow, 8 rounds', child, 'as-written', null, 'a movement is no hold'],
  ['Tree, 10 s', child, 'as-written', null, 'holds up to 15 s at 6 to 8'],
  ['Final rest, 3 min', child, 'as-written', null, 'rest is exempt'],
  ['Shoulder stand, 4 breaths', child, 'swapped', 'child.neck', 'no head or shoulder stands'],
  ['Cobra, 3 breaths', child, 'as-written', null, 'over-restriction is a failure'],
];

test.each(CASES)('%s, %j: %s (%s)', (step, person, verdict, rule) => {
  const entry = one(step, person);
  expect({ verdict: entry.verdict, variant: entry.variant }).toMatchObject({ verdict });
  if (rule)
    expect(
      entry.findings.filter((finding) => finding.on === 'asked').map((finding) => finding.rule),
    ).toContain(rule);
  else expect(entry.findings.filter((finding) => finding.level !== 'watch')).toEqual([]);
});

test('locust at 22 weeks becomes opposite arm and leg or a back opener, never prone', () => {
  const entry = one('Locust, 4 breaths', weeks(22));
  expect(['opposite-arm-and-leg', 'chest-lift']).toContain(entry.pose);
  expect(entry.alternatives.every((other) => variantById(other.variant).variant.level !== 'prone')).toBe(
    true,
  );
});

test('seconds on the back add up over the class and reset when she sits up', () => {
  const lane = fit(
    '- Bridge, 5 breaths\n- Bridge, 5 breaths\n- Bridge, 5 breaths\n- Mountain\n- Bridge, 5 breaths',
    [weeks(24)],
  ).lanes[0]!.steps;
  expect(lane[0]!.verdict).toBe('as-written');
  expect(lane[2]!.findings.map((finding) => finding.rule)).toContain('pregnancy.flat-lying');
  expect(lane[4]!.findings.map((finding) => finding.rule)).not.toContain('pregnancy.flat-lying');
});

test('seconds with the head down and the pelvis up add up against their limits too', () => {
  const dogs = fit('- Downward-facing dog, 25 s\n- Downward-facing dog, 25 s\n- Downward-facing dog, 25 s', [
    weeks(20),
  ]).lanes[0]!;
  expect(dogs.sums.headDown.longest).toBeLessThanOrEqual(60);
  expect(
    dogs.steps.some((entry) => entry.findings.some((finding) => finding.rule === 'pregnancy.head-down-sum')),
  ).toBe(true);
  const bleeding = fit(
    '- Shoulder stand, 25 s\n- Shoulder stand, 25 s\n- Shoulder stand, 25 s\n- Shoulder stand, 25 s\n- ' +
      'Shoulder stand, 25 s\n- Shoulder stand, 25 s',
    [{ today: { bleeding: true } }],
    { 'bleeding-inversion': 'few-breaths' },
  ).lanes[0]!;
  expect(bleeding.sums.pelvisUp.total).toBeGreaterThan(60);
  expect(bleeding.sums.pelvisUp.total).toBeLessThanOrEqual(120);
  const still = fit('- Mountain, 5 breaths\n- Mountain, 5 breaths\n- Bridge, 4 breaths', [{}]).lanes[0]!.sums;
  expect([still.standingStill.longest, still.floorVisits]).toEqual([55, 1]);
});

test('sides are equal within a tenth or two seconds, or it is said why not', () => {
  const check = ({ lanes }: Fitting): void => {
    for (const { steps } of lanes)
      for (const entry of steps) {
        const other = steps.find((one) => one.step === entry.step && one !== entry);
        if (
          !other ||
          Math.abs(entry.hold.seconds - other.hold.seconds) <=
            Math.max(2, 0.1 * Math.max(entry.hold.seconds, other.hold.seconds))
        )
          continue;
        expect(entry.sidesDiffer).toMatch(/\S/);
      }
  };
  const source = [
    'Opposite arm and leg, 6 breaths',
    'Tree, 40 s',
    'Warrior two, 6 breaths',
    'Low lunge, 5 breaths',
    'Pigeon, 6 breaths',
    'Side bend, 5 breaths',
    'Supine twist, 8 breaths',
  ]
    .map((line) => `- ${line} each side`)
    .join('\n');
  fc.assert(
    fc.property(
      fc.constantFrom('knee arthritis', 'hip replacement', 'frozen shoulder', 'scoliosis', 'sciatica'),
      fc.constantFrom('right', 'left'),
      fc.integer({ min: 6, max: 30 }),
      (condition, side, minutes) => {
        check(
          fit(`# A\nminutes: ${minutes}\n${source}\n- Final rest, 3 min`, [
            { conditions: [{ condition, side }] },
            { ranges: { shoulderFlexionRight: 100, kneeFlexionLeft: 60 } },
          ]),
        );
      },
    ),
    { numRuns: 15 },
  );
});

test('who may not lie flat for long settles propped up and stays, rather than lying flat for a breath or two', () => {
  // PRACTICE 4: in pregnancy on a side, or reclined 30 to 45 degrees.
  const { variant, hold, measures } = one('Reclined butterfly, 4 min', weeks(28));
  expect([variant, hold.seconds, measures.trunkIncline > 30 && measures.trunkIncline < 50]).toEqual([
    'reclined-butterfly.propped',
    240,
    true,
  ]);
  expect(one('Reclined butterfly, 4 min', weeks(10)).variant).toBe('reclined-butterfly.blocks');
});

test('a pose with sides in place of one without is done on both, each half as long, and both are judged', () => {
  const [entry] = fit('- Puppy, 6 breaths', [chair]).lanes[0]!.steps;
  expect([entry!.pose, entry!.sides, entry!.hold.breaths]).toEqual(['cow-face-arms', ['right', 'left'], 3]);
  expect(fit('- Puppy, 6 breaths', [chair]).steps[0]!.end).toBeCloseTo(
    2 * entry!.hold.seconds + PACE.changeSide + PACE.talkNew,
    1,
  );
  // Whichever arm must stay low, and whatever step: nobody is led past the limit on the side that is looked
  // at second.
  const unsided = POSES.filter(({ side, family }) => !side && family !== 'children');
  fc.assert(
    fc.property(
      fc.constantFrom(...unsided),
      fc.integer({ min: 40, max: 150 }),
      fc.constantFrom('no kneeling', 'belly-down', ''),
      ({ name }, most, more) => {
        const chosen = (side: 'Right' | 'Left') =>
          fit(`- ${name}`, [
            {
              ranges: { [`shoulderFlexion${side}`]: most },
              ...{ 'no kneeling': { can: { kneel: false } }, 'belly-down': weeks(24), '': {} }[more],
            },
          ]).lanes[0]!.steps.filter(({ step }) => step === 1);
        const right = chosen('Right');
        const left = chosen('Left');
        for (const entries of [right, left])
          if (BUILT_IN.variant(entries[0]!.variant).pose.side)
            expect(entries.flatMap(({ sides }) => sides).sort()).toEqual(['left', 'right']);
        for (const [entries, limited] of [
          [right, 'Right'],
          [left, 'Left'],
        ] as const)
          for (const { measures, sides, verdict } of entries) {
            // The measures are those of the form on the right: done on both, each arm comes to what either has.
            const reached =
              sides.length === 2
                ? Math.max(measures.shoulderFlexionRight, measures.shoulderFlexionLeft)
                : measures[`shoulderFlexion${limited}`];
            if (verdict !== 'rest') expect(reached).toBeLessThanOrEqual(most + 0.01);
          }
      },
    ),
    { numRuns: 60 },
  );
});

test('one leg at a time in a pose without sides: the other follows, is said, and is judged', () => {
  const legs = ['hipFlexion', 'kneeFlexion'] as const;
  for (const { side, family, ladder } of POSES)
    for (const variant of ladder) {
      const measures = BUILT_IN.measures(variant.id, 165);
      const apart = Math.max(
        ...legs.map((leg) => Math.abs(measures[`${leg}Right`] - measures[`${leg}Left`])),
      );
      const oneLeg =
        !side &&
        variant.frames.length === 1 &&
        apart > 30 &&
        variant.level !== 'side-lying' &&
        family !== 'children';
      expect([
        variant.id,
        variant.alternates === true,
        variant.cues.some((cue) => cue.startsWith('Half way through, the other')),
      ]).toEqual([variant.id, oneLeg, oneLeg]);
    }
  // The knee that is bent second must not bend so far either.
  for (const side of ['Right', 'Left'])
    expect([
      side,
      one('Boat on a chair, 4 breaths', { ranges: { [`hipFlexion${side}`]: 95 } }).variant === 'boat.chair',
    ]).toEqual([side, false]);
});

test('nobody is led into a jump or a hop that was not asked for', () => {
  const people = Object.entries(CONDITION_PEOPLE).map(([name, person]) => ({ name, ...person }));
  for (const { lanes } of [fit('- Step back and forward, 4 rounds\n- Frog hop', people)])
    for (const { person, steps } of lanes)
      for (const { step, variant } of steps) {
        if (step === 1)
          expect([person, BUILT_IN.variant(variant).variant.declared.impact]).not.toEqual([
            person,
            'jumping',
          ]);
      }
});

test('a one-sided limit gives a step two entries, and mirrored people mirrored ones', () => {
  const sides = (side: 'Right' | 'Left') =>
    fit('- Opposite arm and leg, 4 breaths each side', [
      { ranges: { [`shoulderFlexion${side}`]: 120 } },
    ]).lanes[0]!.steps.map((entry) => [entry.sides.join(), entry.variant]);
  const right = sides('Right');
  const left = sides('Left');
  expect(right).toHaveLength(2);
  expect(left.map(([side, variant]) => [side === 'right' ? 'left' : 'right', variant]).reverse()).toEqual(
    right,
  );
});

test('the floor is counted: twice is plenty for an older adult', () => {
  const source = '- Bridge\n- Mountain\n- Bridge\n- Mountain\n- Bridge';
  expect(fit(source, [older]).lanes[0]!.alerts.some((alert) => alert.text.startsWith('3 times down'))).toBe(
    true,
  );
  expect(fit(source, [{}]).lanes[0]!.alerts).toEqual([]);
});

test('who must not practise today sits out every step, said once', () => {
  const { alerts, steps } = fit('- Tree\n- Bridge', [{ today: { bp: '190/100' } }]).lanes[0]!;
  expect(steps.every((entry) => entry.verdict === 'rest')).toBe(true);
  expect(alerts.filter((alert) => alert.kind === 'stop')).toHaveLength(1);
});

test('where nothing suits she sits out, and a chair that breaks a limit is not called met', () => {
  const entry = one('Tree, 20 s each side', {
    ranges: {
      kneeFlexionRight: 1,
      kneeFlexionLeft: 1,
      hipFlexionRight: 1,
      hipFlexionLeft: 1,
      ankleFlexionRight: 0,
      ankleFlexionLeft: 0,
    },
    can: { floor: false, stand: false },
  });
  expect(entry.verdict).toBe('rest');
  expect(entry.findings.some((finding) => finding.rule.startsWith('own.') && !finding.met)).toBe(true);
});

test('nobody is swapped upside down, into a jump, or as a grown person into a game', () => {
  for (const asked of [
    'Tree, 3 breaths',
    'Mountain, 3 breaths',
    'Downward-facing dog, 3 breaths',
    'Heel raise, 3 rounds',
  ]) {
    const entry = one(asked, { can: { stand: false, kneel: false } });
    for (const id of [entry.variant, ...entry.alternatives.map((other) => other.variant)]) {
      const { pose, variant } = variantById(id);
      expect([
        asked,
        pose.family === 'inverted' || pose.family === 'children',
        variant.declared.impact ?? 'still',
      ]).toEqual([asked, false, 'still']);
    }
  }
});

test('the house view decides: nothing head-down against as usual', () => {
  const person = {
    conditions: [
      { condition: 'high-blood-pressure', control: 'controlled', reading: '128/78', readingOn: '2026-11-28' },
    ],
  };
  expect(one('Downward-facing dog, 5 breaths', person).verdict).toBe('eased');
  expect(
    one('Downward-facing dog, 5 breaths', person, { 'controlled-pressure': 'as-usual-no-holding' }).verdict,
  ).toBe('as-written');
});

describe('properties', () => {
  const CONDITIONS = [
    weeks(8),
    weeks(18),
    weeks(29),
    uncontrolled,
    acute,
    settled,
    wheelchair,
    chair,
  ].flatMap((person) => person.conditions as unknown[]);
  const someConditions = fc.uniqueArray(fc.constantFrom(...CONDITIONS), {
    maxLength: 3,
    selector: (entry) => (typeof entry === 'string' ? entry : (entry as { condition: string }).condition),
  });
  const someone = fc.record({
    conditions: someConditions,
    heightCm: fc.constantFrom(145, 158, 167.5, 181, 195),
    born: fc.constantFrom('1948-01-01', '1970-01-01', '1995-01-01'),
    can: fc.record({ kneel: fc.boolean(), floor: fc.boolean() }),
    today: fc.constantFrom({}, { pain: 8 }, { dizzy: true }),
  });
  const pose = fc.constantFrom(...POSES);
  const steps = fc
    .array(pose, { minLength: 1, maxLength: 6 })
    .map((poses) => poses.map((item) => `- ${item.name}`).join('\n'));

  test('the engine never chooses a never or an unmet limit or need', () => {
    fc.assert(
      fc.property(steps, someone, (source, person) => {
        for (const entry of fit(source, [person]).lanes[0]!.steps) {
          if (entry.verdict === 'rest') continue;
          expect(
            entry.findings.filter(
              (finding) => finding.on === 'chosen' && finding.level !== 'watch' && !finding.met,
            ),
          ).toEqual([]);
        }
      }),
      { numRuns: 150 },
    );
  });

  test.each([
    ['Legs up the wall, 3 min', 'Turn onto the side while you wait.'],
    ['Downward dog, 20 breaths', 'Bring the head up while you wait.'],
    ['Standing forward fold, 20 breaths', undefined],
  ] as const)('%s: who is done early because it adds up does not wait in it', (line, out) => {
    const [her, him] = fit(`- ${line}`, [weeks(22), {}]).lanes.map(({ steps }) => steps[0]!);
    expect(her!.waits).toBeGreaterThan(30);
    expect(her!.waitOut).toBe(out);
    expect(him!.waitOut).toBeUndefined();
  });

  test('what adds up over a lane, counter-poses included, keeps within every limit on it', () => {
    const lying = fc.constantFrom(
      'Legs up the wall, 90 s',
      'Constructive rest, 80 s',
      'Bridge, 6 breaths',
      'Downward dog, 8 breaths',
      'Locust, 5 breaths',
      'Standing forward fold, 6 breaths',
      'Cat and cow, 6 rounds',
      'Supine twist, 6 breaths each side',
      'Happy baby, 40 s',
    );
    fc.assert(
      fc.property(
        fc.array(lying, { minLength: 2, maxLength: 8 }),
        fc.constantFrom<Record<string, unknown>>(
          weeks(18),
          weeks(29),
          { today: { bleeding: true } },
          { conditions: ['reflux'] },
        ),
        (lines, person) => {
          const source = lines.map((line) => `- ${line}`).join('\n');
          const { sums } = fit(source, [person]).lanes[0]!;
          const { rules } = stagePerson(
            readPeople([{ name: 'A', ...person }], ON).people[0]!,
            ON,
            USUAL_HOUSE_VIEW,
          );
          for (const { rule } of rules) {
            const [bound] = rule.all;
            if (rule.level !== 'limit' || rule.all.length > 1 || !('sum' in bound)) continue;
            const name = bound.sum.replace(/Unbroken|Total/, '') as 'supine' | 'headDown' | 'pelvisUp';
            expect(sums[name][bound.sum.endsWith('Total') ? 'total' : 'longest']).toBeLessThanOrEqual(
              bound.over,
            );
          }
        },
      ),
      { numRuns: 200 },
    );
  });

  test('adding a condition never turns a finding about the asked way off', () => {
    fc.assert(
      fc.property(pose, someone, fc.constantFrom(...CONDITIONS), (item, person, extra) => {
        const name = (entry: unknown): string =>
          typeof entry === 'string' ? entry : (entry as { condition: string }).condition;
        if (person.conditions.some((entry) => name(entry) === name(extra))) return;
        const rules = (conditions: unknown[]): string[] => {
          const { findings, verdict } = one(item.name, { ...person, conditions });
          return findings
            .filter(
              (finding) => finding.level !== 'watch' && (finding.on === 'asked' || verdict === 'as-written'),
            )
            .map((finding) => finding.rule);
        };
        expect(rules([...person.conditions, extra])).toEqual(
          expect.arrayContaining(rules(person.conditions)),
        );
      }),
      { numRuns: 300 },
    );
  });

  test('same input, same output', () => {
    fc.assert(
      fc.property(steps, someone, (source, person) => {
        expect(fit(source, [person])).toEqual(fit(source, [person]));
      }),
      { numRuns: 30 },
    );
  });

  test('every step is there for everyone, times run on, sides are equal, and other people change nobody', () => {
    fc.assert(
      fc.property(steps, someone, someone, (source, a, b) => {
        const both = fit(source, [a, b]);
        const alone = fit(source, [a]);
        expect(
          both.lanes[0]!.steps.map(({ clock: _clock, waits: _waits, waitOut: _out, ...entry }) => entry),
        ).toEqual(
          alone.lanes[0]!.steps.map(({ clock: _clock, waits: _waits, waitOut: _out, ...entry }) => entry),
        );
        both.steps.reduce((end, step) => {
          expect(step.start).toBe(end);
          expect(step.end).toBeGreaterThan(step.start);
          return step.end;
        }, 0);
        expect(Math.abs(both.minutes.planned - both.steps[both.steps.length - 1]!.end / 60)).toBeLessThan(
          0.06,
        );
        for (const lane of both.lanes)
          expect(new Set(lane.steps.map((entry) => entry.step)).size).toBe(both.steps.length);
      }),
      { numRuns: 60 },
    );
  });

  test('mirrored people get mirrored results', () => {
    const ranges = fc.record({
      shoulderFlexionRight: fc.integer({ min: 60, max: 180 }),
      hipAbductionLeft: fc.integer({ min: 10, max: 60 }),
    });
    fc.assert(
      fc.property(pose, ranges, (item, { shoulderFlexionRight, hipAbductionLeft }) => {
        if (!item.side) return;
        const bySide = (person: Record<string, unknown>): Record<string, string> =>
          Object.fromEntries(
            fit(`- ${item.name} each side`, [person]).lanes[0]!.steps.flatMap((entry) =>
              (entry.sides.length ? entry.sides : (['right', 'left'] as const)).map((side) => [
                side,
                `${entry.variant} ${entry.hold.seconds}`,
              ]),
            ),
          );
        const one = bySide({ ranges: { shoulderFlexionRight, hipAbductionLeft } });
        const other = bySide({
          ranges: { shoulderFlexionLeft: shoulderFlexionRight, hipAbductionRight: hipAbductionLeft },
        });
        expect(one.right).toBe(other.left);
        expect(one.left).toBe(other.right);
      }),
      { numRuns: 100 },
    );
  });
});
