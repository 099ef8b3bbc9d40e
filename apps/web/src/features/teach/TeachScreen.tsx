import {
  momentsOf,
  passedIn,
  paceOf,
  plannedUntil,
  teachingClock,
  type Fitting,
  type Moment,
  type Said,
  type TimeLeft,
} from '@lotus-steady/core';
import { useCallback, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { catalogue, variantById } from '../../data/catalogue.js';
import { useClass } from '../../data/classes/useClass.js';
import { useReadHall } from '../../data/hall/useReadHall.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import type { ClassWhole } from '../../data/types.js';
import { bodiesOf, SOME_BODY } from '../../domain/fitting/bodies.js';
import { areChildren, useScripts } from '../../domain/script/useScripts.js';
import { shortNames } from '../../domain/words/say.js';
import { Page } from '../../ui/Page.js';
import { Reading } from '../../ui/states.js';
import { ChangeForOne } from './ChangeForOne.js';
import { EndOnTime } from './EndOnTime.js';
import { ForChildren } from './children/ForChildren.js';
import { ForTheClass } from './ForTheClass.js';
import { Fetch } from './Fetch.js';
import { NotAnswered } from './NotAnswered.js';
import { NowSaid } from './NowSaid.js';
import { Others } from './Others.js';
import { Pacer } from '../../domain/breath/Pacer.js';
import { Round } from './Round.js';
import { Stage } from './Stage.js';
import { StopCard } from './StopCard.js';
import { TeachBar } from './TeachBar.js';
import { TeachHead } from './TeachHead.js';
import { SIDE_WORDS } from './teachWords.js';
import { toggleFullScreen } from './toggleFullScreen.js';
import { useEndOnTime } from './useEndOnTime.js';
import { useKept } from './useKept.js';
import { useScreenOn } from '../../ui/useScreenOn.js';
import { useShown } from './useShown.js';
import { useSounds } from './useSounds.js';
import { useSwipe, useTeachingKeys, type TeachingKeys } from './useTeachingKeys.js';
import { useTeachSettings } from './useTeachSettings.js';
import { keptTeaching, useTeaching, type AtTeaching } from './useTeaching.js';

/** A class being taught, read from two metres. */
export function TeachScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const hall = useReadHall();
  if (reading.data && hall.data) return <Taught known={reading.data} pace={hall.data.pace} />;
  return (
    <Page title="Teach">
      <Reading what="Loading the class" of={reading} />
    </Page>
  );
}

/** Side by side; on a phone above the cues, where they are seen at once. */
const FIGURE_AND_BREATH =
  'grid flex-1 grid-cols-[minmax(0,1fr)_auto] grid-rows-1 items-center gap-4 max-md:order-2 max-md:h-56 ' +
  'max-md:flex-none md:min-h-48';

/** What is open over the class. */
type Open =
  | { is: 'change' | 'stop'; who?: string; where?: string | undefined }
  | { is: 'end' | 'screen' | 'games' }
  | undefined;

