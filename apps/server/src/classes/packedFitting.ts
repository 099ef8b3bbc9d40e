import { brotliCompressSync, brotliDecompress, constants, gunzip } from 'node:zlib';
import { promisify } from 'node:util';

/**
 * The way in which fittings are written today: 2 is Brotli, 1 is gzip, and 0 is gzip of what says people by the
 * words of before.
 */
export const FITTING_FORMAT = 2;
/** From this format on the JSON says what it says today. */
const SAYS_THE_SAME = 1;

export const isUpToDate = (format: number): boolean => format >= SAYS_THE_SAME;

/** What many people do alike lies far apart in a fitting: a window of 4 MB finds it, quickly enough at this level. */
const BROTLI = {
  params: { [constants.BROTLI_PARAM_QUALITY]: 5, [constants.BROTLI_PARAM_LGWIN]: 22 },
};

/** A value as compressed JSON, as it is kept: a large fitting is a thirtieth of its size then. */
export const packed = (value: unknown): Buffer => brotliCompressSync(JSON.stringify(value), BROTLI);

const unzip = promisify(gunzip);
const unbrotli = promisify(brotliDecompress);

/** JSON that was kept compressed, still as text. */
export const unpackedJson = async (bytes: Uint8Array, format: number): Promise<string> =>
  (await (format < 2 ? unzip(bytes) : unbrotli(bytes))).toString('utf8');
