/** What somebody did with what is private. */
export const DID = ['read', 'added', 'changed', 'removed', 'brought back', 'handed out', 'erased'] as const;
export type Did = (typeof DID)[number];

/** With what. */
export const WHAT = [
  'list of people',
  'person',
  'changes',
  'diary',
  'own answers',
  'practice at home',
  'letter',
  'report',
  'mail',
  'own page',
  'own form',
  'private link',
  'prop heights',
  'everything',
  'document',
  'class',
  'plan of a class',
  'today at the door',
  'record of a class',
  'incident',
  'fitting',
  'trail',
] as const;
export type What = (typeof WHAT)[number];

/** What is noted of one act. */
export interface Entry {
  did: Did;
  what: What;
  personId?: string;
  classId?: string;
  /** What was erased: how many of each. */
  counts?: Readonly<Record<string, number>>;
}
