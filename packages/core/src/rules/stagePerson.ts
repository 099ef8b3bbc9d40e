import { buildOf, type Build } from '../body/build.js';
import { sayPlace } from '../people/bodyPlaces.js';
import { abilitiesOf, type Abilities } from '../people/abilities.js';
import type { Clearance, OwnLimit, Person } from '../people/types.js';
import { testsToRepeat } from '../people/testsToRepeat.js';
import { ageOn, daysBetween, spokenDate } from '../calendar/dates.js';
import { asTheHallHasIt, NO_HALL_RULES, ownRulesOf, type HallRules } from './hallRules.js';
import type { Rulebook } from './rulebook.js';
import { ABILITY, abilityFacts, abilityRules, assumedAlerts } from './abilityGate.js';
import { within } from './uncertain.js';
import { painRules } from './painRules.js';
import { todaysStops } from './todaysStops.js';
import type { Alert, Condition, Conflict, Fact, LimbSide, Rule, Stage, StageTest } from './types.js';
import { WEEKS_AFTER_BIRTH } from '../calendar/afterBirth.js';
import { limbsOfSide } from './limbs.js';
import type { HouseView } from './houseViewTypes.js';
import type { Details } from '../people/types.js';

/** A rule that is in force for someone on a date; `sides` are those the condition is on. */
export interface ActiveRule {
  rule: Rule;
  condition: string;
  sides?: readonly LimbSide[];
}

/** What someone is staged with. */
export interface StageSettings {
  rulebook: Rulebook;
  /** The class date, `YYYY-MM-DD`. */
  on: string;
  houseView: HouseView;
  /** What the hall changes about the rulebook. */
  hall?: HallRules;
  /** What a pose is called: see {@link Catalogue.poseName}. */
  poseName: (id: string) => string;
}

/** A person on a date: what is in force, what to know, and whether they must sit out. */
export interface StagedPerson {
  person: Person;
  /** What they can do, and how that is known. */
  abilities: Abilities;
  rulebook: Rulebook;
  /** Whose proportions to measure with. */
  build: Build;
  rules: readonly ActiveRule[];
  /** Rules that would be in force under another position of the house view. */
  elsewhere: readonly ActiveRule[];
  alerts: readonly Alert[];
  stages: readonly { condition: string; name: string; label: string }[];
  /** Sits out: every step is rest. */
  stopped: boolean;
}

const holds = (facts: Stage['facts'], tests: readonly StageTest[] = []): boolean =>
  tests.every((test) => {
    const value: Fact | undefined = facts[test.fact];
    if ('is' in test) return value !== undefined && typeof value !== 'number' && test.is.includes(value);
    return typeof value === 'number' && ('from' in test ? value >= test.from : value < test.below);
  });

const inView = ({ house }: Rule, view: HouseView): boolean =>
  !house || house.positions.includes(view[house.topic]!);

/** What pulls apart, and which poses suit both all the same. */
export const conflictText = ({ text, neutral }: Conflict, poseName: StageSettings['poseName']): string =>
  `${text} Neutral: ${[...new Set(neutral)].map((id) => poseName(id).toLowerCase()).join(', ')}.`;

/** Whether something with an end still holds. */
const lasts = (until: string | undefined, on: string): boolean =>
  until === undefined || daysBetween(on, until) >= 0;

/** Clearances of one condition that hold on a date. */
const clearancesOf = ({ clearances }: Person, condition: string, on: string): Clearance[] =>
  clearances.filter((one) => one.for === condition && daysBetween(one.on, on) >= 0 && lasts(one.until, on));

/** What clearances of one condition say of it: all that any of them opens. One that only orders poses says no yes. */
function clearedBy(clearances: readonly Clearance[]): Details {
  const yes = clearances.filter(({ opens, poses }) => opens ?? !poses);
  if (!yes.length) return {};
  const said = yes.flatMap(({ opens }) => (opens ? [opens] : []));
  return { cleared: true, ...(said.length ? { clearedFor: [...new Set(said.flat())] } : {}) };
}

