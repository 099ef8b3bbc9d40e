import type { PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { useEffect, useState } from 'react';

/** A PDF as far as it is open: neither while it is being opened, a problem where it does not. */
interface Opened {
  pdf?: PDFDocumentProxy;
  problem?: Error;
}

/** Opens a PDF, and closes it when another is wanted. */
export function usePdf(bytes: ArrayBuffer | undefined): Opened {
  const [open, setOpen] = useState<Opened & { of: ArrayBuffer }>();
  useEffect(() => {
    if (!bytes) return;
    let isWanted = true;
    const opening = import('./openPdf.js').then(({ openPdf }) => openPdf(bytes));
    opening.then(
      (pdf) => isWanted && setOpen({ of: bytes, pdf }),
      () =>
        isWanted && setOpen({ of: bytes, problem: new Error('The sheet cannot be shown. Save it as PDF.') }),
    );
    return () => {
      isWanted = false;
      opening.then(
        (pdf) => pdf.loadingTask.destroy(),
        () => undefined,
      );
    };
  }, [bytes]);
  return open && open.of === bytes ? open : {};
}
