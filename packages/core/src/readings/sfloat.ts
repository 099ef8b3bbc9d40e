/**
 * Numbers as health devices send them: 16 bits, the upper four a power of ten, the lower twelve what it multiplies,
 * both in two's complement (IEEE 11073-20601, SFLOAT; from memory).
 */

/** What stands for no number. */
const NOT_A_NUMBER = 0x07ff;
const NOT_AT_THIS_RESOLUTION = 0x0800;
const RESERVED = 0x0801;
const INFINITE = 0x07fe;
const MINUS_INFINITE = 0x0802;

/** What a 12 bit number holds: from its least to its greatest, those that stand for no number left out. */
const GREATEST = 0x07fd;

/**
 * The number that 16 bits stand for; not a number where the device has none.
 *
 * @example readSfloat(0xf4b0) // 120: 1200 tenths
 */
export function readSfloat(bits: number): number {
  const raw = bits & 0xffff;
  if (raw === INFINITE) return Infinity;
  if (raw === MINUS_INFINITE) return -Infinity;
  if (raw === NOT_A_NUMBER || raw === NOT_AT_THIS_RESOLUTION || raw === RESERVED) return NaN;
  const exponent = signed(raw >> 12, 4);
  const mantissa = signed(raw & 0x0fff, 12);
  // A division by ten is exact to the last bit where a product with a tenth is not.
  return exponent < 0 ? mantissa / 10 ** -exponent : mantissa * 10 ** exponent;
}

/**
 * The bits that stand for a number, with as many places as it needs and there is room for.
 *
 * @throws RangeError for one that is too large
 * @example writeSfloat(120) // 0x0078
 */
export function writeSfloat(value: number): number {
  if (Number.isNaN(value)) return NOT_A_NUMBER;
  if (!Number.isFinite(value)) return value > 0 ? INFINITE : MINUS_INFINITE;
  for (let exponent = -8; exponent <= 7; exponent++) {
    const mantissa = Math.round(exponent < 0 ? value * 10 ** -exponent : value / 10 ** exponent);
    if (Math.abs(mantissa) > GREATEST) continue;
    return simplest(mantissa, exponent);
  }
  throw new RangeError(`${value} is too large to be sent.`);
}

/** The same number with no more places than it needs: 1200 tenths are 120. */
function simplest(mantissa: number, exponent: number): number {
  let [m, e] = [mantissa, exponent];
  while (m && e < 0 && m % 10 === 0) [m, e] = [m / 10, e + 1];
  if (!m) e = 0;
  return ((e & 0xf) << 12) | (m & 0x0fff);
}

const signed = (value: number, bits: number): number =>
  value >= 1 << (bits - 1) ? value - (1 << bits) : value;