/**
 * Conditions someone has on a date, named or known from birth and today, with details that a medical clearance on
 * file has filled in.
 */
function conditionsOf(
  person: Person,
  { on, rulebook }: Pick<StageSettings, 'on' | 'rulebook'>,
): { condition: Condition; details: Details }[] {
  const named = person.conditions.map(({ condition, details }) => ({
    condition: rulebook.condition(condition),
    details: { ...details, ...clearedBy(clearancesOf(person, condition, on)) },
  }));
  const mother = named.some(
    ({ condition, details }) =>
      condition.id === 'pregnancy' ||
      condition.id === 'complicated-pregnancy' ||
      (condition.id === 'after-birth' &&
        (typeof details.gaveBirth !== 'string' ||
          daysBetween(details.gaveBirth, on) < WEEKS_AFTER_BIRTH * 7)),
  );
  const inherent = rulebook.conditions.filter(
    (condition) =>
      (condition.inherent?.(person, on) ||
        (condition.id === 'menstruation' && person.today.bleeding === true && !mother)) &&
      !named.some((entry) => entry.condition === condition),
  );
  return [...named, ...inherent.map((condition) => ({ condition, details: {} }))];
}

/**
 * Works out what someone's conditions mean on a date, and which rules are then in force.
 *
 * Conditions known from the date of birth (children, older adults) need not be named. A medical clearance
 * lifts only the condition or the rule that it names.
 */
