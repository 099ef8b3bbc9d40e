import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { floorVisits, type Fitting, type LaneStep } from '@lotus-steady/core';
import { GripVertical } from 'lucide-react';
import { variantById } from '../../catalogue.js';
import { createContext, memo, startTransition, useCallback, useContext, useEffect, useLayoutEffect, useMemo, useRef, useState, type KeyboardEvent as ReactKeyboardEvent, type ReactNode, type RefObject } from 'react';
import { Figure } from '../../figure/Figure.js';
import { Button } from '../../ui/Button.js';
import { sayClock, sayHold, sayProps, shortNames } from '../../ui/say.js';
import { sayWay } from '../../ui/sayWay.js';
import { VerdictMark } from '../../ui/VerdictMark.js';
import { groupLanes, steadyRows, type Group, type StepGroups } from './groupLanes.js';
import { LevelLine } from './LevelLine.js';
import { LaneGrid } from './LaneGrid.js';
import { SOME_BODY, type PersonBody } from './bodies.js';
import { Loosened } from './Loosened.js';
import { Chosen as ChosenMark } from './Chosen.js';
import { nextHold, StepTools } from './StepTools.js';
import type { LivePlan } from './useLivePlan.js';
import { WaitOut } from './WaitOut.js';
import { WhyPanel } from './WhyPanel.js';

interface Props { fitting: Fitting; bodies: Readonly<Record<string, PersonBody>>; /** Where the plan may be changed on the fitting itself. */ live?: Live }

const FIRST_ROWS = 6;

/** Which cell's why is open: someone at a step, on a side where the sides differ. */
interface Cell { step: number; person: string; sides: string }

const cellOf = (step: number, person: string, entry: LaneStep): Cell => ({ step, person, sides: entry.sides.join() });

/** What the open cell shows now; an edit may have changed it. */
function lookUp({ lanes }: Fitting, rows: readonly StepGroups[], cell: Cell | undefined): { entry: LaneStep; group: Group; step: number; person: string } | undefined {
  if (!cell) return undefined;
  const own = lanes.find(({ person }) => person === cell.person)?.steps.filter(({ step }) => step === cell.step) ?? [], entry = own.find(({ sides }) => sides.join() === cell.sides) ?? own[0];
  const row = rows.find(({ step }) => step.step === cell.step), group = row && entry && [row.written, ...row.differing].find((one) => one?.people.some(({ name, entry: own }) => name === cell.person && own.sides.join() === entry.sides.join()));
  return group && entry ? { entry, group, step: cell.step, person: cell.person } : undefined;
}

/**
 * The fitting at real size: the level line, the asked figure, *as written* once, and a tile for each
 * different version with its people. Arrow keys move, Enter opens the why, Escape closes it.
 */
