import type { Plan } from '../../domain/fitting/live.js';

export interface PlanHistory {
  past: readonly Plan[];
  now: Plan;
  future: readonly Plan[];
}
export const startHistory = (now: Plan): PlanHistory => ({ past: [], now, future: [] });

/** So many edits can be undone. */
const KEPT_MOST = 200;

/**
 * One way of data: an edit, or one step back or forward. A change that changes nothing leaves nothing to
 * undo.
 */
export function planHistory(
  history: PlanHistory,
  action: 'undo' | 'redo' | { change: (plan: Plan) => Plan },
): PlanHistory {
  const { past, now, future } = history;
  if (action === 'undo')
    return past.length
      ? { past: past.slice(0, -1), now: past[past.length - 1]!, future: [now, ...future] }
      : history;
  if (action === 'redo')
    return future.length ? { past: [...past, now], now: future[0]!, future: future.slice(1) } : history;
  const next = action.change(now);
  if (next.source === now.source && JSON.stringify(next.choices) === JSON.stringify(now.choices))
    return history;
  return { past: [...past, now].slice(-KEPT_MOST), now: next, future: [] };
}
