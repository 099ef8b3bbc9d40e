import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { LastTime, Remembered } from '../../data/types.js';
import { sayShortDate } from '../words/say.js';
import { sayLastTimes, type SaidOfLastTime } from './sayLastTimes.js';

const LastTimesContext = createContext<SaidOfLastTime>({ byPose: new Map(), props: new Map(), notes: [] });

/** Lets the steps of a fitting say how it was the last time. */
export function LastTimes({
  of,
  remembered,
  people,
  children,
}: {
  of: readonly LastTime[] | undefined;
  remembered: readonly Remembered[] | undefined;
  people: readonly { id: string; name: string }[];
  children: ReactNode;
}) {
  const said = useMemo(() => sayLastTimes(of ?? [], people, remembered), [of, people, remembered]);
  return <LastTimesContext value={said}>{children}</LastTimesContext>;
}

/** Who eased or stopped in a pose the last time, what hurt, and which props worked. */
export function LastInPose({ pose }: { pose: string }) {
  const { byPose, props } = useContext(LastTimesContext);
  const said = byPose.get(pose);
  const worked = props.get(pose);
  return (
    <>
      {said && <p className="text-sm text-indigo">Last time: {said.says.join('; ')}</p>}
      {worked && <p className="text-sm text-indigo">What worked: {worked.join('; ')}</p>}
    </>
  );
}

/** What was written down of each the last time. */
export function LastNotes() {
  const { notes } = useContext(LastTimesContext);
  if (!notes.length) return null;
  return (
    <details className="mt-1">
      <summary className="min-h-6 content-center text-teal">
        {notes.length === 1 ? 'A note' : `${notes.length} notes`} of last time
      </summary>
      <ul className="mt-1 space-y-1">
        {notes.map(({ who, says, on }) => (
          <li key={who + says}>
            <b>{who}</b>: {says} <span className="text-soft">({sayShortDate(on)})</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