export const FittingView = memo(function FittingView({ fitting, bodies, live }: Props) {
  const [cell, setCell] = useState<Cell>(), [whole, setWhole] = useState(false), body = useRef<HTMLDivElement>(null);
  const rows = useSteadyRows(fitting), people = fitting.lanes.map((lane) => lane.person).join('\n'), names = useMemo(() => shortNames(people.split('\n')), [people]), chosen = lookUp(fitting, rows, cell), starts = useMemo(() => fitting.steps.map(({ start }) => start), [fitting]);
  // What fits on a first screen is there at once; the figures further down follow without holding it up.
  const [shown, setShown] = useState(FIRST_ROWS);
  useEffect(() => startTransition(() => setShown(Infinity)), []);
  const atRest = useAtRest(shown === Infinity, body);
  useUndoKeys(live);
  const open = useCallback((step: number, group: Group): void => setCell(cellOf(step, group.people[0]!.name, group.people[0]!.entry)), []);
  const close = (): void => {
    const at = chosen && body.current?.querySelector<HTMLElement>(`[data-cell][aria-expanded=true]`);
    setCell(undefined);
    at?.focus();
  };
  return (
    <div className={`grid ${chosen ? 'xl:grid-cols-[minmax(0,1fr)_20.5rem] print:grid-cols-1' : ''}`} onKeyDown={(event) => { if (event.key === 'Escape' && chosen) close(); }}>
      <div ref={body} onKeyDown={moveBetweenCells} className="min-w-0">
        <BeforeClass fitting={fitting} names={names} live={live}>
          <Button look="quiet" className="no-print -ml-2 px-2" aria-pressed={whole} onClick={() => { setWhole(!whole); setCell(undefined); }}>{whole ? 'Only who differs' : 'Everyone, step by step'}</Button>
        </BeforeClass>
        {whole ? <LaneGrid fitting={fitting} names={names} onOpen={(step, person, entry) => setCell(cellOf(step, person, entry))} />
          : <Starts value={starts}><Steps of={rows.length} live={live} atRest={atRest}>{rows.slice(0, shown).map((row, i) => <StepRow key={row.step.step} row={row} at={i} above={rows[i - 1]?.step} below={rows[i + 1]?.step} of={rows.length} live={live} names={names} chosen={chosen?.step === row.step.step ? chosen.group.key : undefined} onOpen={open} />)}</Steps></Starts>}
      </div>
      {chosen && (
        <aside aria-label="Why" className="no-print fixed inset-y-0 right-0 z-20 w-[min(24rem,100vw)] border-l border-line bg-paper shadow-xl xl:sticky xl:top-0 xl:z-auto xl:h-screen xl:w-auto xl:shadow-none">
          <WhyPanel person={chosen.person} entry={chosen.entry} others={chosen.group.people.map(({ name }) => name)} {...(bodies[chosen.person] ?? SOME_BODY)} onClose={close}
            onPerson={(person) => setCell(cellOf(chosen.step, person, chosen.group.people.find(({ name }) => name === person)!.entry))}
            {...(live ? { onOverride: (override) => live.current?.choose((choices) => ({ ...choices, overrides: [...choices.overrides.filter((one) => one.person !== chosen.person || one.step !== chosen.step), ...(override ? [override] : [])] })) } : {})} />
        </aside>
      )}
    </div>
  );
});

/** Whether everything has been drawn once at the width it has: true a moment later, and not while the width changes. */
function useAtRest(drawn: boolean, within: RefObject<HTMLElement | null>): boolean {
  const [atRest, setAtRest] = useState(false);
  useEffect(() => {
    if (!drawn || !within.current) return;
    let width = -1, soon: ReturnType<typeof setTimeout> | undefined;
    const watch = new ResizeObserver(([seen]) => {
      if (seen!.contentRect.width === width) return;
      width = seen!.contentRect.width;
      setAtRest(false);
      clearTimeout(soon);
      soon = setTimeout(() => setAtRest(true), 300);
    });
    watch.observe(within.current);
    return () => { clearTimeout(soon); watch.disconnect(); };
  }, [drawn, within]);
  return atRest;
}

/** When each step begins, seconds: an edit moves all that come after it, and only the times are drawn again. */
const Starts = createContext<readonly number[]>([]);
const Start = ({ at }: { at: number }) => sayClock(useContext(Starts)[at] ?? 0);

/** Rows that keep their identity while nothing of them is drawn otherwise. */
function useSteadyRows(fitting: Fitting): readonly StepGroups[] {
  const before = useRef<readonly StepGroups[]>([]), rows = useMemo(() => steadyRows(before.current, groupLanes(fitting)), [fitting]);
  useEffect(() => { before.current = rows; }, [rows]);
  return rows;
}

/** Where the plan as it is now can be read and changed, without whoever holds it being drawn again at every edit. */
export type Live = Readonly<RefObject<LivePlan | undefined>>;

export function useLatest(live: LivePlan): Live {
  const latest = useRef<LivePlan | undefined>(live);
  useLayoutEffect(() => { latest.current = live; });
  return latest;
}

/** How a step is taken hold of; the same objects every time, or every row would be drawn again with them. */
const BY_HAND = { activationConstraint: { distance: 6 } }, BY_KEY = { coordinateGetter: sortableKeyboardCoordinates };

/**
 * The steps in order; where they may be changed, each can be taken by its handle and put elsewhere. `atRest`: every row has been
 * drawn once and its height is known, so that rows out of sight need not be laid out and painted at every edit.
 */
