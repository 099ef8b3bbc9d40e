import { dateAfter } from '../calendar/dates.js';
import type { FramePerson } from './types.js';

/** A pregnancy lasts 40 weeks as it is counted. */
const TERM_WEEKS = 40;

/**
 * People of a frame as they are written down on a day.
 *
 * @example framePeople([{ name: 'Week 20', pregnantWeek: 20 }], '2026-11-30')[0].conditions
 * // [{ condition: 'pregnancy', dueDate: '2027-04-19' }]
 */
export const framePeople = (
  people: readonly FramePerson[],
  on: string,
): Readonly<Record<string, unknown>>[] =>
  people.map(({ name, years, heightCm, pregnantWeek, weeksAfterBirth, written = {}, details }) => {
    const { conditions: more = [], ...rest } = written as { conditions?: readonly unknown[] };
    const conditions = [
      ...(pregnantWeek === undefined
        ? []
        : [
            {
              condition: 'pregnancy',
              dueDate: dateAfter(on, (TERM_WEEKS - pregnantWeek) * 7),
              ...details,
            },
          ]),
      ...(weeksAfterBirth === undefined
        ? []
        : [{ condition: 'after-birth', gaveBirth: dateAfter(on, -weeksAfterBirth * 7), ...details }]),
      ...more,
    ];
    return {
      name,
      ...(years === undefined ? {} : { born: `${Number(on.slice(0, 4)) - years}-01-01` }),
      ...(heightCm === undefined ? {} : { heightCm }),
      ...rest,
      ...(conditions.length ? { conditions } : {}),
    };
  });
