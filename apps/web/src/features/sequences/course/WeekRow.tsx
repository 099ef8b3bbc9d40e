import { sayAsked, weekChanges, type Plan, type WeekChange, type WeekKind } from '@lotus-steady/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useHall } from '../../../data/hall/useHall.js';
import type { Course, PersonLine } from '../../../data/types.js';
import { LazyFigure } from '../../../domain/figure/LazyFigure.js';
import { nameOfStep } from '../../../domain/words/nameOfStep.js';
import { sayDate } from '../../../domain/words/say.js';
import { useSketch } from '../useSketch.js';
import { WEEK_WORDS } from './courseDays.js';
import type { PersonChange } from './useWeekChanges.js';

interface Props {
  week: Course['weeks'][number];
  day: string;
  kind: WeekKind;
  plan: Plan;
  before: Plan | undefined;
  changes: readonly PersonChange[];
  people: readonly PersonLine[];
}

const CHANGE_WORDS: Record<WeekChange['kind'], string> = {
  further: 'further',
  easier: 'easier',
  longer: 'longer',
  shorter: 'shorter',
  new: 'new',
  gone: 'left out',
};

/** So many changes are named at once; of more it is said how many. */
const NAMED_MOST = 6;

/** One week: what moves in it, what changes for whom, who does otherwise, and when it is taught. */
export function WeekRow({
  week: { week, sequenceId, source, classes },
  day,
  kind,
  plan,
  before,
  ...rest
}: Props) {
  const moved = useMemo(() => (before ? weekChanges(before.steps, plan.steps) : []), [before, plan]);
  return (
    <li className="rounded-2xl border border-line bg-paper px-5 py-4" data-week={week}>
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-lg">
          <Link to={`/sequences/${sequenceId}`} className="hover:text-teal hover:underline">
            Week {week}
          </Link>
        </h2>
        <span className="text-soft">
          {sayDate(day)} · {plan.steps.length} steps, {plan.minutes} min
        </span>
        <span className="ml-auto text-soft">
          {classes.length ? `In the diary: ${classes.map(sayDate).join(', ')}` : 'Not in the diary yet'}
        </span>
      </div>
      <p className="mt-1 font-semibold">{moved.length ? WEEK_WORDS[kind] : sayUnmoved(kind)}</p>
      {moved.length > NAMED_MOST ? (
        <details>
          <summary className="min-h-9 w-fit cursor-pointer content-center text-soft">
            {sayCounts(moved)}
          </summary>
          <Moved moved={moved} />
        </details>
      ) : (
        <Moved moved={moved} />
      )}
      <ForPeople source={source} day={day} {...rest} />
    </li>
  );
}

function Moved({ moved }: { moved: readonly WeekChange[] }) {
  return (
    <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-2 empty:hidden">
      {moved.map(({ kind, step }) => (
        <li key={`${kind} ${step.number} ${step.variant.id}`} className="flex items-center gap-2">
          <LazyFigure variant={step.variant.id} width={48} height={38} className="w-12" decorative />
          <span>
            {nameOfStep(step)}
            <span className="block text-sm text-soft">
              {CHANGE_WORDS[kind]}
              {kind === 'gone' ? '' : `: ${sayAsked(step.hold)}`}
            </span>
          </span>
        </li>
      ))}
    </ul>
  );
}

/** How many steps change in each way: "22 shorter, 1 longer". */
const sayCounts = (moved: readonly WeekChange[]): string =>
  Object.entries(CHANGE_WORDS)
    .map(([kind, word]) => [moved.filter((change) => change.kind === kind).length, word] as const)
    .filter(([count]) => count)
    .map(([count, word]) => `${count} ${word}`)
    .join(', ');

const sayUnmoved = (kind: WeekKind): string =>
  kind === 'first' || kind === 'again' ? WEEK_WORDS[kind] : 'As the week before';

/** What becomes other for those enrolled in this week, and how many steps each does otherwise. */
function ForPeople({
  source,
  day,
  changes,
  people,
}: Pick<Props, 'changes' | 'people'> & { source: string; day: string }) {
  const { houseView, rules, pace } = useHall();
  const written = useMemo(() => people.map(({ version: _version, ...person }) => person), [people]);
  const tried = useSketch(source, written, { on: day, houseView, hall: rules, pace }, false);
  if (!people.length) return null;
  const otherwise = (tried.data?.fitting.lanes ?? []).map(({ person, steps, alerts }) => ({
    person,
    stops: alerts.some(({ kind }) => kind === 'stop'),
    count: new Set(steps.filter(({ verdict }) => verdict !== 'as-written').map(({ step }) => step)).size,
  }));
  return (
    <div className="mt-3 space-y-1 border-t border-line pt-2">
      {changes.map(({ person, stages, begins, ends }) => (
        <p key={person}>
          <b className="text-clay">{person}</b>
          {stages.length ? ` (${stages.join('; ')})` : ''}:{' '}
          {[...begins, ...ends.map((end) => `no longer: ${end}`)].join(' ')}
        </p>
      ))}
      <p className="text-soft">
        {tried.data
          ? `Does otherwise than written: ${
              otherwise
                .filter(({ count, stops }) => count || stops)
                .map(({ person, count, stops }) =>
                  stops ? `${person} sits out` : `${person} in ${count} ${count === 1 ? 'step' : 'steps'}`,
                )
                .join(', ') || 'nobody'
            }`
          : 'Trying it on those enrolled …'}
      </p>
    </div>
  );
}
