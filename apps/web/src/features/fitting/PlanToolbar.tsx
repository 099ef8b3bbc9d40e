import { Redo2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { savedMeanwhile } from '../../data/client.js';
import { Button } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import type { LivePlan, LivePlanState, Saved } from './LivePlan.js';
import { findOneForAll, OneForAllButton, OneForAllFound, type OneForAllOffer } from './OneForAll.js';
import { PlanConflict } from './PlanConflict.js';

/** What can be done with the class as a whole: undo, fewer versions, one for all; and whether it is saved. */
export function PlanToolbar({ id, live, state }: { id: string; live: LivePlan; state: LivePlanState }) {
  const { fitting, plan, canUndo, canRedo, saved, working, problem } = state;
  const error = typeof saved === 'object' ? saved.error : null;
  const theirs = savedMeanwhile<Record<string, unknown>>(error);
  const [found, setFound] = useState<OneForAllOffer>();
  const [looking, setLooking] = useState(false);
  async function look(): Promise<void> {
    setLooking(true);
    setFound(
      await findOneForAll(live, fitting).catch((failed: Error) => ({ swaps: [], said: failed.message })),
    );
    setLooking(false);
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
      <Button look="quiet" disabled={!canRedo} onClick={() => live.redo()} title="Ctrl+Shift+Z">
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
      <OneForAllButton
        looking={looking}
        disabled={fitting.steps.every(({ versions }) => versions <= 1)}
        onLook={() => void look()}
      />
      {working && (
        <span role="status" className="text-soft">
          Fitting {working.done} of {working.of} …
        </span>
      )}
      <span role="status" className="ml-auto text-soft">
        {saySaved(saved)}
      </span>
      {error && !theirs && <Button onClick={() => void live.saveNow()}>Try again</Button>}
      {theirs && <PlanConflict id={id} mine={plan} theirs={theirs} live={live} />}
      {problem && (
        <p role="alert" className="w-full py-1 font-semibold text-clay">
          {problem}
        </p>
      )}
      {found && <OneForAllFound found={found} live={live} onDone={() => setFound(undefined)} />}
    </div>
  );
}

const saySaved = (saved: Saved): string => {
  if (typeof saved === 'object') return `Not saved: ${saved.error.message}`;
  if (saved === 'saved') return 'All changes saved';
  return saved === 'saving' ? 'Saving …' : 'Not saved yet';
};
