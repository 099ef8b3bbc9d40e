/** The teacher’s own choices. */
import { BUILT_IN, readChoices, type Fitting } from '../builtIn.js';
import { pregnant, named, fit, variantsOf } from './mixedClass.js';

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
