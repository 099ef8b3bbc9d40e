import type { Taught as Sums } from '@lotus-steady/core';
import { format, parseISO } from 'date-fns';
import type { Cell } from '../../ui/Table.js';
import { ReportTable } from './ReportTable.js';
import { sayHours } from './sayHours.js';

const monthName = (month: string): string => format(parseISO(`${month}-01`), 'MMMM yyyy');

/** Hours that were taught: by month, and by what a class is called. */
export function Taught({ months, titles }: { months: readonly Sums[]; titles: readonly Sums[] }) {
  const row = (name: string, { classes, minutes, came }: Sums): Cell[] => [
    name,
    classes,
    { text: `${minutes}`, shown: sayHours(minutes) },
    came,
  ];
  const sum = (of: (one: Sums) => number): number => months.reduce((all, one) => all + of(one), 0);
  const [classes, minutes, came] = [
    sum((one) => one.classes),
    sum((one) => one.minutes),
    sum((one) => one.came),
  ];
  const heads = (what: string): string[] => [what, 'Classes', 'Taught', 'Came, in all'];
  return (
    <>
      <p className="mb-6 max-w-3xl text-lg">
        {classes} {classes === 1 ? 'class' : 'classes'}, <b>{sayHours(minutes)}</b> taught as they were
        planned, and {came} times somebody came.
      </p>
      <div className="grid grid-cols-1 gap-x-8 lg:grid-cols-2">
        <ReportTable
          title="Hours taught, by month"
          heads={heads('Month')}
          rows={months.map((one) => row(monthName(one.what), one))}
          none=""
          file="hours-by-month"
        />
        <ReportTable
          title="Hours taught, by class"
          heads={heads('Class')}
          rows={titles.map((one) => row(one.what, one))}
          none=""
          file="hours-by-class"
        />
      </div>
    </>
  );
}
