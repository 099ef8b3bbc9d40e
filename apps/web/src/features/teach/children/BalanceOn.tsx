import { BALANCES } from '@lotus-steady/core';
import { useState } from 'react';
import { Button } from '../../../ui/Button.js';

/** A number of parts of the body to balance on, with an easier and a harder way. */
export function BalanceOn() {
  const [at, setAt] = useState(0);
  const { parts, easier, harder } = BALANCES[at % BALANCES.length]!;
  return (
    <div className="flex min-h-96 flex-col items-center justify-center gap-4 text-center">
      <p className="text-xl text-soft">So many parts on the floor, never the head:</p>
      <span aria-live="polite" className="font-display text-[9rem] leading-none font-semibold">
        {parts}
      </span>
      <p className="text-xl">
        <b>Easier:</b> {easier} <span className="mx-3 text-soft">·</span> <b>Harder:</b> {harder}
      </p>
      <Button look="main" className="min-h-16 px-8! text-xl" onClick={() => setAt(at + 1)}>
        Another number
      </Button>
    </div>
  );
}
