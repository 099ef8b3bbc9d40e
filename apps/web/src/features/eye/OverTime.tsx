import { eyeOverTime, type EyeAnswer, type EyeCount } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { Chart } from '../../domain/charts/Chart.js';
import { Table } from '../../ui/Table.js';
import { eyeChart, inMonths, share } from './eyeChart.js';

/** What was seen, missed and done too much of: month by month, and by what the cases were about. */
export function OverTime({ answers }: { answers: readonly EyeAnswer[] }) {
  const months = useMemo(() => inMonths(answers), [answers]);
  const kinds = useMemo(
    () => [...eyeOverTime(answers)].sort(([, a], [, b]) => wrong(b.sum) - wrong(a.sum)),
    [answers],
  );
  const option = useMemo(() => eyeChart(months), [months]);
  if (!answers.length) return null;
  return (
    <>
      {months.length > 1 && (
        <Chart
          title="Over time"
          says="Of all steps in percent: full, what was missed or not enough; dashed, what was more than needed."
          option={option}
          heads={['Month', ...HEADS]}
          rows={months.map((month) => [month.month, ...countsOf(month).map(String)])}
          file="teachers-eye"
        />
      )}
      <section aria-labelledby="kinds">
        <h2 id="kinds" className="text-xl">
          By what the cases were about
        </h2>
        <Table
          label="By what the cases were about"
          heads={['About', ...HEADS, 'Lately']}
          rows={kinds.map(([kind, { sum, months }]) => [
            RULEBOOK.conditionName(kind),
            ...countsOf(sum),
            months.length > 1 ? `${share(months.at(-1)!, 'right')} % right` : '',
          ])}
        />
      </section>
    </>
  );
}

const HEADS = ['Steps', 'As the fitting', 'Missed', 'Not enough', 'More than needed'];

const countsOf = ({ steps, counts }: EyeCount): number[] => [
  steps,
  counts.right,
  counts.missed,
  counts['not-enough'],
  counts['too-much'],
];

/** Steps that were seen otherwise than the fitting does. */
const wrong = ({ steps, counts }: EyeCount): number => steps - counts.right;
