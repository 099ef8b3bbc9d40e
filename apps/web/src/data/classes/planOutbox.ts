import type { Choices } from '@lotus-steady/core';
import { answered, ApiError, client, ifMatch, type AnswerOf } from '../client.js';

/** A class's plan as it is sent. */
interface Plan {
  source: string;
  choices: Choices;
}

/** What is known of the plan of a class, on this page. */
interface Outbox {
  /** The version that the next plan is saved on. */
  version: number;
  /** On its way to the server: one after another, so that the last one stays. */
  sending?: Promise<void>;
  /** The server did not answer to it; closing the page with one of them is asked about. */
  unanswered?: Plan;
}

const outboxes = new Map<string, Outbox>();
window.addEventListener('beforeunload', (event) => {
  if ([...outboxes.values()].some(({ unanswered }) => unanswered)) event.preventDefault();
});

/** Tells on which version the next plan is saved: the class was read, or the other's plan was seen. */
export function planRead(id: string, version: number): void {
  const outbox = outboxes.get(id);
  if (outbox) outbox.version = version;
  else outboxes.set(id, { version });
}

/** The version that the next plan of a class is saved on. */
export const versionRead = (id: string): number => outboxes.get(id)?.version ?? 0;

/** What a plan is sent as; also when the page closes and nobody waits for the answer. */
export const planRequest = (id: string, { source, choices }: Plan): [url: string, init: RequestInit] => [
  `/api/classes/${id}/plan`,
  {
    method: 'PUT',
    headers: ifMatch(versionRead(id)),
    body: JSON.stringify({ sequenceText: source, choices }),
  },
];

/**
 * Sends a plan after those before it.
 *
 * @throws ApiError where it was refused or not answered; 409 where someone else has saved in between
 */
export async function sendPlan(id: string, plan: Plan): Promise<void> {
  const outbox = outboxes.get(id);
  if (!outbox) throw new Error('The class has not been read.');
  const before = outbox.sending;
  const sent = (async () => {
    await before?.catch(() => {});
    const saved = await answered<AnswerOf<'Class.savePlan'>>(
      client.PUT('/api/classes/{id}/plan', {
        params: { path: { id }, header: ifMatch(outbox.version) },
        body: { sequenceText: plan.source, choices: plan.choices },
      }),
    );
    outbox.version = saved.version;
  })();
  outbox.sending = sent;
  delete outbox.unanswered;
  try {
    await sent;
  } catch (error) {
    const lost = error instanceof ApiError && (error.status === 0 || error.status >= 500);
    if (outbox.sending === sent && lost) outbox.unanswered = plan;
    throw error;
  } finally {
    if (outbox.sending === sent) delete outbox.sending;
  }
}

/**
 * Waits until no plan of a class is on its way: whoever reads the class then reads what was last done to it.
 * A plan that was not answered to, on a screen that was left since, is sent once more.
 *
 * @throws ApiError where it is not answered again
 */
export async function planSaved(id: string): Promise<void> {
  const outbox = outboxes.get(id);
  if (!outbox) return;
  while (outbox.sending) await outbox.sending.catch(() => {});
  if (outbox.unanswered) await sendPlan(id, outbox.unanswered);
}
