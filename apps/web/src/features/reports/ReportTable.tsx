import type { ReactNode } from 'react';
import { csvText } from '../../domain/formats/csvText.js';
import { Button } from '../../ui/Button.js';
import { saveFile } from '../../ui/saveFile.js';
import { Table, textOf, type Cell } from '../../ui/Table.js';

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

/** A list of a report, with its heads in sight, to be saved for a spreadsheet. */
export function ReportTable({ title, about, heads, rows, none, file }: Props) {
  const save = async (): Promise<void> => {
    const text = rows.map((row) => row.map(textOf));
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
        <Table label={title} heads={heads} rows={rows} />
      )}
    </section>
  );
}
