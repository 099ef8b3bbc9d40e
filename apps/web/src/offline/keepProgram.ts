/**
 * Keeps the program itself on this device: it opens from then on also while nothing answers.
 *
 * @returns false where the browser does not: it is told not to, or does not trust the server's certificate
 */
export async function keepProgram(): Promise<boolean> {
  if (!('serviceWorker' in navigator)) return false;
  try {
    await navigator.serviceWorker.register('/sw.js');
    await navigator.serviceWorker.ready;
    return true;
  } catch {
    return false;
  }
}
