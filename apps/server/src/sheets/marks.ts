import type { Verdict } from '@lotus-steady/core';

/**
 * The mark of a verdict, told by its shape: an open ring, half a ring that is filled, two arcs that change places, a
 * level bar.
 *
 * @param x @param y its middle, points @param size across, points @param colour `#rrggbb`
 */
export function drawMark(
  doc: PDFKit.PDFDocument,
  verdict: Verdict,
  { x, y, size, colour }: { x: number; y: number; size: number; colour: string },
): void {
  const r = size / 2;
  doc
    .save()
    .lineWidth(size / 8)
    .strokeColor(colour)
    .fillColor(colour);
  if (verdict === 'rest') doc.rect(x - r, y - size / 10, size, size / 5).fill();
  else if (verdict === 'swapped')
    doc
      .path(`M${x - r} ${y - size / 10}A${r} ${r} 0 0 1 ${x + r} ${y - size / 10}`)
      .path(`M${x - r} ${y + size / 10}A${r} ${r} 0 0 0 ${x + r} ${y + size / 10}`)
      .stroke();
  else {
    doc.circle(x, y, r).stroke();
    if (verdict === 'eased') doc.path(`M${x} ${y - r}A${r} ${r} 0 0 0 ${x} ${y + r}Z`).fill();
  }
  doc.restore();
}
