/** What the screens say and how they group: plain functions, held against worked classes. */
import { setToday } from '../../src/data/today.js';
import {
  fitClass,
  floorVisits,
  parseSequence,
  readPeople,
  type Fitting,
  type Level,
} from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import { showCatalogue } from '../../src/data/catalogue.js';
import { groupLanes } from '../../src/domain/fitting/groupLanes.js';
import { measureWords } from '../../src/domain/words/measureWords.js';
import { sayClock, sayDate, sayHold, sayOwnHold, sayProps, shortNames } from '../../src/domain/words/say.js';
import { sayLimit } from '../../src/domain/words/ruleWords.js';
import { sayWay } from '../../src/domain/words/sayWay.js';

const ON = '2026-12-01';
showCatalogue(BUILT_IN);
const fit = (source: string, people: readonly Record<string, unknown>[]): Fitting => {
  const { people: read, errors } = readPeople(people, RULEBOOK, ON);
  expect(errors).toEqual([]);
  return fitClass({
    sequence: parseSequence(source, BUILT_IN).sequence,
    people: read,
    on: ON,
    houseView: RULEBOOK.usualHouseView,
    catalogue: BUILT_IN,
    rulebook: RULEBOOK,
  });
};
const PEOPLE = [
  { name: 'Ann Well' },
  { name: 'Ben Well' },
  { name: 'Una Press', conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] },
  { name: 'Ola Press', conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] },
  { name: 'Wim Wheel', conditions: ['wheelchair'] },
];

describe('grouping a fitting', () => {
  const rows = groupLanes(fit('- Downward-facing dog, 5 breaths\n- Tree, 20 s each side', PEOPLE));
  test('as written stands once, with everyone who does it', () => {
    expect(rows[0]!.written!.people.map(({ name }) => name)).toEqual(['Ann Well', 'Ben Well']);
  });
  test('who does the same is one group', () => {
    expect(rows[0]!.differing.map((group) => group.people.map(({ name }) => name))).toEqual([
      ['Una Press', 'Ola Press'],
      ['Wim Wheel'],
    ]);
  });
  test('eased comes before swapped', () => {
    expect(rows[0]!.differing.map((group) => group.entry.verdict)).toEqual(['eased', 'swapped']);
  });
  test('nobody is lost and nobody is there twice', () => {
    for (const row of rows) {
      const names = [row.written, ...row.differing].flatMap(
        (group) => group?.people.map(({ name }) => name) ?? [],
      );
      expect(names.sort()).toEqual(PEOPLE.map(({ name }) => name).sort());
    }
  });
  test('a step that nobody does as written says so', () => {
    expect(groupLanes(fit('- Plank', [PEOPLE[4]!]))[0]!.written).toBeUndefined();
  });
  test('one person with two sides is in two groups', () => {
    const [row] = groupLanes(
      fit('- Opposite arm and leg, 4 breaths each side', [
        { name: 'A', ranges: { shoulderFlexionRight: 100 } },
      ]),
    );
    expect(row!.written!.entry.sides).toEqual(['left']);
    expect(row!.differing.map((group) => group.entry.sides)).toEqual([['right']]);
  });
});

