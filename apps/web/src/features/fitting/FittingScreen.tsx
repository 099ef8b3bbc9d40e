import { useMemo, useState } from 'react';
import { GraduationCap, LayoutGrid, NotebookPen, NotebookText, Pencil, Printer, Trash2 } from 'lucide-react';
import { useNavigate } from 'react-router';
import { useClass, useDeleteClass, usePeople, type ClassWhole } from '../../api/queries.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { sayDate } from '../../ui/say.js';
import { Problem, Reading } from '../../ui/states.js';
import { bodiesOf } from './bodies.js';
import { FittingView } from './FittingView.js';
import { PlanToolbar } from './PlanToolbar.js';
import { Recheck } from './Recheck.js';
import { useLatest } from './useLatest.js';
import { useLivePlan } from './useLivePlan.js';

/** A kept class with its fitting, as it was made until something is changed. */
export function FittingScreen({ id }: { id: string }) {
  // An edit drops what was read of the class: this screen goes on from what it opened with.
  const [opened, setOpened] = useState<ClassWhole>();
  const reading = useClass(id, !opened);
  const { data: read } = reading;
  const data = opened ?? read;
  if (read && !opened) setOpened(read);
  if (!data)
    return (
      <Page title="Fitting">
        <Reading what="Reading the fitting" of={reading} />
      </Page>
    );
  return <Kept data={data} id={id} />;
}

function Kept({ data, id }: { data: ClassWhole; id: string }) {
  const remove = useDeleteClass();
  const navigate = useNavigate();
  return (
    <Page
      wide
      title={data.title}
      about={
        `${sayDate(data.on)}${data.time ? `, ${data.time}` : ''}${data.place ? ` · ${data.place}` : ''} ` +
        `· ${data.people.length} people`
      }
      actions={
        <>
          <ButtonLink look="main" to={`/classes/${id}/teach`}>
            <GraduationCap aria-hidden size={20} />
            Teach
          </ButtonLink>
          <ButtonLink to={`/classes/${id}/room`}>
            <LayoutGrid aria-hidden size={20} />
            Room
          </ButtonLink>
          <ButtonLink to={`/classes/${id}/handover`}>
            <NotebookText aria-hidden size={20} />
            Half a page
          </ButtonLink>
          <ButtonLink to={`/classes/${id}/after`}>
            <NotebookPen aria-hidden size={20} />
            After class
          </ButtonLink>
          <ButtonLink to={`/classes/${id}/plan`}>
            <Pencil aria-hidden size={20} />
            Change the plan
          </ButtonLink>
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={20} />
            Print
          </Button>
          <Button
            look="quiet"
            className="ml-auto"
            disabled={remove.isPending}
            onClick={() => {
              if (
                window.confirm(
                  `Remove "${data.title}" on ${sayDate(data.on)}, with its fitting and its record? This ` +
                    `cannot be undone.`,
                )
              )
                remove.mutate(id, { onSuccess: () => void navigate('/classes') });
            }}
          >
            <Trash2 aria-hidden size={20} />
            Remove
          </Button>
        </>
      }
    >
      {remove.error && <Problem error={remove.error} />}
      <LivePlan data={data} />
    </Page>
  );
}

/** What an edit draws again: all but the frame around it. */
function LivePlan({ data }: { data: ClassWhole }) {
  const people = usePeople();
  const live = useLivePlan(data);
  const handle = useLatest(live);
  const bodies = useMemo(() => bodiesOf(people.data, data.on), [people.data, data.on]);
  return (
    <>
      <Recheck id={data.id} onTake={live.takeOver} />
      <PlanToolbar live={live} />
      <FittingView fitting={live.fitting} bodies={bodies} live={handle} />
    </>
  );
}
