import { readPeople, stagePerson, type OwnLimit, type Person, type StageSettings } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { sayDate } from '../words/say.js';

/** Someone as the core reads them; undefined where something entered no longer holds. */
export function personOf({ version: _version, ...written }: PersonLine): Person | undefined {
  const { people, errors } = readPeople([written], RULEBOOK, today());
  return errors.length ? undefined : people[0];
}

/** What someone's conditions mean today, in a few words each. */
export function stagesToday(line: PersonLine, staging: StageSettings): string[] {
  const person = personOf(line);
  return person
    ? stagePerson(person, staging).stages.map(({ name, label }) => (label ? `${name}, ${label}` : name))
    : [];
}

/** Whether someone who does not stand by themselves is known to get up, or to walk, with help. */
const standsWithHelp = ({ chair, walks }: PersonLine['can']): boolean =>
  chair !== undefined || walks !== undefined;

/** A personal limit in words: "right: arm forward and up to 120 degrees"; without its number where it has none yet. */
export function sayOwnLimit({ kind: id, side, most }: OwnLimit): string {
  const { says, unit } = RULEBOOK.limitKinds[id]!;
  return `${side ? `${side}: ` : ''}${says}${unit && most !== undefined ? ` ${most} ${unit}` : ''}`;
}

/** What someone does not do, and their own measured ranges. */
export const ownLimits = ({ can, ranges, limits }: PersonLine): string[] => [
  ...limits.map(
    (limit) =>
      `${sayOwnLimit(limit)}${limit.why ? `, ${limit.why}` : ''} ` +
      `(${limit.by}${limit.until ? `, until ${sayDate(limit.until)}` : ''})`,
  ),
  ...(can.stand ? [] : [standsWithHelp(can) ? 'stands only with help' : 'does not stand']),
  ...(can.kneel ? [] : ['no weight on the knees']),
  ...Object.entries(ranges).map(
    ([range, degrees]) => `${range.replace(/([A-Z])/g, ' $1').toLowerCase()} to ${degrees} degrees`,
  ),
];
