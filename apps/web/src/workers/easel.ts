import { wrap, type Remote } from 'comlink';
import type { EaselWork } from './easelWork.js';

let easel: Remote<EaselWork> | undefined;

/** The worker that draws figures; it starts when the first is asked for. */
export function atEasel(): Remote<EaselWork> {
  if (easel) return easel;
  const thread = new Worker(new URL('./easelWorker.ts', import.meta.url), { type: 'module' });
  // One that failed is put away: the next figure starts another.
  thread.addEventListener('error', () => {
    easel = undefined;
    thread.terminate();
  });
  easel = wrap<EaselWork>(thread);
  return easel;
}
