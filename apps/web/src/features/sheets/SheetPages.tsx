import type { PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { useEffect, useRef, useState } from 'react';
import { Problem } from '../../ui/states.js';
import { drawPage } from './drawPage.js';

/** Dots in an inch of paper: on a screen, and in print. */
const ON_SCREEN = 144;
const IN_PRINT = 220;

/** All pages of a sheet, as they will lie on the table; drawn once more and finer while they are printed. */
export function SheetPages({
  pdf,
  title,
  printing,
  onPrinted,
}: {
  pdf: PDFDocumentProxy;
  title: string;
  /** It is wanted on paper: what is printed is drawn first. */
  printing: boolean;
  /** It was printed, or cannot be. */
  onPrinted: () => void;
}) {
  const [ready, setReady] = useState(0);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (!printing || ready < pdf.numPages) return;
    window.print();
    setReady(0);
    onPrinted();
  }, [printing, ready, pdf, onPrinted]);
  const fail = (): void => {
    setReady(0);
    setFailed(true);
    onPrinted();
  };
  return (
    <>
      {failed && (
        <Problem error={new Error('Not every page could be drawn here. Save it as PDF and print that.')} />
      )}
      {printing && (
        <p role="status" className="no-print mb-3 text-soft">
          Drawing page {Math.min(ready + 1, pdf.numPages)} of {pdf.numPages} for the printer …
        </p>
      )}
      <ol className="space-y-5 print:space-y-0">
        {Array.from({ length: pdf.numPages }, (_, i) => (
          <li key={i}>
            <SheetPage
              pdf={pdf}
              number={i + 1}
              label={`${title}, page ${i + 1} of ${pdf.numPages}`}
              dpi={printing ? IN_PRINT : ON_SCREEN}
              onDrawn={(dpi) => dpi === IN_PRINT && setReady((count) => count + 1)}
              onFailed={fail}
            />
          </li>
        ))}
      </ol>
    </>
  );
}

function SheetPage({
  pdf,
  number,
  label,
  dpi,
  onDrawn,
  onFailed,
}: {
  pdf: PDFDocumentProxy;
  number: number;
  label: string;
  dpi: number;
  onDrawn: (dpi: number) => void;
  onFailed: () => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const words = useWords(pdf, number);
  const told = useRef({ onDrawn, onFailed });
  useEffect(() => {
    told.current = { onDrawn, onFailed };
  });
  useEffect(() => {
    let isWanted = true;
    void drawPage(pdf, number, dpi)
      .then((canvas) => {
        if (!isWanted) return;
        frame.current?.replaceChildren(canvas);
        told.current.onDrawn(dpi);
      })
      // A sheet that was put away while it was drawn is no failure.
      .catch(() => isWanted && told.current.onFailed());
    return () => {
      isWanted = false;
    };
  }, [pdf, number, dpi]);
  return (
    <>
      <div
        ref={frame}
        role="img"
        aria-label={label}
        className="sheet-page aspect-[210/297] w-full border border-line bg-white shadow-sm *:h-full *:w-full"
      />
      <p className="no-print sr-only">{words}</p>
    </>
  );
}

/** What a page says, for whoever has it read aloud. */
function useWords(pdf: PDFDocumentProxy, number: number): string {
  const [words, setWords] = useState('');
  useEffect(() => {
    let isWanted = true;
    void pdf
      .getPage(number)
      .then((page) => page.getTextContent())
      .then(({ items }) => {
        if (isWanted)
          setWords(items.map((item) => ('str' in item ? item.str + (item.hasEOL ? ' ' : '') : '')).join(''));
      })
      // The sheet was put away while it was read.
      .catch(() => undefined);
    return () => {
      isWanted = false;
    };
  }, [pdf, number]);
  return words;
}
