/** What is on a PDF: its words, what its figures are said to show, and its pages as pictures. */
import { createCanvas, DOMMatrix, ImageData, Path2D, type Canvas } from '@napi-rs/canvas';
import type { PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';

// What draws a page has to be of the same make as what it is drawn on.
Object.assign(globalThis, { DOMMatrix, ImageData, Path2D });
class CanvasFactory {
  create(width: number, height: number) {
    const canvas = createCanvas(width, height);
    return { canvas, context: canvas.getContext('2d') };
  }
  reset({ canvas }: { canvas: Canvas }, width: number, height: number): void {
    Object.assign(canvas, { width, height });
  }
  destroy(): void {}
}

interface Struct {
  role?: string;
  alt?: string;
  children?: readonly Struct[];
}

const altsIn = ({ role, alt, children = [] }: Struct): string[] => [
  ...(role === 'Figure' ? [alt ?? ''] : []),
  ...children.flatMap(altsIn),
];

/** Where words stand, points from the lower left of the page. */
interface Box {
  str: string;
  left: number;
  right: number;
  low: number;
  high: number;
}

/** Letters reach a little beyond where they stand, of their size. */
const REACH = 0.2;
/** So much of one over another is nothing, points. */
const TOUCH = 1.5;

const boxesOf = (items: readonly object[]): Box[] =>
  items.flatMap((item) => {
    const { str, transform, width } = item as { str?: string; transform: number[]; width: number };
    if (!str?.trim()) return [];
    const [size, , , , left, base] = transform as [number, number, number, number, number, number];
    return { str, left, right: left + width, low: base - size * REACH, high: base + size * (1 - REACH) };
  });

const misplacedIn = (boxes: readonly Box[], [x0, y0, x1, y1]: [number, number, number, number]): string[] =>
  boxes.flatMap((box, i) => {
    const isOut = box.left < x0 || box.right > x1 || box.low < y0 || box.high > y1;
    const over = boxes
      .slice(i + 1)
      .find(
        (other) =>
          Math.min(box.right, other.right) - Math.max(box.left, other.left) > TOUCH &&
          Math.min(box.high, other.high) - Math.max(box.low, other.low) > TOUCH,
      );
    return isOut || over ? [`${box.str} | ${over?.str ?? 'off the page'}`] : [];
  });

export interface ReadPdf {
  pages: number;
  /** Of each page, in the order in which it is read. */
  words: string[];
  /** Words that lie over others, or over the edge of their page. */
  misplaced: string[];
  /** What each figure shows. */
  alts: string[];
  title: string;
  language: string;
  /** Draws a page. @param number from 1 @param width pixels */
  picture(number: number, width: number): Promise<Canvas>;
}

export async function readPdf(bytes: Uint8Array): Promise<ReadPdf> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const pdf: PDFDocumentProxy = await getDocument({
    data: new Uint8Array(bytes),
    isEvalSupported: false,
    verbosity: 0,
    CanvasFactory,
  }).promise;
  const words: string[] = [];
  const alts: string[] = [];
  const misplaced: string[] = [];
  for (let i = 1; i <= pdf.numPages; i++) {
    const page = await pdf.getPage(i);
    const { items } = await page.getTextContent();
    words.push(items.map((item) => ('str' in item ? item.str : '')).join(''));
    misplaced.push(...misplacedIn(boxesOf(items), page.view as [number, number, number, number]));
    alts.push(...altsIn((await page.getStructTree()) as Struct));
  }
  const { info } = await pdf.getMetadata();
  const { Title = '', Language = '' } = info as { Title?: string; Language?: string };
  return {
    ...{ pages: pdf.numPages, words, alts, misplaced },
    ...{ title: Title, language: Language },
    async picture(number, width) {
      const page = await pdf.getPage(number);
      const viewport = page.getViewport({ scale: width / page.view[2]! });
      const canvas = createCanvas(Math.round(viewport.width), Math.round(viewport.height));
      await page.render({
        canvas: canvas as never,
        canvasContext: canvas.getContext('2d') as never,
        viewport,
      }).promise;
      return canvas;
    },
  };
}
