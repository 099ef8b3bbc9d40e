import type { ReactNode } from 'react';

/** How terms stand: beside their text in a column, or in a frame of their own. */
const LOOKS = {
  plain: 'grid-cols-[7rem_1fr] gap-x-3 gap-y-1.5',
  framed: 'mb-6 gap-x-6 gap-y-2 rounded-2xl border border-line bg-paper p-5 sm:grid-cols-[8rem_1fr]',
};

/** Terms and what there is to say to each, one a line; those with nothing to say are left out. */
export const Terms = ({
  of,
  look = 'plain',
}: {
  of: readonly (readonly [string, ReactNode])[];
  look?: keyof typeof LOOKS;
}) => (
  <dl className={`grid ${LOOKS[look]}`}>
    {of.map(
      ([term, text], i) =>
        text && (
          <div key={i} className="contents">
            <dt className="text-soft">{term}</dt>
            <dd>{text}</dd>
          </div>
        ),
    )}
  </dl>
);
