import { fingerprint } from '../fingerprint.js';
import type { InputError } from '../people/types.js';
import { MIDLINE_MEASURES, SIDED_MEASURES } from '../poses/measures.js';
import { isDate } from '../calendar/dates.js';
import type { Rulebook } from './rulebook.js';
import { USE_NAMES, type Bound, type Quantity, type Rule } from './types.js';

/** A limit of the rulebook that a teacher has moved, with her reason. */
export interface MovedLimit {
  rule: string;
  to: number;
  reason: string;
  by: string;
  on: string;
}
/** A rule of the teacher's own: for a condition, a limit on a measure, with her reason. */
export interface OwnRule {
  id: string;
  condition: string;
  measure: Quantity;
  over: number;
  reason: string;
  by: string;
  on: string;
}
/** What a hall changes about the rulebook. */
export interface HallRules {
  moved: readonly MovedLimit[];
  own: readonly OwnRule[];
}
export const NO_HALL_RULES: HallRules = { moved: [], own: [] };

/**
 * The bound of a rule that a teacher can move: the first that is a number of a measure, a hold or a sum,
 * and which way is tighter.
 */
export function movableBound({
  all,
}: Pick<Rule, 'all'>): { index: number; value: number; tighter: 'lower' | 'higher' } | undefined {
  for (const [index, bound] of all.entries()) {
    if ('holdOver' in bound) return { index, value: bound.holdOver, tighter: 'lower' };
    if ('over' in bound) {
      if (bound.over > 0) return { index, value: bound.over, tighter: 'lower' };
    } else if ('under' in bound) return { index, value: bound.under, tighter: 'higher' };
  }
  return undefined;
}

const withNumber = (bound: Bound, to: number): Bound => {
  if ('holdOver' in bound) return { holdOver: to };
  if ('over' in bound) return { ...bound, over: to };
  if ('under' in bound) return { ...bound, under: to };
  return bound;
};

/** Whether moving a rule's number asks less of people than the rulebook does. */
export function isLoosened(rule: Pick<Rule, 'all'> | undefined, to: number): boolean {
  const movable = rule && movableBound(rule);
  return movable !== undefined && (movable.tighter === 'lower' ? to > movable.value : to < movable.value);
}

/**
 * A rule as the hall has it: itself, or with its number moved. A loosened rule keeps the rulebook's number
 * beside it as a cue, so that every place where it decides is marked.
 */
export function asTheHallHasIt(rule: Rule, { moved }: HallRules): readonly Rule[] {
  const move = moved.find((one) => one.rule === rule.id);
  const movable = move && movableBound(rule);
  if (!move || !movable) return [rule];
  const loosened = isLoosened(rule, move.to);
  const all = rule.all.map((bound, i) =>
    i === movable.index ? withNumber(bound, move.to) : bound,
  ) as unknown as Rule['all'];
  const changed = {
    how: loosened ? ('loosened' as const) : ('tightened' as const),
    by: move.by,
    reason: move.reason,
    from: movable.value,
  };
  return [
    { ...rule, all, changed },
    ...(loosened
      ? [
          {
            ...rule,
            id: `${rule.id}.loosened`,
            level: 'watch' as const,
            changed,
            reason: `Loosened here by ${move.by}: ${move.reason} The rulebook says: ${rule.reason}`,
          },
        ]
      : []),
  ];
}

/** The hall's own rules as rules. */
export const ownRulesOf = ({ own }: HallRules): { rule: Rule; condition: string }[] =>
  own.map(({ id, condition, measure, over, reason, by }) => ({
    condition,
    rule: {
      id,
      level: 'limit',
      all: [{ measure, over }],
      reason,
      evidence: { kind: 'common-practice', source: `own rule of the hall, ${by}` },
      changed: { how: 'own', by, reason },
    },
  }));

/** Names the rules in force: the rulebook's version, and a hash of what the hall changed. */
export const rulesVersion = (hall: HallRules, { version }: Pick<Rulebook, 'version'>): string =>
  hall.moved.length + hall.own.length ? `${version}+hall.${fingerprint(JSON.stringify(hall))}` : version;

