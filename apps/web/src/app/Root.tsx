import { Outlet, ScrollRestoration } from 'react-router';
import { Toaster } from 'sonner';
import 'sonner/dist/styles.css';

/** Around every screen: what is said in passing, and the place on a page that one comes back to. */
export const Root = () => (
  <>
    <Outlet />
    <ScrollRestoration />
    <Toaster position="bottom-center" toastOptions={{ className: 'toast' }} closeButton />
  </>
);
