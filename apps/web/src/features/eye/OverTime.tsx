import { eyeOverTime, type EyeAnswer, type EyeInMonth } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { Chart } from '../../domain/charts/Chart.js';
import { eyeChart, inMonths, share } from './eyeChart.js';

/** What was seen, missed and done too much of: month by month, and by what the cases were about. */
export function OverTime({ answers }: { answers: readonly EyeAnswer[] }) {
  const months = useMemo(() => inMonths(answers), [answers]);
  const kinds = useMemo(() => [...eyeOverTime(answers)], [answers]);
  const option = useMemo(() => eyeChart(months), [months]);
  if (!answers.length) return null;
  return (
    <>
      {months.length > 1 && (
        <Chart
          title="Over time"
          says="Of all steps in percent: full, what was missed or not enough; dashed, what was more than needed."
          option={option}
          heads={['Month', 'Steps', 'As the fitting', 'Missed', 'Not enough', 'More than needed']}
          rows={months.map(rowOf)}
          file="teachers-eye"
        />
      )}
      <section aria-labelledby="kinds">
        <h2 id="kinds" className="text-xl">
          By what the cases were about
        </h2>
        <div tabIndex={0} role="region" aria-labelledby="kinds" className="overflow-x-auto">
          <table className="w-full max-w-3xl text-left tabular-nums">
            <thead>
              <tr className="border-b border-line text-sm text-soft">
                {[
                  'About',
                  'Steps',
                  'As the fitting',
                  'Missed',
                  'Not enough',
                  'More than needed',
                  'Lately',
                ].map((head) => (
                  <th key={head} scope="col" className="py-2 pr-4 font-semibold">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {kinds
                .map(([kind, list]) => ({ kind, list, sum: summed(list) }))
                .sort((a, b) => wrong(b.sum) - wrong(a.sum))
                .map(({ kind, list, sum }) => (
                  <tr key={kind} className="border-b border-line last:border-0">
                    <th scope="row" className="py-1.5 pr-4 font-normal">
                      {RULEBOOK.conditionName(kind)}
                    </th>
                    {[
                      sum.steps,
                      sum.counts.right,
                      sum.counts.missed,
                      sum.counts['not-enough'],
                      sum.counts['too-much'],
                    ].map((value, i) => (
                      <td key={i} className="py-1.5 pr-4">
                        {value}
                      </td>
                    ))}
                    <td className="py-1.5 pr-4">
                      {list.length > 1 ? `${share(list.at(-1)!, 'right')} % right` : ''}
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </div>
      </section>
    </>
  );
}

const rowOf = ({ month, steps, counts }: EyeInMonth): string[] => [
  month,
  ...[steps, counts.right, counts.missed, counts['not-enough'], counts['too-much']].map(String),
];

const wrong = ({ steps, counts }: Pick<EyeInMonth, 'steps' | 'counts'>): number => steps - counts.right;

function summed(list: readonly EyeInMonth[]): Pick<EyeInMonth, 'steps' | 'counts'> {
  return list.reduce((sum, { steps, counts }) => ({
    month: '',
    steps: sum.steps + steps,
    counts: {
      right: sum.counts.right + counts.right,
      missed: sum.counts.missed + counts.missed,
      'not-enough': sum.counts['not-enough'] + counts['not-enough'],
      'too-much': sum.counts['too-much'] + counts['too-much'],
    },
  }));
}