const QUANTITIES = new Set<string>([...MIDLINE_MEASURES, ...SIDED_MEASURES, ...USE_NAMES]);
const text = (value: unknown): string => (typeof value === 'string' ? value.trim() : '');
const isTable = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Checks what a hall changes. A *never* is not loosened; every change needs a reason and a name. */
export function readHallRules(
  input: unknown,
  rulebook: Pick<Rulebook, 'rule' | 'conditions'>,
): { hall: HallRules; errors: InputError[] } {
  const errors: InputError[] = [];
  const moved: MovedLimit[] = [];
  const own: OwnRule[] = [];
  const source = isTable(input) ? input : {};
  if (input !== undefined && !isTable(input))
    errors.push({ field: 'rules', message: 'A table of what the hall changes is needed.' });
  /** Goes through a list; what is no list, and entries that are no tables, are refused. */
  const each = (key: string, read: (raw: Record<string, unknown>, at: string) => unknown): void => {
    const entries = source[key] ?? [];
    if (!Array.isArray(entries)) errors.push({ field: key, message: 'A list is needed.' });
    else
      entries.forEach((raw: unknown, i) => {
        const at = `${key}[${i}]`;
        if (isTable(raw)) read(raw, at);
        else errors.push({ field: at, message: 'Each entry is a table.' });
      });
  };
  const signed = (raw: Record<string, unknown>, at: string): { reason: string; by: string; on: string } => {
    const said = { reason: text(raw.reason), by: text(raw.by), on: text(raw.on) };
    if (said.reason.length < 5) errors.push({ field: `${at}.reason`, message: 'A reason is needed.' });
    if (!said.by) errors.push({ field: `${at}.by`, message: 'Say whose decision it is.' });
    if (!isDate(said.on))
      errors.push({ field: `${at}.on`, message: 'The day of the decision is a date, YYYY-MM-DD.' });
    return said;
  };
  each('moved', (raw, at) => {
    const known = rulebook.rule(text(raw.rule));
    const movable = known && movableBound(known.rule);
    const to = raw.to;
    if (!known)
      return errors.push({ field: `${at}.rule`, message: 'There is no such rule in the rulebook.' });
    if (!movable) return errors.push({ field: `${at}.to`, message: 'This rule has no number to move.' });
    if (typeof to !== 'number' || !Number.isFinite(to) || to < 0 || to === movable.value)
      return errors.push({
        field: `${at}.to`,
        message: `A number of 0 or more, other than ${movable.value}.`,
      });
    const move: MovedLimit = { rule: known.rule.id, to, ...signed(raw, at) };
    if (known.rule.level === 'never' && isLoosened(known.rule, to))
      return errors.push({
        field: `${at}.to`,
        message: 'A never is not loosened; only a medical clearance that names it opens it.',
      });
    if (moved.some((other) => other.rule === move.rule))
      return errors.push({ field: `${at}.rule`, message: 'This rule is moved twice.' });
    return moved.push(move);
  });
  each('own', (raw, at) => {
    const id = text(raw.id);
    if (!rulebook.conditions.some((condition) => condition.id === text(raw.condition)))
      return errors.push({
        field: `${at}.condition`,
        message: 'There is no such condition in the rulebook.',
      });
    if (!QUANTITIES.has(text(raw.measure)))
      return errors.push({ field: `${at}.measure`, message: 'There is no such measure.' });
    if (typeof raw.over !== 'number' || !Number.isFinite(raw.over) || raw.over < 0)
      return errors.push({ field: `${at}.over`, message: 'The limit is a number of 0 or more.' });
    if (!/^hall\.[a-z0-9-]+$/.test(id) || own.some((other) => other.id === id))
      return errors.push({
        field: `${at}.id`,
        message: 'An own rule has a name of its own that begins with "hall.".',
      });
    return own.push({
      id,
      condition: text(raw.condition),
      measure: text(raw.measure) as Quantity,
      over: raw.over,
      ...signed(raw, at),
    });
  });
  return { hall: { moved, own }, errors };
}
