import type { Mark } from '@lotus-steady/core';
import { Sign } from './Sign.js';

const WORDS: Readonly<Record<Mark, string>> = {
  allowed: 'allowed',
  'with-care': 'with care',
  limited: 'limited',
  never: 'never',
};
const INK: Readonly<Record<Mark, string>> = {
  allowed: 'text-soft',
  'with-care': 'text-teal',
  limited: 'text-indigo',
  never: 'text-clay',
};

/**
 * How a variant stands for someone, by shape and word: a small ring, a ring with a dot, a gate, a closed
 * diamond.
 */
export const MarkSign = ({ mark, count }: { mark: Mark; count?: number }) => (
  <Sign
    ink={INK[mark]}
    word={WORDS[mark]}
    after={count !== undefined && <span className="font-normal tabular-nums">{count}</span>}
  >
    {mark === 'allowed' && <circle cx="8" cy="8" r="4" />}
    {mark === 'with-care' && (
      <>
        <circle cx="8" cy="8" r="6" />
        <circle cx="8" cy="8" r="1.6" fill="currentColor" />
      </>
    )}
    {mark === 'limited' && <path d="M3 13V5M13 13V5M3 8h10M3 11h10" />}
    {mark === 'never' && <path d="M8 1.5 14.5 8 8 14.5 1.5 8Z" fill="currentColor" />}
  </Sign>
);
