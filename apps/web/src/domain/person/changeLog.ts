import { differencesOf } from '@lotus-steady/core';
import type { PersonVersion } from '../../data/types.js';
import { sayPath, sayValue } from './mergeWords.js';

/** Changes that one person made in one go. */
export interface LogEntry {
  /** Of the last of them: moment of time. */
  savedAt: string;
  by?: string;
  /** What changed, each as one says it: "Up from the floor: alone (was chair)". */
  says: readonly string[];
}

/** What the same hand changed within so long is one entry, milliseconds: half an hour. */
const ONE_GO = 30 * 60 * 1000;
/** Kept beside a fact, and said with it. */
const BESIDE = /^intake\.(dated|asked)/;

/**
 * What was changed of somebody, the latest first: each time beside how they were known before it. The first version
 * says nothing; one that cannot be read says so.
 *
 * @param versions the latest first, as they were kept
 */
export function changeLog(versions: readonly PersonVersion[]): LogEntry[] {
  const entries: LogEntry[] = [];
  for (let i = 0; i < versions.length;) {
    const last = versions[i]!;
    let first = i;
    while (isSameGo(versions[first + 1], last)) first++;
    const before = versions[first + 1];
    i = first + 1;
    if (!before && first === versions.length - 1 && !last.unreadable) {
      entries.push({ ...headOf(last), says: ['First known.'] });
      continue;
    }
    const says = saysOf(before, last);
    if (says.length) entries.push({ ...headOf(last), says });
  }
  return entries;
}

const isSameGo = (earlier: PersonVersion | undefined, last: PersonVersion): boolean =>
  earlier !== undefined &&
  earlier.by === last.by &&
  Date.parse(last.savedAt) - Date.parse(earlier.savedAt) < ONE_GO;

const headOf = ({ savedAt, by }: PersonVersion): Pick<LogEntry, 'savedAt' | 'by'> => ({
  savedAt,
  ...(by ? { by } : {}),
});

/** With what was told on coming, be it nothing: so that each part of it is told by itself. */
const withIntake = (written: object): object => ({ intake: {}, ...written });

function saysOf(before: PersonVersion | undefined, last: PersonVersion): string[] {
  if (!before?.written || !last.written)
    return ['What was changed cannot be read: the key that sealed it is not here.'];
  return differencesOf(withIntake(before.written), withIntake(last.written))
    .filter(({ path }) => !BESIDE.test(path.join('.')))
    .map(({ path, mine, theirs }) => `${sayPath(path)}: ${sayValue(theirs)} (was ${sayValue(mine)})`);
}
