import { parseSequence } from '@lotus-steady/core';
import { proxy } from 'comlink';
import { catalogue } from '../../data/catalogue.js';
import type { ClassInputs, KeptVariant } from '../../data/types.js';
import { atDesk } from '../../workers/desk.js';
import { unpacker } from '../../workers/packFitting.js';
import type { Fitters, LivePlan } from './LivePlan.js';

/** So often the page practises drawing what it shows, and when, ms. */
const DRAWN_AGAIN = [800, 1000, 1200, 1400];
/** The page reads the sequence once for itself at this time, ms. */
const READ_AT = 200;

/** The worker as whoever fits a plan. What it sends is packed, and the same parts stay the same objects. */
function workerFitters(): Fitters {
  const unpack = unpacker();
  return {
    async fit({ source, choices }, progress) {
      const { packed, errors } = await atDesk((work) => work.fit(source, choices, proxy(progress)));
      return { errors, ...(packed ? { fitting: unpack(packed) } : {}) };
    },
    oneForAll: ({ source, choices }, step) => atDesk((work) => work.oneForAll(source, step, choices)),
  };
}

/**
 * Lets a live plan be fitted by the worker, from what is known of the people; and has worker and page do
 * everything once at leisure, so that the first edit finds it done.
 *
 * @returns what ends it
 */
export function connectWorker(
  live: LivePlan,
  told: ClassInputs,
  mine: readonly KeptVariant[],
  source: string,
): () => void {
  let isOver = false;
  const connect = async (): Promise<void> => {
    await atDesk((work) => work.ready(told, [...mine]));
    if (isOver) return;
    const fitters = workerFitters();
    await live.connect(fitters);
    if (isOver || live.edited) return;
    const plan = live.planNow();
    await fitters.fit(plan, () => {});
    await atDesk((work) => work.practise(plan.source, plan.choices));
  };
  // Only an edit needs the worker: where it fails, the edit says so.
  connect().catch(() => {});
  const timers = [
    setTimeout(() => parseSequence(source, catalogue()), READ_AT),
    ...DRAWN_AGAIN.map((at) => setTimeout(() => live.redraw(), at)),
  ];
  return () => {
    isOver = true;
    timers.forEach(clearTimeout);
    live.disconnect();
  };
}
