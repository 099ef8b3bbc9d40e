import {
  conditionById,
  daysBetween,
  gestationOn,
  isDate,
  isTooHighToPractise,
  parseReading,
  pressureClass,
  readHouseView,
  readPeople,
  stagePerson,
  USUAL_HOUSE_VIEW,
  dueDateFrom,
  CONDITIONS,
  HOUSE_VIEW_TOPICS,
  type Person,
} from '../builtIn.js';
import { TODAY_RULES } from '../../catalogue/rules/everyone.js';

const ON = '2026-12-01';
const person = (raw: Record<string, unknown>, on = ON): Person => {
  const { people, errors } = readPeople([{ name: 'A', ...raw }], on);
  expect(errors).toEqual([]);
  return people[0]!;
};
const staged = (raw: Record<string, unknown>, view: Record<string, string> = {}) =>
  stagePerson(person(raw), ON, { ...USUAL_HOUSE_VIEW, ...view });
const ruleIds = (raw: Record<string, unknown>, view?: Record<string, string>): string[] =>
  staged(raw, view).rules.map(({ rule }) => rule.id);

// REFERENCE 1: worked dates, exact arithmetic (Naegele's rule; ACOG CO 700 and CO 579).
test.each([
  ['2027-07-06', 63, 9, 0, 1],
  ['2027-06-02', 97, 13, 6, 1],
  ['2027-06-01', 98, 14, 0, 2],
  ['2027-04-21', 139, 19, 6, 2],
  ['2027-04-20', 140, 20, 0, 2],
  ['2027-02-24', 195, 27, 6, 2],
  ['2027-02-23', 196, 28, 0, 3],
  ['2026-12-22', 259, 37, 0, 3],
  ['2026-12-01', 280, 40, 0, 3],
  ['2026-11-24', 287, 41, 0, 3],
] as const)(
  'due %s on 1 December 2026: day %i, %iw%id, trimester %i',
  (due, days, weeks, rest, trimester) => {
    expect(gestationOn(due, ON)).toEqual({ days, weeks, rest, trimester });
  },
);

test.each([
  ['2024-02-29', '2024-12-05'],
  ['2026-02-24', '2026-12-01'],
  ['2026-05-01', '2027-02-05'],
])('last period %s: due %s', (period, due) => {
  expect(dueDateFrom(period)).toBe(due);
});

// REFERENCE 2: ACC/AHA 2017, every edge of the table.
test.each([
  ['119/79', 'normal'],
  ['120/79', 'elevated'],
  ['119/80', 'stage 1'],
  ['129/79', 'elevated'],
  ['125/82', 'stage 1'],
  ['130/79', 'stage 1'],
  ['139/89', 'stage 1'],
  ['140/70', 'stage 2'],
  ['118/90', 'stage 2'],
  ['180/120', 'stage 2'],
  ['181/80', 'severe'],
  ['150/121', 'severe'],
])('%s is %s', (reading, expected) => {
  expect(pressureClass(parseReading(reading)!)).toBe(expected);
});

// CLINICAL row 26 (AACVPR): the resting reading that stops a class is another border than the class.
test.each([
  ['180/110', false],
  ['181/80', true],
  ['150/111', true],
  ['165/114', true],
  ['139/89', false],
])('%s at rest stops the class: %s', (reading, stops) => {
  expect(isTooHighToPractise(parseReading(reading)!)).toBe(stops);
});

test.each(['', '120', '80/120', '999/80', 'high', '120/80/60', '30/20'])('"%s" is no reading', (text) =>
  expect(parseReading(text)).toBeUndefined(),
);
test.each([
  ['2027-02-28', true],
  ['2027-02-29', false],
  ['2028-02-29', true],
  ['2027-2-3', false],
  ['27-02-03', false],
  [20270203, false],
])('%s is a date: %s', (text, real) => expect(isDate(text)).toBe(real));
test('days are calendar days, also over a change of clocks', () =>
  expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2));

