/**
 * The class as a whole: fewer versions, the stock, one version for all, the teacher's own choices, and what
 * has changed since.
 */
import fc from 'fast-check';
import {
  BUILT_IN,
  compareFittings,
  createFitter,
  dateAfter,
  editSequence,
  fitClass,
  followedChoices,
  handover,
  movedChoices,
  NO_CHOICES,
  parseSequence,
  readChoices,
  readPeople,
  USUAL_HOUSE_VIEW,
  type Choices,
  type Fitting,
  type Person,
} from '../../builtIn.js';

const ON = '2026-12-01';
const pregnant = (weeks: number): Record<string, unknown> => ({
  conditions: [{ condition: 'pregnancy', dueDate: dateAfter(ON, 280 - 7 * weeks) }],
});
const PEOPLE: readonly Record<string, unknown>[] = [
  {},
  {},
  pregnant(26),
  { conditions: [{ condition: 'high-blood-pressure', control: 'uncontrolled' }] },
  { conditions: [{ condition: 'lumbar-disc', phase: 'acute' }] },
  { conditions: ['wheelchair'] },
  { born: '1946-01-01', screening: { fallsLastYear: 1 } },
  { can: { kneel: false } },
  { conditions: ['glaucoma'] },
  { conditions: ['low-bone-density'] },
  { can: { floor: false } },
];
const named = (list: readonly Record<string, unknown>[]): Person[] => {
  const { people, errors } = readPeople(
    list.map((person, i) => ({ name: `P${i}`, ...person })),
    ON,
  );
  expect(errors).toEqual([]);
  return people;
};
const CLASS =
  '# Mixed\nminutes: 75\n- Seated breath, 8 breaths\n- Cat and cow, 6 rounds\n- Downward-facing dog, 5 ' +
  'breaths\n- Locust, 4 breaths\n- Tree, 30 s each side\n- Standing forward fold, 4 breaths\n- Bridge, 5 ' +
  'breaths\n- Supine twist, 6 breaths each side\n- Final rest, 6 min';
const sequenceOf = (text: string) => {
  const { sequence, errors } = parseSequence(text);
  expect(errors).toEqual([]);
  return sequence;
};
const fit = (
  people: readonly Person[],
  choices: Partial<Choices> = {},
  stock?: Record<string, number>,
  text = CLASS,
): Fitting =>
  fitClass({
    sequence: sequenceOf(text),
    people,
    on: ON,
    houseView: USUAL_HOUSE_VIEW,
    choices: { ...NO_CHOICES, ...choices },
    ...(stock ? { stock } : {}),
  });
const versions = ({ steps }: Fitting): number => steps.reduce((sum, step) => sum + step.versions, 0);
const variantsOf = ({ lanes }: Fitting): string[][] =>
  lanes.map(({ steps }) => steps.map(({ variant }) => variant));

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
}, 120_000);

test('mirrored people get mirrored lanes', () => {
  const sided = [
    'Tree, 20 s each side',
    'Low lunge, 4 breaths each side',
    'Opposite arm and leg, 4 breaths each side',
    'Side bend, 4 breaths each side',
    'Pigeon, 5 breaths each side',
    'Warrior two, 4 breaths each side',
    'Gate, 4 breaths each side',
    'Supine twist, 5 breaths each side',
  ];
  const bySide = (lines: readonly string[], person: Record<string, unknown>): Record<string, string>[] =>
    fit(
      named([person]),
      {},
      undefined,
      `# A\nminutes: 60\n${lines.map((line) => `- ${line}`).join('\n')}`,
    ).lanes[0]!.steps.reduce<Record<string, string>[]>((steps, { step, sides, variant, hold }) => {
      steps[step] = {
        ...steps[step],
        ...Object.fromEntries(
          (sides.length ? sides : (['right', 'left'] as const)).map((side) => [
            side,
            `${variant} ${Math.round(hold.seconds)}`,
          ]),
        ),
      };
      return steps;
    }, []);
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...sided), { minLength: 1, maxLength: 4 }),
      fc.constantFrom(
        'knee arthritis',
        'hip replacement',
        'frozen shoulder',
        'sciatica',
        'carpal tunnel',
        'ankle sprain',
      ),
      fc.option(fc.integer({ min: 40, max: 170 }), { nil: undefined }),
      (lines, condition, reach) => {
        const person = (side: 'right' | 'left') => ({
          conditions: [{ condition, side }],
          ...(reach
            ? { ranges: { [side === 'right' ? 'shoulderFlexionRight' : 'shoulderFlexionLeft']: reach } }
            : {}),
        });
        const one = bySide(lines, person('right'));
        const other = bySide(lines, person('left'));
        expect(one.map((step) => step && [step.right, step.left])).toEqual(
          other.map((step) => step && [step.left, step.right]),
        );
      },
    ),
    { numRuns: 40 },
  );
}, 60_000);

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
}, 60_000);

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

