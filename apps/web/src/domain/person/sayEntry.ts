import type { DiaryEntry } from '../../data/types.js';

/** What somebody wrote of a day, in a line: "practised all of it, easy, pain less; pain 3: a good day". */
export function sayEntry({ pain, words, done, felt, after }: Partial<DiaryEntry>): string {
  const practised = [done && DONE[done], felt && FELT[felt], after && `pain ${AFTER[after]} after`];
  const own = [pain === undefined ? '' : `pain ${pain}`, words].filter(Boolean).join(': ');
  return [practised.filter(Boolean).join(', '), own].filter(Boolean).join('; ');
}

const DONE = { all: 'practised all of it', some: 'practised some of it', none: 'did not practise' } as const;
const FELT = { easy: 'easy', right: 'just right', hard: 'too hard' } as const;
const AFTER = { less: 'less', same: 'the same', more: 'more' } as const;
