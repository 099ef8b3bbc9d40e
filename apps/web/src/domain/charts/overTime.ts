import type { ChartOption } from './drawChart.js';
import type { Inks } from './useInks.js';

/** Something that changed on a day, with its number on the charts. */
export interface Marked {
  on: string;
  says: string;
}

/** Of more points than this only those that matter are marked one by one. */
export const MARKED_MOST = 60;

export const GRID = { left: 36, right: 16, top: 24, bottom: 28 };

/** Time across, a number up. */
export const axes = (inks: Inks, max: number | undefined, min = 0) =>
  ({
    grid: GRID,
    xAxis: {
      type: 'time',
      axisLabel: { color: inks.soft, fontSize: 13, hideOverlap: true },
      axisLine: { lineStyle: { color: inks.soft } },
    },
    yAxis: {
      type: 'value',
      min,
      ...(max === undefined ? {} : { max }),
      minInterval: 1,
      axisLabel: { color: inks.soft, fontSize: 13 },
      splitLine: { lineStyle: { color: inks.line } },
    },
  }) satisfies ChartOption;

/** A line down at each change, with its number. */
export const changesAt = (marked: readonly Marked[], inks: Inks) => ({
  silent: true,
  symbol: 'none',
  lineStyle: { color: inks.indigo, type: 'dotted' as const, width: 1.5 },
  label: { color: inks.indigo, fontSize: 12, formatter: '{b}' },
  data: marked.map(({ on }, i) => ({ xAxis: on, name: `${i + 1}` })),
});

/** A level across, with its words. */
export const levelsAt = (levels: readonly number[], inks: Inks) =>
  levels.map((yAxis) => ({
    yAxis,
    name: `${yAxis}`,
    lineStyle: { color: inks.clay, type: 'dashed' as const },
    label: { color: inks.clay, position: 'insideEndTop' as const },
  }));

/** A number of each class over time, and what changed when. */
export const overTimeChart =
  (points: readonly { on: string; value: number }[], marked: readonly Marked[]) =>
  (inks: Inks): ChartOption => ({
    ...axes(inks, undefined),
    series: [
      {
        type: 'line',
        data: points.map(({ on, value }) => [on, value]),
        lineStyle: { color: inks.teal, width: 2 },
        itemStyle: { color: inks.teal },
        symbolSize: 6,
        showSymbol: points.length <= MARKED_MOST,
        markLine: changesAt(marked, inks),
      },
    ],
  });
