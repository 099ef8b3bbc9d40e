import { useEffect, useRef } from 'react';
import { Button } from '../../ui/Button.js';
import { saveBlob, saveFile } from '../../ui/saveFile.js';
import { Table } from '../../ui/Table.js';
import { csvText } from '../formats/csvText.js';
import type { ChartOption, Drawn } from './drawChart.js';
import { pngOf } from './pngOf.js';
import { useInks, type Inks } from './useInks.js';

interface Props {
  title: string;
  /** What is to be seen on it, in a sentence. */
  says: string;
  /** Made of the page's colours. */
  option: (inks: Inks) => ChartOption;
  /** The same numbers: heads, then rows. */
  heads: readonly string[];
  rows: readonly (readonly string[])[];
  /** Of files that are saved of it. */
  file: string;
}

/** A chart, what it says, and its numbers in a table beside it; saved as numbers or as a picture. */
export function Chart({ title, says, option, heads, rows, file }: Props) {
  const inks = useInks();
  const element = useRef<HTMLDivElement>(null);
  const drawn = useRef<Drawn>(undefined);
  useEffect(() => {
    let isGone = false;
    const watch = new ResizeObserver(() => drawn.current?.resize());
    void import('./drawChart.js').then(({ drawChart }) => {
      if (isGone || !element.current) return;
      drawn.current = drawChart(element.current, option(inks));
      watch.observe(element.current);
    });
    return () => {
      isGone = true;
      watch.disconnect();
      drawn.current?.end();
      drawn.current = undefined;
    };
  }, [option, inks]);
  const savePng = async (): Promise<void> => {
    const { clientWidth, clientHeight } = element.current!;
    saveBlob(`${file}.png`, await pngOf(drawn.current!.url(), clientWidth, clientHeight, inks.paper));
  };
  return (
    <section aria-label={title} className="mb-10 break-inside-avoid">
      <h2 className="text-xl">{title}</h2>
      <p className="text-soft">{says}</p>
      <div ref={element} role="img" aria-label={`${title}: ${says}`} className="h-64 w-full" />
      <div className="no-print flex flex-wrap items-start gap-3">
        <details className="flex-1">
          <summary className="min-h-11 content-center text-teal">The numbers</summary>
          <Table label={`${title}: the numbers`} heads={heads} rows={rows} className="max-h-80" />
        </details>
        <Button
          look="quiet"
          aria-label={`Save as CSV, ${title}`}
          onClick={() =>
            void csvText([heads, ...rows]).then((text) => saveFile(`${file}.csv`, text, 'text/csv'))
          }
        >
          Save as CSV
        </Button>
        <Button look="quiet" aria-label={`Save as PNG, ${title}`} onClick={() => void savePng()}>
          Save as PNG
        </Button>
      </div>
    </section>
  );
}
