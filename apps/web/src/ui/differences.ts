/** What one of two editors has and the other has not, in words. */
export interface Difference {
  label: string;
  mine: string;
  theirs: string;
}

/** Of rows of two editors only those that differ. */
export const differing = (rows: readonly (readonly [string, string, string])[]): Difference[] =>
  rows
    .filter(([, mine, theirs]) => mine !== theirs)
    .map(([label, mine, theirs]) => ({ label, mine, theirs }));
