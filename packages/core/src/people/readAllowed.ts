import { isDate } from '../calendar/dates.js';
import type { Rulebook } from '../rules/rulebook.js';
import type { Side } from '../side.js';
import { OPENINGS, type Opening } from './openings.js';
import { readTables } from './readTables.js';
import type { Clearance, InputError, OwnLimit } from './types.js';

const textOf = (value: unknown): string => (typeof value === 'string' ? value.trim() : '');

/** A person's personal limits. */
export const readLimits = (
  value: unknown,
  field: string,
  errors: InputError[],
  { limitKinds }: Pick<Rulebook, 'limitKinds'>,
): OwnLimit[] =>
  readTables(value, field, errors, (raw, fail) => {
    if (typeof raw.kind !== 'string' || !Object.hasOwn(limitKinds, raw.kind)) {
      fail('kind', `There is no such limit. Known: ${Object.keys(limitKinds).join(', ')}.`);
      return undefined;
    }
    const kind = limitKinds[raw.kind]!;
    const by = textOf(raw.by);
    const why = textOf(raw.why);
    if (
      kind.unit &&
      !(typeof raw.most === 'number' && raw.most >= 0 && raw.most <= (kind.unit === 'degrees' ? 180 : 600))
    )
      fail(
        'most',
        kind.unit === 'degrees' ? 'Degrees are between 0 and 180.' : 'Seconds are between 0 and 600.',
      );
    if (
      raw.side !== undefined &&
      raw.side !== '' &&
      (!kind.sided || (raw.side !== 'right' && raw.side !== 'left'))
    )
      fail('side', kind.sided ? 'The side is right or left, or left out.' : 'This limit has no side.');
    if (!by) fail('by', 'Say who set it: the person, a physiotherapist, the teacher.');
    if (raw.until !== undefined && raw.until !== '' && !isDate(raw.until))
      fail('until', 'Until is a real date, YYYY-MM-DD.');
    return {
      kind: raw.kind,
      by,
      ...(kind.unit ? { most: raw.most as number } : {}),
      ...(raw.side ? { side: raw.side as Side } : {}),
      ...(isDate(raw.until) ? { until: raw.until } : {}),
      ...(why ? { why } : {}),
    };
  });

/** How poses are called in data. */
const POSE_ID = /^[a-z0-9]+(-[a-z0-9]+)*$/;

/** Medical clearances. Each names a condition or a rule of the rulebook. */
export const readClearances = (
  value: unknown,
  field: string,
  errors: InputError[],
  rulebook: Pick<Rulebook, 'conditions' | 'rule'>,
): Clearance[] =>
  readTables(value, field, errors, (raw, fail) => {
    const by = textOf(raw.by);
    const words = textOf(raw.words);
    const what = textOf(raw.for);
    if (!rulebook.conditions.some(({ id }) => id === what) && !rulebook.rule(what))
      fail('for', 'A medical clearance names a condition or a rule of the rulebook.');
    if (!by) fail('by', 'Say who gave it: doctor, midwife, physiotherapist, surgeon.');
    if (!isDate(raw.on)) fail('on', 'When it was given is a real date, YYYY-MM-DD.');
    if (raw.until !== undefined && raw.until !== '' && !isDate(raw.until))
      fail('until', 'Until is a real date, YYYY-MM-DD.');
    const waits = rulebook.conditions.find(({ id }) => id === what)?.hold;
    const opens = raw.opens ?? undefined;
    const isOpening = (one: unknown): one is Opening => OPENINGS.includes(one as Opening);
    if (opens !== undefined && !(Array.isArray(opens) && opens.every(isOpening)))
      fail('opens', `What a medical clearance opens is a list of: ${OPENINGS.join(', ')}.`);
    else if (opens !== undefined && !waits)
      fail('opens', 'Nothing waits for what this medical clearance is for: leave out what it opens.');
    const poses = raw.poses ?? undefined;
    const isPose = (one: unknown): one is string => typeof one === 'string' && POSE_ID.test(one);
    if (Array.isArray(poses) && !poses.length) fail('poses', 'Say which exercises they ordered.');
    else if (poses !== undefined && !(Array.isArray(poses) && poses.every(isPose)))
      fail('poses', 'What a team ordered is a list of poses by id, such as heel-raise.');
    else if (poses !== undefined && !waits)
      fail('poses', 'Nothing waits for what this medical clearance is for: leave out what was ordered.');
    return {
      for: what,
      ...(Array.isArray(opens) ? { opens: opens.filter(isOpening) } : {}),
      ...(Array.isArray(poses) ? { poses: poses.filter(isPose) } : {}),
      by,
      on: isDate(raw.on) ? raw.on : '',
      ...(isDate(raw.until) ? { until: raw.until } : {}),
      ...(words ? { words } : {}),
    };
  });
