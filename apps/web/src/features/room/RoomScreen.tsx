import { packing, type Fitting, type Placed, type RoomProblem } from '@lotus-steady/core';
import { Printer, RotateCw, Undo2, WandSparkles } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useClass } from '../../data/classes/useClass.js';
import { useHall } from '../../data/hall/useHall.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { usePlaces } from '../../data/places/usePlaces.js';
import { useSession } from '../../data/session/useSession.js';
import type { ClassWhole } from '../../data/types.js';
import { StockTable } from '../../domain/stock/StockTable.js';
import { sayPeople, sayProps, sayWhen, shortNames } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import type { KeyWords } from '../../ui/keys.js';
import { Page } from '../../ui/Page.js';
import { Empty, Problem, Reading } from '../../ui/states.js';
import { Packing } from './Packing.js';
import { PlaceList } from './PlaceList.js';
import { PropsThere } from './PropsThere.js';
import { RoomPlan, type DrawnPlace } from './RoomPlan.js';
import { sayNeeds, sayProblem, sayRoom } from './placeWords.js';
import { usePlan, type Plan } from './usePlan.js';

const KEYS: readonly KeyWords[] = [
  ['Arrows', 'move the chosen place by 10 cm; with Shift by 50'],
  ['R', 'turn it'],
  ['Ctrl+Z', 'undo'],
];

/** Who is where, what lies beside them, and what must be in the room. */
export function RoomScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const places = usePlaces();
  if (reading.data && !places.isPending) return <TheRoom known={reading.data} />;
  return (
    <Page title="Room">
      <Reading what="Loading the room" of={reading} />
    </Page>
  );
}

const NOBODY: readonly Placed[] = [];

function TheRoom({ known }: { known: ClassWhole }) {
  const { id, title, fitting } = known;
  const hall = useHall();
  const { data: places = [] } = usePlaces();
  const isAssistant = useSession().hall.role === 'assistant';
  const ids = useMemo(
    () => (isAssistant ? [] : known.people.map((person) => person.id)),
    [isAssistant, known],
  );
  const people = usePeopleByIds(ids).data;
  // The database does not tell large letters from small ones in a name.
  const there = places.find(({ name }) => name.toLowerCase() === known.place?.toLowerCase());
  const stock = there && Object.keys(there.stock).length > 0 ? there.stock : undefined;
  const plan = usePlan(id, fitting, people ?? NOBODY, there?.room);
  const names = useMemo(() => namesById(known), [known]);
  const [selected, setSelected] = useState<string>();
  useUndoKey(plan.undo);
  return (
    <Page
      wide
      up={[
        { to: '/classes', name: 'Classes' },
        { to: `/classes/${id}/fitting`, name: title },
      ]}
      title="Room"
      about={`${sayWhen(known)} · ${sayPeople(known.people.length)}`}
      keys={KEYS}
      main={
        <>
          <Button onClick={plan.undo} disabled={!plan.undo}>
            <Undo2 aria-hidden size={20} />
            Undo
          </Button>
          <Button onClick={plan.layOutAgain} disabled={!plan.isByHand}>
            <WandSparkles aria-hidden size={20} />
            Lay out by itself
          </Button>
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={20} />
            Print
          </Button>
        </>
      }
    >
      {known.people.length ? (
        <div className="grid gap-x-10 gap-y-8 px-5 py-4 lg:grid-cols-[minmax(0,1fr)_24rem] print:block">
          <section aria-label="Plan" className="space-y-2 print:break-after-page">
            <Size sized={there?.room} place={known.place} />
            {plan.error && <Problem error={plan.error} />}
            <RoomPlan
              room={plan.room}
              places={drawnPlaces(plan, fitting, names)}
              selected={selected}
              onSelect={setSelected}
              {...(plan.isRead && (isAssistant || people) ? { onMove: plan.move } : {})}
            />
          </section>
          <div className="space-y-8">
            <Chosen selected={selected} plan={plan} fitting={fitting} names={names} />
            <Wrong plan={plan} names={names} onSelect={setSelected} />
            <Packing packed={packing(fitting, stock ?? hall.stock)} names={names} />
            <section className="no-print">
              <h2 className="text-xl">Props</h2>
              {stock ? (
                <PropsThere needed={fitting.room} name={there!.name} stock={stock} />
              ) : (
                <>
                  <p className="mb-3 text-soft">
                    Needed at once, at the step that needs most, beside what the hall owns. Classes are fitted
                    within it.
                  </p>
                  <StockTable needed={fitting.room} stock={hall.stock} />
                </>
              )}
            </section>
          </div>
          <section aria-label="Place by place" className="lg:col-span-2">
            <PlaceList fitting={fitting} />
          </section>
        </div>
      ) : (
        <Empty>Nobody is down for this class yet.</Empty>
      )}
    </Page>
  );
}

/** Names as short as they can be told apart, by id. */
function namesById({ people }: ClassWhole): ReadonlyMap<string, string> {
  const short = shortNames(people.map(({ name }) => name));
  return new Map(people.map(({ id, name }) => [id, short.get(name) ?? name]));
}

