import { useRevalidator, useRouteError } from 'react-router';
import { Problem } from '../ui/states.js';

/** A screen that could not be shown: what happened, and a way on. */
export function Failed() {
  const error = useRouteError();
  const { revalidate } = useRevalidator();
  const said =
    error instanceof Error
      ? error
      : new Error('This screen could not be shown. Reload the page, or go back.');
  return (
    <div className="mx-auto max-w-3xl p-6">
      <Problem error={said} again={() => void revalidate()} />
      <p className="mt-4">
        <a className="text-teal underline" href="/classes">
          To the classes
        </a>
      </p>
    </div>
  );
}