function Steps({ of, live, atRest, children }: { of: number; live?: Live; atRest: boolean; children: ReactNode }) {
  const items = useMemo(() => Array.from({ length: of }, (_, i) => i + 1), [of]);
  const sensors = useSensors(useSensor(PointerSensor, BY_HAND), useSensor(KeyboardSensor, BY_KEY));
  const list = <ol className={atRest ? '*:[content-visibility:auto] print:*:[content-visibility:visible]' : ''}>{children}</ol>;
  if (!live) return list;
  const dropped = ({ active, over }: DragEndEvent): void => {
    const step = Number(active.id), onto = Number(over?.id);
    if (over && step !== onto) live.current?.edit({ kind: 'move', step, after: onto > step ? onto : onto - 1 });
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={items} strategy={verticalListSortingStrategy}>{list}</SortableContext>
    </DndContext>
  );
}

/** Ctrl+Z and Ctrl+Shift+Z, wherever nothing is being typed. */
function useUndoKeys(live: Live | undefined): void {
  useEffect(() => {
    if (!live) return;
    const onKey = (event: KeyboardEvent): void => {
      const typing = (event.target as HTMLElement).closest('input:not([type=checkbox]), textarea, select');
      if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      if (event.shiftKey) live.current?.redo(); else live.current?.undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [live]);
}

/** Left and right within a step, up and down between steps; the cell nearest in its row is taken. */
function moveBetweenCells(event: ReactKeyboardEvent<HTMLElement>): void {
  const step = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowDown: [1, 0], ArrowUp: [-1, 0] }[event.key], cell = (event.target as HTMLElement).closest<HTMLElement>('[data-cell]');
  if (!step || !cell) return;
  event.preventDefault();
  const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-row]')].map((row) => [...row.querySelectorAll<HTMLElement>('[data-cell]')]).filter((row) => row.length);
  const at = rows.findIndex((row) => row.includes(cell)), column = rows[at]!.indexOf(cell), row = rows[at + step[0]!];
  row?.[Math.min(column + step[1]!, row.length - 1)]?.focus();
}

/** What to know before class, and the figures of the whole. */
function BeforeClass({ fitting, names, live, children }: { fitting: Fitting; names: Map<string, string>; live: Live | undefined; children: ReactNode }) {
  const visits = floorVisits(fitting.steps.map((step) => variantById(step.variant).variant.level));
  const alerts = fitting.lanes.flatMap((lane) => lane.alerts.map((alert) => ({ ...alert, name: names.get(lane.person)! })));
  const urgent = alerts.filter((alert) => alert.kind !== 'stage'), rest = alerts.filter((alert) => alert.kind === 'stage');
  const more = rest.map((alert) => <li key={alert.name + alert.text}><b>{alert.name}</b>: {alert.text}</li>);
  return (
    <section aria-label="Before class" className="flex flex-wrap items-start gap-x-8 gap-y-2 border-b border-line bg-paper px-5 py-3">
      <ul className="min-w-72 flex-1 space-y-1">
        {urgent.map((alert) => <li key={alert.name + alert.text} className="flex gap-2"><span aria-hidden className="mt-1.5 size-3 shrink-0 rotate-45 rounded-[3px] bg-clay" /><span><b>{alert.name}</b>{alert.kind === 'stop' ? <b className="text-clay"> sits out. </b> : ': '}{alert.text}</span></li>)}
        {!urgent.length && <li className="text-soft">Nothing to ask or stop before this class.</li>}
        {rest.length > 0 && <li className="print:hidden"><details><summary className="text-teal">{rest.length} more to know</summary><ul className="mt-1 space-y-1">{more}</ul></details></li>}
        {fitting.notes.map(({ text, step, fix }) => (
          <li key={text} className="text-soft">{step ? `Step ${step}: ` : ''}{text}{fix && live && <> <button type="button" className="no-print min-h-11 rounded-lg px-2 font-semibold text-teal hover:bg-teal-wash" onClick={() => live.current?.edit(fix.edit)}>{fix.says}</button></>}</li>
        ))}
        {rest.length > 0 && <li className="hidden print:block"><ul>{more}</ul></li>}
      </ul>
      <div className="max-w-2xl"><dl className="flex flex-wrap gap-x-5 gap-y-1">
        <div><dd className="inline font-bold tabular-nums">{fitting.minutes.planned}</dd> <dt className="inline text-soft">of {fitting.minutes.asked} min{fitting.minutes.written > fitting.minutes.planned && `, shortened from ${fitting.minutes.written}`}</dt>{fitting.minutes.over > 0 && <dd className="font-semibold text-clay">still {fitting.minutes.over} min over: leave a step out</dd>}</div>
        <div><dd className="inline font-bold">{visits}</dd> <dt className="inline text-soft">{visits === 1 ? 'visit' : 'visits'} to the floor</dt></div>
        <div><dt className="sr-only">Props in the room</dt><dd>{sayProps(fitting.room) || 'no props'}</dd>{fitting.room.some(({ short }) => short) && <dd className="font-semibold text-clay">{sayProps(fitting.room.flatMap(({ prop, short }) => (short ? [{ prop, count: short }] : [])))} short in the hall</dd>}</div>
      </dl>
      {children}</div>
    </section>
  );
}