/** How large the room is, or that nobody has said. */
const Size = ({ sized, place }: { sized: Plan['room'] | undefined; place: string | null }) => (
  <p className="text-soft">
    {sized ? (
      <>
        {place}: {sayRoom(sized)}.{' '}
        {sized.freeWalls.length > 0 && (
          <>
            <span aria-hidden className="inline-block h-3 w-8 rounded-sm bg-wheat align-middle" /> a wall to
            lean on.
          </>
        )}
      </>
    ) : (
      <>
        Drawn as large as is needed.{' '}
        <Link to="/hall" className="no-print text-teal underline">
          Say how large {place ?? 'the place'} is
        </Link>
        <span className="no-print">, where its doors are and which walls one can lean on.</span>
      </>
    )}
  </p>
);

/** What cannot stay so; the rest is to be known: a way to the wall, somebody in the line of sight. */
const isFault = ({ kind, cm = 0 }: RoomProblem): boolean =>
  kind !== 'hidden' && (kind !== 'wall' || !Number.isFinite(cm));

function drawnPlaces(
  { spots, needs, problems }: Plan,
  { places }: Fitting,
  names: ReadonlyMap<string, string>,
): DrawnPlace[] {
  const awayFromWall = new Set(
    problems.filter(({ kind }) => kind === 'wall').map(({ personId }) => personId),
  );
  const wrong = new Set(problems.filter(isFault).map(({ personId }) => personId));
  return spots.flatMap((spot) => {
    const own = needs.find(({ personId }) => personId === spot.personId);
    const place = places.find(({ personId }) => personId === spot.personId);
    if (!own || !place) return [];
    return {
      spot,
      needs: own,
      name: names.get(spot.personId) ?? place.person,
      station: { ...place, isAway: awayFromWall.has(spot.personId) },
      // Whoever sits on a chair is drawn on it.
      beside: place.props.filter(({ prop }) => own.kind !== 'chair' || prop !== 'chair'),
      isWrong: wrong.has(spot.personId),
    };
  });
}

/** The place that was chosen: what lies there, for which step, and why it is there. */
function Chosen({
  selected,
  plan,
  fitting,
  names,
}: {
  selected: string | undefined;
  plan: Plan;
  fitting: Fitting;
  names: ReadonlyMap<string, string>;
}) {
  const spot = plan.spots.find(({ personId }) => personId === selected);
  const place = fitting.places.find(({ personId }) => personId === selected);
  const needs = plan.needs.find(({ personId }) => personId === selected);
  if (!spot || !place || !needs)
    return (
      <p className="no-print rounded-xl border border-line bg-paper p-4 text-soft">
        Drag a place, or choose it and use the arrows. All keep where they are once one was moved.
      </p>
    );
  const wrong = plan.problems.filter(({ personId }) => personId === selected);
  const isFarFromWall = wrong.some(({ kind }) => kind === 'wall');
  return (
    <section
      aria-label="The chosen place"
      className="no-print space-y-2 rounded-xl border border-line bg-paper p-4"
    >
      <div className="flex items-center justify-between gap-3">
        <h2 className="text-xl">{place.person}</h2>
        <Button
          look="quiet"
          onClick={() => plan.move({ ...spot, heading: ((spot.heading + 90) % 360) as typeof spot.heading })}
        >
          <RotateCw aria-hidden size={18} />
          Turn
        </Button>
      </div>
      {wrong.map((problem) => (
        <p key={problem.kind} className={isFault(problem) ? 'font-semibold text-clay' : 'text-soft'}>
          {sayProblem(problem, names)}
        </p>
      ))}
      {sayNeeds({ ...needs, wallSteps: isFarFromWall ? [] : needs.wallSteps }).map((words) => (
        <p key={words}>{words}</p>
      ))}
      <ul>
        {place.props.map(({ prop, count, steps }) => (
          <li key={prop}>
            {sayProps([{ prop, count }])} <span className="text-soft">step {steps.join(', ')}</span>
          </li>
        ))}
        {place.props.length === 0 && <li className="text-soft">a mat is enough</li>}
      </ul>
    </section>
  );
}

/** For whom there is no room, and what is not right. */
function Wrong({
  plan: { without, problems },
  names,
  onSelect,
}: {
  plan: Plan;
  names: ReadonlyMap<string, string>;
  onSelect: (personId: string) => void;
}) {
  if (!without.length && !problems.length) return null;
  return (
    <section>
      <h2 className="text-xl">To look at</h2>
      {without.length > 0 && (
        <p role="alert" className="font-semibold text-clay">
          The room is too small for {without.map((personId) => names.get(personId) ?? '').join(', ')}.
        </p>
      )}
      <ul>
        {problems.map((problem) => (
          <li key={`${problem.personId} ${problem.kind}`}>
            <button
              type="button"
              className="min-h-8 text-left hover:underline"
              onClick={() => onSelect(problem.personId)}
            >
              <b className={isFault(problem) ? 'text-clay' : ''}>{names.get(problem.personId)}</b>{' '}
              {sayProblem(problem, names)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function useUndoKey(undo: (() => void) | undefined): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const isTyped = event.target instanceof HTMLElement && event.target.closest('input, textarea');
      if (isTyped || event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey) || !undo) return;
      event.preventDefault();
      undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo]);
}
