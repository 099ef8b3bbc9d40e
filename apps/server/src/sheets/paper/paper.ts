import PDFDocument from 'pdfkit';
import svgToPdf from 'svg-to-pdfkit';
import { FACES, type Face } from './faces.js';
import { linesOf, type Piece, type Run, type Setting } from './text.js';

/** Standing A4, points. */
export const PAGE = { width: 595.28, height: 841.89 } as const;
/** From one line to the next, of the size of the letters. */
const LEADING = 1.28;
/** Of the size of the letters, from the top of a line to where they stand. */
const ASCENT = 0.95;

/** What a part of a sheet is, to whoever has it read aloud. */
export type Tag = 'H1' | 'H2' | 'P' | 'LI';

/** A drawing as SVG without variables, and what it shows. */
export interface Drawing {
  svg: string;
  width: number;
  height: number;
  /** What it shows, in words. */
  alt: string;
}

type Struct = PDFKit.PDFStructureElement;

/**
 * A PDF that is set line by line: letters are embedded, every figure has its words, and all of it is in the order in
 * which it is read.
 */
export class Paper implements Setting {
  private readonly doc: PDFKit.PDFDocument;
  private readonly root: Struct;
  private readonly bytes: Promise<Buffer>;
  private readonly widths = new Map<string, number>();
  private readonly letters = new Map<string, boolean>();
  private part: Struct;

  /**
   * @param on the day that is written down as the one on which it was made, `YYYY-MM-DD`
   * @param isInk all words and lines are black
   */
  constructor(
    title: string,
    on: string,
    private readonly isInk: boolean,
  ) {
    this.doc = new PDFDocument({
      size: 'A4',
      margin: 0,
      autoFirstPage: false,
      bufferPages: true,
      pdfVersion: '1.7',
      tagged: true,
      subset: 'PDF/UA',
      lang: 'en-GB',
      displayTitle: true,
      // The one it would have begun with is not embedded.
      font: FACES.plain,
      info: { Title: title, Creator: 'Lotus Steady', CreationDate: new Date(`${on}T12:00:00Z`) },
    } as unknown as PDFKit.PDFDocumentOptions);
    for (const [face, file] of Object.entries(FACES)) this.doc.registerFont(face, file);
    this.root = this.doc.struct('Document');
    this.doc.addStructure(this.root);
    this.part = this.root;
    const chunks: Buffer[] = [];
    this.doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    this.bytes = new Promise((resolve, reject) => {
      this.doc.on('end', () => resolve(Buffer.concat(chunks)));
      this.doc.on('error', reject);
    });
  }

  widthOf(text: string, face: Face, size: number): number {
    const key = `${face} ${text}`;
    let wide = this.widths.get(key);
    if (wide === undefined) {
      // In letters of one point.
      wide = this.doc.font(face).fontSize(100).widthOfString(text) / 100;
      this.widths.set(key, wide);
    }
    return wide * size;
  }

  has(face: Face, letter: string): boolean {
    const key = `${face} ${letter}`;
    let known = this.letters.get(key);
    if (known === undefined) {
      const { font } = (this.doc.font(face) as unknown as { _font: { font: Glyphs } })._font;
      known = font.hasGlyphForCodePoint(letter.codePointAt(0)!);
      this.letters.set(key, known);
    }
    return known;
  }

  /** A colour as it is on this paper. */
  inkOf(colour: string): string {
    return this.isInk ? '#000000' : colour;
  }

  /** Points that runs take from top to bottom. */
  heightOf(runs: readonly Run[], width: number, size: number): number {
    return linesOf(runs, width, size, this).length * size * LEADING;
  }

  /** A page after those that are there. */
  turn(): void {
    this.doc.addPage();
  }

  /** A part of the sheet: what `write` puts down is read together. */
  section(write: () => void): void {
    const around = this.part;
    this.part = this.doc.struct('Sect');
    around.add(this.part);
    write();
    this.part.end();
    this.part = around;
  }

  /** Sets runs with their top left at a place. @returns points that they take */
  text(tag: Tag, runs: readonly Run[], at: Place, size: number): number {
    const lines = linesOf(runs, at.width, size, this);
    this.tagged(tag, () => this.put(lines, at, size));
    return lines.length * size * LEADING;
  }

  /** Puts a drawing into a frame, as large as it fits. */
  figure({ svg, width, height, alt }: Drawing, { x, y, width: wide }: Place, tall: number): void {
    const scale = Math.min(wide / width, tall / height);
    const frame = { width: width * scale, height: height * scale };
    const left = x + (wide - frame.width) / 2;
    const top = y + (tall - frame.height) / 2;
    const draw = (): void =>
      svgToPdf(this.doc, svg, left, top, { ...frame, assumePt: true, fontCallback: () => 'bold' });
    if (!alt) return this.besides(draw);
    const bbox: [number, number, number, number] = [left, top, left + frame.width, top + frame.height];
    this.part.add(this.doc.struct('Figure', { alt, bbox } as PDFKit.Mixins.StructureElementOptions, draw));
  }

  /** What nobody needs to be told of: rules, frames, page numbers. */
  besides(draw: (doc: PDFKit.PDFDocument) => void): void {
    this.doc.markContent('Artifact', { type: 'Layout' });
    draw(this.doc);
    this.doc.endMarkedContent();
  }

  /** Words that stand on every page and are not read. @param at from the first page on */
  onEachPage(words: (page: number, pages: number) => readonly Run[], at: Place, size: number): void {
    const { start, count } = this.doc.bufferedPageRange();
    for (let i = 0; i < count; i++) {
      this.doc.switchToPage(start + i);
      const lines = linesOf(words(i + 1, count), at.width, size, this);
      this.besides(() => this.put(lines, at, size));
    }
  }

  /** @returns the PDF; nothing is put on it any more */
  async done(): Promise<Buffer> {
    this.root.end();
    this.doc.end();
    return this.bytes;
  }

  private tagged(tag: Tag, draw: () => void): void {
    this.part.add(this.doc.struct(tag, {}, draw));
  }

  private put(lines: readonly Piece[][], { x, y }: Place, size: number): void {
    lines.forEach((line, row) => {
      let left = x;
      for (const { text, face, colour, width } of line) {
        this.doc
          .font(face)
          .fontSize(size)
          .fillColor(this.inkOf(colour))
          .text(text, left, y + (row * LEADING + ASCENT) * size, {
            lineBreak: false,
            baseline: 'alphabetic',
          });
        left += width;
      }
    });
  }
}

/** Where something begins, and how wide it may be, points from the top left of the page. */
export interface Place {
  x: number;
  y: number;
  width: number;
}

interface Glyphs {
  hasGlyphForCodePoint(code: number): boolean;
}
