import type { PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** Points of an inch, in which a PDF is measured. */
const INCH = 72;

/**
 * Draws a page of a PDF.
 *
 * @param number from 1
 * @param dpi dots in an inch of the paper
 */
export async function drawPage(
  pdf: PDFDocumentProxy,
  number: number,
  dpi: number,
): Promise<HTMLCanvasElement> {
  const page = await pdf.getPage(number);
  const viewport = page.getViewport({ scale: dpi / INCH });
  const canvas = document.createElement('canvas');
  canvas.width = Math.floor(viewport.width);
  canvas.height = Math.floor(viewport.height);
  await page.render({ canvas, viewport }).promise;
  return canvas;
}
