import { lazy, Suspense, useEffect, useState } from 'react';
import { Outlet, ScrollRestoration } from 'react-router';
import 'sonner/dist/styles.css';

const Toaster = lazy(async () => ({ default: (await import('sonner')).Toaster }));

/** Around every screen: what is said in passing, and the place on a page that one comes back to. */
export const Root = () => (
  <>
    <Outlet />
    <ScrollRestoration />
    <Toasts />
  </>
);

/** Nothing is said before the first screen stands: what says it comes after that. */
function Toasts() {
  const [stands, setStands] = useState(false);
  useEffect(() => setStands(true), []);
  if (!stands) return null;
  return (
    <Suspense>
      <Toaster position="bottom-center" toastOptions={{ className: 'toast' }} closeButton />
    </Suspense>
  );
}
