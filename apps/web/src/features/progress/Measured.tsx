import { ageOn, measuredOverTime, sayScreening, SCREENING, type MeasuredOverTime } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { today } from '../../data/today.js';
import type { PersonVersion, PersonWhole } from '../../data/types.js';
import { Chart } from '../../domain/charts/Chart.js';
import { sayPath } from '../../domain/person/mergeWords.js';
import { sayDate } from '../../domain/words/say.js';
import { measuredChart } from './charts.js';

/** What was measured of somebody again: ranges beside what is usual, tests beside what is published. */
export function Measured({
  person,
  versions,
}: {
  person: Pick<PersonWhole, 'born' | 'sex'>;
  versions: readonly PersonVersion[];
}) {
  const measured = useMemo(
    () =>
      measuredOverTime(
        versions.flatMap(({ savedAt, written }) =>
          written
            ? {
                on: savedAt.slice(0, 10),
                ranges: written.ranges as Record<string, number>,
                screening: written.screening as Record<string, number>,
                dated:
                  (written.intake as { dated?: Record<string, { on: string }> } | undefined)?.dated ?? {},
              }
            : [],
        ),
      ).map((one) => ({ one, option: measuredChart(one) })),
    [versions],
  );
  return measured.map(({ one, option }) => (
    <Chart
      key={one.key}
      title={sayPath([one.of === 'range' ? 'ranges' : 'screening', one.key])}
      says={sayMeasured(one, person)}
      option={option}
      heads={['Date', one.of === 'range' ? 'Degrees' : 'Result']}
      rows={one.points.map(({ on, value }) => [on, `${value}`])}
      file={one.key}
    />
  ));
}

function sayMeasured(
  { key, points, usual }: MeasuredOverTime,
  { born, sex }: Pick<PersonWhole, 'born' | 'sex'>,
): string {
  const [first] = points;
  const last = points.at(-1)!;
  const went = `${first!.value} on ${sayDate(first!.on)}, ${last.value} on ${sayDate(last.on)}.`;
  if (usual !== undefined) return `${went} ${usual} degrees are usual.`;
  const test = SCREENING.find((known) => known === key);
  if (!test) return went;
  const age = born ? ageOn(born, today()) : undefined;
  return `${went} ${sayScreening(test, last.value, age, sex, RULEBOOK.norms).says}`;
}
