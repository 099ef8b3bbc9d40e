import type { Said } from '@lotus-steady/core';
import { sayClock } from '../words/say.js';

interface Props {
  said: readonly Said[];
  /** Short names, by name. */
  names: ReadonlyMap<string, string>;
}

/** What to say, a line each; what is for one person alone names her. */
export const Script = ({ said, names }: Props) => (
  <ul className="space-y-1">
    {said.map(({ as, says, to, after }, i) => (
      <li key={i} className={as === 'come-out' || as === 'feel' ? 'text-soft' : ''}>
        {after !== undefined && <span className="mr-2 text-soft tabular-nums">{sayClock(after)}</span>}
        {to && <b className="text-indigo">{to.map((name) => names.get(name) ?? name).join(', ')}: </b>}
        <span className={as === 'safety' && !to ? 'font-semibold' : ''}>{says}</span>
      </li>
    ))}
  </ul>
);
