import { floorVisits, type Fitting, type LaneStep } from '@lotus-steady/core';
import { variantById } from '../../catalogue.js';
import { startTransition, useEffect, useMemo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Figure } from '../../figure/Figure.js';
import { Button } from '../../ui/Button.js';
import { sayClock, sayHold, sayProps, shortNames } from '../../ui/say.js';
import { sayWay } from '../../ui/sayWay.js';
import { VerdictMark } from '../../ui/VerdictMark.js';
import { groupLanes, type Group, type StepGroups } from './groupLanes.js';
import { LevelLine } from './LevelLine.js';
import { LaneGrid } from './LaneGrid.js';
import { SOME_BODY, type PersonBody } from './bodies.js';
import { Loosened } from './Loosened.js';
import { WhyPanel } from './WhyPanel.js';

interface Props { fitting: Fitting; bodies: Readonly<Record<string, PersonBody>> }

const FIRST_ROWS = 6;

/** Which cell's why is open: a step, a group in it, and one of its people. */
export interface Chosen { step: number; group: string; person: string; entry: LaneStep; others: readonly string[] }

/**
 * The fitting at real size: the level line, the asked figure, *as written* once, and a tile for each
 * different version with its people. Arrow keys move, Enter opens the why, Escape closes it.
 */
export function FittingView({ fitting, bodies }: Props) {
  const [chosen, setChosen] = useState<Chosen>(), [whole, setWhole] = useState(false), body = useRef<HTMLDivElement>(null);
  const rows = useMemo(() => groupLanes(fitting), [fitting]), names = useMemo(() => shortNames(fitting.lanes.map((lane) => lane.person)), [fitting]);
  // What fits on a first screen is there at once; the figures further down follow without holding it up.
  const [shown, setShown] = useState(FIRST_ROWS);
  useEffect(() => startTransition(() => setShown(Infinity)), []);
  const open = (step: number, group: Group, person = group.people[0]!.name): void => setChosen({ step, group: group.key, person, entry: group.people.find(({ name }) => name === person)!.entry, others: group.people.map(({ name }) => name) });
  const close = (): void => {
    const cell = chosen && body.current?.querySelector<HTMLElement>(`[data-cell][aria-expanded=true]`);
    setChosen(undefined);
    cell?.focus();
  };
  return (
    <div className={`grid ${chosen ? 'xl:grid-cols-[minmax(0,1fr)_20.5rem] print:grid-cols-1' : ''}`} onKeyDown={(event) => { if (event.key === 'Escape' && chosen) close(); }}>
      <div ref={body} onKeyDown={moveBetweenCells} className="min-w-0">
        <BeforeClass fitting={fitting} names={names}>
          <Button look="quiet" className="no-print -my-1 px-2" aria-pressed={whole} onClick={() => { setWhole(!whole); setChosen(undefined); }}>{whole ? 'Only who differs' : 'Everyone, step by step'}</Button>
        </BeforeClass>
        {whole ? <LaneGrid fitting={fitting} names={names} onOpen={(step, person, entry) => setChosen({ step, group: entry.variant, person, entry, others: [person] })} />
          : <ol>{rows.slice(0, shown).map((row, i) => <StepRow key={row.step.step} row={row} before={rows[i - 1]} after={rows[i + 1]} names={names} chosen={chosen?.step === row.step.step ? chosen.group : undefined} onOpen={open} />)}</ol>}
      </div>
      {chosen && (
        <aside aria-label="Why" className="no-print fixed inset-y-0 right-0 z-20 w-[min(24rem,100vw)] border-l border-line bg-paper shadow-xl xl:sticky xl:top-0 xl:z-auto xl:h-screen xl:w-auto xl:shadow-none">
          <WhyPanel {...chosen} {...(bodies[chosen.person] ?? SOME_BODY)} onClose={close} onPerson={(person) => {
            const row = rows[chosen.step - 1]!, found = [row.written, ...row.differing].find((item) => item?.key === chosen.group);
            if (found) open(chosen.step, found, person);
          }} />
        </aside>
      )}
    </div>
  );
}

/** Left and right within a step, up and down between steps; the cell nearest in its row is taken. */
function moveBetweenCells(event: KeyboardEvent<HTMLElement>): void {
  const step = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowDown: [1, 0], ArrowUp: [-1, 0] }[event.key], cell = (event.target as HTMLElement).closest<HTMLElement>('[data-cell]');
  if (!step || !cell) return;
  event.preventDefault();
  const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-row]')].map((row) => [...row.querySelectorAll<HTMLElement>('[data-cell]')]).filter((row) => row.length);
  const at = rows.findIndex((row) => row.includes(cell)), column = rows[at]!.indexOf(cell), row = rows[at + step[0]!];
  row?.[Math.min(column + step[1]!, row.length - 1)]?.focus();
}

