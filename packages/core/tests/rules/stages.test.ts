/** How conditions are staged, by date and by how someone is today. */
import { isNear } from '../../src/rules/uncertain.js';
import fc from 'fast-check';
import { dateAfter, nextChanges, ruleById, stagePerson, USUAL_HOUSE_VIEW } from '../builtIn.js';
import { ON, read, stage } from './people.js';

describe('stages by date', () => {
  test('what is said to change is what then holds, and a later day is never judged with an earlier stage', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 270 }), fc.integer({ min: 1, max: 120 }), (days, ahead) => {
        const person = read({ conditions: [{ condition: 'pregnancy', dueDate: dateAfter(ON, 280 - days) }] });
        const later = dateAfter(ON, ahead);
        const ids = (on: string): string[] =>
          stagePerson(person, on, USUAL_HOUSE_VIEW)
            .rules.filter(({ rule }) => !isNear(rule))
            .map(({ rule }) => rule.id);
        const changes = nextChanges(person, ON, USUAL_HOUSE_VIEW, 99);
        const between = changes.filter(({ on }) => on <= later);
        const begun = between.flatMap(({ begins }) => begins);
        const now = ids(later).filter((id) => !ids(ON).includes(id));
        expect(now.every((id) => begun.includes(ruleById(id)!.rule.reason))).toBe(true);
        for (const id of now)
          for (const test of ruleById(id)!.rule.when ?? [])
            if (test.fact === 'week' && 'from' in test)
              expect(days + ahead).toBeGreaterThanOrEqual(test.from * 7);
      }),
      { numRuns: 60 },
    );
  });
  test('a pregnancy of 13 weeks hears of week 14, an operation of its twelve weeks, an own limit of its end', () => {
    const first = (person: Record<string, unknown>) => nextChanges(read(person), ON, USUAL_HOUSE_VIEW)[0]!;
    expect(first({ conditions: [{ condition: 'pregnancy', dueDate: '2027-06-05' }] })).toMatchObject({
      on: '2026-12-05',
      begins: expect.arrayContaining(['From week 14 nothing lies on the belly.']) as unknown,
    });
    expect(
      first({ conditions: [{ condition: 'knee replacement', operatedOn: '2026-09-10', cleared: true }] }),
    ).toMatchObject({
      on: '2026-12-03',
      ends: expect.arrayContaining(['Under twelve weeks no kneeling.']) as unknown,
    });
    expect(first({ limits: [{ kind: 'no-floor', by: 'herself', until: '2026-12-10' }] })).toMatchObject({
      on: '2026-12-11',
      begins: [],
    });
  });
  test('a reading of last year is not today’s; today’s does not reach into next week', () => {
    expect(
      stage({
        conditions: [
          { condition: 'hypertension', control: 'controlled', reading: '120/75', readingOn: '2025-12-01' },
        ],
      }).stages[0]!.label,
    ).toBe('controlled, no recent reading');
    expect(nextChanges(read({ today: { bp: '150/95' } }), ON, USUAL_HOUSE_VIEW)).toEqual([]);
  });
});

describe('today', () => {
  const stops = (person: Record<string, unknown>): string[] =>
    stage(person)
      .alerts.filter(({ kind }) => kind === 'stop')
      .map(({ text }) => text);
  // CLINICAL rows 12, 26, 28: 180 or 110 for most, 140 or 90 for mothers, no adult class under 13.
  test.each([
    ['180/110 at rest', { today: { bp: '180/110' } }, 0],
    ['181/80', { today: { bp: '181/80' } }, 1],
    ['165/114', { today: { bp: '165/114' } }, 1],
    [
      '139/89 pregnant',
      { conditions: [{ condition: 'pregnancy', dueDate: '2027-03-01' }], today: { bp: '139/89' } },
      0,
    ],
    [
      '140/70 pregnant',
      { conditions: [{ condition: 'pregnancy', dueDate: '2027-03-01' }], today: { bp: '140/70' } },
      1,
    ],
    [
      '140/70 five weeks after birth',
      { conditions: [{ condition: 'after birth', gaveBirth: '2026-10-27' }], today: { bp: '140/70' } },
      1,
    ],
    [
      '140/70 a year after birth',
      { conditions: [{ condition: 'after birth', gaveBirth: '2025-11-27' }], today: { bp: '140/70' } },
      0,
    ],
    ['140/90 at eight', { born: '2018-05-05', heightCm: 128, today: { bp: '140/90' } }, 0],
    ['fever', { today: { fever: true } }, 1],
    [
      'bleeding, pregnant',
      { conditions: [{ condition: 'pregnancy', dueDate: '2027-03-01' }], today: { bleeding: true } },
      1,
    ],
    ['bleeding, not pregnant', { today: { bleeding: true } }, 0],
    ['a known sign', { today: { signs: ['calf-swelling'] } }, 1],
    ['a sign in words', { today: { signs: ['chest pain'] } }, 1],
    ['pain 8', { today: { pain: 8 } }, 0],
  ])('%s: %j stops %i', (_what, person, count) => expect(stops(person)).toHaveLength(count));
  test('an emergency is called one, whatever it is written as', () => {
    expect(stops({ today: { signs: ['stroke-signs'] } })[0]).toMatch(/emergency services/);
    expect(stops({ today: { signs: ['slurred speech'] } })[0]).toMatch(/emergency services/);
    expect(stops({ today: { signs: ['calf-swelling'] } })[0]).toMatch(/doctor today/);
  });
  test('bleeding today is that after the birth to twelve weeks, and menstruation later', () => {
    const bleeding = (gaveBirth: string) => {
      const { stages, rules } = stage({
        conditions: [
          { condition: 'after birth', gaveBirth, cleared: true, separationFingers: 1, bleedingStill: false },
        ],
        today: { bleeding: true },
      });
      return [
        stages.some(({ condition }) => condition === 'menstruation'),
        rules.some(({ rule }) => rule.id === 'after-birth.knee-chest'),
      ];
    };
    expect([bleeding('2026-10-10'), bleeding('2026-01-10')]).toEqual([
      [false, true],
      [true, false],
    ]);
  });
  test('who has settled but hurts much today is asked, and read as the careful one', () => {
    const staged = stage({
      conditions: [{ condition: 'lumbar disc', phase: 'settled' }],
      today: { pain: 8 },
    });
    expect(staged.stages[0]!.label).toBe('acute');
    expect(
      staged.alerts.some(({ kind, text }) => kind === 'ask' && text.includes('said to have settled')),
    ).toBe(true);
  });
  test('a pregnancy with complications brings the careful stage of pregnancy with it', () => {
    const { stages, stopped } = stage({ conditions: ['preeclampsia'] });
    expect([stages.map(({ condition }) => condition).sort(), stopped]).toEqual([
      ['complicated-pregnancy', 'pregnancy'],
      true,
    ]);
  });
  test('osteopenia with a T-score of osteoporosis is asked about and read as the careful one', () => {
    const staged = stage({ conditions: [{ condition: 'osteopenia', bone: 'osteopenia', tScore: '-2.7' }] });
    expect(staged.stages[0]!.label).toBe('osteoporosis');
    expect(staged.alerts.some(({ text }) => text.includes('ask again'))).toBe(true);
  });
});
