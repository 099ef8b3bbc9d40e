/**
 * Whole numbers that are mostly near zero, as bytes that compress well: each folded to be positive (0, -1, 1, -2
 * to 0, 1, 2, 3), then all low bytes, then all high ones.
 *
 * @example toPlanes(new Int16Array([0, -1, 300])) // low bytes 0, 1, 88; high bytes 0, 0, 2
 */
export function toPlanes(numbers: Int16Array): Uint8Array {
  const bytes = new Uint8Array(numbers.length * 2);
  numbers.forEach((number, at) => {
    const folded = number >= 0 ? number * 2 : -number * 2 - 1;
    bytes[at] = folded & 0xff;
    bytes[numbers.length + at] = folded >> 8;
  });
  return bytes;
}

/** The numbers that {@link toPlanes} made bytes of. */
export function fromPlanes(bytes: Uint8Array): Int16Array {
  const numbers = new Int16Array(bytes.length / 2);
  for (let at = 0; at < numbers.length; at++) {
    const folded = bytes[at]! | (bytes[numbers.length + at]! << 8);
    numbers[at] = folded & 1 ? -((folded + 1) >> 1) : folded >> 1;
  }
  return numbers;
}
