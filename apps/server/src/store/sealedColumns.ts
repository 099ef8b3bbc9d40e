/** A column of which every value is sealed for its row. */
export interface SealedColumn {
  table: string;
  column: string;
  /** The columns that tell its row from every other. */
  row: readonly string[];
  holds: 'text' | 'bytes';
}

const text = (table: string, column: string, ...row: string[]): SealedColumn => ({
  table,
  column,
  row,
  holds: 'text',
});
const bytes = (table: string, column: string, ...row: string[]): SealedColumn => ({
  ...text(table, column, ...row),
  holds: 'bytes',
});

/** Everything of anybody's health that is in the database, and where. */
export const SEALED = {
  /** All that is known of somebody, in each version; `people` itself has a name and which version holds. */
  person: text('person_versions', 'sealed', 'personId', 'version'),
  /** Who is down for a class, in which version, and how they are on the day. */
  classPeople: text('classes', 'people', 'id'),
  /** What the teacher decided for whom, and why. */
  classChoices: text('classes', 'choices', 'id'),
  fitting: bytes('fittings', 'fitting', 'id'),
  madeFrom: bytes('fittings', 'madeFrom', 'id'),
  record: text('records', 'sealed', 'id'),
  mark: text('marks', 'sealed', 'id'),
  home: text('home_practices', 'sealed', 'id'),
  /** What would go by mail, and to whom. */
  mail: text('mails', 'sealed', 'id'),
  mailFile: bytes('mails', 'file', 'id'),
  incident: text('incidents', 'sealed', 'id'),
  proposalAnswer: text('proposal_answers', 'sealed', 'id'),
  propNote: text('prop_notes', 'sealed', 'id'),
  diary: text('diary_entries', 'sealed', 'id'),
  documentAbout: text('documents', 'sealed', 'id'),
  documentFile: bytes('documents', 'file', 'id'),
  ownAnswers: text('own_answers', 'sealed', 'id'),
  /** No health; a secret all the same. */
  codeSecret: text('accounts', 'codeSecret', 'id'),
} as const satisfies Record<string, SealedColumn>;

/** Where a value is kept: moved elsewhere it does not open. */
export const placeIn = ({ table, column }: SealedColumn, ...row: readonly (string | number)[]): string =>
  [table, column, ...row].join(':');
