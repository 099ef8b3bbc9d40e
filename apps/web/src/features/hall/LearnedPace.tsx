import type { LearnedPace as Learned, Pace } from '@lotus-steady/core';
import { useLearnedPace } from '../../data/hall/useLearnedPace.js';
import { Button } from '../../ui/Button.js';
import { Problem } from '../../ui/states.js';
import { PACE_WORDS, sayLonger, sayOff } from './paceWords.js';

/** What real classes took, beside what they were planned with; taken over only where she says so. */
export function LearnedPace({ onTake }: { onTake: (parts: Partial<Pace>) => void }) {
  const { data, error } = useLearnedPace();
  if (error) return <Problem error={error} />;
  if (!data) return null;
  const { learned } = data;
  return (
    <section aria-label="From your classes" className="mt-4 rounded-xl border border-line bg-paper p-4">
      <h3 className="text-lg">From your classes</h3>
      {learned ? (
        <Facts learned={learned} onTake={onTake} />
      ) : (
        <p className="text-soft">
          Teach a class here and write its record: how long things really took is said here then.
        </p>
      )}
    </section>
  );
}

function Facts({ learned, onTake }: { learned: Learned; onTake: (parts: Partial<Pace>) => void }) {
  const { classes, off, parts, firstSide, late } = learned;
  const told = Object.entries(parts) as [keyof Pace, { seconds: number; from: number }][];
  return (
    <>
      <p>
        {classes === 1 ? 'One class' : `The last ${classes} classes`} took {sayOff(off)}.
      </p>
      {firstSide !== undefined && (
        <p className="text-soft">The first side: {sayLonger(firstSide)} than the second.</p>
      )}
      {late !== undefined && (
        <p className="text-soft">Holds in the last third: {sayLonger(late)} than in the first.</p>
      )}
      {told.length > 0 && (
        <>
          <ul className="my-2">
            {told.map(([part, { seconds, from }]) => (
              <li key={part}>
                {PACE_WORDS[part]}: <b>{seconds} s</b> <span className="text-soft">({from} times)</span>
              </li>
            ))}
          </ul>
          <Button
            onClick={() => onTake(Object.fromEntries(told.map(([part, { seconds }]) => [part, seconds])))}
          >
            Plan with these
          </Button>
          <span className="ml-3 text-soft">They are filled in above; save the pace then.</span>
        </>
      )}
    </>
  );
}
