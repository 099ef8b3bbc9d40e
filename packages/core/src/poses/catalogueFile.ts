import { fromPlanes, toPlanes } from './bytePlanes.js';
import type { CatalogueData } from './catalogue.js';
import { unpackSolutions, type PackedSolutions } from './packedSolutions.js';

/** What stands in the file as text; the tables of {@link PackedSolutions} follow it as numbers. */
type Head<T> = T & { packed: { variants: PackedSolutions['variants']; measures: number; postures: number } };

/**
 * Solutions, and whatever goes with them, as one file: the length of a text (four bytes, little-endian), the
 * text as JSON, then two tables as {@link toPlanes} writes them.
 */
export function writeTables<T extends object>(data: T, packed: PackedSolutions): Uint8Array {
  const measures = toPlanes(packed.measures);
  const postures = toPlanes(packed.postures);
  const head: Head<T> = {
    ...data,
    packed: { variants: packed.variants, measures: measures.length, postures: postures.length },
  };
  const text = new TextEncoder().encode(JSON.stringify(head));
  const file = new Uint8Array(4 + text.length + measures.length + postures.length);
  new DataView(file.buffer).setUint32(0, text.length, true);
  file.set(text, 4);
  file.set(measures, 4 + text.length);
  file.set(postures, 4 + text.length + measures.length);
  return file;
}

/** What {@link writeTables} wrote. */
export function readTables<T extends object>(buffer: ArrayBuffer): { data: T; packed: PackedSolutions } {
  const length = new DataView(buffer).getUint32(0, true);
  const text = new TextDecoder().decode(new Uint8Array(buffer, 4, length));
  const { packed, ...data } = JSON.parse(text) as Head<T>;
  const from = 4 + length;
  const table = (at: number, bytes: number) => fromPlanes(new Uint8Array(buffer, at, bytes));
  return {
    data: data as unknown as T,
    packed: {
      variants: packed.variants,
      measures: table(from, packed.measures),
      postures: table(from + packed.measures, packed.postures),
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
