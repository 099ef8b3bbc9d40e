/** A rule's number as it is typed, and as the hall keeps it. */
import { isLoosened, movableBound, NO_HALL_RULES } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/built-in';
import { setToday } from '../../../src/data/today.js';
import { limitOf, withMove } from '../../../src/features/rulebook/movedLimit.js';

setToday('2026-11-23');
const movable = RULEBOOK.conditions.flatMap(({ rules }) => rules).filter((rule) => movableBound(rule));

test('the rulebook’s own number, shown and taken as it stands, moves nothing', () => {
  expect(movable.length).toBeGreaterThan(100);
  for (const rule of movable) {
    const { valuesOf, numberOf } = limitOf(rule);
    const shown = valuesOf(undefined, 'Wren');
    expect([rule.id, numberOf(shown)]).toEqual([rule.id, expect.closeTo(movableBound(rule)!.value, 3)]);
    expect(shown).toMatchObject({ reason: '', by: 'Wren', meant: false });
  }
});

test('a share is typed in per cent, with a point or a comma; 50 is half, never fiftyfold', () => {
  const shares = movable.filter((rule) => limitOf(rule).share);
  expect(shares.length).toBeGreaterThan(0);
  for (const rule of shares) {
    const { numberOf, valuesOf } = limitOf(rule);
    const typed = valuesOf(undefined, 'Wren');
    expect(numberOf({ ...typed, to: '50' })).toBe(0.5);
    expect(numberOf({ ...typed, to: '12,5' })).toBe(0.125);
  }
});

test('one rule is moved or taken back, and the others of the hall stay', () => {
  const [first, second] = movable as [(typeof movable)[0], (typeof movable)[0]];
  const moveOf = (rule: typeof first, to: string) =>
    limitOf(rule).moveOf({ to, reason: 'Agreed.', by: 'Wren', meant: true });
  const both = withMove(
    withMove(NO_HALL_RULES, first.id, moveOf(first, '1')),
    second.id,
    moveOf(second, '2'),
  );
  expect(both.moved.map(({ rule, on }) => [rule, on])).toEqual([
    [first.id, '2026-11-23'],
    [second.id, '2026-11-23'],
  ]);
  expect(withMove(both, first.id, undefined).moved.map(({ rule }) => rule)).toEqual([second.id]);
  expect(limitOf(second).movedIn(both)?.by).toBe('Wren');
  expect(limitOf(first).movedIn(NO_HALL_RULES)).toBeUndefined();
  expect(isLoosened(first, movableBound(first)!.value)).toBe(false);
});
