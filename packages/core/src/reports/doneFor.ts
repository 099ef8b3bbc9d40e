import { PAIN_MATTERS } from '../record/types.js';
import { countEach } from './countEach.js';
import { countVerdicts } from './countVerdicts.js';
import { groupedBy } from './groupedBy.js';
import { minutesOf } from './minutesOf.js';
import type { Given, PersonInReport, RecordedClass } from './types.js';

/** So many of what was given instead are told of one person. */
const INSTEAD_MOST = 5;

/** What was done for each who was down for a class: who came most often first. */
export function doneFor(classes: readonly RecordedClass[]): PersonInReport[] {
  const all = classes.flatMap((of) => of.records.map((record) => ({ of, record })));
  return [...groupedBy(all, ({ record }) => record.personId)]
    .map(([personId, rows]): PersonInReport => {
      const came = rows.filter(({ record }) => record.came);
      const given = came.flatMap(({ of }) => of.sums?.given[personId] ?? []);
      const changes = came.flatMap(({ record }) => record.changes);
      const pain = came.flatMap(({ record: { painBefore, painAfter } }) =>
        painBefore === null || painAfter === null ? [] : [painAfter - painBefore],
      );
      return {
        ...{ personId, came: came.length, of: rows.length },
        minutes: came.reduce((sum, { of }) => sum + minutesOf(of), 0),
        given: countVerdicts(given),
        smaller: changes.filter(({ what }) => what === 'eased').length,
        stopped: changes.filter(({ what }) => what === 'stopped').length,
        painUp: pain.filter((change) => change >= PAIN_MATTERS).length,
        painDown: pain.filter((change) => change <= -PAIN_MATTERS).length,
        instead: insteadOf(given),
      };
    })
    .sort((a, b) => b.came - a.came || a.personId.localeCompare(b.personId));
}

function insteadOf(given: readonly Given[]): PersonInReport['instead'] {
  const pairs = given.filter(({ verdict }) => verdict === 'swapped' || verdict === 'rest');
  return countEach(pairs.map(({ asked, pose }) => `${asked} ${pose}`))
    .slice(0, INSTEAD_MOST)
    .map(([pair, times]) => {
      const [asked, pose] = pair.split(' ') as [string, string];
      return { asked, pose, times };
    });
}
