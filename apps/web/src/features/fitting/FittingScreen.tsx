import { useMemo, useState } from 'react';
import {
  CalendarPlus,
  DoorOpen,
  GraduationCap,
  LayoutGrid,
  MessageSquareText,
  NotebookPen,
  Pencil,
  Printer,
} from 'lucide-react';
import { useClass } from '../../data/classes/useClass.js';
import { useRemoveClass } from '../../data/classes/useRemoveClass.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { useSession } from '../../data/session/useSession.js';
import type { ClassWhole } from '../../data/types.js';
import { ButtonLink } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { Page } from '../../ui/Page.js';
import { RemoveButton } from '../../ui/RemoveButton.js';
import { sayPeople, sayWhen } from '../../domain/words/say.js';
import { Problem, Reading } from '../../ui/states.js';
import { bodiesOf } from '../../domain/fitting/bodies.js';
import { FittingView } from '../../domain/fitting/FittingView.js';
import { PlanToolbar } from './PlanToolbar.js';
import { Recheck } from './Recheck.js';
import { useLivePlan } from './useLivePlan.js';
import { useLastTimes } from '../../data/classes/useLastTimes.js';
import { useRemembered } from '../../data/classes/useRemembered.js';
import { today } from '../../data/today.js';
import { LastTimes } from '../../domain/fitting/lastTimes.js';

const KEYS = [
  ['← → ↑ ↓', 'move between what people do'],
  ['Enter', 'opens the why'],
  ['Ctrl Z', 'undoes, Ctrl Shift Z does it again'],
  ['Alt ↑ or ↓', 'on a step’s handle: moves the step'],
  ['+ or −', 'on a step’s handle: a longer or shorter hold'],
  ['Delete', 'on a step’s handle: takes the step out'],
] as const;

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
        <Reading what="Loading the fitting" of={reading} />
      </Page>
    );
  return <Shown data={data} id={id} />;
}

/** Whoever plans may change it; an assistant sees what each person does, and with what. */
function Shown({ data, id }: { data: ClassWhole; id: string }) {
  const { hall } = useSession();
  return hall.role === 'assistant' ? <ForAssistant data={data} id={id} /> : <Kept data={data} id={id} />;
}

const ForAssistant = ({ data, id }: { data: ClassWhole; id: string }) => (
  <Page
    wide
    title={data.title}
    about={`${sayWhen(data)} · ${sayPeople(data.people.length)}`}
    up={[{ to: '/classes', name: 'Classes' }]}
    main={<ToRoom id={id} />}
    actions={<ToSheets id={id} />}
  >
    <FittingView fitting={data.fitting} bodies={{}} />
  </Page>
);

const ToRoom = ({ id }: { id: string }) => (
  <ButtonLink to={`/classes/${id}/room`}>
    <LayoutGrid aria-hidden size={20} />
    Room
  </ButtonLink>
);

const ToSheets = ({ id }: { id: string }) => (
  <ButtonLink to={`/classes/${id}/sheets`}>
    <Printer aria-hidden size={20} />
    Sheets
  </ButtonLink>
);

function Kept({ data, id }: { data: ClassWhole; id: string }) {
  const { remove, restore } = useRemoveClass();
  return (
    <Page
      wide
      title={data.title}
      about={`${sayWhen(data)} ` + `· ${sayPeople(data.people.length)}`}
      up={[{ to: '/classes', name: 'Classes' }]}
      keys={KEYS}
      main={
        <ButtonLink look="main" to={`/classes/${id}/teach`}>
          <GraduationCap aria-hidden size={20} />
          Teach
        </ButtonLink>
      }
      actions={
        <>
          <ButtonLink to={`/classes/${id}/door`}>
            <DoorOpen aria-hidden size={20} />
            At the door
          </ButtonLink>
          <ToRoom id={id} />
          <ToSheets id={id} />
          <ButtonLink to={`/classes/${id}/words`}>
            <MessageSquareText aria-hidden size={20} />
            Words
          </ButtonLink>
          {data.on <= today() && (
            <ButtonLink to={`/classes/${id}/after`}>
              <NotebookPen aria-hidden size={20} />
              After class
            </ButtonLink>
          )}
          <ButtonLink to={`/classes/${id}/plan`}>
            <Pencil aria-hidden size={20} />
            Change the plan
          </ButtonLink>
          <ButtonLink to={`/classes/${id}/again`}>
            <CalendarPlus aria-hidden size={20} />
            Teach it again
          </ButtonLink>
          <RemoveButton
            name={data.title}
            list="/classes"
            busy={remove.isPending}
            onRemove={(done) => remove.mutate(id, done)}
            onRestore={() => restore.mutateAsync(id)}
          />
        </>
      }
    >
      {remove.error && <Problem error={remove.error} />}
      <Planned data={data} />
    </Page>
  );
}

/** What an edit draws again: all but the frame around it. */
function Planned({ data }: { data: ClassWhole }) {
  const people = usePeopleByIds(data.people.map(({ id }) => id));
  const { data: last } = useLastTimes(data.id);
  const { data: remembered } = useRemembered(data.id);
  const { live, state, takeOver, draft } = useLivePlan(data);
  const bodies = useMemo(() => bodiesOf(people.data, data.on), [people.data, data.on]);
  return (
    <>
      <Recheck id={data.id} onTake={takeOver} />
      <div className="no-print px-5 pt-3 empty:hidden">
        <DraftNotice draft={draft} />
      </div>
      <PlanToolbar id={data.id} live={live} state={state} />
      <LastTimes of={last} remembered={remembered} people={data.people}>
        <FittingView fitting={state.fitting} bodies={bodies} live={live} />
      </LastTimes>
    </>
  );
}
