/**
 * The pixels on the left and on the right of a crack, walking from one corner to the next, y down.
 *
 * @param from corner by number; rows of corners are one longer than rows of pixels
 * @param width of a row of pixels
 */
export function sidesOf(from: number, to: number, width: number): [left: number, right: number] {
  const step = to - from;
  const first = step > 0 ? from : to;
  // The pixel to the lower right of the first corner.
  const i = first - ((first / (width + 1)) | 0);
  if (step === 1) return [i - width, i];
  if (step === -1) return [i, i - width];
  return step > 0 ? [i, i - 1] : [i - 1, i];
}
