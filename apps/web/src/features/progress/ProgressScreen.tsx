import {
  activityAdvice,
  ageOn,
  MODERATE,
  progressOf,
  type ActivityAdvice,
  type Progress,
} from '@lotus-steady/core';
import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { useProgress } from '../../data/people/useProgress.js';
import { usePersonChanges } from '../../data/people/usePersonChanges.js';
import type { PersonWhole } from '../../data/types.js';
import { Chart } from '../../domain/charts/Chart.js';
import type { Marked } from '../../domain/charts/overTime.js';
import { changeLog } from '../../domain/person/changeLog.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Empty, Reading } from '../../ui/states.js';
import { today } from '../../data/today.js';
import { HowFar } from './HowFar.js';
import { Measured } from './Measured.js';
import { activityChart, attendanceChart, effortChart, painChart, pressureChart } from './charts.js';

/** How somebody's classes were over time. */
export function ProgressScreen({ id }: { id: string }) {
  const reading = useProgress(id);
  const { data } = reading;
  return (
    <Page
      title="Progress"
      up={[
        { to: '/people', name: 'People' },
        { to: `/people/${id}`, name: data?.name ?? 'Person' },
      ]}
      main={
        <Button onClick={() => window.print()}>
          <Printer aria-hidden size={20} />
          Print
        </Button>
      }
    >
      <Reading what="Looking back" of={reading} />
      {data && <Charts person={data} />}
    </Page>
  );
}

function Charts({ person }: { person: PersonWhole }) {
  const { id, records } = person;
  const changes = usePersonChanges(id, true).data;
  const progress = useMemo(() => progressOf(records), [records]);
  const marked = useMemo((): Marked[] => {
    const first = records.at(-1)?.on ?? '';
    return changeLog(changes ?? [])
      .map(({ savedAt, says }) => ({ on: savedAt.slice(0, 10), says: says.join('; ') }))
      .filter(({ on, says }) => on >= first && says !== 'First known.')
      .reverse();
  }, [changes, records]);
  const { pain, effort, pressure, attendance, activity } = progress;
  const advice = useMemo(() => {
    const age = person.born ? ageOn(person.born, today()) : undefined;
    return activityAdvice(
      age,
      person.conditions.map(({ condition }) => condition),
    );
  }, [person]);
  // A chart is drawn again where its option is another one.
  const options = useMemo(
    () => ({
      pain: painChart(progress.pain, marked),
      pressure: pressureChart(progress.pressure, marked),
      effort: effortChart(progress.effort, marked),
      attendance: attendanceChart(progress.attendance),
      activity: activityChart(progress.activity, advice.metMinutes),
    }),
    [progress, marked, advice],
  );
  if (!attendance.length) return <Empty>No class is recorded yet.</Empty>;
  return (
    <>
      {pain.length > 1 && (
        <Chart
          title="Pain before and after class"
          says={sayPain(progress)}
          option={options.pain}
          heads={['Date', 'Before', 'After', 'Change that matters']}
          rows={pain.map(({ on, before, after, matters }) => [on, `${before}`, `${after}`, matters ?? ''])}
          file="pain"
        />
      )}
      {pressure.length > 1 && (
        <Chart
          title="Pressure after class"
          says={sayPressure(progress)}
          option={options.pressure}
          heads={['Date', 'Systolic', 'Diastolic']}
          rows={pressure.map(({ on, systolic, diastolic }) => [on, `${systolic}`, `${diastolic}`])}
          file="pressure"
        />
      )}
      {effort.length > 1 && (
        <Chart
          title="How hard it was"
          says="0 to 10, as it was said after class: 3 is moderate, 5 hard (Borg CR10)."
          option={options.effort}
          heads={['Date', 'How hard']}
          rows={effort.map(({ on, value }) => [on, `${value}`])}
          file="how-hard"
        />
      )}
      {activity.length > 1 && (
        <Chart
          title="Minutes and effort, by week"
          says={sayActivity(progress, advice)}
          option={options.activity}
          heads={['Week of', 'Minutes in shapes', 'MET-minutes']}
          rows={activity.map(({ week, minutes, metMinutes }) => [week, `${minutes}`, `${metMinutes}`])}
          file="minutes"
        />
      )}
      <HowFar far={progress.far} held={progress.held} marked={marked} />
      <Chart
        title="Attended"
        says={sayAttended(progress)}
        option={options.attendance}
        heads={['Month', 'Came', 'Down for']}
        rows={attendance.map(({ month, came, of }) => [month, `${came}`, `${of}`])}
        file="attended"
      />
      {changes && <Measured person={person} versions={changes} />}
      {marked.length > 0 && (
        <section>
          <h2 className="text-xl">What changed when</h2>
          <ol className="list-decimal pl-6">
            {marked.map(({ on, says }, i) => (
              <li key={i}>
                <b>{sayDate(on)}</b>: {says}
              </li>
            ))}
          </ol>
        </section>
      )}
    </>
  );
}

/** How much a week, and what is recommended: most shapes are light, and count in part. */
function sayActivity({ activity }: Progress, { group, says, metMinutes, source }: ActivityAdvice): string {
  const mean = (of: (one: Progress['activity'][number]) => number): number =>
    Math.round(activity.reduce((sum, one) => sum + of(one), 0) / activity.length);
  return (
    `In weeks with a class ${mean(({ minutes }) => minutes)} minutes in shapes, ` +
    `${mean((one) => one.metMinutes)} MET-minutes (Compendium of Physical Activities 2011). ` +
    `Recommended for ${group}: ${says}; from ${metMinutes} MET-minutes on (${source}). ` +
    `Most shapes are light, under ${MODERATE} METs: walking and the like count beside them.`
  );
}

function sayPain({ pain }: Progress): string {
  const less = pain.filter(({ matters }) => matters === 'less').length;
  const more = pain.filter(({ matters }) => matters === 'more').length;
  return (
    'Dashed before, full after. ' +
    `Of ${pain.length} classes pain was down by 2 or more after ${less}, up by 2 or more after ${more}. ` +
    'A change of 2 is one that matters (Farrar 2001); the band is 2 around the mean before class.'
  );
}

function sayPressure({ pressure }: Progress): string {
  const { systolic, diastolic } = pressure.at(-1)!;
  return `${pressure.length} readings, the last ${systolic}/${diastolic}. Lines: 130/80 and 140/90 (ACC/AHA 2017).`;
}

function sayAttended({ attendance }: Progress): string {
  const came = attendance.reduce((sum, month) => sum + month.came, 0);
  const of = attendance.reduce((sum, month) => sum + month.of, 0);
  const months = attendance.length;
  return `Came to ${came} of ${of} classes in ${months} ${months === 1 ? 'month' : 'months'}.`;
}
