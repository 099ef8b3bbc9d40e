import type { Person } from '../people/types.js';
import { dateAfter } from '../calendar/dates.js';
import { isNear } from './uncertain.js';
import { stagePerson, type StagedPerson, type StageSettings } from './stagePerson.js';

/**
 * A day on which something changes for someone: rules that begin and end, and a stage that gets another
 * name.
 */
export interface Change {
  on: string;
  begins: readonly string[];
  ends: readonly string[];
  stages: readonly string[];
}

/** How far ahead is looked, days: a pregnancy and its first weeks after. */
const AHEAD_DAYS = 300;

/** What stands for someone's rules on a day: a rule whose number is moved by its stage counts by its id. */
const reasonsOf = ({ rules }: StagedPerson): Map<string, string> =>
  new Map(rules.filter(({ rule }) => !isNear(rule)).map(({ rule }) => [rule.id, rule.reason]));

/** Reasons of rules that are in one and not in the other, each once: several rules may say the same. */
const newIn = (rules: ReadonlyMap<string, string>, others: ReadonlyMap<string, string>): string[] => {
  const said = new Set(others.values());
  const reasons = [...rules].filter(([id]) => !others.has(id)).map(([, reason]) => reason);
  return [...new Set(reasons)].filter((reason) => !said.has(reason));
};

/** What is other for someone on one day than on another before it; undefined where nothing is. */
function changeBetween(before: StagedPerson, after: StagedPerson): Omit<Change, 'on'> | undefined {
  const known = reasonsOf(before);
  const now = reasonsOf(after);
  const begins = newIn(now, known);
  const ends = newIn(known, now);
  const stopEnds = before.stopped && !after.stopped;
  const stopBegins = !before.stopped && after.stopped;
  if (!begins.length && !ends.length && !stopEnds && !stopBegins) return undefined;
  return {
    begins: [...(stopBegins ? ['No class without a medical clearance.'] : []), ...begins],
    ends: [...(stopEnds ? ['The wait ends.'] : []), ...ends],
    stages: after.stages
      .filter(({ condition, label }) =>
        before.stages.some((old) => old.condition === condition && old.label !== label),
      )
      .map(({ name, label }) => `${name}: ${label}`),
  };
}

/**
 * The next days on which something changes for someone: "from 3 December: no flat lying".
 *
 * Every day ahead is staged by itself, so what is said is what will hold; how someone is today does not
 * reach beyond today.
 * @param most how many days to return
 */
export function nextChanges(person: Person, settings: StageSettings, most = 4): Change[] {
  const { on } = settings;
  const later = { ...person, today: {} };
  const changes: Change[] = [];
  let before = stagePerson(later, settings);
  for (let ahead = 1; ahead <= AHEAD_DAYS && changes.length < most; ahead++) {
    const date = dateAfter(on, ahead);
    const staged = stagePerson(later, { ...settings, on: date });
    const change = changeBetween(before, staged);
    if (change) changes.push({ on: date, ...change });
    before = staged;
  }
  return changes;
}

/**
 * What changes for someone from one day of a course to the next: the days on which something does.
 *
 * @param days `YYYY-MM-DD`, the earliest first
 */
export function changesOn(
  person: Person,
  days: readonly string[],
  settings: Omit<StageSettings, 'on'>,
): Change[] {
  const staged = days.map((on) => stagePerson({ ...person, today: {} }, { ...settings, on }));
  return days.slice(1).flatMap((on, i) => {
    const change = changeBetween(staged[i]!, staged[i + 1]!);
    return change ? [{ on, ...change }] : [];
  });
}
