/** What is typed and not saved: kept, given back, and forgotten. */
import fc from 'fast-check';
import { Store } from './inBrowser.js';
import { isUntouched, versionOn } from '../../src/data/drafts/base.js';
import {
  countDrafts,
  forgetAllDrafts,
  forgetDraft,
  forgetOldDrafts,
  keepDraft,
  readDraft,
} from '../../src/data/drafts/drafts.js';
import { setOwner } from '../../src/data/session/owner.js';

const DAY = 24 * 60 * 60 * 1000;
const NOW = Date.parse('2026-11-23T10:00:00Z');

let store: Store;
beforeEach(() => {
  store = new Store();
  globalThis.localStorage = store as unknown as Storage;
});

test('whatever was typed comes back as it was, with what it saves on', () => {
  fc.assert(
    fc.property(
      fc.record({ name: fc.string(), rows: fc.array(fc.string()) }),
      fc.nat(),
      (values, version) => {
        keepDraft('person:a', values, version, NOW);
        expect(readDraft('person:a', { name: '', rows: [] }, NOW + DAY)).toEqual({
          values,
          base: version,
          at: NOW,
        });
      },
    ),
  );
});

test('a draft is of one form alone, and gone once it is forgotten', () => {
  keepDraft('person:a', { name: 'Ada' }, 3, NOW);
  expect(readDraft('person:b', { name: '' }, NOW)).toBeUndefined();
  forgetDraft('person:a');
  expect(readDraft('person:a', { name: '' }, NOW)).toBeUndefined();
});

test.each([
  ['older than a week', () => keepDraft('x', { name: 'Ada' }, 1, NOW - 8 * DAY)],
  ['of a form with other fields', () => keepDraft('x', { called: 'Ada' }, 1, NOW)],
  ['broken off', () => localStorage.setItem('lotus-steady.draft..x', '{"values":{"na')],
  ['no draft at all', () => localStorage.setItem('lotus-steady.draft..x', '7')],
])('what is %s is not given back', (_what, keep) => {
  keep();
  expect(readDraft('x', { name: '' }, NOW)).toBeUndefined();
});

test('what nobody came back to is taken away at the next start; the rest stays', () => {
  keepDraft('old', { word: 'Dizzy' }, 1, NOW - 8 * DAY);
  keepDraft('new', { word: 'Well' }, 1, NOW - DAY);
  localStorage.setItem('lotus-steady.draft.broken', '{');
  localStorage.setItem('lotus-steady.welcomed', 'yes');
  forgetOldDrafts(NOW);
  expect(Object.keys(store).sort()).toEqual(['lotus-steady.draft..new', 'lotus-steady.welcomed']);
});

test('of two who use one computer each finds her own; who leaves takes hers along', () => {
  setOwner('ada.hall');
  keepDraft('x', { name: 'Ada’s' }, 1, NOW);
  setOwner('bo.hall');
  expect(readDraft('x', { name: '' }, NOW)).toBeUndefined();
  keepDraft('x', { name: 'Bo’s' }, 1, NOW);
  expect(countDrafts()).toBe(1);
  forgetAllDrafts();
  expect(readDraft('x', { name: '' }, NOW)).toBeUndefined();
  setOwner('ada.hall');
  expect(readDraft('x', { name: '' }, NOW)?.values).toEqual({ name: 'Ada’s' });
  setOwner('');
});

test('a browser that is full or keeps nothing stops nobody', () => {
  globalThis.localStorage = {
    setItem: () => {
      throw new DOMException('full', 'QuotaExceededError');
    },
    getItem: () => {
      throw new DOMException('not allowed', 'SecurityError');
    },
  } as unknown as Storage;
  expect(() => keepDraft('x', { name: 'Ada' }, 1)).not.toThrow();
  expect(readDraft('x', { name: '' })).toBeUndefined();
});

test('a part saves on the newest version as long as nobody has changed that part', () => {
  const draft = { base: { version: 4, part: { breath: 5 } } } as Parameters<
    typeof versionOn<{ breath: number }>
  >[1];
  expect(versionOn({ version: 9, part: { breath: 5 } }, draft)).toBe(9);
  expect(versionOn({ version: 9, part: { breath: 6 } }, draft)).toBe(4);
  expect(isUntouched({ breath: 5 }, draft)).toBe(true);
  expect(isUntouched({ breath: 6 }, draft)).toBe(false);
});
