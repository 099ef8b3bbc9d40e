import { transfer, wrap, type Remote } from 'comlink';
import { catalogueFile } from '../data/loadCatalogue.js';
import type { Work } from './worker.js';

/** What a failing worker is said with. */
const FAILED = 'This could not be worked out on the page. Reload it, or try again.';

interface Desk {
  work: Remote<Work>;
  /** Never done; fails when the worker does. */
  failed: Promise<never>;
}

let desk: Promise<Desk> | undefined;

/** Starts the worker and hands it the catalogue. One that failed is put away: the next asks for a new one. */
async function open(): Promise<Desk> {
  const file = await catalogueFile();
  const thread = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  const failed = new Promise<never>((_, reject) => {
    const fail = (): void => {
      desk = undefined;
      thread.terminate();
      reject(new Error(FAILED));
    };
    thread.addEventListener('error', fail);
    thread.addEventListener('messageerror', fail);
  });
  failed.catch(() => {});
  const work = wrap<Work>(thread);
  const copy = file.slice(0);
  await Promise.race([work.takeCatalogue(transfer(copy, [copy])), failed]);
  return { work, failed };
}

/**
 * Has something worked out by the worker.
 *
 * @example await atDesk((work) => work.size(task, fits, stock))
 * @throws with words for the page where the worker fails; the next call starts another
 */
export async function atDesk<T>(ask: (work: Remote<Work>) => Promise<T>): Promise<T> {
  desk ??= open();
  desk.catch(() => {
    desk = undefined;
  });
  const { work, failed } = await desk;
  return Promise.race([ask(work), failed]);
}
