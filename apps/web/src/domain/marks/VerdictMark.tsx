import type { Verdict } from '@lotus-steady/core';
import { Sign } from './Sign.js';

/** A teacher's word for each verdict. */
export const VERDICT_WORDS: Record<Verdict, string> = {
  'as-written': 'as written',
  eased: 'eased',
  swapped: 'swapped',
  rest: 'rest',
};
const INK: Record<Verdict, string> = {
  'as-written': 'text-soft',
  eased: 'text-teal',
  swapped: 'text-indigo',
  rest: 'text-clay',
};

/**
 * The four marks differ by shape: an open ring, a half-filled ring, two arcs that change places, a level
 * bar.
 */
export const VerdictMark = ({ verdict, bare }: { verdict: Verdict; bare?: boolean }) => (
  <Sign ink={INK[verdict]} word={VERDICT_WORDS[verdict]} bare={bare}>
    {verdict === 'as-written' && <circle cx="8" cy="8" r="5.5" />}
    {verdict === 'eased' && (
      <>
        <circle cx="8" cy="8" r="5.5" />
        <path d="M8 2.5a5.5 5.5 0 0 0 0 11Z" fill="currentColor" stroke="none" />
      </>
    )}
    {verdict === 'swapped' && (
      <>
        <path d="M13.4 6.4A5.6 5.6 0 0 0 3.6 4.6M3.4 1.6v3.2h3.2" />
        <path d="M2.6 9.6a5.6 5.6 0 0 0 9.8 1.8M12.6 14.4v-3.2H9.4" />
      </>
    )}
    {verdict === 'rest' && <path d="M2.5 8h11" strokeWidth="4" />}
  </Sign>
);
