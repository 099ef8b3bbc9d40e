import { CircleAlert } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from './Button.js';

/** Something is on its way. */
export const Loading = ({ what = 'Loading' }: { what?: string }) => (
  <p role="status" className="p-8 text-center text-soft">
    <span aria-hidden className="mr-3 inline-block size-3 animate-pulse rounded-full bg-teal" />
    {what} …
  </p>
);

/** Nothing here yet, and what to do about it. */
export const Empty = ({ children, action }: { children: ReactNode; action?: ReactNode }) => (
  <div className="rounded-2xl border border-dashed border-strong-line p-10 text-center text-soft">
    <p className="mb-4">{children}</p>
    {action}
  </div>
);

/** It went wrong: what, and a way on. */
export const Problem = ({ error, again }: { error: Error; again?: () => void }) => (
  <div
    role="alert"
    className="flex flex-wrap items-center gap-3 rounded-xl border border-clay bg-clay-wash p-4"
  >
    <CircleAlert aria-hidden className="shrink-0 text-clay" />
    <p className="flex-1">{error.message}</p>
    {again && <Button onClick={again}>Try again</Button>}
  </div>
);

interface ReadingProps {
  what: string;
  of: { isPending: boolean; error: Error | null; refetch: () => unknown };
}

/** Where a reading stands: on its way, gone wrong with a way on, or nothing to say. */
export const Reading = ({ what, of: { isPending, error, refetch } }: ReadingProps) => {
  if (error) return <Problem error={error} again={() => void refetch()} />;
  if (isPending) return <Loading what={what} />;
  return null;
};
