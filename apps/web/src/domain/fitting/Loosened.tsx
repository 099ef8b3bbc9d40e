import type { LaneStep } from '@lotus-steady/core';

/**
 * Said wherever a rule that the hall has loosened decides: someone is allowed more here than the rulebook
 * allows.
 */
export const Loosened = ({ entries }: { entries: readonly Pick<LaneStep, 'findings'>[] }) =>
  entries.some(({ findings }) =>
    findings.some(({ changed, level }) => changed?.how === 'loosened' && level === 'watch'),
  ) ? (
    <span className="ml-1 inline-block rounded border border-clay px-1 text-sm font-semibold text-clay">
      loosened here
    </span>
  ) : null;
