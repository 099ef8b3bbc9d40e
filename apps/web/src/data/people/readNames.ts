import { answered, client, type AnswerOf } from '../client.js';

/** The names of everybody of the hall. */
export const readNames = () => answered<AnswerOf<'Person.names'>>(client.GET('/api/people/names'));
