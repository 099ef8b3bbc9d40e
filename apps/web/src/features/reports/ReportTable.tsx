import type { ReactNode } from 'react';
import { csvText } from '../../domain/formats/csvText.js';
import { Button } from '../../ui/Button.js';
import { saveFile } from '../../ui/saveFile.js';

/** A cell: what a file says, and what the page shows where that is more. */
export type Cell = string | number | { text: string; shown: ReactNode };

interface Props {
  title: string;
  about?: ReactNode;
  heads: readonly string[];
  rows: readonly (readonly Cell[])[];
  /** What stands there instead of no rows. */
  none: string;
  /** Of the file that is saved of it. */
  file: string;
}

/** Words up to so long are not broken into lines; longer ones get room for some of them. */
const SHORT = 18;

function lookOf(cell: Cell): string {
  if (cell === 0) return 'text-soft';
  const text = typeof cell === 'object' ? cell.text : `${cell}`;
  return text.length <= SHORT ? 'whitespace-nowrap' : 'min-w-60';
}

/** A list of a report, with its heads in sight, to be saved for a spreadsheet. */
export function ReportTable({ title, about, heads, rows, none, file }: Props) {
  const save = async (): Promise<void> => {
    const text = rows.map((row) => row.map((cell) => (typeof cell === 'object' ? cell.text : `${cell}`)));
    saveFile(`${file}.csv`, await csvText([heads, ...text]), 'text/csv');
  };
  return (
    <section aria-label={title} className="mb-10">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-xl">{title}</h2>
        {rows.length > 0 && (
          <Button
            look="quiet"
            className="no-print"
            aria-label={`Save as CSV, ${title}`}
            onClick={() => void save()}
          >
            Save as CSV
          </Button>
        )}
      </div>
      {about && <div className="mb-2 max-w-3xl text-soft">{about}</div>}
      {rows.length === 0 ? (
        <p className="text-soft">{none}</p>
      ) : (
        <div
          tabIndex={0}
          role="region"
          aria-label={title}
          className="max-h-160 overflow-auto rounded-2xl border border-line bg-paper print:max-h-none"
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
                  {row.map((cell, at) => (
                    <td key={heads[at]} className={`px-3 py-1.5 align-top tabular-nums ${lookOf(cell)}`}>
                      {typeof cell === 'object' ? cell.shown : cell}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
