import type { ReactNode } from 'react';

/** Terms and what there is to say to each, one a line; those with nothing to say are left out. */
export const Terms = ({ of }: { of: readonly (readonly [string, ReactNode])[] }) => (
  <dl className="grid grid-cols-[7rem_1fr] gap-x-3 gap-y-1.5">
    {of.map(
      ([term, text]) =>
        text && (
          <div key={term} className="contents">
            <dt className="text-soft">{term}</dt>
            <dd>{text}</dd>
          </div>
        ),
    )}
  </dl>
);
