import type { Comparison } from '@lotus-steady/core';
import type { ReactNode } from 'react';
import { sayChange } from './sayChange.js';

/** What differs between a class as it was planned and as it would be fitted now. */
export function Differences({
  comparison: { says, differences },
  children,
}: {
  comparison: Comparison;
  children?: ReactNode;
}) {
  if (!differences.length) return null;
  return (
    <section
      aria-label="Changed since"
      className="no-print flex flex-wrap items-start gap-3 border-b border-clay bg-clay-wash px-5 py-3"
    >
      <details className="min-w-72 flex-1">
        <summary className="min-h-6 content-center font-semibold">{says}</summary>
        <ul className="mt-2 space-y-1">
          {differences.map((one, i) => (
            <li key={i}>
              <b>{one.person}</b>: {sayChange(one)} <span className="text-soft">{one.why}</span>
            </li>
          ))}
        </ul>
      </details>
      {children}
    </section>
  );
}
