import { dateAfter } from '../calendar/dates.js';
import { fingerprint } from '../fingerprint.js';
import type { Norms } from '../people/norms.js';
import type { Person } from '../people/types.js';
import type { Topic } from './houseViewTypes.js';
import type { ChildBand, Condition, Conflict, LimitKind, Rule, Source, WarningSign } from './types.js';
import type { HouseView } from './houseViewTypes.js';
import type { Details } from '../people/types.js';

/** What a rulebook is made of. */
export interface RulebookData {
  conditions: readonly Condition[];
  /** Rules that come from how someone is today, what they can do, and what the house view says of everyone. */
  todayRules: readonly Rule[];
  abilityRules: readonly Rule[];
  viewRules: readonly Rule[];
  conflicts: readonly Conflict[];
  /** Topics where good teachers differ, by id. */
  houseViewTopics: Readonly<Record<string, Topic>>;
  /** By id. */
  warningSigns: Readonly<Record<string, WarningSign>>;
  /** Kinds of personal limits, by id. */
  limitKinds: Readonly<Record<string, LimitKind>>;
  childBands: readonly ChildBand[];
  /** Published work, by id. */
  sources: Readonly<Record<string, Source>>;
  /** What people of an age usually can do. */
  norms: Norms;
}

/** Conditions, rules and house view topics, and what is looked up in them. */
export interface Rulebook extends RulebookData {
  /** Names the rules: a hash of the data and of what the stages come to. */
  readonly version: string;
  /** The usual position on every topic: the most careful one that leaves a usable practice. */
  usualHouseView: HouseView;
  /** @throws RangeError for an id that is not in the rulebook */
  condition(id: string): Condition;
  /** A rule by id, with the condition it belongs to. */
  rule(id: string): { rule: Rule; condition: string } | undefined;
  /** What a finding's condition is called. */
  conditionName(id: string): string;
}

const OTHER_NAMES: Readonly<Record<string, string>> = {
  today: 'Today',
  'own-limits': 'Personal limits',
  ability: 'What she can do',
  view: 'Your view',
};

/**
 * Makes data into a rulebook.
 *
 * @example makeRulebook(RULEBOOK_DATA).condition('pregnancy').name // 'Pregnancy'
 */
export function makeRulebook(data: RulebookData): Rulebook {
  const conditions = new Map(data.conditions.map((condition) => [condition.id, condition]));
  const filed = (rules: readonly Rule[], condition: string) =>
    rules.map((rule) => [rule.id, { rule, condition }] as const);
  const rules = new Map([
    ...data.conditions.flatMap((condition) => filed(condition.rules, condition.id)),
    ...filed(data.todayRules, 'today'),
    ...filed(data.abilityRules, 'own-limits'),
    ...filed(data.viewRules, 'view'),
  ]);
  let version: string | undefined;
  return {
    ...data,
    get version() {
      return (version ??= rulebookVersion(data));
    },
    usualHouseView: Object.fromEntries(
      Object.entries(data.houseViewTopics).map(([topic, { usual }]) => [topic, usual]),
    ),
    condition(id) {
      const condition = conditions.get(id);
      if (!condition) throw new RangeError(`No condition "${id}" in the rulebook.`);
      return condition;
    },
    rule: (id) => rules.get(id),
    conditionName: (id) => conditions.get(id)?.name ?? OTHER_NAMES[id] ?? id,
  };
}

/** Nobody in particular, of usual height and without limits. */
export const SOMEBODY: Person = {
  id: '',
  name: '',
  heightCm: 165,
  can: { stand: true, kneel: true },
  ranges: {},
  conditions: [],
  screening: {},
  today: {},
  limits: [],
  clearances: [],
};

/** A day to try stages on; which one does not matter. */
const TRIAL_DAY = '2026-01-15';

/** What a condition reads out of a text of its own. */
const TRIAL_TEXTS: Readonly<Record<string, readonly string[]>> = {
  tScore: ['-1.5', '-2.6'],
  reading: ['150/92', '126/78'],
};

/**
 * Details that lead a condition into its stages: nothing known, then each field by itself with each of its
 * choices, a few dates and a few numbers, then pairs of a date and a yes. What tests, the version and the
 * rulebook page try stages with.
 */
export function trialDetails({ fields }: Condition, on = TRIAL_DAY): Details[] {
  const dates = [-7, -30, -70, -100, -200, 70, 150, 260].map((days) => dateAfter(on, days));
  const choices = fields.map((field): Details[] => {
    const values: Record<typeof field.type, readonly Details[string][]> = {
      choice: field.choices ?? [],
      boolean: [true, false],
      date: dates,
      number: [0, 1, 3, 10, 30, 45, 60],
      list: [['raised pressure']],
      text: TRIAL_TEXTS[field.key] ?? [],
    };
    return values[field.type].map((value) => ({ [field.key]: value }));
  });
  const pairs = choices.flatMap((first, i) =>
    choices.slice(i + 1).flatMap((second) => first.flatMap((a) => second.map((b) => ({ ...a, ...b })))),
  );
  return [{}, ...choices.flat(), ...pairs];
}

/** Stages of a condition over its trial details, as text: a changed stage function changes it. */
const stagesOf = (condition: Condition): string =>
  JSON.stringify(
    trialDetails(condition).map((details) => {
      const { label, facts } = condition.stage({ details, person: SOMEBODY, on: TRIAL_DAY });
      return [label, facts];
    }),
  );

/** Names a rulebook: a hash of its data and of what its stages come to. */
export const rulebookVersion = (data: RulebookData): string =>
  fingerprint(
    JSON.stringify([
      data.conditions.map((condition) => [condition, stagesOf(condition)]),
      data.todayRules,
      data.abilityRules,
      data.viewRules,
      data.conflicts,
      data.houseViewTopics,
      data.warningSigns,
      data.norms,
    ]),
  );
