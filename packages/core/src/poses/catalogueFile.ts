import type { CatalogueData } from './catalogue.js';
import { unpackSolutions, type PackedSolutions } from './packedSolutions.js';

/** What stands in the file as text; the tables of {@link PackedSolutions} follow it as numbers. */
type Head<T> = T & { packed: { variants: PackedSolutions['variants']; measures: number; postures: number } };

/**
 * Solutions, and whatever goes with them, as one file: the length of a text (four bytes), the text as JSON,
 * filled up to an even length, then two tables of 16-bit numbers, little-endian as typed arrays are on every
 * machine this runs on.
 */
export function writeTables<T extends object>(data: T, packed: PackedSolutions): Uint8Array {
  const { variants, measures, postures } = packed;
  const head: Head<T> = {
    ...data,
    packed: { variants, measures: measures.length, postures: postures.length },
  };
  const text = JSON.stringify(head);
  const bytes = new TextEncoder().encode(text);
  const padded = bytes.length + (bytes.length % 2);
  const file = new Uint8Array(4 + padded + measures.byteLength + postures.byteLength);
  new DataView(file.buffer).setUint32(0, padded, true);
  file.fill(0x20, 4, 4 + padded);
  file.set(bytes, 4);
  file.set(new Uint8Array(measures.buffer, measures.byteOffset, measures.byteLength), 4 + padded);
  file.set(
    new Uint8Array(postures.buffer, postures.byteOffset, postures.byteLength),
    4 + padded + measures.byteLength,
  );
  return file;
}

/** What {@link writeTables} wrote. The tables are copies: whoever unpacks them may take them over. */
export function readTables<T extends object>(buffer: ArrayBuffer): { data: T; packed: PackedSolutions } {
  const length = new DataView(buffer).getUint32(0, true);
  const text = new TextDecoder().decode(new Uint8Array(buffer, 4, length));
  const { packed, ...data } = JSON.parse(text) as Head<T>;
  const from = 4 + length;
  const middle = from + packed.measures * 2;
  return {
    data: data as unknown as T,
    packed: {
      variants: packed.variants,
      measures: new Int16Array(buffer.slice(from, middle)),
      postures: new Int16Array(buffer.slice(middle, middle + packed.postures * 2)),
    },
  };
}

/** A catalogue's data as one file: poses, ways and stories with the solutions of every variant. */
export const writeCatalogue = (data: Omit<CatalogueData, 'solutions'>, packed: PackedSolutions): Uint8Array =>
  writeTables(data, packed);

/** What {@link writeCatalogue} wrote: hand it to `makeCatalogue`. */
export function readCatalogue(buffer: ArrayBuffer): CatalogueData {
  const { data, packed } = readTables<Omit<CatalogueData, 'solutions'>>(buffer);
  return { ...data, solutions: unpackSolutions(packed) };
}