export function stagePerson(person: Person, settings: StageSettings): StagedPerson {
  const { on, houseView, rulebook, hall = NO_HALL_RULES, poseName } = settings;
  const entries = conditionsOf(person, settings);
  const ids = new Set(entries.map(({ condition }) => condition.id));
  const own = ownRulesOf(hall);
  const rules: ActiveRule[] = [];
  const elsewhere: ActiveRule[] = [];
  const alerts: Alert[] = [];
  const stages: { condition: string; name: string; label: string }[] = [];
  let waits = false;
  const enforce = (
    list: readonly Rule[],
    facts: Stage['facts'],
    condition: string,
    sides?: readonly LimbSide[],
  ): void => {
    for (const rule of list) {
      if (!holds(facts, rule.when)) continue;
      const to = inView(rule, houseView) ? rules : elsewhere;
      for (const active of asTheHallHasIt(rule, hall))
        to.push({ rule: active, condition, ...(sides ? { sides } : {}) });
    }
  };
  for (const { condition, details } of entries) {
    const stage = condition.stage({ details, person, on });
    waits ||= stage.facts.waiting === 'recent' || stage.facts.waiting === 'old';
    stages.push({ condition: condition.id, name: condition.name, label: stage.label });
    // Where anyone may start slowly, a missing clearance is a question; what must not practise still must not.
    alerts.push(
      ...stage.alerts.map((alert): Alert =>
        alert.kind === 'clearance' && houseView['who-may-start'] === 'anyone-slowly'
          ? { ...alert, kind: 'ask' }
          : alert,
      ),
    );
    const measured = measuredRules(condition, details);
    const ordered = orderedFor(person, condition, settings, alerts);
    const inForce = condition.rules
      .filter(({ id }) => !measured.some(({ inPlaceOf }) => inPlaceOf === id))
      .map((rule) => (rule.unlessOrdered && ordered.length ? exceptFor(rule, ordered) : rule));
    enforce(inForce, stage.facts, condition.id, stage.sides);
    for (const { rule } of measured)
      rules.push({ rule, condition: condition.id, ...(stage.sides ? { sides: stage.sides } : {}) });
    for (const { rule } of own.filter((one) => one.condition === condition.id))
      rules.push({ rule, condition: condition.id });
  }
  const { today } = person;
  const abilities = abilitiesOf(person, on, rulebook.norms, waits);
  const facts: Record<string, Fact> = abilityFacts(person, abilities);
  for (const [key, value] of Object.entries(today))
    if (typeof value === 'number' || typeof value === 'boolean') facts[key] = value;
  enforce(rulebook.todayRules, facts, 'today');
  rules.push(...painRules(today));
  enforce(rulebook.abilityRules, facts, ABILITY);
  for (const rule of abilityRules(abilities, person, rulebook.sources))
    rules.push({ rule, condition: ABILITY });
  enforce(rulebook.viewRules, facts, 'view');
  for (const [range, degrees] of Object.entries(person.ranges))
    for (const rule of rangeRules(range, degrees)) rules.push({ rule, condition: 'own-limits' });
  person.limits.forEach((limit, i) => {
    if (lasts(limit.until, on))
      rules.push({
        rule: limitRule(limit, i, rulebook),
        condition: 'own-limits',
        sides: limbsOfSide(limit.side),
      });
  });

  alerts.push(...assumedAlerts(abilities, person));
  alerts.unshift(...todaysStops(person, entries, on, rulebook));
  if (today.painAt?.length)
    alerts.push({
      kind: 'stage',
      text: `Hurts today: ${today.painAt.map(sayPlace).join(', ')}.`,
    });
  if (today.news) alerts.push({ kind: 'ask', text: `New: ${today.news}` });
  if ((today.pain ?? 0) >= 7)
    alerts.push({
      kind: 'ask',
      text: `Pain ${today.pain} of 10 today: gentle only. New, at night, with fever or after a fall: refer.`,
    });
  const stale = testsToRepeat(person, on);
  if (stale.length)
    alerts.push({ kind: 'ask', text: `Test again, more than a year ago: ${stale.join('; ')}.` });
  if (ids.has('pregnancy') && ids.has('after-birth'))
    alerts.push({
      kind: 'ask',
      text: 'Both pregnant and after birth are entered: ask which holds. Both sets of rules are kept until then.',
    });
  for (const conflict of rulebook.conflicts)
    if (conflict.between.every((id) => ids.has(id)))
      alerts.push({ kind: 'conflict', text: conflictText(conflict, poseName) });
  for (const { rule } of rules) {
    if (rule.changed?.how === 'loosened' && rule.level === 'watch')
      alerts.push({ kind: 'stage', text: rule.reason });
  }
  const lifted = liftedBy(person, settings, alerts);
  return {
    person,
    abilities,
    rulebook,
    build: buildOf(person.born === undefined ? undefined : ageOn(person.born, on)),
    rules: rules.filter(({ rule }) => !lifted.has(rule.id)).flatMap(asMeasured),
    elsewhere: elsewhere.filter(({ rule }) => !lifted.has(rule.id)),
    alerts,
    stages,
    stopped: alerts.some((alert) => alert.kind === 'stop'),
  };
}

/** Poses that a condition's team ordered by name; said, and what is none of the catalogue asked about. */
function orderedFor(
  person: Person,
  { id, name }: Condition,
  { on, poseName }: Pick<StageSettings, 'on' | 'poseName'>,
  alerts: Alert[],
): string[] {
  const ordered = [...new Set(clearancesOf(person, id, on).flatMap(({ poses }) => poses ?? []))];
  const known = ordered.filter((pose) => poseName(pose) !== pose);
  if (known.length)
    alerts.push({
      kind: 'stage',
      text: `${name}: ordered by the team, and so not held back: ${known
        .map((pose) => poseName(pose).toLowerCase())
        .join(', ')}.`,
    });
  for (const pose of ordered.filter((one) => !known.includes(one)))
    alerts.push({ kind: 'ask', text: `${name}: no pose is called ${pose}. Ask what the team ordered.` });
  return known;
}

/** A rule that leaves these poses alone. */
const exceptFor = (rule: Rule, poses: readonly string[]): Rule => ({
  ...rule,
  all: [...rule.all, { poseNot: poses }],
});

