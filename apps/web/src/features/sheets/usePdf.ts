import type { PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { useEffect, useState } from 'react';

/** A PDF that is open; undefined until it is. */
export function usePdf(bytes: ArrayBuffer | undefined): PDFDocumentProxy | undefined {
  const [open, setOpen] = useState<{ of: ArrayBuffer; pdf: PDFDocumentProxy }>();
  useEffect(() => {
    if (!bytes) return;
    let isWanted = true;
    const opening = import('./openPdf.js').then(({ openPdf }) => openPdf(bytes));
    void opening.then((pdf) => isWanted && setOpen({ of: bytes, pdf }));
    return () => {
      isWanted = false;
      void opening.then((pdf) => pdf.loadingTask.destroy());
    };
  }, [bytes]);
  return open && open.of === bytes ? open.pdf : undefined;
}