describe('the teacher’s own choice', () => {
  const people = named([pregnant(26), {}]);
  test(
    'is taken and pinned, with its reason and the rules it goes against, and everything else is ' +
      'fitted round it',
    () => {
      const plain = fit(people);
      const { lanes, refused } = fit(people, {
        overrides: [
          { personId: 'P0', step: 4, variant: 'chest-lift.standing', reason: 'She likes to stand.' },
        ],
      });
      const entry = lanes[0]!.steps.find(({ step }) => step === 4)!;
      expect([entry.variant, entry.override?.reason, refused]).toEqual([
        'chest-lift.standing',
        'She likes to stand.',
        [],
      ]);
      expect(variantsOf({ lanes } as Fitting)[1]).toEqual(variantsOf(plain)[1]);
    },
  );
  test('against a limit it stays, and says what it breaks', () => {
    const { lanes, refused } = fit(people, {
      overrides: [{ personId: 'P0', step: 5, variant: 'tree.full', reason: 'Steady for years.' }],
    });
    const entry = lanes[0]!.steps.find(({ step }) => step === 5)!;
    expect(refused).toEqual([]);
    expect(entry.override!.breaks.length).toBeGreaterThan(0);
    expect(entry.findings.some(({ on, met }) => on === 'chosen' && !met)).toBe(true);
  });
  test('with sides in a step without, it is done on both, and what it breaks on either is said', () => {
    const chosen = (person: Record<string, unknown>) =>
      fit(named([person]), {
        overrides: [
          { personId: 'P0', step: 4, variant: 'opposite-arm-and-leg.full', reason: 'She knows it.' },
        ],
      }).lanes[0]!.steps.filter(({ step }) => step === 4);
    const [entry, ...more] = chosen({});
    expect([entry!.sides, entry!.hold.breaths, more.length]).toEqual([['right', 'left'], 2, 0]);
    for (const side of ['Right', 'Left'])
      expect([
        side,
        chosen({ ranges: { [`shoulderFlexion${side}`]: 60 } }).flatMap(({ override }) => override!.breaks)
          .length,
      ]).toEqual([side, 1]);
  });
  test('against a never it is refused without a clearance, and taken with one', () => {
    const person = { conditions: ['loose-upper-neck'] };
    const override = {
      overrides: [{ personId: 'P0', step: 1, variant: 'shoulder-stand.blankets', reason: 'Always has.' }],
    };
    const text =
      '# A\nminutes: 20\n- Shoulder stand, 5 breaths\n- Supine twist, 5 breaths\n- Final rest, 5 min';
    const open = fit(named([person]), override, undefined, text);
    const [refused] = open.refused;
    expect(open.lanes[0]!.steps[0]!.pose).not.toBe('shoulder-stand');
    expect(refused).toMatchObject({ personId: 'P0', step: 1 });
    const cleared = fit(
      named([
        {
          ...person,
          clearances: open.refused.map(({ rule }) => ({ for: rule, by: 'her doctor', on: '2026-11-20' })),
        },
      ]),
      override,
      undefined,
      text,
    );
    expect(cleared.refused.map(({ rule }) => rule)).not.toContain(refused!.rule);
  });
  test('what cannot be is said where it is', () => {
    const { errors } = readChoices(
      { overrides: [{ personId: '', step: 99, variant: 'nothing', reason: ' ' }], swaps: 'no' },
      BUILT_IN,
      9,
      [],
    );
    expect(errors.map(({ field }) => field)).toEqual(
      expect.arrayContaining([
        'choices.overrides[0].personId',
        'choices.overrides[0].step',
        'choices.overrides[0].variant',
        'choices.overrides[0].reason',
        'choices.swaps',
      ]),
    );
  });
});

