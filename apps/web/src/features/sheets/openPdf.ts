import { getDocument, GlobalWorkerOptions, type PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';
import worker from 'pdfjs-dist/legacy/build/pdf.worker.min.mjs?url';

/** Opens a PDF of ours, off the page's own thread. It is closed by `destroy` of what it was loaded with. */
export function openPdf(bytes: ArrayBuffer): Promise<PDFDocumentProxy> {
  GlobalWorkerOptions.workerSrc = worker;
  // What is opened is handed over to the thread: the copy that is kept stays whole.
  return getDocument({ data: bytes.slice(0), isEvalSupported: false }).promise;
}
