/** Short words to write conditions and rules with. */
import type { Breath, Level } from '../poses/types.js';
import { daysBetween } from '../calendar/dates.js';
import type {
  Alert,
  Bound,
  Condition,
  DetailField,
  Evidence,
  Quantity,
  Rule,
  RuleLevel,
  Source,
  Stage,
  StageInput,
  StageTest,
  Sum,
} from '../rules/types.js';

export { WEEKS_AFTER_BIRTH } from '../calendar/afterBirth.js';
export { ageOn, daysBetween, spokenDate } from '../calendar/dates.js';
export { dateOfWeek, dueDateFrom, gestationOn } from '../calendar/gestation.js';
export { isTooHighToPractise, isUncontrolled, parseReading, pressureClass } from '../rules/bloodPressure.js';
export type { Position, SaidWith, Topic } from '../rules/houseViewTypes.js';
export type {
  Alert,
  Bound,
  ChildBand,
  Condition,
  Conflict,
  DetailField,
  Evidence,
  LimbSide,
  LimitKind,
  Rule,
  Source,
  Stage,
  StageInput,
  StageTest,
  WarningSign,
} from '../rules/types.js';
export type { Level, Purpose } from '../poses/types.js';
export type { Norms } from '../people/norms.js';
export { USUAL_BODY, type BodyRanges } from '../body/bodyRanges.js';
export { unsteadySigns } from '../people/unsteady.js';
import type { Details } from '../people/types.js';

/** A fact of the trade. */
export const common: Evidence = { kind: 'common-practice', source: 'common practice, no published source' };
/** What published work found; `note` says how far it reaches here. */
export const citing = (id: string, { citation, found }: Source, note?: string): Evidence => ({
  kind: 'published',
  source: `${citation}, from memory${note ? `; ${note}` : ''}`,
  found,
  cite: id,
});

export const over = (measure: Quantity, most: number): Bound => ({ measure, over: most });
export const under = (measure: Quantity, least: number): Bound => ({ measure, under: least });
/** Held longer than some seconds. */
export const held = (seconds: number): Bound => ({ holdOver: seconds });
/** So many seconds added up along the class. */
export const summed = (sum: Sum, seconds: number): Bound => ({ sum, over: seconds });
export const at = (...level: Level[]): Bound => ({ level });
export const notAt = (...levels: Level[]): Bound => ({ levelNot: levels });
export const breath = (...kinds: Breath[]): Bound => ({ breath: kinds });
export const unsupported: Bound = { support: ['none'] };
export const still: Bound = { still: true };
export const changing: Bound = { levelChange: true };

export const is = (fact: string, ...values: (string | boolean)[]): StageTest => ({ fact, is: values });
export const from = (fact: string, value: number): StageTest => ({ fact, from: value });
export const below = (fact: string, value: number): StageTest => ({ fact, below: value });

type More = Partial<Omit<Rule, 'id' | 'level' | 'all' | 'reason'>>;
const ruleOf =
  (level: RuleLevel) =>
  (id: string, all: Bound | readonly [Bound, ...Bound[]], reason: string, more: More = {}): Rule => ({
    id,
    level,
    all: Array.isArray(all) ? (all as Rule['all']) : [all as Bound],
    reason,
    evidence: common,
    ...more,
  });
export const never = ruleOf('never');
export const limit = ruleOf('limit');
export const need = ruleOf('need');
export const watch = ruleOf('watch');

/**
 * A condition; its rules' ids get the condition's name in front. What is not said is plain: no details, one
 * stage.
 */
export const condition = ({
  rules,
  aliases = [],
  fields = [],
  stage = () => staged(''),
  ...rest
}: Omit<Condition, 'aliases' | 'fields' | 'stage'> &
  Partial<Pick<Condition, 'aliases' | 'fields' | 'stage'>>): Condition => ({
  ...rest,
  aliases,
  fields,
  stage,
  rules: rules.map((rule) => ({ ...rule, id: `${rest.id}.${rule.id}` })),
});

export const staged = (
  label: string,
  facts: Stage['facts'] = {},
  alerts: readonly Alert[] = [],
  more: Pick<Stage, 'sides'> = {},
): Stage => ({
  label,
  facts,
  alerts,
  ...more,
});
export const ask = (text: string): Alert => ({ kind: 'ask', text });
export const know = (text: string): Alert => ({ kind: 'stage', text });
export const stop = (text: string): Alert => ({ kind: 'stop', text });
export const clear = (text: string): Alert => ({ kind: 'clearance', text });

