/** What lifts a rule or sets a limit for one person: medical clearances and personal limits. */
import {
  BUILT_IN,
  compileRules,
  judgeAll,
  LIMIT_KINDS,
  measureTable,
  readHallRules,
  readPeople,
  SOMEBODY,
} from '../builtIn.js';
import { ON, allRules, fit, stage } from './people.js';

describe('a go-ahead', () => {
  const hip = { condition: 'hip replacement', operatedOn: '2026-10-27', approach: 'posterior' };
  test('for a rule lifts that rule and no other, from its day to its end', () => {
    const cleared = (on: string, until?: string) =>
      stage({
        conditions: [hip],
        clearances: [{ for: 'hip-replacement.flexion', by: 'the surgeon', on, ...(until ? { until } : {}) }],
      }).rules.map(({ rule }) => rule.id);
    const all = stage({ conditions: [hip] }).rules.map(({ rule }) => rule.id);
    expect(all.filter((id) => !cleared('2026-11-01').includes(id))).toEqual([
      'hip-replacement.flexion',
      'hip-replacement.flexion-near',
    ]);
    expect(cleared('2026-12-02')).toEqual(all);
    expect(cleared('2026-11-01', '2026-11-30')).toEqual(all);
  });
  test('for a condition ends its waiting and keeps its rules', () => {
    const person = { conditions: [{ condition: 'aneurysm' }] };
    const with_ = {
      ...person,
      clearances: [{ for: 'aortic-disease', by: 'the cardiologist', on: '2026-11-20' }],
    };
    expect([stage(person).stopped, stage(with_).stopped]).toEqual([true, false]);
    expect(stage(with_).rules.length).toBe(stage(person).rules.length);
  });
  test('a never is opened by nothing else', () => {
    const nevers = allRules.filter(({ level }) => level === 'never');
    expect(nevers.length).toBeGreaterThan(2);
    const { errors } = readHallRules({
      moved: [{ rule: 'loose-upper-neck.neck-load', to: 0.3, reason: 'because I say so', by: 'A', on: ON }],
      own: [],
    });
    expect(errors[0]!.message).toMatch(/never is not loosened/);
    expect(fit({ conditions: ['down syndrome'] }, 'Headstand, 3 breaths').steps[0]!.verdict).not.toBe(
      'as-written',
    );
    expect(
      stage({
        conditions: ['down syndrome'],
        clearances: [{ for: 'loose-upper-neck.neck-load', by: 'the neurosurgeon', on: ON }],
      }).rules.some(({ rule }) => rule.id === 'loose-upper-neck.neck-load'),
    ).toBe(false);
  });
  test('must name something that exists, someone and a day', () => {
    const { errors } = readPeople([{ name: 'A', clearances: [{ for: 'nonsense', by: '', on: 'soon' }] }], ON);
    expect(errors.map(({ field }) => field)).toEqual([
      'people[0].clearances[0].for',
      'people[0].clearances[0].by',
      'people[0].clearances[0].on',
    ]);
  });
});

describe('own limits', () => {
  test.each(Object.entries(LIMIT_KINDS))('%s: bites on some way and leaves others', (kind, { ...known }) => {
    const most = 'usual' in known ? { most: known.usual } : {};
    const staged = stage({ limits: [{ kind, by: 'herself', ...most }] });
    const codes = judgeAll(compileRules(staged), measureTable(BUILT_IN, SOMEBODY, ON));
    expect([codes.includes(2), codes.includes(0)]).toEqual([true, true]);
  });
  test('on one side only the steps of that side differ', () => {
    const entries = fit(
      { limits: [{ kind: 'knee-bend', side: 'right', most: 50, by: 'physiotherapist' }] },
      'Warrior two, 4 breaths',
    ).steps;
    expect(entries.map(({ sides, verdict }) => [sides, verdict === 'as-written'])).toEqual([
      [['right'], false],
      [['left'], true],
    ]);
    expect(entries[0]!.findings[0]!.evidence.source).toContain('physiotherapist');
  });
  test('what is wrong is named', () => {
    const { errors } = readPeople(
      [
        {
          name: 'A',
          limits: [
            { kind: 'arm-raise', most: 400, by: 'x' },
            { kind: 'no-floor', side: 'left', by: '' },
            { kind: 'fly', by: 'x' },
          ],
        },
      ],
      ON,
    );
    expect(errors.map(({ field }) => field)).toEqual([
      'people[0].limits[0].most',
      'people[0].limits[1].side',
      'people[0].limits[1].by',
      'people[0].limits[2].kind',
    ]);
  });
});
