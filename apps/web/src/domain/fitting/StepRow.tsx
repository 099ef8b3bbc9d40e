import { useSortable } from '@dnd-kit/sortable';
import { nextHold, sayHeld, type LaneStep } from '@lotus-steady/core';
import { GripVertical } from 'lucide-react';
import { createContext, memo, useContext, useMemo, type KeyboardEvent } from 'react';
import { catalogue, variantById } from '../../data/catalogue.js';
import { Figure } from '../figure/Figure.js';
import { sayHold, sayOwnHold, sayProps } from '../words/say.js';
import { sayOf } from '../words/sayOf.js';
import { frameIn } from '../figure/frameIn.js';
import { sayWay } from '../words/sayWay.js';
import { VerdictMark } from '../marks/VerdictMark.js';
import { Chosen as ChosenMark } from './Chosen.js';
import type { Group, StepGroups } from './groupLanes.js';
import { LastInPose } from './lastTimes.js';
import { LevelLine } from './LevelLine.js';
import { Loosened } from './Loosened.js';
import { Start, StepNumber, type Places } from './places.js';
import { StepTools } from './StepTools.js';
import type { Live } from './live.js';
import type { Latest } from './useLatest.js';
import { WaitOut } from './WaitOut.js';

/** What the keys of a step's handle do to its hold. */
const HOLD_KEYS: Readonly<Record<string, 1 | -1>> = { '+': 1, '=': 1, '-': -1 };

function tileBorder(open: boolean, chosenByHand: boolean): string {
  if (open) return 'border-2 border-teal';
  return chosenByHand ? 'border-2 border-dashed border-clay' : 'border-line';
}

interface RowProps {
  row: StepGroups;
  /** The asked variants before and after it. */
  above?: string | undefined;
  below?: string | undefined;
  /** Whether its section begins with it, and its flow. */
  begins: boolean;
  beginsFlow: boolean;
  places: Latest<Places>;
  live?: Live | undefined;
  names: Map<string, string>;
  chosen?: string | undefined;
  onOpen: (row: string, group: Group) => void;
}

const levelOf = (variant: string | undefined) => (variant ? variantById(variant).variant.level : undefined);

type Held = Pick<ReturnType<typeof useSortable>, 'attributes' | 'listeners'>;
const HeldContext = createContext<Partial<Held>>({});

/**
 * One step: what is asked, who does it as written, and a tile for each different version. Rows that change
 * places are moved, not drawn again.
 */
export const StepRow = memo(function StepRow(props: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: props.row.id,
    disabled: !props.live,
  });
  const held = useMemo(() => ({ attributes, listeners }), [attributes, listeners]);
  return (
    <li
      data-row
      ref={props.live ? setNodeRef : undefined}
      style={
        transform
          ? {
              transform: `translateY(${transform.y}px)`,
              transition,
              ...(isDragging
                ? {
                    position: 'relative',
                    zIndex: 10,
                    background: 'var(--paper)',
                    boxShadow: '0 4px 18px rgb(0 0 0 / .18)',
                  }
                : {}),
            }
          : undefined
      }
      className={
        'grid [contain-intrinsic-block-size:auto_7.5rem] ' +
        'grid-cols-[4.5rem_18rem_8rem_minmax(0,1fr)] border-b border-line break-inside-avoid ' +
        'max-md:grid-cols-[3.5rem_minmax(0,1fr)] print:grid-cols-[3rem_14rem_8rem_1fr]'
      }
    >
      <HeldContext value={held}>
        <Row {...props} />
      </HeldContext>
    </li>
  );
});

