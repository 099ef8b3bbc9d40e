import { readFitting, type Fitting, type Person } from '@lotus-steady/core';
import { unpackedJson } from './packedFitting.js';

/** A fitting as it is kept, and who was down for the class. */
export interface KeptFitting {
  bytes: Uint8Array;
  format: number;
  people: readonly Pick<Person, 'id' | 'name'>[];
}

/** A kept fitting, brought up to how fittings are written today. */
export async function unpackedFitting({ bytes, format, people }: KeptFitting): Promise<Fitting> {
  return readFitting(JSON.parse(await unpackedJson(bytes, format)) as Fitting, people);
}
