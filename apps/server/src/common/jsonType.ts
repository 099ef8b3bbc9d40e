/** Of an answer that is written as JSON already. */
export const JSON_TYPE = 'application/json; charset=utf-8';
