import { readPerson } from '../people/readPeople.js';
import type { InputError } from '../people/types.js';
import type { Rulebook } from '../rules/rulebook.js';

/** Somebody as a file tells of them: what a person is read from, its parts not looked at yet. */
export type PersonTold = Readonly<Record<string, unknown>>;

/** One entry of a file: where it stands, who it is, and what of it was not taken. */
export interface BroughtIn {
  /** The line of a table, or the number of an entry; from 1. */
  at: number;
  name: string;
  told: PersonTold;
  /** What the file says and is not taken, or is taken otherwise, in words. */
  notes: readonly string[];
  /** Why they cannot be brought in as they stand; nothing where they can. */
  problems: readonly InputError[];
}

/** What else a reader of files needs to know. */
export interface Bringing {
  rulebook: Rulebook;
  /** `YYYY-MM-DD`. */
  today: string;
  /** Names that are taken already. */
  taken?: readonly string[];
}

/** Looks at entries as the list of people would: each is read, and names are told apart. */
export function lookedAt(
  entries: readonly Omit<BroughtIn, 'problems'>[],
  { rulebook, today, taken = [] }: Bringing,
  problemsAt: (at: number) => readonly InputError[] = () => [],
): BroughtIn[] {
  const seen = new Set(taken.map((name) => name.toLowerCase()));
  return entries.map((entry) => {
    const problems: InputError[] = [...problemsAt(entry.at)];
    readPerson({ ...entry.told }, '', problems, rulebook, today);
    const name = entry.name.toLowerCase();
    if (name && seen.has(name))
      problems.push({
        field: 'name',
        message: `There is already someone named "${entry.name}". Add a letter to tell them apart.`,
      });
    seen.add(name);
    return { ...entry, problems };
  });
}
