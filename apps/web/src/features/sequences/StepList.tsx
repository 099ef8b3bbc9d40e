import {
  nextHold,
  sayAsked,
  sayHeld,
  type Known,
  type SequenceEdit,
  type Side,
  type Step,
} from '@lotus-steady/core';
import { useSortable } from '@dnd-kit/sortable';
import { ArrowDown, ArrowUp, GripVertical, Minus, Plus, Trash2 } from 'lucide-react';
import { Figure } from '../../domain/figure/Figure.js';
import { frameIn } from '../../domain/figure/frameIn.js';
import { nameOfStep, saySides } from '../../domain/words/nameOfStep.js';
import { Button } from '../../ui/Button.js';
import { Sortable } from '../../ui/Sortable.js';

interface Props {
  source: string;
  known: Known;
  steps: readonly Step[];
  onEdit: (edit: SequenceEdit) => void;
  /** Asks for a pose that goes behind this step; 0 is the beginning. */
  onAdd: (after: number) => void;
}

const SMALL_SELECT =
  'min-h-9 max-w-60 rounded-lg border border-transparent bg-transparent text-sm text-teal hover:border-strong-line';

/** The same plan without its text: steps to move, hold otherwise, add and remove. */
export function StepList({ source, known, steps, onEdit, onAdd }: Props) {
  const dropped = (step: number, onto: number): void =>
    onEdit({ kind: 'move', step, after: onto > step ? onto : onto - 1 });
  return (
    <div className="space-y-3">
      <Sortable items={steps.map(({ number }) => number)} onDrop={dropped}>
        <ol className="divide-y divide-line rounded-xl border border-line bg-paper">
          {steps.map((step) => (
            <Row
              key={step.number}
              step={step}
              isFirst={step.number === 1}
              isLast={step.number === steps.length}
              hold={(by) => nextHold(source, step.number, by, known)}
              onEdit={onEdit}
              onAdd={onAdd}
            />
          ))}
        </ol>
      </Sortable>
      {!steps.length && <p className="text-soft">No step yet.</p>}
      <Button look="main" onClick={() => onAdd(steps.length)}>
        <Plus aria-hidden size={20} />
        Add a step
      </Button>
    </div>
  );
}

function Row({
  step,
  isFirst,
  isLast,
  hold,
  onEdit,
  onAdd,
}: Pick<Props, 'onEdit' | 'onAdd'> & {
  step: Step;
  isFirst: boolean;
  isLast: boolean;
  hold: (by: 1 | -1) => string | undefined;
}) {
  const { number, variant, flow } = step;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: number,
  });
  const held = flow ? `${flow.name}, ${sayHeld({ rounds: flow.rounds, seconds: 0 })}` : sayAsked(step.hold);
  const change = (by: 1 | -1) => () => {
    const next = hold(by);
    if (next) onEdit({ kind: 'hold', step: number, hold: next });
  };
  const quiet = 'min-h-11 min-w-11 justify-center px-0!';
  return (
    <li
      ref={setNodeRef}
      style={transform ? { transform: `translateY(${transform.y}px)`, transition } : undefined}
      className={`flex flex-wrap items-center gap-x-3 gap-y-1 bg-paper px-3 py-1.5 ${
        isDragging ? 'relative z-10 rounded-xl shadow-xl' : ''
      }`}
      data-step={number}
    >
      <button
        type="button"
        className="-mx-2 min-h-11 cursor-grab touch-none rounded-lg px-1 text-soft"
        aria-label={`Move step ${number}`}
        {...attributes}
        {...listeners}
      >
        <GripVertical aria-hidden size={20} />
      </button>
      <span className="w-6 text-right text-soft tabular-nums">{number}</span>
      <Figure
        variant={variant.id}
        frame={frameIn({ variant: variant.id, ...(flow ? { flow } : {}) })}
        width={72}
        height={56}
        className="w-18 shrink-0"
        decorative
      />
      <span className="min-w-44 flex-1">
        <b className="block leading-tight">{nameOfStep(step)}</b>
        <span className="text-soft">
          {held}
          {saySides(step)}
        </span>
        <span className="flex flex-wrap gap-x-3 empty:hidden">
          {step.pose.ladder.length > 1 && (
            <select
              aria-label={`Version, step ${number}`}
              className={SMALL_SELECT}
              value={variant.id}
              onChange={(event) => onEdit({ kind: 'version', step: number, variant: event.target.value })}
            >
              {step.pose.ladder.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          )}
          {step.pose.side && !flow && (
            <select
              aria-label={`Sides, step ${number}`}
              className={SMALL_SELECT}
              value={step.sides.join()}
              onChange={(event) =>
                onEdit({ kind: 'sides', step: number, sides: event.target.value.split(',') as Side[] })
              }
            >
              <option value="right,left">each side</option>
              <option value="right">right</option>
              <option value="left">left</option>
            </select>
          )}
        </span>
      </span>
      <span className="flex gap-1">
        <Button look="quiet" className={quiet} aria-label={`Shorter, step ${number}`} onClick={change(-1)}>
          <Minus aria-hidden size={18} />
        </Button>
        <Button look="quiet" className={quiet} aria-label={`Longer, step ${number}`} onClick={change(1)}>
          <Plus aria-hidden size={18} />
        </Button>
        <Button
          look="quiet"
          className={quiet}
          aria-label={`Earlier, step ${number}`}
          disabled={isFirst}
          onClick={() => onEdit({ kind: 'move', step: number, after: number - 2 })}
        >
          <ArrowUp aria-hidden size={18} />
        </Button>
        <Button
          look="quiet"
          className={quiet}
          aria-label={`Later, step ${number}`}
          disabled={isLast}
          onClick={() => onEdit({ kind: 'move', step: number, after: number + 1 })}
        >
          <ArrowDown aria-hidden size={18} />
        </Button>
        <Button
          look="quiet"
          className={quiet}
          aria-label={`Add after step ${number}`}
          onClick={() => onAdd(number)}
        >
          <Plus aria-hidden size={18} className="rounded-full border border-current" />
        </Button>
        <Button
          look="quiet"
          className={quiet}
          aria-label={`Remove step ${number}`}
          onClick={() => onEdit({ kind: 'remove', step: number })}
        >
          <Trash2 aria-hidden size={18} />
        </Button>
      </span>
    </li>
  );
}
