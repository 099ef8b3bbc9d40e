import type { ReactNode } from 'react';

/** A cell: what a file says, and what the page shows where that is more. */
export type Cell = string | number | { text: string; shown: ReactNode };

interface Props {
  /** What it is, for who has it read aloud. */
  label: string;
  heads: readonly string[];
  rows: readonly (readonly Cell[])[];
  /** How tall it gets before it is scrolled. */
  className?: string;
}

/** Words up to so long are not broken into lines; longer ones get room for some of them. */
const SHORT = 18;

/** What a cell says in a file. */
export const textOf = (cell: Cell): string => (typeof cell === 'object' ? cell.text : `${cell}`);

function lookOf(cell: Cell): string {
  if (cell === 0) return 'text-soft';
  return textOf(cell).length <= SHORT ? 'whitespace-nowrap' : 'min-w-60';
}

/** Rows under heads that stay in sight; what a row is about stands first in it. */
export const Table = ({ label, heads, rows, className = 'max-h-160' }: Props) => (
  <div
    tabIndex={0}
    role="region"
    aria-label={label}
    className={`overflow-auto rounded-2xl border border-line bg-paper print:max-h-none ${className}`}
  >
    <table className="w-full text-left">
      <thead className="sticky top-0 bg-paper print:static">
        <tr className="border-b border-line text-sm text-soft">
          {heads.map((head) => (
            <th key={head} scope="col" className="px-3 py-2 font-semibold">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, i) => (
          <tr key={i} className="break-inside-avoid border-b border-line last:border-0">
            {row.map((cell, at) => {
              const Part = at ? 'td' : 'th';
              return (
                <Part
                  key={heads[at]}
                  scope={at ? undefined : 'row'}
                  className={`px-3 py-1.5 align-top font-normal tabular-nums ${lookOf(cell)}`}
                >
                  {typeof cell === 'object' ? cell.shown : cell}
                </Part>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  </div>
);
