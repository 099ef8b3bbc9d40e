import type { NotCome as Row } from '@lotus-steady/core';
import { differenceInCalendarWeeks, parseISO } from 'date-fns';
import { sayDate } from '../../domain/words/say.js';
import { linkCell } from './linkCell.js';
import type { Cell } from '../../ui/Table.js';
import { ReportTable } from './ReportTable.js';

/** Who is in the list and came to no class of the period. @param until its last day, `YYYY-MM-DD` */
export const NotCome = ({
  people,
  nameOf,
  until,
}: {
  people: readonly Row[];
  nameOf: (id: string) => string;
  until: string;
}) => (
  <ReportTable
    title="Who has not come"
    about={
      'Those who were down for most classes first. ' +
      'After a long time away the next fitting begins with less, by itself.'
    }
    heads={['Person', 'Last came', 'Weeks away', 'Was down for']}
    rows={people.map(({ personId, last, missed }): Cell[] => [
      linkCell(`/people/${personId}`, nameOf(personId)),
      last ? sayDate(last) : 'never',
      last ? differenceInCalendarWeeks(parseISO(until), parseISO(last)) : '',
      `${missed} ${missed === 1 ? 'class' : 'classes'}`,
    ])}
    none="Everybody in the list came."
    file="not-come"
  />
);
