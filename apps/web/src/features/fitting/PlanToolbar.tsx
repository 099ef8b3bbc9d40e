import { sayCost, type StepSwap } from '@lotus-steady/core';
import { Redo2, Undo2, UsersRound } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { ApiError } from '../../data/client.js';
import type { LivePlan, LivePlanState, Saved } from './LivePlan.js';
import { PlanConflict } from './PlanConflict.js';

/** What can be done with the class as a whole: undo, fewer versions, one for all; and whether it is kept. */
export function PlanToolbar({ id, live, state }: { id: string; live: LivePlan; state: LivePlanState }) {
  const { fitting, plan, canUndo, canRedo, saved, working, problem } = state;
  const conflict =
    typeof saved === 'object' && saved.error instanceof ApiError ? saved.error.current : undefined;
  const [found, setFound] = useState<{ said: string; swaps: StepSwap[] }>();
  const [looking, setLooking] = useState(false);
  async function lookForOne(): Promise<void> {
    setLooking(true);
    const swaps: StepSwap[] = [];
    const without: number[] = [];
    const leaving = new Set<string>();
    let cost = 0;
    for (const { step, versions, leftOut } of fitting.steps) {
      if (versions <= 1 || leftOut) continue;
      const [best] = await live.oneForAll(step);
      if (!best) {
        without.push(step);
        continue;
      }
      swaps.push({ step, variant: best.variant, reason: 'One version for everybody' });
      best.leaving.forEach((name) => leaving.add(name));
      cost += best.cost;
    }
    setLooking(false);
    setFound({
      swaps,
      said:
        `${swaps.length} steps would be one for everybody; ${leaving.size} people do something other than planned ` +
        `somewhere; in all ${sayCost(cost)}.${without.length ? ` None suits all at step ${without.join(', ')}.` : ''}`,
    });
  }
  return (
    <div
      role="toolbar"
      aria-label="Plan"
      className="no-print flex flex-wrap items-center gap-x-3 border-b border-line bg-ground pr-5 pl-3"
    >
      <Button look="quiet" disabled={!canUndo} onClick={() => live.undo()} title="Ctrl+Z">
        <Undo2 aria-hidden size={18} />
        <span className="max-sm:sr-only">Undo</span>
      </Button>
      <Button
        look="quiet"

        disabled={!canRedo}
        onClick={() => live.redo()}
        title="Ctrl+Shift+Z"
      >
        <Redo2 aria-hidden size={18} />
        <span className="max-sm:sr-only">Redo</span>
      </Button>
      <CheckField
        label="Fewer versions in the room"
        checked={plan.choices.fewerVersions}
        onChange={(event) => {
          const fewerVersions = event.target.checked;
          live.choose((choices) => ({ ...choices, fewerVersions }));
        }}
      />
      <Button
        look="quiet"

        disabled={looking || fitting.steps.every(({ versions }) => versions <= 1)}
        onClick={() => void lookForOne()}
      >
        <UsersRound aria-hidden size={18} />
        {looking ? 'Looking …' : 'One version safe for all'}
      </Button>
      {working && (
        <span role="status" className="text-soft">
          Fitting {working.done} of {working.of} …
        </span>
      )}
      <span role="status" className="ml-auto text-soft">
        {saySaved(saved)}
      </span>
      {typeof saved === 'object' && !conflict && (
        <Button onClick={() => void live.saveNow()}>Try again</Button>
      )}
      {conflict && <PlanConflict id={id} mine={plan} theirs={conflict} live={live} />}
      {problem && (
        <p role="alert" className="w-full py-1 font-semibold text-clay">
          {problem}
        </p>
      )}
      {found && (
        <div role="status" className="flex w-full flex-wrap items-center gap-3 border-t border-line py-2">
          <p className="flex-1">{found.said}</p>
          <Button
            look="main"
            disabled={!found.swaps.length}
            onClick={() => {
              const { swaps } = found;
              live.choose((choices) => ({
                ...choices,
                swaps: [
                  ...choices.swaps.filter((one) => !swaps.some(({ step }) => step === one.step)),
                  ...swaps,
                ],
              }));
              setFound(undefined);
            }}
          >
            Apply
          </Button>
          <Button look="quiet" onClick={() => setFound(undefined)}>
            Cancel
          </Button>
        </div>
      )}
    </div>
  );
}

const saySaved = (saved: Saved): string => {
  if (typeof saved === 'object') return `Not saved: ${saved.error.message}`;
  if (saved === 'saved') return 'All changes saved';
  return saved === 'saving' ? 'Saving …' : 'Not saved yet';
};
