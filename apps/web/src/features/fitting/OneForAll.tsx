import { sayCost, type Fitting, type StepSwap } from '@lotus-steady/core';
import { UsersRound } from 'lucide-react';
import { Button } from '../../ui/Button.js';
import type { LivePlan } from './LivePlan.js';

/** One version for everybody at every step where there is one, and what that comes to in words. */
export interface OneForAllOffer {
  swaps: readonly StepSwap[];
  said: string;
}

/** Looks for the best version for everybody, step by step, wherever there is more than one now. */
export async function findOneForAll(live: LivePlan, { steps }: Fitting): Promise<OneForAllOffer> {
  const swaps: StepSwap[] = [];
  const without: number[] = [];
  const leaving = new Set<string>();
  let cost = 0;
  for (const { step, versions, leftOut } of steps) {
    if (versions <= 1 || leftOut) continue;
    const [best] = await live.oneForAll(step);
    if (!best) {
      without.push(step);
      continue;
    }
    swaps.push({ step, variant: best.variant, reason: 'One version for everybody' });
    best.leaving.forEach((person) => leaving.add(person));
    cost += best.cost;
  }
  return {
    swaps,
    said:
      `${swaps.length} steps would be one for everybody; ${leaving.size} people do something other than planned ` +
      `somewhere; in all ${sayCost(cost)}.${without.length ? ` None suits all at step ${without.join(', ')}.` : ''}`,
  };
}

/** The button that looks for it. */
export const OneForAllButton = ({
  looking,
  disabled,
  onLook,
}: {
  looking: boolean;
  disabled: boolean;
  onLook: () => void;
}) => (
  <Button look="quiet" disabled={looking || disabled} onClick={onLook}>
    <UsersRound aria-hidden size={18} />
    {looking ? 'Looking …' : 'One version safe for all'}
  </Button>
);

/** What was found, to be applied to the plan or not. */
export const OneForAllFound = ({
  found: { said, swaps },
  live,
  onDone,
}: {
  found: OneForAllOffer;
  live: LivePlan;
  onDone: () => void;
}) => (
  <div role="status" className="flex w-full flex-wrap items-center gap-3 border-t border-line py-2">
    <p className="flex-1">{said}</p>
    <Button
      look="main"
      disabled={!swaps.length}
      onClick={() => {
        live.choose((choices) => ({
          ...choices,
          swaps: [...choices.swaps.filter((one) => !swaps.some(({ step }) => step === one.step)), ...swaps],
        }));
        onDone();
      }}
    >
      Apply
    </Button>
    <Button look="quiet" onClick={onDone}>
      Cancel
    </Button>
  </div>
);
