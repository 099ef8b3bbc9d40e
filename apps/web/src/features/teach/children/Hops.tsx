import { useEffect, useState } from 'react';
import { Button } from '../../../ui/Button.js';

/** Hopped so often, and then frozen (common practice, no published source). */
const HOPS = 5;

/** Hops counted, and then how long it is quiet: who lands the most softly, who is still the longest. */
export function Hops() {
  const [hops, setHops] = useState(0);
  const [quiet, setQuiet] = useState<{ since: number; now: number }>();
  const [best, setBest] = useState(0);
  const seconds = quiet ? Math.floor((quiet.now - quiet.since) / 1000) : 0;
  const isQuiet = quiet !== undefined;
  const asks = best ? `longest today: ${best} seconds` : 'How long can we be quiet?';
  useEffect(() => {
    if (!isQuiet) return undefined;
    const timer = setInterval(() => setQuiet((was) => was && { ...was, now: Date.now() }), 250);
    return () => clearInterval(timer);
  }, [isQuiet]);
  return (
    <div className="grid min-h-96 gap-6 sm:grid-cols-2">
      <div className="flex flex-col items-center justify-center gap-4">
        <span aria-live="polite" className="font-display text-[7rem] leading-none font-semibold tabular-nums">
          {hops}
        </span>
        <p className="text-xl">{hops >= HOPS ? 'Freeze: who landed the most softly?' : `hops of ${HOPS}`}</p>
        <div className="flex gap-3">
          <Button look="main" className="min-h-16 px-8! text-xl" onClick={() => setHops(hops + 1)}>
            Hop
          </Button>
          <Button className="min-h-16" disabled={!hops} onClick={() => setHops(0)}>
            From nought
          </Button>
        </div>
      </div>
      <div className="flex flex-col items-center justify-center gap-4">
        <span role="timer" className="font-display text-[7rem] leading-none font-semibold tabular-nums">
          {seconds}
        </span>
        <p className="text-xl">{isQuiet ? 'seconds of quiet' : asks}</p>
        <Button
          className="min-h-16 px-8 text-xl"
          onClick={() => {
            const now = Date.now();
            if (isQuiet) setBest(Math.max(best, seconds));
            setQuiet(isQuiet ? undefined : { since: now, now });
          }}
        >
          {isQuiet ? 'I heard something' : 'Quiet from now'}
        </Button>
      </div>
    </div>
  );
}