describe('stages', () => {
  test('week 14 begins on day 98: prone rules wait for it', () => {
    expect(ruleIds({ conditions: [{ condition: 'pregnancy', dueDate: '2027-06-02' }] })).not.toContain(
      'pregnancy.prone',
    );
    expect(ruleIds({ conditions: [{ condition: 'pregnancy', dueDate: '2027-06-01' }] })).toContain(
      'pregnancy.prone',
    );
  });
  test('an unknown week is asked for and read as the most careful stage', () => {
    const { alerts, rules } = staged({ conditions: ['pregnant'] });
    expect(alerts.map((alert) => alert.kind)).toContain('ask');
    expect(rules.map(({ rule }) => rule.id)).toContain('pregnancy.head-down-late');
  });
  test('complications stop the class until they are cleared', () => {
    expect(
      staged({ conditions: [{ condition: 'pregnancy', dueDate: '2027-04-01', complications: ['cerclage'] }] })
        .stopped,
    ).toBe(true);
    expect(
      staged({
        conditions: [
          { condition: 'pregnancy', dueDate: '2027-04-01', complications: ['cerclage'], cleared: true },
        ],
      }).stopped,
    ).toBe(false);
  });
  test('the coming week border is announced two weeks ahead', () => {
    const { alerts } = staged({ conditions: [{ condition: 'pregnancy', dueDate: '2027-03-02' }] });
    expect(alerts.some((alert) => alert.text.startsWith('Week 28 from 8 December'))).toBe(true);
  });
  test.each([
    [{ control: 'uncontrolled' }, {}, 'uncontrolled'],
    [{ control: 'controlled' }, {}, 'unread'],
    [{}, {}, 'uncontrolled'],
    [{ control: 'controlled', reading: '132/84', readingOn: '2026-11-20' }, {}, 'controlled'],
    [{ control: 'controlled', reading: '132/84', readingOn: '2026-10-01' }, {}, 'unread'],
    [{ control: 'controlled', reading: '150/84', readingOn: '2026-11-20' }, {}, 'uncontrolled'],
    [{ control: 'controlled', reading: '132/84', readingOn: '2026-11-20' }, { bp: '152/80' }, 'uncontrolled'],
    [{ reading: '120/76', readingOn: '2026-11-25' }, {}, 'controlled'],
  ])('pressure %j, today %j: %s (CLINICAL row 27)', (details, today, control) => {
    const condition = conditionById('high-blood-pressure');
    const { people } = readPeople([{ name: 'A', today }]);
    expect(condition.stage({ details, person: people[0]!, on: ON }).facts.control).toBe(control);
  });
  test('said to be controlled but high is asked about and read as the careful one', () => {
    const { alerts } = staged({
      conditions: [
        { condition: 'hypertension', control: 'controlled', reading: '172/96', readingOn: '2026-11-29' },
      ],
    });
    expect(alerts.some((alert) => alert.kind === 'ask' && alert.text.includes('controlled'))).toBe(true);
  });
  test.each([
    [{ today: { bp: '184/90' } }, true],
    [{ today: { bp: '150/92' } }, false],
    [{ conditions: [{ condition: 'pregnancy', dueDate: '2027-04-01' }], today: { bp: '142/80' } }, true],
    [{ conditions: [{ condition: 'pregnancy', dueDate: '2027-04-01' }], today: { bleeding: true } }, true],
    [{ today: { bleeding: true } }, false],
    [{ today: { fever: true } }, true],
    [{ today: { signs: ['chest pain'] } }, true],
    [{ today: { pain: 8 } }, false],
  ])('%j stops the class: %s', (raw, stopped) => expect(staged(raw).stopped).toBe(stopped));
  test('a high reading today counts whatever was known before, but not under 13', () => {
    expect(ruleIds({ today: { bp: '150/92' } })).toContain('high-blood-pressure.head-down');
    expect(ruleIds({ today: { bp: '138/88' } })).not.toContain('high-blood-pressure.head-down');
    expect(ruleIds({ born: '2016-01-01', heightCm: 140, today: { bp: '150/92' } })).not.toContain(
      'high-blood-pressure.head-down',
    );
  });
  test('an acute disc brings its question of the day and its emergency signs', () => {
    const texts = staged({ conditions: [{ condition: 'disc', phase: 'acute' }] })
      .alerts.map((alert) => alert.text)
      .join(' ');
    expect(texts).toMatch(/down the leg.*saddle/);
  });
  test('children and older adults are known from the date of birth', () => {
    expect(staged({ born: '2018-01-01', heightCm: 120 }).stages.map((stage) => stage.condition)).toEqual([
      'child',
    ]);
    expect(staged({ born: '1961-12-01' }).stages.map((stage) => stage.condition)).toEqual(['older-adult']);
    expect(staged({ born: '1961-12-02' }).stages).toEqual([]);
  });
  // REFERENCE 3 and 4: CDC STEADI.
  test.each([
    [{ chairStands: 9 }, 'woman', '1955-01-01', true],
    [{ chairStands: 10 }, 'woman', '1955-01-01', false],
    [{ chairStands: 11 }, 'man', '1955-01-01', true],
    [{ chairStands: 12 }, 'man', '1955-01-01', false],
    [{ tugSeconds: 12 }, 'man', '1955-01-01', true],
    [{ tugSeconds: 11.9 }, 'man', '1955-01-01', false],
    [{ tandemSeconds: 9.9 }, 'man', '1955-01-01', true],
    [{ tandemSeconds: 10 }, 'man', '1955-01-01', false],
    [{ fallsLastYear: 1 }, 'woman', '1955-01-01', true],
  ])('screening %j, %s born %s: a hand on something %s', (screening, sex, born, unsteady) => {
    expect(ruleIds({ born, sex, screening }).includes('older-adult.hand-support')).toBe(unsteady);
  });
  test('the house view decides which rule holds', () => {
    const disc = { conditions: [{ condition: 'disc', phase: 'settled' }] };
    expect(ruleIds(disc)).toContain('lumbar-disc.rotation-small');
    expect(ruleIds(disc, { 'disc-rotation': 'none' })).toContain('lumbar-disc.rotation-settled');
    expect(
      ruleIds(disc, { 'disc-rotation': 'any-slowly' }).filter((id) => id.startsWith('lumbar-disc.rotation')),
    ).toEqual([]);
  });
});

