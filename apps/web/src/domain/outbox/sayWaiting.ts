import type { Change } from '../../data/outbox/outbox.js';

/** What waits to be sent, in words. @example sayWaiting([note, note, record]) // '2 notes and a record' */
export function sayWaiting(changes: readonly Pick<Change, 'what'>[]): string {
  const count = (what: Change['what']): string => {
    const many = changes.filter((one) => one.what === what).length;
    if (!many) return '';
    return many === 1 ? `${what === 'entry' ? 'an' : 'a'} ${what}` : `${many} ${MANY[what]}`;
  };
  return [count('note'), count('record'), count('entry')].filter(Boolean).join(' and ');
}

const MANY = { note: 'notes', record: 'records', entry: 'entries' } as const;
