/** What was read from a request without the classes it was checked by: as a thread can take it. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
