/** Names and titles stand in a line among others. */
import fc from 'fast-check';
import { isDate, isLine, readPeople, readStock } from '../builtIn.js';

test.each(['Zoë O’Neill', 'Ngũgĩ', 'क्षमा', 'می‌خواهم', 'Anne-Marie 2', 'R2', '👩‍🦽', 'x'])('%s can', (text) =>
  expect(isLine(text)).toBe(true),
);

test.each([
  ['nothing', ''],
  ['blanks', '  \u00a0'],
  ['a line break', 'A\nB'],
  ['a tab', 'A\tB'],
  ['a null', 'A\u0000B'],
  ['text turned round', 'A\u202eB'],
  ['text set apart', 'A\u2066B\u2069'],
  ['nothing to see', '\u200b'],
  ['a hidden mark', 'A\ufeffB'],
  ['a line separator', 'A\u2028B'],
  ['half a character', 'A\ud800B'],
])('%s cannot', (_what, text) => expect(isLine(text)).toBe(false));

test('what is refused in a name is said where it is, and is not repeated', () => {
  const { errors } = readPeople(
    [{ name: 'A\u202eB' }, { name: 'x'.repeat(121) }, { name: 'Bea' }],
    '2026-12-01',
  );
  expect(errors.map(({ field }) => field)).toEqual(['people[0].name', 'people[1].name']);
  expect(JSON.stringify(errors)).not.toContain('\u202e');
});

test('dates are real, and of the years 1900 to 2200', () => {
  for (const date of ['1900-01-01', '2000-02-29', '2200-12-31'])
    expect([date, isDate(date)]).toEqual([date, true]);
  for (const date of [
    '1899-12-31',
    '2201-01-01',
    '1900-02-29',
    '2026-13-01',
    '0000-00-00',
    '2026-1-1',
    '',
    7,
    null,
  ])
    expect([date, isDate(date)]).toEqual([date, false]);
});

test('of props a hall has those that classes ask for, each so and so many', () => {
  expect(readStock({ chair: 4, block: 0 })).toEqual({ stock: { chair: 4, block: 0 }, errors: [] });
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.constantFrom('unicorn', 'wall', '__proto__')), (prop) => {
      fc.pre(
        ![
          'chair',
          'block',
          'strap',
          'roll',
          'mat',
          'table',
          'stool',
          'bolster',
          'blanket',
          'cushion',
        ].includes(prop),
      );
      const { stock, errors } = readStock(JSON.parse(`{${JSON.stringify(prop)}: 3}`));
      expect([stock, errors.map(({ field }) => field)]).toEqual([{}, [`stock.${prop}`]]);
    }),
  );
  for (const count of [-1, 1.5, 1000, Infinity, '3', null])
    expect(readStock({ chair: count }).errors).toHaveLength(1);
});
