import { BarChart, LineChart, type BarSeriesOption, type LineSeriesOption } from 'echarts/charts';
import {
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  type GridComponentOption,
} from 'echarts/components';
import { init, use as withParts, type ComposeOption } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

// Only what our charts are made of: all of it would be three times as large.
withParts([BarChart, LineChart, GridComponent, MarkAreaComponent, MarkLineComponent, SVGRenderer]);

export type ChartOption = ComposeOption<BarSeriesOption | LineSeriesOption | GridComponentOption>;

/** A chart in an element, as large as that is. */
export interface Drawn {
  resize: () => void;
  /** As an SVG image of its own. */
  url: () => string;
  end: () => void;
}

/** Draws a chart. Nothing moves: what stands there is told in its label and in the table beside it. */
export function drawChart(element: HTMLElement, option: ChartOption): Drawn {
  const chart = init(element, undefined, { renderer: 'svg' });
  chart.setOption({ ...option, animation: false });
  return {
    resize: () => chart.resize(),
    url: () => chart.getDataURL({ type: 'svg' }),
    end: () => chart.dispose(),
  };
}
