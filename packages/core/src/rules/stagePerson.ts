import { CONDITIONS } from '../../catalogue/rules/index.js';
import { ABILITY_RULES, TODAY_RULES } from '../../catalogue/rules/everyone.js';
import { buildOf, type Build } from '../body/build.js';
import type { Person } from '../people/types.js';
import { isTooHighToPractise, isUncontrolled, parseReading } from './bloodPressure.js';
import { ageOn } from './dates.js';
import type { HouseView } from './houseView.js';
import type { Alert, Condition, Fact, Rule, Stage, StageTest } from './types.js';

/** A rule that is in force for someone on a date. */
export interface ActiveRule { rule: Rule; condition: string }

/** A person on a date: what is in force, what to know, and whether they must sit out. */
export interface StagedPerson {
  person: Person;
  /** Whose proportions to measure with. */
  build: Build;
  rules: readonly ActiveRule[];
  alerts: readonly Alert[];
  stages: readonly { condition: string; name: string; label: string }[];
  /** Sits out: every step is rest. */
  stopped: boolean;
}

/** A condition of the rulebook by id. @throws RangeError */
export function conditionById(id: string): Condition {
  const condition = CONDITIONS.find((known) => known.id === id);
  if (!condition) throw new RangeError(`No condition "${id}" in the rulebook.`);
  return condition;
}

const holds = (facts: Stage['facts'], tests: readonly StageTest[] = []): boolean => tests.every((test) => {
  const value: Fact | undefined = facts[test.fact];
  if ('is' in test) return value !== undefined && typeof value !== 'number' && test.is.includes(value);
  return typeof value === 'number' && ('from' in test ? value >= test.from : value < test.below);
});

const inView = ({ house }: Rule, view: HouseView): boolean => !house || house.positions.includes(view[house.topic]!);

/** Signs that stop a class for anyone (PRACTICE section 4; CLINICAL row 61). Chest pain, stroke signs and thunderclap headache are emergencies. */
const EMERGENCY = /chest pain|face.*droop|arm.*weak|slurred|thunderclap|sudden severe headache|saddle|bladder|bowel|faint|seizure|vision/i;

function todaysStops(person: Person, pregnant: boolean): Alert[] {
  const { today } = person, alerts: Alert[] = [], reading = today.bp ? parseReading(today.bp) : undefined;
  const stop = (text: string): void => { alerts.push({ kind: 'stop', text }); };
  if (reading && isTooHighToPractise(reading)) stop(`${reading.systolic}/${reading.diastolic} at rest: measure again after five minutes. Still so: no class, see the doctor today.`);
  else if (reading && pregnant && isUncontrolled(reading)) {
    const severe = reading.systolic >= 160 || reading.diastolic >= 110;
    stop(`${reading.systolic}/${reading.diastolic} in pregnancy: no class; ${severe ? 'emergency, call for help now' : 'midwife or doctor today'}.`);
  }
  if (today.fever) stop('Fever today: no class; rest at home.');
  if (today.bleeding && pregnant) stop('Bleeding in pregnancy: no class; midwife or doctor today.');
  for (const sign of today.signs ?? []) {
    stop(EMERGENCY.test(sign) ? `Warning sign: ${sign}. No class; call the emergency services.` : `Warning sign: ${sign}. No class; see the doctor or midwife today.`);
  }
  return alerts;
}

/**
 * Works out what someone's conditions mean on a date, and which rules are then in force.
 *
 * Conditions known from the date of birth (children, older adults) need not be named.
 * @param on class date `YYYY-MM-DD`
 */
export function stagePerson(person: Person, on: string, houseView: HouseView): StagedPerson {
  const named = person.conditions.map(({ condition, details }) => ({ condition: conditionById(condition), details }));
  const inherent = CONDITIONS.filter((condition) => condition.inherent?.(person, on) && !named.some((entry) => entry.condition === condition))
    .map((condition) => ({ condition, details: {} }));
  const rules: ActiveRule[] = [], alerts: Alert[] = [], stages: { condition: string; name: string; label: string }[] = [];
  const enforce = (list: readonly Rule[], facts: Stage['facts'], condition: string): void => {
    for (const rule of list) if (holds(facts, rule.when) && inView(rule, houseView)) rules.push({ rule, condition });
  };
  for (const { condition, details } of [...named, ...inherent]) {
    const stage = condition.stage({ details, person, on });
    stages.push({ condition: condition.id, name: condition.name, label: stage.label });
    alerts.push(...stage.alerts);
    enforce(condition.rules, stage.facts, condition.id);
  }
  const { today, can } = person, facts: Record<string, Fact> = { ...can };
  for (const [key, value] of Object.entries(today)) if (typeof value === 'number' || typeof value === 'boolean') facts[key] = value;
  enforce(TODAY_RULES, facts, 'today');
  enforce(ABILITY_RULES, facts, 'own-limits');
  for (const [range, degrees] of Object.entries(person.ranges)) rules.push({ rule: rangeRule(range, degrees), condition: 'own-limits' });

  alerts.unshift(...todaysStops(person, named.some((entry) => entry.condition.id === 'pregnancy')));
  if ((today.pain ?? 0) >= 7) alerts.push({ kind: 'ask', text: `Pain ${today.pain} of 10 today: gentle only. New, at night, with fever or after a fall: refer.` });
  return { person, build: buildOf(person.born === undefined ? undefined : ageOn(person.born, on)), rules, alerts, stages, stopped: alerts.some((alert) => alert.kind === 'stop') };
}

/** A person's own measured range as a limit. */
const rangeRule = (range: string, degrees: number): Rule => ({
  id: `own.${range}`, level: 'limit', all: [{ measure: range as 'neckFlexion', over: degrees }],
  reason: `Own range: ${range.replace(/([A-Z])/g, ' $1').toLowerCase()} to ${degrees} degrees.`,
  evidence: { kind: 'common-practice', source: 'measured on the person' },
});

const OTHER_NAMES: Readonly<Record<string, string>> = { today: 'Today', 'own-limits': 'Own limits' };

/** What a finding's condition is called. */
export const conditionName = (id: string): string => CONDITIONS.find((condition) => condition.id === id)?.name ?? OTHER_NAMES[id] ?? id;
