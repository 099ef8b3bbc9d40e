/** Words set in lines: none is lost, none is wider than it may be. */
import fc from 'fast-check';
import { linesOf, type Run, type Setting } from '../src/sheets/paper/text.js';

/** Each letter as wide as half its size; the bold face has none beyond ASCII. */
const SETTING: Setting = {
  widthOf: (text, _face, size) => ([...text].length * size) / 2,
  has: (face, letter) => face !== 'bold' || letter.codePointAt(0)! < 128,
};
const SIZE = 10;

const runs = fc.array(
  fc.record({
    text: fc.string({ unit: fc.constantFrom('a', 'ṇ', 'Ł', ' ', '–', 'b', '🙂'), maxLength: 40 }),
    face: fc.constantFrom<Run['face']>('plain', 'bold'),
  }),
  { maxLength: 6 },
);

test('every letter is there, in its order, in a face that has it, within the width', () => {
  fc.assert(
    fc.property(runs, fc.integer({ min: 6, max: 200 }), (given, width) => {
      const lines = linesOf(given, width, SIZE, SETTING);
      const said = lines.flat().map(({ text }) => text);
      expect(said.join('')).toBe(given.map(({ text }) => text).join(''));
      for (const line of lines) {
        const wide = SETTING.widthOf(
          line
            .map(({ text }) => text)
            .join('')
            .trimEnd(),
          'plain',
          SIZE,
        );
        expect(wide).toBeLessThanOrEqual(Math.max(width, SIZE / 2));
        for (const { text, face } of line)
          for (const letter of text.replaceAll(' ', '')) expect(SETTING.has(face, letter)).toBe(true);
      }
    }),
  );
});
