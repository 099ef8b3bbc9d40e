import type { BodyRanges, Fitting, LaneStep, Override } from '@lotus-steady/core';
import {
  memo,
  startTransition,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent as ReactKeyboardEvent,
  type RefObject,
} from 'react';
import { Button } from '../../ui/Button.js';
import { shortNames } from '../words/say.js';
import { BeforeClass } from './BeforeClass.js';
import { SOME_BODY, type PersonBody } from './bodies.js';
import { groupLanes, steadyRows, type Group, type StepGroups } from './groupLanes.js';
import { LaneGrid } from './LaneGrid.js';
import { PlacesProvider, usePlaces, type Places } from './places.js';
import { StepRow } from './StepRow.js';
import { Steps } from './Steps.js';
import type { Live } from './live.js';
import { useLatest } from './useLatest.js';
import { WhyPanel } from './WhyPanel.js';
import { useSearchParams } from 'react-router';

interface Props {
  fitting: Fitting;
  bodies: Readonly<Record<string, PersonBody>>;
  /** Where the plan may be changed on the fitting itself. */ live?: Live | undefined;
}

const FIRST_ROWS = 6;

/** Which cell's why is open: someone (by id) in a row, on a side where the sides differ. */
interface Cell {
  row: string;
  person: string;
  sides: string;
}

const cellOf = (row: string, person: string, entry: LaneStep): Cell => ({
  row,
  person,
  sides: entry.sides.join(),
});

/** An entry among those who do the same, in its row. */
interface Cellwise {
  entry: LaneStep;
  group: Group;
  row: string;
  step: number;
}

/** What the open cell shows now; an edit may have changed it. */
function lookUp(
  { lanes }: Fitting,
  rows: readonly StepGroups[],
  { numbers }: Places,
  cell: Cell | undefined,
): (Cellwise & { personId: string; ranges: BodyRanges }) | undefined {
  const step = cell && numbers.get(cell.row);
  if (!step) return undefined;
  const lane = lanes.find(({ personId }) => personId === cell.person);
  const own = lane?.steps.filter((entry) => entry.step === step) ?? [];
  const entry = own.find(({ sides }) => sides.join() === cell.sides) ?? own[0];
  const { written, differing } = rows[step - 1]!;
  const group =
    entry &&
    [written, ...differing].find((one) =>
      one?.people.some(({ id, entry: own }) => id === cell.person && own.sides.join() === entry.sides.join()),
    );
  const ranges = lane?.ranges;
  return group && entry && ranges
    ? { entry, group, row: cell.row, step, personId: cell.person, ranges }
    : undefined;
}

/**
 * The fitting at real size: the level line, the asked figure, *as written* once, and a tile for each
 * different version with its people. Arrow keys move, Enter opens the why, Escape closes it.
 */
export const FittingView = memo(function FittingView({ fitting, bodies, live }: Props) {
  const [cell, setCell] = useState<Cell>();
  const [params, setParams] = useSearchParams();
  const whole = params.get('view') === 'everyone';
  const body = useRef<HTMLDivElement>(null);
  const rows = useSteadyRows(fitting);
  const people = fitting.lanes.map((lane) => lane.person).join('\n');
  const names = useMemo(() => shortNames(people.split('\n')), [people]);
  const places = usePlaces(rows);
  const chosen = lookUp(fitting, rows, places, cell);
  const starts = useMemo(() => fitting.steps.map(({ start }) => start), [fitting]);
  // What fits on a first screen is there at once; the figures further down follow without holding it up.
  const [shown, setShown] = useState(FIRST_ROWS);
  useEffect(() => startTransition(() => setShown(Infinity)), []);
  const atRest = useAtRest(shown === Infinity, body);
  useUndoKeys(live);
  const open = useCallback(
    (row: string, group: Group): void => setCell(cellOf(row, group.people[0]!.id, group.people[0]!.entry)),
    [],
  );
  const latest = useLatest(places);
  const close = (): void => {
    const at = chosen && body.current?.querySelector<HTMLElement>(`[data-cell][aria-expanded=true]`);
    setCell(undefined);
    at?.focus();
  };
  return (
    <div
      className={`grid grid-cols-1 ${chosen ? 'xl:grid-cols-[minmax(0,1fr)_20.5rem] print:grid-cols-1' : ''}`}
      onKeyDown={(event) => {
        if (event.key === 'Escape' && chosen) close();
      }}
    >
      <div ref={body} onKeyDown={moveBetweenCells} className="min-w-0">
        <BeforeClass fitting={fitting} names={names} live={live}>
          <Button
            look="quiet"
            className="no-print -ml-2"
            aria-pressed={whole}
            onClick={() => {
              setParams(whole ? {} : { view: 'everyone' }, { replace: true });
              setCell(undefined);
            }}
          >
            {whole ? 'Only who differs' : 'Everyone, step by step'}
          </Button>
        </BeforeClass>
        {whole ? (
          <LaneGrid
            fitting={fitting}
            names={names}
            onOpen={(step, person, entry) => setCell(cellOf(rows[step - 1]!.id, person, entry))}
          />
        ) : (
          <PlacesProvider places={places} starts={starts}>
            <Steps places={places} live={live} atRest={atRest}>
              {rows.slice(0, shown).map((row, i) => (
                <StepRow
                  key={row.id}
                  row={row}
                  above={rows[i - 1]?.step.variant}
                  below={rows[i + 1]?.step.variant}
                  begins={row.step.section !== rows[i - 1]?.step.section}
                  beginsFlow={row.step.flow?.number !== rows[i - 1]?.step.flow?.number}
                  places={latest}
                  live={live}
                  names={names}
                  chosen={chosen?.row === row.id ? chosen.group.key : undefined}
                  onOpen={open}
                />
              ))}
            </Steps>
          </PlacesProvider>
        )}
      </div>
      {chosen && <Why chosen={chosen} bodies={bodies} live={live} onClose={close} onCell={setCell} />}
    </div>
  );
});

