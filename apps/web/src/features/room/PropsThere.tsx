import type { Fitting } from '@lotus-steady/core';
import { Link } from 'react-router';
import type { Place } from '../../data/types.js';

/** What is needed beside what is where the class is: counted under Hall, with the other places. */
export function PropsThere({
  needed,
  name,
  stock,
}: Pick<Place, 'name' | 'stock'> & { needed: Fitting['room'] }) {
  return (
    <>
      <p className="mb-3 text-soft">
        Needed at once, at the step that needs most, beside what is at {name}: the class is fitted within it.
        It is counted under{' '}
        <Link to="/hall" className="text-teal underline">
          Hall, Places
        </Link>
        .
      </p>
      <table className="w-full text-left">
        <thead>
          <tr className="text-soft">
            {['Prop', 'Needed', 'There'].map((head) => (
              <th key={head} scope="col" className="py-1 font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {needed.map(({ prop, count }) => {
            const short = count - (stock[prop] ?? 0);
            return (
              <tr key={prop} className="border-t border-line">
                <th scope="row" className="py-2 font-semibold first-letter:uppercase">
                  {prop}s
                </th>
                <td className="tabular-nums">
                  {count}
                  {short > 0 && <span className="block font-semibold text-clay">{short} short</span>}
                </td>
                <td className="tabular-nums">{stock[prop] ?? 0}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