describe('the data', () => {
  test('every rule has a reason, a source, and a house view that exists', () => {
    for (const rule of [...CONDITIONS.flatMap((condition) => condition.rules), ...TODAY_RULES]) {
      expect(rule.reason.length).toBeGreaterThan(10);
      expect(rule.evidence.source.length).toBeGreaterThan(3);
      if (rule.evidence.kind === 'published') expect(rule.evidence.source).toMatch(/from memory|\d{4}/);
      if (rule.level === 'watch') expect(rule.cue).toBeTruthy();
      for (const position of rule.house?.positions ?? [])
        expect(HOUSE_VIEW_TOPICS[rule.house!.topic]!.positions.map(({ id }) => id)).toContain(position);
    }
  });
  test('every topic has a usual position among its own', () => {
    for (const { positions, usual } of Object.values(HOUSE_VIEW_TOPICS))
      expect(positions.map(({ id }) => id)).toContain(usual);
  });
});

describe('bad input is named at its field', () => {
  test.each([
    [[{ name: 'A', heightCm: 17 }], 'people[0].heightCm', /between 80 and 220/],
    [[{ name: 'A' }, { name: 'a' }], 'people[1].name', /two people named/],
    [[{ name: 'A', born: '1990-02-30' }], 'people[0].born', /real date/],
    [
      [{ name: 'A', conditions: [{ condition: 'pregnancy', dueDate: '2027-02-30' }] }],
      'people[0].conditions[0].dueDate',
      /real date/,
    ],
    [[{ name: 'A', conditions: ['pregnancy', 'pregnant'] }], 'people[0].conditions[1].condition', /twice/],
    [
      [
        {
          name: 'A',
          conditions: [{ condition: 'pregnancy', dueDate: '2027-02-05', lastPeriod: '2026-05-20' }],
        },
      ],
      'people[0].conditions[0].lastPeriod',
      /19 days apart/,
    ],
    [
      [{ name: 'A', conditions: [{ condition: 'pregnancy', dueDate: '2029-01-01' }] }],
      'people[0].conditions[0].dueDate',
      /cannot be right/,
    ],
    [
      [{ name: 'A', conditions: ['high blod pressure'] }],
      'people[0].conditions[0].condition',
      /Nearest: High blood pressure/,
    ],
    [
      [{ name: 'A', conditions: [{ condition: 'disc', fase: 'acute' }] }],
      'people[0].conditions[0].fase',
      /Did you mean "phase"/,
    ],
    [[{ name: 'A', hight: 170 }], 'people[0].hight', /Did you mean/],
    [[{ name: 'A', today: { bp: '12080' } }], 'people[0].today.bp', /128\/82/],
    [[{ heightCm: 170 }], 'people[0].name', /name is needed/],
    [
      [{ name: 'A', conditions: [{ condition: 'disc', constructor: 'x' }] }],
      'people[0].conditions[0].constructor',
      /not known here/,
    ],
    ['nobody', 'people', /list/],
  ])('%j', (input, field, message) => {
    const { errors } = readPeople(input, ON);
    expect(errors.map((error) => error.field)).toContain(field);
    expect(errors.find((error) => error.field === field)!.message).toMatch(message);
  });
  test('a due date and a last period a week apart pass', () => {
    expect(
      readPeople(
        [
          {
            name: 'A',
            conditions: [{ condition: 'pregnancy', dueDate: '2027-02-05', lastPeriod: '2026-05-08' }],
          },
        ],
        ON,
      ).errors,
    ).toEqual([]);
  });
  test('house view: unknown topics and positions', () => {
    expect(readHouseView({ 'disc-rotatoin': 'none' }).errors[0]!.message).toMatch(/disc-rotation/);
    expect(readHouseView({ constructor: 'none' }).errors[0]!.message).toMatch(/no topic/);
    expect(readHouseView({ 'disc-rotation': 'always' }).errors[0]!.message).toMatch(/any-slowly/);
    expect(readHouseView({ 'disc-rotation': 'any-slowly' }).houseView['disc-rotation']).toBe('any-slowly');
  });
});