const Row = memo(function Row({
  row: { id, step, written, differing, then },
  above,
  below,
  begins,
  beginsFlow,
  places,
  live,
  names,
  chosen,
  onOpen,
}: RowProps) {
  const { pose, variant } = variantById(step.variant);
  return (
    <>
      <div className="bg-sunk max-md:row-span-3">
        <LevelLine before={levelOf(above)} level={variant.level} after={levelOf(below)} />
      </div>
      <div
        className={`flex min-h-26 items-center gap-2 py-2 pl-2 ${step.leftOut ? 'opacity-60' : ''} ${
          step.flow ? 'border-l-4 border-indigo' : 'self-start'
        }`}
      >
        {live && (
          <div className="no-print -mr-1 -ml-2 flex flex-col items-center self-stretch">
            <Handle id={id} name={pose.name} places={places} live={live} />
            <StepTools id={id} step={step} live={live} />
          </div>
        )}
        <Figure variant={step.variant} frame={frameIn(step)} className="w-24 shrink-0" decorative />
        <div className="min-w-0">
          {begins && step.section && <p className="font-bold text-teal">{step.section}</p>}
          {beginsFlow && step.flow && (
            <p className="font-semibold text-indigo">
              {step.flow.name} · {sayHeld({ rounds: step.flow.rounds, seconds: 0 })}
            </p>
          )}
          {(beginsFlow || !step.flow) && (
            <p className="text-soft tabular-nums">
              <Start id={id} />
            </p>
          )}
          <h2 className="text-lg">{pose.name}</h2>
          <p className="text-soft">{sayOf(step) || variant.name}</p>
          {step.shortened && (
            <p className="text-sm font-semibold text-clay">
              cut to {step.shortened.to} {step.shortened.unit} to keep the time
            </p>
          )}
          {step.leftOut && <p className="text-sm font-semibold text-clay">left out to keep the time</p>}
          {step.insteadOf && (
            <p className="text-sm text-indigo">
              for everybody, instead of {step.insteadOf.text}: {step.insteadOf.reason}
            </p>
          )}
          <LastInPose pose={pose.id} />
          {step.note && <p className="text-sm italic text-soft">{step.note}</p>}
        </div>
      </div>
      <div className="border-l border-line px-3 py-2">
        {written ? (
          <button
            type="button"
            data-cell
            aria-expanded={chosen === 'as-written'}
            onClick={() => onOpen(id, written)}
            className="w-full rounded-lg text-left hover:bg-teal-wash"
          >
            <VerdictMark verdict="as-written" />
            <Loosened entries={written.people.map(({ entry }) => entry)} />
            <span className="block font-display text-2xl font-semibold">{written.people.length}</span>
            <span className="block leading-tight text-soft">
              {differing.length ? written.people.map(({ name }) => names.get(name)).join(', ') : 'everyone'}
            </span>
            <WaitOut people={written.people} names={names} />
          </button>
        ) : (
          <p className="text-soft">{step.leftOut ? '' : 'nobody as written'}</p>
        )}
        {step.versions > 2 && <p className="mt-1 text-sm text-soft">{step.versions} versions at once</p>}
        {step.meets && step.versions > 1 && <p className="mt-1 text-sm text-soft">everyone together here</p>}
      </div>
      <ul className="flex flex-wrap content-start gap-2 p-2">
        {differing.map((group) => (
          <li key={group.place}>
            <Tile group={group} names={names} open={chosen === group.key} onOpen={() => onOpen(id, group)} />
          </li>
        ))}
        {then.map(({ entry, people }) => (
          <li key={`then ${entry.variant}`}>
            <ThenTile then={entry} people={people.map((name) => names.get(name)!)} />
          </li>
        ))}
      </ul>
    </>
  );
});

