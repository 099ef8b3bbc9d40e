import type { Packed } from '@lotus-steady/core';
import { sayProps } from '../../domain/words/say.js';

/** What to carry in before class, and beside whom it goes. @param names short, by id */
export const Packing = ({
  packed,
  names,
}: {
  packed: readonly Packed[];
  names: ReadonlyMap<string, string>;
}) => (
  <section>
    <h2 className="text-xl">To lay out before class</h2>
    {packed.length === 0 && <p className="text-soft">Nothing but a mat for each.</p>}
    <ul className="divide-y divide-line">
      {packed.map(({ prop, count, isShared, beside }) => (
        <li key={prop} className="break-inside-avoid py-2">
          <b className="first-letter:uppercase">{sayProps([{ prop, count }])}</b>
          {isShared && <span className="text-clay"> go from one to another between steps</span>}
          <span className="block text-soft">
            {beside
              .map(({ personId, person, count: own }) => `${names.get(personId) ?? person} ${own}`)
              .join(', ')}
          </span>
        </li>
      ))}
    </ul>
  </section>
);
