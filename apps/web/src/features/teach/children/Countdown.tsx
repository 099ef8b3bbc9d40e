import { Minus, Plus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button } from '../../../ui/Button.js';
import { beSilent, chime, sayAloud } from '../sounds.js';

/** Nobody counts from less, or holds for more: what children hold is ten seconds, twenty at most. */
const LEAST = 3;
const MOST = 20;

/** Counted down aloud, a number a second; at nought the chime. */
export function Countdown({ from }: { from: number }) {
  const [start, setStart] = useState(from);
  const [left, setLeft] = useState<number>();
  useEffect(() => {
    if (left === undefined || left < 0) return undefined;
    if (left === 0) chime();
    else sayAloud(String(left), true);
    const timer = setTimeout(() => setLeft(left === 0 ? undefined : left - 1), 1000);
    return () => clearTimeout(timer);
  }, [left]);
  useEffect(() => beSilent, []);
  const runs = left !== undefined;
  return (
    <div className="flex min-h-96 flex-col items-center justify-center gap-6">
      <span role="timer" className="font-display text-[9rem] leading-none font-semibold tabular-nums">
        {left ?? start}
      </span>
      <div className="flex flex-wrap items-center justify-center gap-3">
        <Button
          aria-label="One less"
          className="min-h-16 min-w-16"
          disabled={runs || start <= LEAST}
          onClick={() => setStart(start - 1)}
        >
          <Minus aria-hidden />
        </Button>
        <Button
          look="main"
          className="min-h-16 px-8! text-xl"
          onClick={() => setLeft(runs ? undefined : start)}
        >
          {runs ? 'Stop' : 'Count down'}
        </Button>
        <Button
          aria-label="One more"
          className="min-h-16 min-w-16"
          disabled={runs || start >= MOST}
          onClick={() => setStart(start + 1)}
        >
          <Plus aria-hidden />
        </Button>
      </div>
    </div>
  );
}
