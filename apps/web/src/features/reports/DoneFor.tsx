import type { PersonInReport } from '@lotus-steady/core';
import { poseName } from '../../data/catalogue.js';
import { linkCell } from './linkCell.js';
import type { Cell } from '../../ui/Table.js';
import { ReportTable } from './ReportTable.js';
import { sayHours } from './sayHours.js';

const HEADS = [
  'Person',
  'Came',
  'Hours',
  'As written',
  'Eased',
  'Swapped',
  'Rest',
  'Smaller in class',
  'Stopped',
  'Pain up after',
  'Pain down after',
  'Instead, most often',
];

/** What was done for each who was down for a class of the period. */
export const DoneFor = ({
  people,
  nameOf,
}: {
  people: readonly PersonInReport[];
  nameOf: (id: string) => string;
}) => (
  <ReportTable
    title="What was done for whom"
    about={
      'Steps of the classes each came to, as they were fitted; ' +
      'what was done smaller or stopped in class; and classes after which pain was 2 or more up or down.'
    }
    heads={HEADS}
    rows={people.map((one): Cell[] => [
      linkCell(`/people/${one.personId}`, nameOf(one.personId)),
      `${one.came} of ${one.of}`,
      { text: `${one.minutes} min`, shown: sayHours(one.minutes) },
      ...[one.given['as-written'], one.given.eased, one.given.swapped, one.given.rest],
      ...[one.smaller, one.stopped, one.painUp, one.painDown],
      sayInstead(one),
    ])}
    none="Nobody was down for a class."
    file="done-for-whom"
  />
);

const sayInstead = ({ instead }: PersonInReport): string =>
  instead
    .slice(0, 2)
    .map(({ asked, pose, times }) => `${poseName(pose)} for ${poseName(asked).toLowerCase()} (${times})`)
    .join('; ');
