import { lazy, Suspense, useEffect, useState } from 'react';
import { Outlet, ScrollRestoration } from 'react-router';
import { forgetReadings } from '../data/kept/keptReadings.js';
import { goOn } from '../data/session/goOn.js';
import { onSignedOut } from '../data/session/signedOut.js';
import { useArrivals } from '../domain/outbox/useArrivals.js';
import 'sonner/dist/styles.css';

const Toaster = lazy(async () => ({ default: (await import('sonner')).Toaster }));

/** Around every screen: what is said in passing, and the place on a page that one comes back to. */
export function Root() {
  useEffect(() => onSignedOut(signInAgain), []);
  useArrivals();
  return (
    <>
      <Outlet />
      <ScrollRestoration />
      <Toasts />
    </>
  );
}

/** Her session has ended, here or from elsewhere: she comes back to where she was, and to what she had typed. */
function signInAgain(): void {
  void forgetReadings().catch(() => undefined);
  const { pathname, search } = window.location;
  if (pathname !== '/sign-in') goOn(`/sign-in?then=${encodeURIComponent(pathname + search)}`);
}

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