/** Rules that a medical clearance names; each is said, so that nobody is surprised. */
function liftedBy(
  person: Person,
  { on, rulebook }: Pick<StageSettings, 'on' | 'rulebook'>,
  alerts: Alert[],
): Set<string> {
  const lifted = new Set<string>();
  for (const clearance of person.clearances) {
    const known = rulebook.rule(clearance.for);
    if (!known || daysBetween(clearance.on, on) < 0 || !lasts(clearance.until, on)) continue;
    lifted.add(clearance.for);
    alerts.push({
      kind: 'stage',
      text:
        `Medical clearance by ` +
        `${clearance.by}${clearance.until ? ` until ${spokenDate(clearance.until)}` : ''} lifts: ` +
        `${known.rule.reason}`,
    });
  }
  return lifted;
}

/** What was answered about how far a joint goes, as limits; and which rules of the condition they take the place of. */
function measuredRules(
  { id, name, fields }: Condition,
  details: Details,
): { rule: Rule; inPlaceOf: string }[] {
  return fields.flatMap(({ key, label, range }) => {
    const degrees = details[key];
    if (!range || typeof degrees !== 'number') return [];
    const rule: Rule = {
      id: `own.${id}-${key}`,
      level: 'limit',
      all: [{ measure: range.measure, over: degrees }],
      limb: 'affected',
      reason: `${name}: ${label.replace(/, degrees$/, '').toLowerCase()} ${degrees} degrees.`,
      evidence: MEASURED,
    };
    return [{ rule, inPlaceOf: `${id}.${range.inPlaceOf}` }];
  });
}

/** A rule as it is held against what is measured, see {@link within}. */
const asMeasured = ({ rule, ...active }: ActiveRule): ActiveRule[] =>
  within(rule).map((one) => ({ ...active, rule: one }));

const MEASURED = { kind: 'common-practice', source: 'measured on the person' } as const;

/** Whether a rule says how far a joint was measured to go, and nothing of what must not be. */
export const isMeasured = ({ evidence }: Rule): boolean => evidence === MEASURED;

/**
 * So many degrees beyond its own range a joint's neighbours go along in everyday moving, and what that asks of them is
 * judged there: nobody with a hip of 85 degrees is kept off a chair. Common practice, no published source.
 */
const NEIGHBOURS_GIVE: Readonly<Record<string, number>> = {
  hipFlexion: 15,
  shoulderFlexion: 10,
  ankleFlexion: 10,
};

/** A person's own measured range: a watch where its neighbours go along, and a limit beyond that. */
function rangeRules(range: string, degrees: number): Rule[] {
  const measure = range as 'neckFlexion';
  const gives = NEIGHBOURS_GIVE[range.replace(/(Right|Left)$/, '')];
  const reason = `Own range: ${range.replace(/([A-Z])/g, ' $1').toLowerCase()} to ${degrees} degrees.`;
  const limit: Rule = {
    id: `own.${range}`,
    level: 'limit',
    all: [{ measure, over: degrees + (gives ?? 0) }],
    said: degrees,
    reason,
    evidence: MEASURED,
  };
  if (gives === undefined) return [limit];
  return [
    limit,
    {
      id: `own.${range}-goes-along`,
      level: 'watch',
      all: [
        { measure, over: degrees },
        { measure, under: degrees + gives },
      ],
      cue: 'Only as far as it goes by itself; what lies next to it goes along.',
      reason,
      evidence: MEASURED,
    },
  ];
}

/** A person's own limit as a rule. */
function limitRule({ kind: id, side, most, by, until, why }: OwnLimit, i: number, rulebook: Rulebook): Rule {
  const kind = rulebook.limitKinds[id]!;
  return {
    id: `own.limit-${i + 1}-${id}`,
    level: 'limit',
    all: kind.bound(most ?? 0),
    ...(kind.sided ? { limb: 'affected' as const } : {}),
    reason:
      `Personal limit: ` +
      `${side ? `${side}: ` : ''}${kind.says}${kind.unit ? ` ${most} ${kind.unit}` : ''}${why ? `, ${why}` : ''}.`,
    evidence: {
      kind: 'common-practice',
      source: `set by ${by}${until ? `, until ${spokenDate(until)}` : ''}`,
    },
  };
}
