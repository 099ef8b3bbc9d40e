import type { ReactNode } from 'react';

/** A mark as a drawn sign with its word: told by shape, colour only helps. `bare`: the word is for ears. */
export const Sign = ({
  ink,
  word,
  bare,
  children,
  after,
}: {
  ink: string;
  word: string;
  bare?: boolean;
  /** Strokes on a field of 16 by 16. */
  children: ReactNode;
  after?: ReactNode;
}) => (
  <span className={`inline-flex items-center gap-1.5 font-semibold ${ink}`}>
    <svg
      viewBox="0 0 16 16"
      className="size-4 shrink-0"
      aria-hidden
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      strokeLinecap="round"
    >
      {children}
    </svg>
    <span className={bare ? 'sr-only' : ''}>{word}</span>
    {after}
  </span>
);
