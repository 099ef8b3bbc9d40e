import { isDate } from '../calendar/dates.js';
import type { Condition } from '../rules/types.js';
import { SOMEBODY, trialDetails, type Rulebook } from '../rules/rulebook.js';
import { stagePerson, type ActiveRule, type StageSettings } from '../rules/stagePerson.js';
import type { Details, Person } from '../people/types.js';
import { isHard } from './isHard.js';

/** Somebody at a stage of a condition that asks for something. */
export interface Place {
  condition: string;
  details: Details;
  born: string;
}

/** How old people are made up, years, where the condition says nothing else. */
const AGE = 41;
const AGES: Readonly<Record<string, number>> = { child: 8, teenager: 15, 'older-adult': 78, pregnancy: 32 };

/** A stage without its numbers: week 27 and week 28 are the same kind where the same rules hold. */
const kindOf = (condition: Condition, details: Details, on: string): string =>
  condition.stage({ details, person: SOMEBODY, on }).label.replace(/\d+/g, '#');

/** Whether somebody keeps to a named set until she is cleared: there is no border then. */
const waits = (rules: readonly ActiveRule[]): boolean =>
  rules.some(({ rule }) => rule.when?.some(({ fact }) => fact === 'waiting'));

/** What is to come of what is told of somebody. */
const TO_COME = 'dueDate';

/** Whether whatever is told with a date has been. */
const hasBeen = (details: Details, on: string): boolean =>
  Object.entries(details).every(
    ([key, value]) => key === TO_COME || typeof value !== 'string' || !isDate(value) || value <= on,
  );

const known = new WeakMap<Rulebook, Place[]>();

/**
 * Every stage of every condition that has a limit of its own and lets somebody practise, each set of rules once: what
 * comes first of each condition first.
 */
export function places(settings: StageSettings): Place[] {
  const { rulebook, on } = settings;
  const made = known.get(rulebook);
  if (made) return made;
  const lists = rulebook.conditions.map((condition) => placesOf(condition, settings, on));
  const most = Math.max(...lists.map((list) => list.length));
  const all = Array.from({ length: most }, (_, nth) => lists.flatMap((list) => list[nth] ?? [])).flat();
  known.set(rulebook, all);
  return all;
}

function placesOf(condition: Condition, settings: StageSettings, on: string): Place[] {
  const born = `${Number(on.slice(0, 4)) - (AGES[condition.id] ?? AGE)}-01-01`;
  const kinds = new Set<string>();
  const rules = new Set<string>();
  // Nothing known comes last: a stage that is known tells more.
  return [...trialDetails(condition, on).slice(1), {}]
    .filter((details) => hasBeen(details, on))
    .flatMap((details): Place[] => {
      const kind = kindOf(condition, details, on);
      if (kinds.has(kind)) return [];
      kinds.add(kind);
      const person: Person = { ...SOMEBODY, born, conditions: [{ condition: condition.id, details }] };
      const staged = stagePerson(person, settings);
      const own = staged.rules.filter((active) => active.condition === condition.id && isHard(active));
      const key = own.map(({ rule }) => rule.id).join();
      if (staged.stopped || waits(own) || !key || rules.has(key)) return [];
      rules.add(key);
      return [{ condition: condition.id, details, born }];
    });
}
