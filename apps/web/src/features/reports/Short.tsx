import type { PropShort } from '@lotus-steady/core';
import { sayShortDate } from '../../domain/words/say.js';
import { ReportTable } from './ReportTable.js';

/** Props of which there were too few. */
export const Short = ({ short }: { short: readonly PropShort[] }) => (
  <ReportTable
    title="Props that were short"
    about="Where the hall’s stock is known and did not reach for what was planned."
    heads={['Prop', 'Classes', 'Short by, at most', 'Last']}
    rows={short.map(({ prop, classes, most, last }) => [prop, classes, most, sayShortDate(last)])}
    none="There was enough of everything that the stock is known of."
    file="props-short"
  />
);
