import { dateAfter } from '@lotus-steady/core';
import { useMemo } from 'react';
import { useClassesBetween } from '../../data/classes/useClassesBetween.js';
import { today } from '../../data/today.js';
import type { ClassLine } from '../../data/types.js';
import { sayDate } from '../../domain/words/say.js';
import { Page } from '../../ui/Page.js';
import { Reading } from '../../ui/states.js';
import { DueThisWeek } from './DueThisWeek.js';
import { FollowUps } from './FollowUps.js';
import { NextClass } from './NextClass.js';
import { ThisWeek } from './ThisWeek.js';
import { ToRecord } from './ToRecord.js';
import { Welcome } from './Welcome.js';

/** Classes of so many days back ask for their record; of so many ahead one is the next. */
const BACK = 14;
const AHEAD = 13;
/** A class that began so long ago is over, minutes. */
const OVER_AFTER = 60;

/** What is to be done today: the next class and what to know for it, records that are missing, whom to ask again. */
export function TodayScreen() {
  const reading = useClassesBetween(dateAfter(today(), -BACK), dateAfter(today(), AHEAD));
  const { data } = reading;
  const { next, missing } = useMemo(() => sorted(data ?? []), [data]);
  return (
    <Page title="Today" about={sayDate(today())}>
      <Welcome />
      <Reading what="Looking at the day" of={reading} />
      {data && (
        <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
          <div className="space-y-8">
            <NextClass next={next} />
            <DueThisWeek />
          </div>
          <div className="space-y-8">
            <ToRecord classes={missing} />
            <FollowUps />
            <ThisWeek classes={data} />
          </div>
        </div>
      )}
    </Page>
  );
}

/** The class that comes next, and those that have been and are not recorded, the last first. */
function sorted(classes: readonly ClassLine[]): { next: ClassLine | undefined; missing: ClassLine[] } {
  const isOver = ({ on, time }: ClassLine): boolean =>
    on < today() || (on === today() && time !== null && time < minutesAgo(OVER_AFTER));
  return {
    next: classes.find((one) => !isOver(one) && !one.recorded),
    missing: classes.filter((one) => isOver(one) && !one.recorded && one.people > 0).reverse(),
  };
}

/** The time so many minutes ago by this device, `HH:MM`; at midnight, of today. */
function minutesAgo(minutes: number): string {
  const now = new Date();
  const then = Math.max(0, now.getHours() * 60 + now.getMinutes() - minutes);
  const two = (number: number): string => String(number).padStart(2, '0');
  return `${two(Math.floor(then / 60))}:${two(then % 60)}`;
}
