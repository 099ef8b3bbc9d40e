import { type LaneStep } from '@lotus-steady/core';

/**
 * Said wherever a cell is the teacher's own choice, or someone does something else than suits best: on
 * screen, in class and on paper.
 */
export const Chosen = ({ entries }: { entries: readonly Pick<LaneStep, 'override' | 'because'>[] }) => (
  <>
    {entries.some(({ override }) => override) && (
      <span
        className={
          'ml-1 inline-block rounded border-2 border-dashed border-clay px-1 text-sm ' +
          'font-semibold text-clay'
        }
      >
        your choice{entries.some(({ override }) => override?.breaks.length) ? ', against a limit' : ''}
      </span>
    )}
    {entries.some(({ because }) => because?.kind === 'stock') && (
      <span className="ml-1 inline-block rounded border border-line px-1 text-sm text-soft">
        not enough {entries.flatMap(({ because }) => (because?.kind === 'stock' ? [because.prop] : []))[0]}s
      </span>
    )}
    {entries.some(({ because }) => because?.kind === 'fewer-versions') && (
      <span className="ml-1 inline-block rounded border border-line px-1 text-sm text-soft">
        with the others
      </span>
    )}
  </>
);