interface RowProps { row: StepGroups; /** Which row it is, from 0. */ at: number; above?: Fitting['steps'][number]; below?: Fitting['steps'][number]; of: number; live?: Live; names: Map<string, string>; chosen?: string; onOpen: (step: number, group: Group) => void }

const StepRow = memo(function StepRow({ row: { step, written, differing, then }, at, above, below, of, live, names, chosen, onOpen }: RowProps) {
  const { pose, variant } = variantById(step.variant), level = variant.level, section = step.section !== above?.section ? step.section : undefined;
  const levelOf = (other?: Fitting['steps'][number]) => (other ? variantById(other.variant).variant.level : undefined);
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: step.step, disabled: !live });
  /** With the handle in focus: Alt with an arrow moves the step, plus and minus change its hold, Delete takes it out. */
  const onHandle = (event: ReactKeyboardEvent<HTMLElement>): void => {
    const plan = live?.current;
    if (!plan) return;
    const by = event.key === '+' || event.key === '=' ? 1 : event.key === '-' ? -1 : undefined, hold = by && nextHold(plan.planNow().source, step.step, by);
    if (event.altKey && event.key === 'ArrowUp' && step.step > 1) plan.edit({ kind: 'move', step: step.step, after: step.step - 2 });
    else if (event.altKey && event.key === 'ArrowDown' && step.step < of) plan.edit({ kind: 'move', step: step.step, after: step.step + 1 });
    else if (event.key === 'Delete') plan.edit({ kind: 'remove', step: step.step });
    else if (hold) plan.edit({ kind: 'hold', step: step.step, hold });
    else { listeners?.onKeyDown?.(event); return; }
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <li data-row ref={live ? setNodeRef : undefined} style={transform ? { transform: `translateY(${transform.y}px)`, transition, ...(isDragging ? { position: 'relative', zIndex: 10, background: 'var(--paper)', boxShadow: '0 4px 18px rgb(0 0 0 / .18)' } : {}) } : undefined} className="grid [contain-intrinsic-block-size:auto_7.5rem] grid-cols-[4.5rem_18rem_8rem_minmax(0,1fr)] border-b border-line break-inside-avoid max-md:grid-cols-[3.5rem_minmax(0,1fr)] print:grid-cols-[3rem_14rem_8rem_1fr]">
      <div className="bg-sunk max-md:row-span-3"><LevelLine before={levelOf(above)} level={level} after={levelOf(below)} /></div>
      <div className={`flex items-center gap-2 py-2 pl-2 ${step.leftOut ? 'opacity-60' : ''}`}>
        {live && <div className="no-print -mr-1 -ml-2 flex flex-col items-center self-stretch">
          <button type="button" {...attributes} {...listeners} onKeyDown={onHandle} className="inline-flex min-h-11 min-w-9 cursor-grab touch-none items-center justify-center rounded-lg text-soft hover:bg-teal-wash" aria-label={`Move step ${step.step}, ${pose.name}`} title="Drag, or Alt with an arrow; + and − change the hold; Delete takes it out"><GripVertical aria-hidden size={18} /></button>
          <StepTools step={step} of={of} live={live} />
        </div>}
        <Figure variant={step.variant} className="w-24 shrink-0" decorative />
        <div className="min-w-0">
          {section && <p className="font-bold text-teal">{section}</p>}
          <p className="text-soft tabular-nums"><Start at={at} /></p>
          <h2 className="text-lg">{pose.name}</h2>
          <p className="text-soft">{step.text.replace(/^[^,]*,?\s*/, '') || variant.name}</p>
          {step.shortened && <p className="text-sm font-semibold text-clay">cut to {step.shortened.to} {step.shortened.unit} to keep the time</p>}
          {step.leftOut && <p className="text-sm font-semibold text-clay">left out to keep the time</p>}
          {step.insteadOf && <p className="text-sm text-indigo">for everybody, instead of {step.insteadOf.text}: {step.insteadOf.reason}</p>}
          {step.note && <p className="text-sm italic text-soft">{step.note}</p>}
        </div>
      </div>
      <div className="border-l border-line px-3 py-2">
        {written ? (
          <button type="button" data-cell aria-expanded={chosen === 'as-written'} onClick={() => onOpen(step.step, written)} className="w-full rounded-lg text-left hover:bg-teal-wash">
            <VerdictMark verdict="as-written" /><Loosened entries={written.people.map(({ entry }) => entry)} /><span className="block font-display text-2xl font-semibold">{written.people.length}</span>
            <span className="block leading-tight text-soft">{differing.length ? written.people.map(({ name }) => names.get(name)).join(', ') : 'everyone'}</span>
            <WaitOut people={written.people} names={names} />
          </button>
        ) : <p className="text-soft">{step.leftOut ? '' : 'nobody as written'}</p>}
        {step.versions > 2 && <p className="mt-1 text-sm text-soft">{step.versions} things at once</p>}
        {step.meets && step.versions > 1 && <p className="mt-1 text-sm text-soft">all meet here</p>}
      </div>
      <ul className="flex flex-wrap content-start gap-2 p-2">
        {differing.map((group) => <li key={group.key}><Tile group={group} names={names} open={chosen === group.key} onOpen={() => onOpen(step.step, group)} /></li>)}
        {then.map(({ entry, people }) => <li key={`then ${entry.variant}`}><ThenTile then={entry} people={people.map((name) => names.get(name)!)} /></li>)}
      </ul>
    </li>
  );
});

