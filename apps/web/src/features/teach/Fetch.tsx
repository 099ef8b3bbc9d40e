import { oneEach, type Moment } from '@lotus-steady/core';
import { sayProps } from '../../domain/words/say.js';

/** What must be at hand: for this moment on the way there, otherwise for the next. */
export function Fetch({
  moment,
  names,
  isNow,
}: {
  moment: Moment | undefined;
  names: ReadonlyMap<string, string>;
  isNow: boolean;
}) {
  if (!moment?.fetch.length) return null;
  return (
    <p className="rounded-xl bg-sunk px-4 py-2">
      <b>{isNow ? 'To hand now: ' : 'To hand for what comes: '}</b>
      {moment.fetch
        .map(({ prop, count, people }) => {
          const all = people.length > 1 && people.length === oneEach(moment).length;
          const whose = all ? 'all' : people.map((name) => names.get(name) ?? name).join(', ');
          return `${sayProps([{ prop, count }])} (${whose})`;
        })
        .join(' · ')}
    </p>
  );
}