/** What to know before class, and the figures of the whole. */
function BeforeClass({ fitting, names, children }: { fitting: Fitting; names: Map<string, string>; children: ReactNode }) {
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
        {rest.length > 0 && <li className="hidden print:block"><ul>{more}</ul></li>}
      </ul>
      <dl className="flex flex-wrap gap-x-5 gap-y-1">
        <div><dd className="inline font-bold tabular-nums">{fitting.minutes.planned}</dd> <dt className="inline text-soft">of {fitting.minutes.asked} min{fitting.minutes.written > fitting.minutes.planned && `, shortened from ${fitting.minutes.written}`}</dt>{fitting.minutes.over > 0 && <dd className="font-semibold text-clay">still {fitting.minutes.over} min over: leave a step out</dd>}</div>
        <div><dd className="inline font-bold">{visits}</dd> <dt className="inline text-soft">{visits === 1 ? 'visit' : 'visits'} to the floor</dt></div>
        <div><dt className="sr-only">Props in the room</dt><dd>{sayProps(fitting.room) || 'no props'}</dd>{fitting.room.some(({ short }) => short) && <dd className="font-semibold text-clay">{sayProps(fitting.room.flatMap(({ prop, short }) => (short ? [{ prop, count: short }] : [])))} short in the hall</dd>}</div>
      </dl>
      {children}
    </section>
  );
}

interface RowProps { row: StepGroups; before?: StepGroups; after?: StepGroups; names: Map<string, string>; chosen?: string; onOpen: (step: number, group: Group) => void }

function StepRow({ row: { step, written, differing }, before, after, names, chosen, onOpen }: RowProps) {
  const { pose, variant } = variantById(step.variant), level = variant.level, section = step.section !== before?.step.section ? step.section : undefined;
  const levelOf = (row?: StepGroups) => (row ? variantById(row.step.variant).variant.level : undefined);
  return (
    <li data-row className="grid grid-cols-[4.5rem_15.5rem_8rem_minmax(0,1fr)] border-b border-line break-inside-avoid max-md:grid-cols-[3.5rem_minmax(0,1fr)] print:grid-cols-[3rem_14rem_8rem_1fr]">
      <div className="bg-sunk max-md:row-span-3"><LevelLine before={levelOf(before)} level={level} after={levelOf(after)} /></div>
      <div className="flex items-center gap-2 py-2 pl-2">
        <Figure variant={step.variant} className="w-24 shrink-0" decorative />
        <div className="min-w-0">
          {section && <p className="font-bold text-teal">{section}</p>}
          <p className="text-soft tabular-nums">{sayClock(step.start)}</p>
          <h2 className="text-lg">{pose.name}</h2>
          <p className="text-soft">{step.text.replace(/^[^,]*,?\s*/, '') || variant.name}</p>
          {step.shortened && <p className="text-sm font-semibold text-clay">cut to {step.shortened.to} {step.shortened.unit} to keep the time</p>}
          {step.note && <p className="text-sm italic text-soft">{step.note}</p>}
        </div>
      </div>
      <div className="border-l border-line px-3 py-2">
        {written ? (
          <button type="button" data-cell aria-expanded={chosen === 'as-written'} onClick={() => onOpen(step.step, written)} className="w-full rounded-lg text-left hover:bg-teal-wash">
            <VerdictMark verdict="as-written" /><Loosened entries={written.people.map(({ entry }) => entry)} /><span className="block font-display text-2xl font-semibold">{written.people.length}</span>
            <span className="block leading-tight text-soft">{differing.length ? written.people.map(({ name }) => names.get(name)).join(', ') : 'everyone'}</span>
          </button>
        ) : <p className="text-soft">nobody as written</p>}
      </div>
      <ul className="flex flex-wrap content-start gap-2 p-2">
        {differing.map((group) => <li key={group.key}><Tile group={group} names={names} open={chosen === group.key} onOpen={() => onOpen(step.step, group)} /></li>)}
      </ul>
    </li>
  );
}

function Tile({ group: { entry, people }, names, open, onOpen }: { group: Group; names: Map<string, string>; open: boolean; onOpen: () => void }) {
  const side = entry.sides.length === 1 ? entry.sides[0] : undefined;
  return (
    <button type="button" data-cell aria-expanded={open} onClick={onOpen} className={`flex h-full min-h-24 w-57 items-center gap-1 rounded-xl border bg-paper p-1 text-left hover:border-teal ${open ? 'border-2 border-teal' : 'border-line'}`}>
      <Figure variant={entry.variant} side={side} className="w-21 shrink-0" decorative />
      <span className="min-w-0 py-1 pr-1">
        <VerdictMark verdict={entry.verdict} /><Loosened entries={people.map((one) => one.entry)} />
        <span className="block leading-tight font-bold first-letter:uppercase">{sayWay(entry)}{side ? `, ${side} side` : ''}</span>
        <span className="block leading-tight text-soft">{[sayProps(entry.props), sayHold(entry.hold)].filter(Boolean).join(' · ')}</span>
        <span className="block leading-tight text-indigo">{people.map(({ name }) => names.get(name)).join(', ')}</span>
      </span>
    </button>
  );
}