function Tile({ group: { entry, people }, names, open, onOpen }: { group: Group; names: Map<string, string>; open: boolean; onOpen: () => void }) {
  const side = entry.sides.length === 1 ? entry.sides[0] : undefined;
  return (
    <button type="button" data-cell aria-expanded={open} onClick={onOpen} className={`flex h-full min-h-24 w-57 items-center gap-1 rounded-xl border bg-paper p-1 text-left hover:border-teal ${open ? 'border-2 border-teal' : entry.override ? 'border-2 border-dashed border-clay' : 'border-line'}`}>
      <Figure variant={entry.variant} side={side} className="w-21 shrink-0" decorative />
      <span className="min-w-0 py-1 pr-1">
        <VerdictMark verdict={entry.verdict} /><Loosened entries={people.map((one) => one.entry)} /><ChosenMark entries={people.map((one) => one.entry)} />
        <span className="block leading-tight font-bold first-letter:uppercase">{sayWay(entry)}{side ? `, ${side} side` : ''}</span>
        <span className="block leading-tight text-soft">{[sayProps(entry.props), sayHold(entry.hold)].filter(Boolean).join(' · ')}</span>
        <span className="block leading-tight text-indigo">{people.map(({ name }) => names.get(name)).join(', ')}</span>
        <WaitOut people={people} names={names} />
      </span>
    </button>
  );
}

/** What some do after the step, because of what it was for them. */
const ThenTile = ({ then, people }: { then: NonNullable<LaneStep['then']>; people: readonly string[] }) => (
  <div className="flex h-full min-h-24 w-57 items-center gap-1 rounded-xl border border-dotted border-strong-line p-1">
    <Figure variant={then.variant} className="w-21 shrink-0" decorative />
    <span className="min-w-0 py-1 pr-1 leading-tight"><span className="block font-semibold text-soft">then</span><b className="block">{variantById(then.variant).pose.name}</b>
      <span className="block text-soft">{[sayProps(then.props), sayHold(then.hold)].filter(Boolean).join(' · ')}</span><span className="block text-indigo">{people.join(', ')}</span></span>
  </div>
);
