import { answered, client, type AnswerOf } from '../client.js';
import type { PersonLine } from '../types.js';

/** So many are answered at once. */
const MOST = 300;

/** Everybody of the hall, by name. */
export async function readAllPeople(): Promise<PersonLine[]> {
  const all: PersonLine[] = [];
  for (;;) {
    const part = await answered<AnswerOf<'Person.list'>>(
      client.GET('/api/people', { params: { query: { from: all.length, most: MOST } } }),
    );
    all.push(...part);
    if (part.length < MOST) return all;
  }
}
