import { strengthAsked, type Band, type Measures } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

const BAND_WORDS: Readonly<Record<Band, string>> = {
  easy: 'easy',
  fair: 'fair',
  hard: 'hard',
  beyond: 'beyond most',
};
/** How far a bar goes: bands, no numbers. */
const BAND_WIDTHS: Readonly<Record<Band, string>> = {
  easy: 'w-1/4',
  fair: 'w-2/4',
  hard: 'w-3/4',
  beyond: 'w-full',
};

/** Nobody older was looked at, years. */
const OLDEST = 95;
const to = (age: number): string => (age >= OLDEST ? 'at every age' : `to ${age}`);

const ages = (middleTo?: number, carefulTo?: number): string => {
  if (middleTo === undefined) return 'more than most women hold at any age';
  if (carefulTo === undefined) return `most women ${to(middleTo)}`;
  if (carefulTo >= OLDEST) return 'nearly everybody at every age';
  return `most women ${to(middleTo)}, nine in ten ${to(carefulTo)}`;
};

/** From this difference on, % of body weight × height, the floor is worth a word: about a band. */
const FLOOR_MATTERS = 1.5;

/**
 * What a pose asks of strength, with the ages to which people still have it.
 *
 * @param spread by how much that changes between a slippery floor and a mat that sticks
 */
export function StrengthBands({ measures, spread }: { measures: Measures; spread: number }) {
  const asked = strengthAsked(measures, RULEBOOK.norms);
  if (!asked.length) return null;
  const { citation } = RULEBOOK.sources[RULEBOOK.norms.strength.cite]!;
  return (
    <section className="mt-5 text-sm">
      <h3 className="mb-1 text-base">What it asks of strength</h3>
      <table className="w-full border-collapse">
        <thead className="sr-only">
          <tr>
            <th>What</th>
            <th>How hard</th>
            <th>To which age</th>
          </tr>
        </thead>
        <tbody>
          {asked.map(({ does, band, middleTo, carefulTo }) => (
            <tr key={does} className="align-top">
              <th scope="row" className="py-1 pr-3 text-left font-normal sm:w-44">
                {does}
              </th>
              <td className="w-28 py-1 pr-3">
                <span className="block h-2 rounded-full bg-sunk" aria-hidden>
                  <span className={`block h-2 rounded-full bg-teal ${BAND_WIDTHS[band]}`} />
                </span>
                {BAND_WORDS[band]}
              </td>
              <td className="py-1 text-soft">{ages(middleTo, carefulTo)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {spread >= FLOOR_MATTERS && (
        <p className="mt-1">
          The floor matters here: between a slippery one and a mat that sticks it can be a band easier or
          harder.
        </p>
      )}
      <p className="mt-1 text-soft">
        For a moment, not for a long hold; men a quarter to a half more. {citation}, from memory.
      </p>
    </section>
  );
}
