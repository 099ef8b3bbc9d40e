import { CONDITIONS } from '../../catalogue/rules/index.js';
import { CONFLICTS } from '../../catalogue/rules/conflicts.js';
import { ABILITY_RULES, TODAY_RULES, VIEW_RULES } from '../../catalogue/rules/everyone.js';
import { HOUSE_VIEW_TOPICS } from '../../catalogue/houseView.js';
import { WARNING_SIGNS } from '../../catalogue/warningSigns.js';
import { fingerprint } from '../fingerprint.js';
import type { Person } from '../people/types.js';
import { dateAfter } from '../calendar/dates.js';
import type { Condition, Details, Rule } from './types.js';

/** A condition of the rulebook by id. @throws RangeError */
export function conditionById(id: string): Condition {
  const condition = CONDITIONS.find((known) => known.id === id);
  if (!condition) throw new RangeError(`No condition "${id}" in the rulebook.`);
  return condition;
}

const RULES: ReadonlyMap<string, { rule: Rule; condition: string }> = new Map([
  ...CONDITIONS.flatMap(({ id, rules }) => rules.map((rule) => [rule.id, { rule, condition: id }] as const)),
  ...TODAY_RULES.map((rule) => [rule.id, { rule, condition: 'today' }] as const),
  ...ABILITY_RULES.map((rule) => [rule.id, { rule, condition: 'own-limits' }] as const),
  ...VIEW_RULES.map((rule) => [rule.id, { rule, condition: 'view' }] as const),
]);

/** A rule of the rulebook by id, with the condition it belongs to. */
export const ruleById = (id: string): { rule: Rule; condition: string } | undefined => RULES.get(id);

const OTHER_NAMES: Readonly<Record<string, string>> = {
  today: 'Today',
  'own-limits': 'Own limits',
  view: 'Your view',
};
/** What a finding's condition is called. */
export const conditionName = (id: string): string =>
  CONDITIONS.find((condition) => condition.id === id)?.name ?? OTHER_NAMES[id] ?? id;

/** Nobody in particular, of usual height and without limits. */
export const SOMEBODY: Person = {
  name: '',
  heightCm: 165,
  can: { stand: true, floor: true, kneel: true },
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

/** Names some conditions with everything around them: a hash of their data and of what the stages come to. */
export const rulebookVersion = (conditions: readonly Condition[]): string =>
  fingerprint(
    JSON.stringify([
      conditions.map((condition) => [condition, stagesOf(condition)]),
      TODAY_RULES,
      ABILITY_RULES,
      VIEW_RULES,
      CONFLICTS,
      HOUSE_VIEW_TOPICS,
      WARNING_SIGNS,
    ]),
  );

/** Names the rules that a fitting was made with. */
export const RULEBOOK_VERSION = rulebookVersion(CONDITIONS);
