import { eyeOverTime, type EyeAnswer, type EyeCount, type EyeInMonth, type Seen } from '@lotus-steady/core';
import type { ChartOption } from '../../domain/charts/drawChart.js';
import { axes } from '../../domain/charts/overTime.js';
import type { Inks } from '../../domain/charts/useInks.js';

/** Of a month's steps, in percent. */
export const share = ({ steps, counts }: EyeCount, seen: Seen): number =>
  Math.round((100 * counts[seen]) / steps);

/** All answers month by month, whatever they were about. */
export const inMonths = (answers: readonly EyeAnswer[]): readonly EyeInMonth[] =>
  eyeOverTime(answers.map((answer) => ({ ...answer, condition: '' }))).get('')?.months ?? [];

/** What was missed, and what was more than needed, month by month. */
export const eyeChart =
  (months: readonly EyeInMonth[]) =>
  (inks: Inks): ChartOption => ({
    ...axes(inks, 100),
    series: [
      {
        type: 'line',
        data: months.map((one) => [`${one.month}-15`, share(one, 'missed') + share(one, 'not-enough')]),
        lineStyle: { color: inks.clay, width: 2.5 },
        itemStyle: { color: inks.clay },
        symbolSize: 7,
      },
      {
        type: 'line',
        data: months.map((one) => [`${one.month}-15`, share(one, 'too-much')]),
        lineStyle: { color: inks.indigo, width: 2, type: 'dashed' },
        itemStyle: { color: inks.indigo },
        symbolSize: 6,
      },
    ],
  });
