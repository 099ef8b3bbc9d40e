import type { InputError } from '@lotus-steady/core';
import { Printer } from 'lucide-react';
import { useReport } from '../../data/reports/useReport.js';
import { today } from '../../data/today.js';
import type { ReportAnswer } from '../../data/types.js';
import { GroupSelect } from '../../domain/groups/GroupSelect.js';
import { sayDate } from '../../domain/words/say.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { OneOf } from '../../ui/OneOf.js';
import { Page } from '../../ui/Page.js';
import { Empty, Reading } from '../../ui/states.js';
import { useAddress } from '../../ui/useAddress.js';
import { DoneFor } from './DoneFor.js';
import { NotCome } from './NotCome.js';
import { PosesChanged } from './PosesChanged.js';
import { PERIODS, periodOf, type Period, type PeriodName } from './periods.js';
import { Short } from './Short.js';
import { Taught } from './Taught.js';
import { WholeClasses } from './WholeClasses.js';

const counted = (count: number, one: string, more: string): string => `${count} ${count === 1 ? one : more}`;

/** What was done in a period, for whom, and what it took. */
export function ReportsScreen() {
  const [params, put] = useAddress();
  const period = periodOf(params, today());
  const group = params.get('group') ?? '';
  const reading = useReport({ first: period.first, last: period.last, ...(group ? { group } : {}) });
  const { data, error } = reading;
  const fields = error?.fields ?? [];
  return (
    <Page
      title="Reports"
      up={[{ to: '/classes', name: 'Classes' }]}
      about={`${sayDate(period.first)} to ${sayDate(period.last)}`}
      main={
        <Button onClick={() => window.print()}>
          <Printer aria-hidden size={20} />
          Print
        </Button>
      }
    >
      <div className="no-print mb-6 flex flex-wrap items-end gap-x-4 gap-y-3">
        <PeriodFields period={period} errors={fields} onChange={put} />
        <GroupSelect value={group} all="all groups" onChange={(id) => put({ group: id })} />
      </div>
      {fields.length === 0 && <Reading what="Looking back" of={reading} />}
      {data && (
        <div aria-busy={reading.isPlaceholderData} className={reading.isPlaceholderData ? 'opacity-60' : ''}>
          <Whole answer={data} last={period.last} />
        </div>
      )}
    </Page>
  );
}

/** A period that is asked for often, or one from a day to another. */
function PeriodFields({
  period: { name, first, last },
  errors,
  onChange,
}: {
  period: Period;
  errors: readonly InputError[];
  onChange: (changed: Record<string, string>) => void;
}) {
  const wrong = (at: string): string | undefined => errors.find(({ field }) => field === at)?.message;
  const choose = (chosen: PeriodName): void =>
    onChange(chosen === 'other' ? { period: '', first, last } : { period: chosen, first: '', last: '' });
  return (
    <>
      <OneOf label="Period" of={PERIODS} value={name} onChange={choose} />
      {name === 'other' && (
        <>
          <TextField
            label="First day"
            type="date"
            error={wrong('first')}
            value={first}
            max={last}
            onChange={({ target }) => target.value && onChange({ first: target.value, last })}
          />
          <TextField
            label="Last day"
            type="date"
            error={wrong('last')}
            value={last}
            min={first}
            onChange={({ target }) => target.value && onChange({ first, last: target.value })}
          />
        </>
      )}
    </>
  );
}

function Whole({ answer, last }: { answer: ReportAnswer; last: string }) {
  const { report, names, unrecorded, unreadable } = answer;
  const notes = [
    unrecorded && `${counted(unrecorded, 'class is', 'classes are')} not recorded and not counted here.`,
    unreadable && `${counted(unreadable, 'class', 'classes')} cannot be opened: the key is not here.`,
  ].filter(Boolean);
  const nameOf = (id: string): string => names[id] ?? 'somebody';
  return (
    <>
      {notes.length > 0 && <p className="mb-4 text-soft">{notes.join(' ')}</p>}
      {report.classes.length === 0 ? (
        <Empty action={<ButtonLink to="/classes">To the classes</ButtonLink>}>
          No class of these days is recorded. Reports are of classes after which somebody said how they were.
        </Empty>
      ) : (
        <>
          <Taught months={report.months} titles={report.titles} />
          <WholeClasses classes={report.classes} />
          <DoneFor people={report.people} nameOf={nameOf} />
          <PosesChanged poses={report.poses} />
          <Short short={report.short} />
        </>
      )}
      <NotCome people={report.notCome} nameOf={nameOf} until={last} />
    </>
  );
}
