/** The atlas marked for chosen stages: every mark as the judge has it, the strictest first. */
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import { showCatalogue } from '../../../src/data/catalogue.js';
import { setToday } from '../../../src/data/today.js';
import { markAtlas, MARKS, type Asked } from '../../../src/features/rulebook/markAtlas.js';

showCatalogue(BUILT_IN);
setToday('2026-11-23');
const staging = {
  rulebook: RULEBOOK,
  on: '2026-11-23',
  houseView: RULEBOOK.usualHouseView,
  poseName: BUILT_IN.poseName,
};
const asked = (...conditions: Asked['conditions']): Asked => ({
  conditions,
  on: '2026-11-23',
  born: '',
  heightCm: '',
});

test('every version stands there once; for nobody in particular none is out', () => {
  const { marked, errors } = markAtlas(asked(), staging);
  const all = BUILT_IN.poses.flatMap(({ ladder }) => ladder.map(({ id }) => id));
  expect(errors).toEqual([]);
  expect(marked.map(({ variant }) => variant.id).sort()).toEqual(all.sort());
  expect(marked.some(({ mark }) => mark === 'never')).toBe(false);
});

test('what must not be comes first, and says by which rule', () => {
  const { marked } = markAtlas(asked({ id: 'pregnancy', details: { dueDate: '2027-01-10' } }), staging);
  const order = marked.map(({ mark }) => MARKS.indexOf(mark));
  expect(order).toEqual([...order].sort((a, b) => b - a));
  for (const { mark, reason } of marked) expect(Boolean(reason)).toBe(mark !== 'allowed');
  const prone = marked.filter(({ variant }) => variant.level === 'prone');
  expect(new Set(prone.map(({ mark }) => mark))).toEqual(new Set(['limited']));
});

test('what is typed wrong is told at its field, and the atlas is marked for somebody meanwhile', () => {
  const { errors, marked } = markAtlas({ ...asked(), heightCm: '17' }, staging);
  expect(errors.map(({ field }) => field)).toEqual(['heightCm']);
  expect(marked.length).toBeGreaterThan(400);
});
