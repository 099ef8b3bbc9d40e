import { dateAfter, daysBetween } from '../calendar/dates.js';
import type { Person } from '../people/types.js';
import { changesOn } from '../rules/nextChanges.js';
import type { StageSettings } from '../rules/stagePerson.js';

/** Something that is other for somebody by a class to come. */
export interface Due {
  /** The day from which it is so. */
  on: string;
  kind: 'change' | 'clearance' | 'limit';
  says: string;
}

/**
 * What runs out or changes for somebody until a class: rules that begin and end, clearances and personal limits that
 * hold no longer on the day. The earliest first.
 *
 * @param until the day of the class, `YYYY-MM-DD`
 * @param settings as they are today; nothing is due where the class is today or was before
 */
export function dueBefore(person: Person, settings: StageSettings, until: string): Due[] {
  const ahead = daysBetween(settings.on, until);
  if (ahead <= 0) return [];
  const days = Array.from({ length: ahead + 1 }, (_, i) => dateAfter(settings.on, i));
  const changes = changesOn(person, days, settings).map(({ on, begins, ends, stages }): Due => {
    const says = [...stages, ...begins, ...ends.map((reason) => `no longer: ${reason}`)].join('; ');
    return { on, kind: 'change', says };
  });
  const ending = (last: string | undefined): last is string =>
    last !== undefined && last >= settings.on && last < until;
  const over = [
    ...person.clearances.flatMap(({ for: what, by, until: last }): Due[] =>
      ending(last) ? [{ on: dateAfter(last, 1), kind: 'clearance', says: `${what}, by ${by}` }] : [],
    ),
    ...person.limits.flatMap(({ kind, by, until: last, why }): Due[] =>
      ending(last)
        ? [{ on: dateAfter(last, 1), kind: 'limit', says: `${kind}, by ${by}${why ? `: ${why}` : ''}` }]
        : [],
    ),
  ];
  return [...changes, ...over].sort((a, b) => (a.on < b.on ? -1 : 1));
}
