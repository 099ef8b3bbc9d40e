import { answered, client, type AnswerOf } from '../client.js';

/** Everybody of the hall with all that is known, by name, to be handed out. */
export const readTable = () => answered<AnswerOf<'Person.table'>>(client.GET('/api/people/table'));
