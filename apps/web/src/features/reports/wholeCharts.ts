import type { ClassInReport, Verdict } from '@lotus-steady/core';
import type { ChartOption } from '../../domain/charts/drawChart.js';
import { axes, changesAt, overTimeChart, type Marked } from '../../domain/charts/overTime.js';
import type { Inks } from '../../domain/charts/useInks.js';

const BAR_MOST = 16;
const STACK: readonly Verdict[] = ['as-written', 'eased', 'swapped', 'rest'];

const inkOf = (verdict: Verdict, inks: Inks): string =>
  ({ 'as-written': inks.line, eased: inks.teal, swapped: inks.indigo, rest: inks.clay })[verdict];

/** All steps of all who came. */
export const stepsOf = ({ given }: ClassInReport): number =>
  STACK.reduce((sum, verdict) => sum + given[verdict], 0);
/** Of all steps, a verdict's share in percent. */
export const shareOf = (one: ClassInReport, verdict: Verdict): number =>
  stepsOf(one) ? Math.round((100 * one.given[verdict]) / stepsOf(one)) : 0;

/** Who came, and who was down for it and did not. */
export const cameChart =
  (classes: readonly ClassInReport[], marked: readonly Marked[]) =>
  (inks: Inks): ChartOption => ({
    ...axes(inks, undefined),
    series: [
      {
        ...{ type: 'bar', stack: 'all', barMaxWidth: BAR_MOST },
        data: classes.map(({ on, came }) => [on, came]),
        itemStyle: { color: inks.teal },
        markLine: changesAt(marked, inks),
      },
      {
        ...{ type: 'bar', stack: 'all', barMaxWidth: BAR_MOST },
        data: classes.map(({ on, came, of }) => [on, of - came]),
        itemStyle: { color: 'transparent', borderColor: inks.soft, borderType: 'dashed' },
      },
    ],
  });

/** What it was for those who came, in percent of all their steps: from below as written, eased, swapped, rest. */
export const givenChart =
  (classes: readonly ClassInReport[], marked: readonly Marked[]) =>
  (inks: Inks): ChartOption => ({
    ...axes(inks, 100),
    series: STACK.map((verdict, i) => ({
      ...{ type: 'bar' as const, stack: 'all', barMaxWidth: BAR_MOST },
      data: classes.filter(stepsOf).map((one) => [one.on, (100 * one.given[verdict]) / stepsOf(one)]),
      itemStyle: { color: inkOf(verdict, inks), borderColor: inks.soft, borderWidth: 0.5 },
      ...(i === 0 ? { markLine: changesAt(marked, inks) } : {}),
    })),
  });

/** Pain on the mean, before dashed and after full. */
export const meanPainChart =
  (classes: readonly ClassInReport[], marked: readonly Marked[]) =>
  (inks: Inks): ChartOption => {
    const said = classes.flatMap(({ on, pain }) => (pain ? [{ on, ...pain }] : []));
    return {
      ...axes(inks, 10),
      series: [
        {
          type: 'line',
          data: said.map(({ on, before }) => [on, before]),
          lineStyle: { color: inks.soft, width: 1.5, type: 'dashed' },
          itemStyle: { color: inks.soft },
          symbolSize: 5,
          markLine: changesAt(marked, inks),
        },
        {
          type: 'line',
          data: said.map(({ on, after }) => [on, after]),
          lineStyle: { color: inks.teal, width: 2.5 },
          itemStyle: { color: inks.teal },
          symbolSize: 6,
        },
      ],
    };
  };

/** How hard it was, on the mean. */
export const meanEffortChart =
  (classes: readonly ClassInReport[], marked: readonly Marked[]) =>
  (inks: Inks): ChartOption => ({
    ...overTimeChart(
      classes.flatMap(({ on, effort }) => (effort === undefined ? [] : [{ on, value: effort }])),
      marked,
    )(inks),
    ...axes(inks, 10),
  });