describe('words', () => {
  test.each([
    [{ breaths: 5, seconds: 27.5 }, '5 breaths'],
    [{ breaths: 1, seconds: 5.5 }, '1 breath'],
    [{ breaths: 4.2, seconds: 23 }, '4.2 breaths'],
    [{ rounds: 6, seconds: 33 }, '6 rounds'],
    [{ seconds: 30 }, '30 s'],
    [{ seconds: 90 }, '90 s'],
    [{ seconds: 300 }, '5 min'],
    [{ seconds: 60 }, '60 s'],
  ])('%j is "%s"', (hold, words) => expect(sayHold(hold)).toBe(words));
  test('both sides are said; in a step that has sides itself they are said with the step', () => {
    const hold = { breaths: 3, seconds: 16.5 };
    const sides = ['right', 'left'] as const;
    expect(sayHold(hold, sides)).toBe('3 breaths each side');
    expect(sayHold(hold, ['right'])).toBe('3 breaths');
    expect(sayOwnHold({ hold, sides, pose: 'tree', askedPose: 'tree' })).toBe('3 breaths');
    expect(sayOwnHold({ hold, sides, pose: 'cow-face-arms', askedPose: 'puppy' })).toBe(
      '3 breaths each side',
    );
  });
  test.each([
    [0, '0:00'],
    [88, '1:28'],
    [60, '1:00'],
    [605, '10:05'],
    [3599, '59:59'],
    [119.6, '2:00'],
  ])('%d seconds are %s', (seconds, words) => expect(sayClock(seconds)).toBe(words));
  test('a date is said as one says it, with the year where it is another', () => {
    setToday('2026-11-24');
    expect(sayDate('2026-11-26')).toBe('Thursday 26 November');
    expect(sayDate('2027-01-02')).toBe('2 January 2027');
  });
  test.each([
    [[], ''],
    [[{ prop: 'chair', count: 1 }], '1 chair'],
    [
      [
        { prop: 'block', count: 1 },
        { prop: 'block', count: 1 },
      ],
      '2 blocks',
    ],
    [
      [
        { prop: 'wall', count: 1 },
        { prop: 'blanket', count: 3 },
      ],
      'wall, 3 blankets',
    ],
  ])('%j are "%s"', (props, words) => expect(sayProps(props)).toBe(words));
  test('first names, unless two share one', () => {
    expect([...shortNames(['Ann Well', 'Ann Other', 'Ben Lark']).values()]).toEqual([
      'Ann Well',
      'Ann Other',
      'Ben',
    ]);
  });
  test.each<[Level[], number]>([
    [[], 0],
    [['chair', 'standing'], 0],
    [['lying'], 1],
    [['chair', 'all-fours', 'lying', 'standing', 'lying'], 2],
    [['kneeling', 'squatting', 'kneeling'], 2],
  ])('%j is %i visits to the floor', (levels, visits) => expect(floorVisits(levels)).toBe(visits));
});

describe('the way someone does a step', () => {
  const entry = (source: string, person: Record<string, unknown>) =>
    fit(source, [{ name: 'A', ...person }]).lanes[0]!.steps[0]!;
  test.each([
    [
      '- Downward-facing dog, 5 breaths',
      { conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] },
      'hands on a chair back',
    ],
    ['- Locust, 4 breaths', { conditions: ['wheelchair'] }, 'Chest lift, on a chair, hands on the seat'],
    ['- Tree, 20 s', { born: '1955-01-01' }, 'a chair within reach'],
    ['- Tree, 30 s', { born: '2019-06-01', heightCm: 118 }, '14 s only'],
  ])('%s, %j: %s', (source, person, words) => expect(sayWay(entry(source, person))).toBe(words));
});

describe('measures in words', () => {
  test('a number against a number is drawn, and its bar reaches past both', () => {
    const { drawn, most, unit, words } = measureWords('headBelowHeart', 52, 5);
    expect([drawn, unit, words]).toEqual([true, ' cm', 'Head below heart']);
    expect(most).toBeGreaterThan(52);
  });
  test.each(['closedTwist', 'inverted', 'oneLeg', 'supine', 'jumping'])('%s is said, not drawn', (measure) =>
    expect(measureWords(measure, 1, 0).drawn).toBe(false),
  );
  test('a level is said, not drawn', () =>
    expect(measureWords('level', 'prone', 'not prone').drawn).toBe(false));
  test('an own range reads as the joint it is about', () =>
    expect(measureWords('shoulderFlexionRight', 170, 120).words).toBe('Arm rises, right'));
});

test.each([
  ['lumbarFlexionUse', 0.6, '60 % of the usual range'],
  ['handsShare', 0.25, '25 % of body weight'],
  ['wristLoad', 0.1, '10 % of body weight'],
  ['abdominalLoad', 2, '2'],
  ['headBelowHeart', 5, '5 cm'],
  ['neckRotation', 45, '45°'],
] as const)('a limit of %s at %d is said as %s', (measure, value, says) =>
  expect(sayLimit(measure, value)).toBe(says),
);