/** What a step is taken by. */
function Handle({
  id,
  name,
  places,
  live,
}: Pick<RowProps, 'places'> & { id: string; name: string; live: Live }) {
  const { attributes, listeners } = useContext(HeldContext);
  /**
   * With the handle in focus: Alt with an arrow moves the step, plus and minus change its hold, Delete
   * takes it out.
   */
  const onHandle = (event: KeyboardEvent<HTMLElement>): void => {
    const plan = live;
    const { numbers, of } = places.current;
    const number = plan.stepNow(numbers.get(id)!);
    if (number === undefined) return;
    const by = HOLD_KEYS[event.key];
    const hold = by && nextHold(plan.planNow().source, number, by, catalogue());
    if (event.altKey && event.key === 'ArrowUp' && number > 1)
      plan.edit({ kind: 'move', step: number, after: number - 2 });
    else if (event.altKey && event.key === 'ArrowDown' && number < of)
      plan.edit({ kind: 'move', step: number, after: number + 1 });
    else if (event.key === 'Delete') {
      // The hand stays in the list when what it held goes.
      const row = event.currentTarget.closest('[data-row]');
      const next = row?.nextElementSibling ?? row?.previousElementSibling;
      plan.edit({ kind: 'remove', step: number });
      next?.querySelector<HTMLElement>('[data-handle]')?.focus();
    } else if (hold) plan.edit({ kind: 'hold', step: number, hold });
    else {
      listeners?.onKeyDown?.(event);
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <>
      <span hidden id={`move-${id}`}>
        Move step <StepNumber id={id} />, {name}
      </span>
      <button
        type="button"
        data-handle
        {...attributes}
        {...listeners}
        onKeyDown={onHandle}
        className={
          'inline-flex min-h-11 min-w-9 cursor-grab touch-none items-center justify-center ' +
          'rounded-lg text-soft hover:bg-teal-wash'
        }
        aria-labelledby={`move-${id}`}
        title="Drag, or Alt with an arrow; + and − change the hold; Delete takes it out"
      >
        <GripVertical aria-hidden size={18} />
      </button>
    </>
  );
}

function Tile({
  group: { entry, people },
  names,
  open,
  onOpen,
}: {
  group: Group;
  names: Map<string, string>;
  open: boolean;
  onOpen: () => void;
}) {
  const side = entry.sides.length === 1 ? entry.sides[0] : undefined;
  return (
    <button
      type="button"
      data-cell
      aria-expanded={open}
      onClick={onOpen}
      className={
        `flex h-full min-h-24 w-57 items-center gap-1 rounded-xl border bg-paper p-1 text-left ` +
        `hover:border-teal ${tileBorder(open, entry.override !== undefined)}`
      }
    >
      <Figure variant={entry.variant} side={side} className="w-21 shrink-0" decorative />
      <span className="min-w-0 py-1 pr-1">
        <VerdictMark verdict={entry.verdict} />
        <Loosened entries={people.map((one) => one.entry)} />
        <ChosenMark entries={people.map((one) => one.entry)} />
        <span className="block leading-tight font-bold first-letter:uppercase">
          {sayWay(entry)}
          {side ? `, ${side} side` : ''}
        </span>
        <span className="block leading-tight text-soft">
          {[sayProps(entry.props), sayOwnHold(entry)].filter(Boolean).join(' · ')}
        </span>
        <span className="block leading-tight text-indigo">
          {people.map(({ name }) => names.get(name)).join(', ')}
        </span>
        <WaitOut people={people} names={names} />
      </span>
    </button>
  );
}

/** What some do after the step, because of what it was for them. */
const ThenTile = ({ then, people }: { then: NonNullable<LaneStep['then']>; people: readonly string[] }) => (
  <div className="flex h-full min-h-24 w-57 items-center gap-1 rounded-xl border border-dotted border-strong-line p-1">
    <Figure variant={then.variant} className="w-21 shrink-0" decorative />
    <span className="min-w-0 py-1 pr-1 leading-tight">
      <span className="block font-semibold text-soft">then</span>
      <b className="block">{variantById(then.variant).pose.name}</b>
      <span className="block text-soft">
        {[sayProps(then.props), sayHold(then.hold, then.sides)].filter(Boolean).join(' · ')}
      </span>
      <span className="block text-indigo">{people.join(', ')}</span>
    </span>
  </div>
);
