import { PAIN_MATTERS, type MeasuredOverTime, type Progress } from '@lotus-steady/core';
import type { ChartOption } from '../../domain/charts/drawChart.js';
import {
  axes,
  changesAt,
  GRID,
  levelsAt,
  MARKED_MOST,
  overTimeChart,
  type Marked,
} from '../../domain/charts/overTime.js';
import type { Inks } from '../../domain/charts/useInks.js';

/** Before and after, and the band in which a change does not matter, around the mean before class. */
export const painChart =
  (pain: Progress['pain'], marked: readonly Marked[]) =>
  (inks: Inks): ChartOption => {
    const plain = pain.length > MARKED_MOST ? 0 : 6;
    const mean = pain.reduce((sum, { before }) => sum + before, 0) / pain.length;
    return {
      ...axes(inks, 10),
      series: [
        {
          type: 'line',
          name: 'before',
          data: pain.map(({ on, before }) => [on, before]),
          lineStyle: { color: inks.soft, width: 1.5, type: 'dashed' },
          itemStyle: { color: inks.soft },
          symbolSize: 5,
          showSymbol: pain.length <= MARKED_MOST,
          markArea: {
            silent: true,
            itemStyle: { color: inks['teal-wash'] },
            data: [
              [{ yAxis: Math.max(0, mean - PAIN_MATTERS) }, { yAxis: Math.min(10, mean + PAIN_MATTERS) }],
            ],
          },
          markLine: changesAt(marked, inks),
        },
        {
          type: 'line',
          name: 'after',
          data: pain.map(({ on, after, matters }) => ({
            value: [on, after],
            itemStyle: { color: matters === 'more' ? inks.clay : inks.teal },
            symbol: matters === 'more' ? 'triangle' : 'circle',
            symbolSize: matters ? 10 : plain,
          })),
          lineStyle: { color: inks.teal, width: 2.5 },
        },
      ],
    };
  };

/** Both numbers, and where stage 1 and 2 begin. */
export const pressureChart =
  (pressure: Progress['pressure'], marked: readonly Marked[]) =>
  (inks: Inks): ChartOption => ({
    ...axes(inks, undefined, 40),
    series: (['systolic', 'diastolic'] as const).map((which) => ({
      type: 'line',
      name: which,
      data: pressure.map((reading) => [reading.on, reading[which]]),
      lineStyle: { color: which === 'systolic' ? inks.teal : inks.indigo, width: 2.5 },
      itemStyle: { color: which === 'systolic' ? inks.teal : inks.indigo },
      symbolSize: 6,
      markLine: {
        ...changesAt(which === 'systolic' ? marked : [], inks),
        data: [
          ...changesAt(which === 'systolic' ? marked : [], inks).data,
          ...levelsAt(which === 'systolic' ? [130, 140] : [80, 90], inks),
        ],
      },
    })),
  });

export const effortChart =
  (effort: Progress['effort'], marked: readonly Marked[]) =>
  (inks: Inks): ChartOption => ({ ...overTimeChart(effort, marked)(inks), ...axes(inks, 10) });

/** Of those she was down for, the ones she came to, month by month. */
export const attendanceChart =
  (attendance: Progress['attendance']) =>
  (inks: Inks): ChartOption => ({
    grid: GRID,
    xAxis: {
      type: 'category',
      data: attendance.map(({ month }) => month),
      axisLabel: { color: inks.soft, fontSize: 13, hideOverlap: true },
      axisLine: { lineStyle: { color: inks.soft } },
    },
    yAxis: {
      type: 'value',
      minInterval: 1,
      axisLabel: { color: inks.soft, fontSize: 13 },
      splitLine: { lineStyle: { color: inks.line } },
    },
    series: [
      {
        type: 'bar',
        stack: 'all',
        data: attendance.map(({ came }) => came),
        itemStyle: { color: inks.teal },
      },
      {
        type: 'bar',
        stack: 'all',
        data: attendance.map(({ came, of }) => of - came),
        itemStyle: { color: 'transparent', borderColor: inks.soft, borderType: 'dashed' },
      },
    ],
  });

/** What was measured again and again, and what is usual. */
export const measuredChart =
  ({ points, usual }: Pick<MeasuredOverTime, 'points' | 'usual'>) =>
  (inks: Inks): ChartOption => ({
    ...axes(inks, usual === undefined ? undefined : Math.max(usual, ...points.map(({ value }) => value))),
    series: [
      {
        type: 'line',
        data: points.map(({ on, value }) => [on, value]),
        lineStyle: { color: inks.teal, width: 2.5 },
        itemStyle: { color: inks.teal },
        symbolSize: 8,
        ...(usual === undefined
          ? {}
          : { markLine: { silent: true, symbol: 'none', data: levelsAt([usual], inks) } }),
      },
    ],
  });

/** The next hundred: the end of an axis. */
const upTo = (value: number): number => 100 * Math.ceil((value + 1) / 100);

/** MET-minutes week by week, and what is recommended at least. */
export const activityChart =
  (activity: Progress['activity'], least: number) =>
  (inks: Inks): ChartOption => ({
    ...axes(inks, upTo(Math.max(least, ...activity.map(({ metMinutes }) => metMinutes)))),
    series: [
      {
        type: 'bar',
        barMaxWidth: 14,
        data: activity.map(({ week, metMinutes }) => [week, metMinutes]),
        itemStyle: { color: inks.teal },
        markLine: { silent: true, symbol: 'none', data: levelsAt([least], inks) },
      },
    ],
  });