function Taught({ known, pace }: { known: ClassWhole; pace: unknown }) {
  const [left, setLeft] = useState<TimeLeft | null>(() => keptTeaching(known.id)?.left ?? null);
  const cut = useEndOnTime(known, left);
  const fitting: Fitting = cut.data ?? known.fitting;
  const moments = useMemo(() => momentsOf(fitting, catalogue(), paceOf(pace)), [fitting, pace]);
  const names = useMemo(() => shortNames(known.people.map(({ name }) => name)), [known.people]);
  const ids = useMemo(() => known.people.map(({ id }) => id), [known.people]);
  const people = usePeopleByIds(ids).data;
  const at = useTeaching(known.id, moments, left);
  const kept = useKept(known, ids);
  const [settings, setSettings] = useTeachSettings();
  const [open, setOpen] = useState<Open>();
  const { teaching, now } = at;
  const moment = moments[teaching.at];
  const total = useMemo(() => plannedSeconds(known.fitting, pace), [known.fitting, pace]);
  const clock = teachingClock(teaching, moments, now, total);
  // By hand the hold is begun by her, also where getting there runs already.
  const isGoing = clock.runs && (teaching.phase !== 'lead' || teaching.isSelfRunning);
  const hasGames = areChildren(people, known.on);
  const keys = useActs(
    known.id,
    at,
    { isGoing, isLast: teaching.at === moments.length - 1, hasGames },
    setOpen,
  );
  useTeachingKeys(keys);
  useScreenOn();
  const scripts = useScripts(moments, people, known.on);
  useSounds(at, moments, settings, settings.hasWords ? scripts : NO_SCRIPTS);
  const swipe = useSwipe(keys.next, keys.back);
  const close = useCallback(() => setOpen(undefined), []);
  const body = useMemo(() => groupBody(people, known.on), [people, known.on]);
  useShown(at, moments, body, settings);
  // What a picture of the screen asks for between two looks of the page.
  const latest = useRef(teaching);
  latest.current = teaching;
  const passed = useCallback(() => passedIn(latest.current, Date.now()) / 1000, []);
  if (!moment) return <NothingToTeach known={known} />;
  return (
    <div className="flex h-dvh flex-col overflow-hidden text-lg" {...swipe}>
      <title>{`Teach ${known.title} · Lotus Steady`}</title>
      <TeachHead
        known={known}
        at={at}
        moments={moments}
        clock={clock}
        settings={settings}
        onSettings={setSettings}
        isCut={left !== null && cut.data !== undefined}
        isCutting={cut.isFetching}
        problem={cut.error?.message ?? at.notNoted}
        kept={kept}
        onScreen={() => setOpen({ is: 'screen' })}
        onAgain={() => {
          setLeft(null);
          at.again();
        }}
      />
      <NotAnswered />
      <main
        className={
          'grid min-h-0 flex-1 gap-4 overflow-y-auto px-5 py-3 ' +
          (moment.differing.length || teaching.changes.length ? 'lg:grid-cols-[minmax(0,1fr)_24rem]' : '')
        }
      >
        <section aria-label="Now" className="flex min-h-0 flex-col gap-2">
          <Title moment={moment} />
          {moment.round ? (
            <Round moment={moment} phase={teaching.phase} passed={clock.passed} />
          ) : (
            <NowSaid said={settings.hasWords ? scripts[teaching.at] : undefined} names={names}>
              {moment.then ? (
                <li>Each does what suits; the others rest and follow the breath.</li>
              ) : (
                variantById(moment.step.variant).variant.cues.map((cue) => <li key={cue}>{cue}</li>)
              )}
              {!moment.then && moment.step.note && <li className="text-soft italic">{moment.step.note}</li>}
            </NowSaid>
          )}
          <div className={FIGURE_AND_BREATH}>
            <Stage
              key={`${teaching.at} ${teaching.phase === 'lead'}`}
              moment={moment}
              before={moments[teaching.at - 1]}
              phase={teaching.phase}
              runs={clock.runs}
              passed={passed}
              body={body}
            />
            <Pacer
              moment={moment}
              phase={teaching.phase}
              runs={clock.runs}
              passed={passed}
              total={moment.seconds + teaching.more / 1000}
              counting={settings.counting}
            />
          </div>
          <Fetch
            moment={teaching.phase === 'lead' ? moment : moments[teaching.at + 1]}
            names={names}
            isNow={teaching.phase === 'lead'}
          />
        </section>
        <Others
          moment={moment}
          teaching={teaching}
          names={names}
          onChange={(who) => setOpen({ is: 'change', who })}
        />
      </main>
      <TeachBar
        teaching={teaching}
        next={moments[teaching.at + 1]}
        isGoing={isGoing}
        on={keys}
        canUndo={at.undo !== undefined}
        hasGames={hasGames}
      />
      {open?.is === 'change' && (
        <ChangeForOne
          moment={moment}
          teaching={teaching}
          names={names}
          who={open.who}
          onDo={at.do}
          onStop={(who, where) => setOpen({ is: 'stop', who, where })}
          onClose={close}
        />
      )}
      {open?.is === 'stop' && (
        <StopCard
          people={known.people.map(({ id, name }) => ({ personId: id, name }))}
          known={new Map((people ?? []).map((person) => [person.id, person]))}
          who={open.who}
          where={open.where}
          step={moment.step.step}
          onDo={at.do}
          onClose={close}
        />
      )}
      {open?.is === 'games' && <ForChildren people={people ?? []} on={known.on} onClose={close} />}
      {open?.is === 'screen' && <ForTheClass onClose={close} />}
      {open?.is === 'end' && (
        <EndOnTime
          {...timeFor(at, moments, endOf(known, teaching.begun ?? now, total))}
          onCut={({ left: rest }) => {
            setLeft(rest);
            close();
          }}
          onClose={close}
        />
      )}
    </div>
  );
}

const NO_SCRIPTS: readonly Said[][] = [];

