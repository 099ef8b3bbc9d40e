import { gunzip, gzipSync } from 'node:zlib';
import { promisify } from 'node:util';

/** The way in which fittings are written today; those with a lower number are brought up to it when read. */
export const FITTING_FORMAT = 1;

/** A value as compressed JSON, as it is kept: a fitting is a fifteenth of its size then. */
export const packed = (value: unknown): Buffer => gzipSync(JSON.stringify(value));

const unzip = promisify(gunzip);

/** JSON that was kept compressed, still as text. */
export const unpackedJson = async (bytes: Uint8Array): Promise<string> =>
  (await unzip(bytes)).toString('utf8');