export const PHASE: DetailField = {
  key: 'phase',
  label: 'Phase',
  type: 'choice',
  choices: ['acute', 'settled'],
  question: 'Is it still sore and new, or has it settled?',
};
export const SIDE: DetailField = {
  key: 'side',
  label: 'Side',
  type: 'choice',
  choices: ['left', 'right', 'both'],
  question: 'Which side?',
};
export const SEVERITY: DetailField = {
  key: 'severity',
  label: 'How far',
  type: 'choice',
  choices: ['mild', 'moderate', 'severe'],
  question: 'Mild, moderate or severe?',
};
export const CLEARED: DetailField = {
  key: 'cleared',
  label: 'Medical clearance given',
  type: 'boolean',
  question: 'Has their doctor, surgeon, midwife or physiotherapist said yes to this class?',
};
export const OPERATED: DetailField = {
  key: 'operatedOn',
  label: 'Operated on',
  type: 'date',
  question: 'When was the operation?',
};
export const SINCE: DetailField = { key: 'since', label: 'Since', type: 'date', question: 'Since when?' };

/** Sides that a condition is on; not known means both. */
export const sidesOf = ({ side }: Details): Stage['sides'] => {
  if (side === 'left') return ['Left'];
  if (side === 'right') return ['Right'];
  return ['Right', 'Left'];
};

/** Whole weeks since a date among the details; undefined where it is not known or lies ahead. */
export const weeksSince = (date: Details[string] | undefined, on: string): number | undefined => {
  const days = typeof date === 'string' ? daysBetween(date, on) : -1;
  return days < 0 ? undefined : Math.floor(days / 7);
};

/** Pain of 10 from which something settled is asked about again. Common practice, no published source. */
const SORE = 7;

/** Acute or settled, with a side where there is one; not known is acute, and asked about. */
export const phased =
  (name: string, more: (input: StageInput, acute: boolean) => readonly Alert[] = () => []) =>
  (input: StageInput): Stage => {
    // Settled, but much pain today, is asked about and read as the careful one.
    const sore = input.details.phase === 'settled' && (input.person.today.pain ?? 0) >= SORE;
    const phase = input.details.phase === 'settled' && !sore ? 'settled' : 'acute';
    return staged(
      phase,
      { phase },
      [
        ...(sore
          ? [
              ask(
                `${name}: said to have settled, but pain is ${input.person.today.pain} of 10 today. ` +
                  'Read as new until you have asked.',
              ),
            ]
          : []),
        ...(input.details.phase
          ? []
          : [ask(`${name}: ask whether it is still sore and new or has settled. Read as new until then.`)]),
        ...more(input, phase === 'acute'),
      ],
      { sides: sidesOf(input.details) },
    );
  };
export const ACUTE = is('phase', 'acute');
export const SETTLED = is('phase', 'settled');

/** One stage, with a side. */
export const sided =
  (label = '') =>
  ({ details }: StageInput): Stage =>
    staged(details.side ? `${label ? `${label}, ` : ''}${String(details.side)}` : label, {}, [], {
      sides: sidesOf(details),
    });

/**
 * Weeks since an operation: `weeks` among the facts (0 while not known). Before `border` weeks without a
 * clearance the class waits.
 */
export const healing =
  (name: string, border: number, who = 'the surgical team') =>
  ({ details, on }: StageInput): Stage => {
    const weeks = weeksSince(details.operatedOn, on);
    const cleared = details.cleared === true;
    const alerts: Alert[] = [];
    if (weeks === undefined) alerts.push(ask(`${name}: ask when it was. Read as just done until then.`));
    if ((weeks ?? 0) < border && !cleared)
      alerts.push(
        clear(`${name}, under ${border} weeks: ${who} says what is allowed. Ask for it in writing.`),
      );
    return staged(
      weeks === undefined ? 'date not known' : `${weeks} weeks after`,
      { weeks: weeks ?? 0, cleared },
      alerts,
      { sides: sidesOf(details) },
    );
  };

/** The head stays level with the heart or above, and nothing turns upside down. */
export const headLevel = (why: string, more: More = {}): Rule[] => [
  limit(
    'head-down',
    over('headBelowHeart', 5),
    `${why}: the head stays level with the heart or above.`,
    more,
  ),
  limit('inverted', over('inverted', 0), `${why}: no full inversions, even where the head is level.`, more),
];
/** No held, no forced breath. */
export const freeBreath = (why: string, more: More = {}): Rule =>
  limit('breath', breath('held', 'rapid'), `${why}: the breath is never held and never forced.`, more);
/** No hopping and jumping. */
export const noJumping = (why: string, more: More = {}): Rule =>
  limit('jumping', over('jumping', 0), `${why}: step, do not jump.`, more);
/** A hand on something in every balance. */
export const handInBalance = (why: string, more: More = {}): Rule =>
  limit('balance', [over('oneLeg', 0), unsupported], `${why}: balances have a hand on something.`, more);
/** Slowly from level to level. */
export const slowRise = (
  why: string,
  cue = 'Change level slowly; pause, with a hand on something.',
  more: More = {},
): Rule => watch('rise', changing, `${why}: change level slowly.`, { cue, ...more });
/** No weight on head and neck. */
export const noNeckLoad = (why: string, level: 'limit' | 'never' = 'limit', more: More = {}): Rule =>
  ruleOf(level)('neck-load', over('neckShare', 0.1), `${why}: no weight on head or neck.`, more);