const NothingToTeach = ({ known }: { known: ClassWhole }) => (
  <Page
    title="Teach"
    up={[
      { to: '/classes', name: 'Classes' },
      { to: `/classes/${known.id}/fitting`, name: known.title },
    ]}
  >
    <p>This class has no steps yet.</p>
  </Page>
);

/** Seconds that a class is planned to take. */
const plannedSeconds = (fitting: Fitting, pace: unknown): number => {
  const moments = momentsOf(fitting, catalogue(), paceOf(pace));
  return plannedUntil(moments, moments.length);
};

/** Who begins within so long of the time of the class keeps to its time, milliseconds: half an hour. */
const KEEPS_TO_TIME = 30 * 60_000;

/** When a class is to end, ms since 1970: by its own time, or, tried at another, as long after it began as planned. */
function endOf({ on, time, fitting }: ClassWhole, begun: number, total: number): number {
  const starts = time ? new Date(`${on}T${time}`).getTime() : NaN;
  return Math.abs(begun - starts) <= KEEPS_TO_TIME
    ? starts + fitting.minutes.asked * 60_000
    : begun + total * 1000;
}

/** What comes after this step, and the time left for it. @param endsAt ms since 1970 */
function timeFor({ teaching, now }: AtTeaching, moments: readonly Moment[], endsAt: number) {
  const { step } = moments[teaching.at]!.step;
  const next = moments.findIndex((one, i) => i > teaching.at && one.step.step !== step);
  const total = plannedUntil(moments, moments.length);
  const planned = next < 0 ? 0 : total - plannedUntil(moments, next);
  const ofThis = Math.max(0, teachingClock(teaching, moments, now).toGo - planned);
  return {
    endsAt,
    planned,
    left: {
      from: moments[next]?.step.step ?? Infinity,
      seconds: Math.max(0, Math.round((endsAt - now) / 1000 - ofThis)),
    },
  };
}

/** Whose body is drawn: somebody's, or a child's where all are children. */
function groupBody(people: Parameters<typeof bodiesOf>[0], on: string) {
  const bodies = Object.values(bodiesOf(people, on));
  const [first] = bodies;
  const isChildren = first && bodies.every(({ build }) => build !== 'adult');
  const { heightCm, build } = isChildren ? first : SOME_BODY;
  return { heightCm, build };
}

/** Acts without anything beside them. */
type Plain = 'start' | 'pause' | 'next' | 'back' | 'skip' | 'repeat';

function useActs(
  id: string,
  { do: act, undo, teaching }: AtTeaching,
  { isGoing, isLast, hasGames }: { isGoing: boolean; isLast: boolean; hasGames: boolean },
  open: (is: Open) => void,
): TeachingKeys {
  const navigate = useNavigate();
  const canEnd = !isLast && teaching.begun !== undefined;
  return useMemo((): TeachingKeys => {
    const one = (name: Plain) => () => act({ act: name });
    return {
      toggle: one(isGoing ? 'pause' : 'start'),
      next: one('next'),
      back: one('back'),
      skip: one('skip'),
      repeat: one('repeat'),
      more: () => act({ act: 'more', seconds: 60 }),
      change: () => open({ is: 'change' }),
      stop: () => open({ is: 'stop' }),
      endOnTime: () => canEnd && open({ is: 'end' }),
      undo: () => undo?.(),
      games: () => hasGames && open({ is: 'games' }),
      fullScreen: () => void toggleFullScreen(),
      leave: () => void navigate(`/classes/${id}/fitting`),
    };
  }, [act, undo, isGoing, canEnd, hasGames, open, navigate, id]);
}

/** What everyone does now: the name, and the side said both ways. */
const Title = ({ moment }: { moment: Moment }) => {
  const { pose } = variantById(moment.step.variant);
  return (
    <div aria-live="polite" className="flex flex-wrap items-baseline gap-x-6">
      <h2 className="text-4xl md:text-5xl">
        {moment.round?.shapes[0]!.step.flow!.name ??
          (moment.then ? `After ${pose.name.toLowerCase()}` : pose.name)}
      </h2>
      {moment.round && (
        <span className="text-2xl">
          Round {moment.round.at} of {moment.round.shapes[0]!.step.flow!.rounds}
        </span>
      )}
      {moment.side && (
        <p className="text-xl md:text-2xl">
          <b className="font-display text-teal">{SIDE_WORDS[moment.side].theirs}</b>{' '}
          <span className="text-soft">
            {SIDE_WORDS[moment.side].yours}
            {pose.side && `; ${pose.side}`}
          </span>
        </p>
      )}
    </div>
  );
};
