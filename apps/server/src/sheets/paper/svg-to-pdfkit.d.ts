declare module 'svg-to-pdfkit' {
  /** Draws an SVG into a PDF with its top left at a place, points. */
  export default function svgToPdf(
    doc: PDFKit.PDFDocument,
    svg: string,
    x: number,
    y: number,
    options?: { width?: number; height?: number; assumePt?: boolean; fontCallback?: () => string },
  ): void;
}
