/** What was changed of somebody: each go beside how they were known before it. */
import type { PersonVersion } from '../../src/data/types.js';
import { changeLog } from '../../src/domain/person/changeLog.js';
import { joinChanges } from '../../src/features/door/joinChanges.js';
import { asksBleeding, isPressureDue } from '../../src/features/door/doorQuestions.js';
import { RANGES_TO_MEASURE } from '@lotus-steady/core';
import { readBothWays } from '../../src/features/measure/rangeKeys.js';
import { changedAnswers } from '../../src/features/mine/changedAnswers.js';
import { angleBetween, upOf } from '../../src/features/measure/useTilt.js';

const at = (version: number, minute: number, written: object, by = 'Maren'): PersonVersion => ({
  version,
  savedAt: new Date(Date.UTC(2026, 10, 30, 9, minute)).toISOString(),
  by,
  written: { name: 'A', can: { stand: true, kneel: true }, ...written } as PersonVersion['written'] & object,
});

describe('the log of changes', () => {
  const first = at(1, 0, {}, 'Demo');
  test('what one hand changed in one go is one entry; the first says only that', () => {
    const versions = [
      at(5, 59, { heightCm: 170, why: 1, intake: { asked: ['who'] } }),
      at(4, 25, { heightCm: 170, conditions: [{ condition: 'migraine' }] }),
      at(3, 20, { heightCm: 169, conditions: [{ condition: 'migraine' }] }),
      at(2, 18, { heightCm: 168 }),
      first,
    ];
    const entries = changeLog(versions);
    expect(entries.map(({ by }) => by)).toEqual(['Maren', 'Maren', 'Demo']);
    expect(entries[1]!.says).toEqual(
      expect.arrayContaining(['Height in cm: 170 (was nothing)', 'Conditions: migraine (was nothing)']),
    );
    expect(entries[2]!.says).toEqual(['First known.']);
  });
  test('who touches only what stands beside facts is not told; another hand is another entry', () => {
    const entries = changeLog([
      at(3, 2, { heightCm: 171 }, 'Wren'),
      at(2, 1, { intake: { dated: { born: { on: '2026-11-30', from: 'said' } } } }),
      first,
    ]);
    expect(entries.map(({ by, says }) => [by, says])).toEqual([
      ['Wren', ['Height in cm: 171 (was nothing)']],
      ['Demo', ['First known.']],
    ]);
  });
  test('one that cannot be read says so', () => {
    const { written: _written, ...sealed } = at(2, 1, {});
    expect(changeLog([{ ...sealed, unreadable: true }, first])[0]!.says[0]).toMatch(/cannot be read/);
  });
});

describe('at the door', () => {
  const change = (step: number, before: string, after: string) => ({
    personId: 'a',
    person: 'A',
    step,
    before,
    after,
    what: 'another way' as const,
    why: '',
  });
  test('a step that changes twice is told from first to last, and not at all where it is as it was', () => {
    const once = joinChanges([], [change(1, 'x', 'y'), change(2, 'x', 'y')]);
    expect(joinChanges(once, [change(1, 'y', 'z'), change(2, 'y', 'x')])).toEqual([change(1, 'x', 'z')]);
  });

  const person = (more: object) =>
    ({ id: 'a', name: 'A', conditions: [], ...more }) as unknown as Parameters<typeof isPressureDue>[0];
  test.each<[string, object, boolean]>([
    ['nobody with nothing', {}, false],
    ['a pregnancy', { conditions: [{ condition: 'pregnancy' }] }, true],
    ['high pressure never read', { conditions: [{ condition: 'high-blood-pressure' }] }, true],
    [
      'read six days ago',
      { conditions: [{ condition: 'high-blood-pressure', readingOn: '2026-11-24' }] },
      false,
    ],
    [
      'read a week ago',
      { conditions: [{ condition: 'high-blood-pressure', readingOn: '2026-11-23' }] },
      true,
    ],
    ['42 days after birth', { conditions: [{ condition: 'after-birth', gaveBirth: '2026-10-19' }] }, true],
    ['43 days after birth', { conditions: [{ condition: 'after-birth', gaveBirth: '2026-10-18' }] }, false],
  ])('the pressure of %s', (_who, more, due) => {
    expect(isPressureDue(person(more), '2026-11-30')).toBe(due);
  });
  test.each<[object, boolean]>([
    [{ sex: 'man' }, false],
    [{ sex: 'woman', born: '1990-01-01' }, true],
    [{ sex: 'woman', born: '1950-01-01' }, false],
    [{ sex: 'woman', born: '1950-01-01', conditions: [{ condition: 'after-birth' }] }, true],
    [{ born: '2019-01-01' }, false],
    [{}, true],
  ])('bleeding is asked about: %j %s', (more, asked) => {
    expect(asksBleeding(person(more), '2026-11-30')).toBe(asked);
  });
});

test('a phone that is tipped reads by how far, whichever way it lies', () => {
  expect(angleBetween(upOf(0, 0), upOf(90, 0))).toBeCloseTo(90, 6);
  expect(angleBetween(upOf(0, 0), upOf(0, 90))).toBeCloseTo(90, 6);
  expect(angleBetween(upOf(10, 0), upOf(55, 0))).toBeCloseTo(45, 6);
  expect(angleBetween(upOf(170, 0), upOf(-170, 0))).toBeCloseTo(20, 6);
});

describe('what must not be loosened unseen', () => {
  const turn = RANGES_TO_MEASURE.find(({ range }) => range === 'thoracicTwist')!;
  test('where only the lesser of two ways is known it stands for both until each is measured', () => {
    expect(readBothWays(turn, '', '20')).toEqual({ right: '25', left: '25' });
    expect(readBothWays(turn, 'right 40, left 25', '20')).toEqual({ right: '40', left: '25' });
    expect(readBothWays(turn, 'left 25', '20')).toEqual({ right: '', left: '25' });
    expect(readBothWays(turn, '', '')).toEqual({ right: '', left: '' });
  });
  test('of her answers only what she has changed is sent', () => {
    const known = {
      heightCm: 170,
      can: { stand: true, kneel: true, floor: 'chair' as const },
      conditions: [],
    };
    expect(changedAnswers({ ...known }, known)).toEqual({});
    expect(changedAnswers({ ...known, heightCm: 171 }, known)).toEqual({ heightCm: 171 });
  });
});