/** Why the chosen cell is as it is, beside the class or over it. */
const Why = ({
  chosen: { entry, group, row, step, personId, ranges },
  bodies,
  live,
  onClose,
  onCell,
}: {
  chosen: NonNullable<ReturnType<typeof lookUp>>;
  onClose: () => void;
  onCell: (cell: Cell) => void;
} & Pick<Props, 'bodies' | 'live'>) => {
  const own = (id: string) => group.people.find((one) => one.id === id)!;
  const override = (next: Override | undefined) =>
    live?.choose((choices) => ({
      ...choices,
      overrides: [
        ...choices.overrides.filter((one) => one.personId !== personId || one.step !== step),
        ...(next ? [next] : []),
      ],
    }));
  return (
    <aside
      aria-label="Why"
      className={
        'no-print fixed inset-y-0 right-0 z-20 w-[min(24rem,100vw)] border-l border-line ' +
        'bg-paper shadow-xl xl:sticky xl:top-0 xl:z-auto xl:h-screen xl:w-auto ' +
        'xl:shadow-none'
      }
    >
      <WhyPanel
        person={own(personId)}
        entry={entry}
        others={group.people}
        {...(bodies[personId] ?? SOME_BODY)}
        ranges={ranges}
        onClose={onClose}
        onPerson={(person) => onCell(cellOf(row, person, own(person).entry))}
        {...(live ? { onOverride: override } : {})}
      />
    </aside>
  );
};

/**
 * Whether everything has been drawn once at the width it has: true a moment later, and not while the width
 * changes.
 */
function useAtRest(drawn: boolean, within: RefObject<HTMLElement | null>): boolean {
  const [atRest, setAtRest] = useState(false);
  useEffect(() => {
    if (!drawn || !within.current) return;
    let width = -1;
    let soon: ReturnType<typeof setTimeout> | undefined;
    const watch = new ResizeObserver(([seen]) => {
      if (seen!.contentRect.width === width) return;
      width = seen!.contentRect.width;
      setAtRest(false);
      clearTimeout(soon);
      soon = setTimeout(() => setAtRest(true), 300);
    });
    watch.observe(within.current);
    return () => {
      clearTimeout(soon);
      watch.disconnect();
    };
  }, [drawn, within]);
  return atRest;
}

/** Rows that keep their identity while nothing of them is drawn otherwise. */
function useSteadyRows(fitting: Fitting): readonly StepGroups[] {
  const before = useRef<readonly StepGroups[]>([]);
  const rows = useMemo(() => steadyRows(before.current, groupLanes(fitting)), [fitting]);
  useEffect(() => {
    before.current = rows;
  }, [rows]);
  return rows;
}

/** Ctrl+Z and Ctrl+Shift+Z, wherever nothing is being typed. */
function useUndoKeys(live: Live | undefined): void {
  useEffect(() => {
    if (!live) return;
    const onKey = (event: KeyboardEvent): void => {
      const typing = (event.target as HTMLElement).closest('input:not([type=checkbox]), textarea, select');
      if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      if (event.shiftKey) live.redo();
      else live.undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [live]);
}

/** Left and right within a step, up and down between steps; the cell nearest in its row is taken. */
function moveBetweenCells(event: ReactKeyboardEvent<HTMLElement>): void {
  const step = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowDown: [1, 0], ArrowUp: [-1, 0] }[event.key];
  const cell = (event.target as HTMLElement).closest<HTMLElement>('[data-cell]');
  if (!step || !cell) return;
  event.preventDefault();
  const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-row]')]
    .map((row) => [...row.querySelectorAll<HTMLElement>('[data-cell]')])
    .filter((row) => row.length);
  const at = rows.findIndex((row) => row.includes(cell));
  const column = rows[at]!.indexOf(cell);
  const row = rows[at + step[0]!];
  row?.[Math.min(column + step[1]!, row.length - 1)]?.focus();
}