describe('what has changed since', () => {
  const at = (
    on: string,
    conditions: readonly unknown[] = [{ condition: 'pregnancy', dueDate: dateAfter(ON, 280 - 7 * 26 - 5) }],
  ) =>
    fitClass({
      sequence: sequenceOf(CLASS),
      people: named([{ conditions }, {}]),
      on,
      houseView: USUAL_HOUSE_VIEW,
    });
  test('nothing, where nothing has', () =>
    expect(compareFittings(at(ON), at(ON))).toEqual({ differences: [], steps: 0, says: '' }));
  test('two weeks later: which steps, for whom, and the week that was passed', () => {
    const { differences, steps, says } = compareFittings(at(ON), at(dateAfter(ON, 16)));
    expect(steps).toBeGreaterThan(0);
    expect(says).toMatch(/^\d+ steps? changed since you planned this: .*week 29\.$/);
    expect(differences.every(({ person }) => person === 'P0')).toBe(true);
    expect(differences.some(({ why }) => why.includes('now week 29'))).toBe(true);
  });
  test('a condition entered since is named with its rule', () => {
    const { differences } = compareFittings(
      at(ON, []),
      at(ON, [{ condition: 'lumbar-disc', phase: 'acute' }]),
    );
    expect(differences.filter(({ what }) => what === 'no longer allowed').length).toBeGreaterThan(0);
    expect(differences.every(({ why }) => why.length > 10)).toBe(true);
  });
});

test('half a page for another teacher names everyone who differs, and nobody twice for the same', () => {
  const fitting = fit(named(PEOPLE));
  const page = handover(fitting, BUILT_IN);
  const steps = page.sections.flatMap((section) => section.steps);
  expect(steps).toHaveLength(fitting.steps.length);
  for (const { step, others } of steps) {
    const differing = fitting.lanes
      .filter((lane) =>
        lane.steps.some((entry) => entry.step === step && (entry.verdict !== 'as-written' || entry.then)),
      )
      .map(({ person }) => person);
    expect([...new Set(others.flatMap(({ people }) => people))].sort()).toEqual(differing.sort());
  }
});

describe('editing what is written', () => {
  const TEXT =
    '# A\n## One\n- Mountain, 5 breaths\n> stand tall\n- Tree, 30 s each side\n## Two\n- Final rest, 5 min';
  const names = (source: string): string[] => sequenceOf(source).steps.map(({ text }) => text);
  test('adds, removes, moves and changes a hold; notes go with their step', () => {
    expect(names(editSequence(TEXT, { kind: 'add', after: 1, line: 'Triangle, 3 breaths' }).source)).toEqual([
      'Mountain, 5 breaths',
      'Triangle, 3 breaths',
      'Tree, 30 s each side',
      'Final rest, 5 min',
    ]);
    expect(names(editSequence(TEXT, { kind: 'add', after: 0, line: 'Triangle' }).source)[0]).toBe('Triangle');
    expect(editSequence(TEXT, { kind: 'remove', step: 1 }).source).toBe(
      '# A\n## One\n- Tree, 30 s each side\n## Two\n- Final rest, 5 min',
    );
    expect(editSequence(TEXT, { kind: 'move', step: 1, after: 2 }).source).toBe(
      '# A\n## One\n- Tree, 30 s each side\n- Mountain, 5 breaths\n> stand tall\n## Two\n- Final rest, 5 min',
    );
    expect(editSequence(TEXT, { kind: 'hold', step: 2, hold: '4 breaths' }).source).toContain(
      '- Tree, 4 breaths each side',
    );
    expect(editSequence('- Mountain', { kind: 'hold', step: 1, hold: '4 breaths' }).source).toBe(
      '- Mountain, 4 breaths',
    );
  });
  test('choices go where their step goes; whatever is moved, the same steps are there', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 0, max: 3 }), (step, after) => {
        const { source, moved } = editSequence(TEXT, { kind: 'move', step, after });
        expect([...names(source)].sort()).toEqual([...names(TEXT)].sort());
        names(TEXT).forEach((text, i) => expect(names(source)[moved[i + 1]! - 1]).toBe(text));
      }),
    );
    const choices: Choices = {
      ...NO_CHOICES,
      overrides: [1, 2].map((step) => ({ personId: 'P0', step, variant: 'mountain.full', reason: 'x' })),
    };
    expect(
      movedChoices(choices, editSequence(TEXT, { kind: 'remove', step: 1 }).moved).overrides.map(
        ({ step }) => step,
      ),
    ).toEqual([1]);
    expect(
      followedChoices(choices, ['a', 'b', 'a'], ['a', 'new', 'b']).overrides.map(({ step }) => step),
    ).toEqual([1, 3]);
    expect(followedChoices(choices, ['a', 'b'], ['b']).overrides.map(({ step }) => step)).toEqual([1]);
  });
});
