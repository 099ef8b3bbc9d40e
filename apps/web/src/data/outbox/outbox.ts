import type { InputError } from '@lotus-steady/core';
import { ifMatch } from '../client.js';
import { forgetDraft } from '../drafts/drafts.js';
import { setAnswered } from '../reach.js';
import { tokenFor } from '../session/changeToken.js';
import { owner } from '../session/owner.js';

/** A change that goes to the server as soon as that answers. */
export interface Change {
  method: 'PUT' | 'POST' | 'DELETE';
  /** From `/api` on. */
  path: string;
  body?: unknown;
  /** The version that it is saved on. */
  version?: number;
  /** What it is about, to be told by: a note made in class, the record of it, or what somebody wrote of herself. */
  what: 'note' | 'record' | 'entry';
  /** Of which class. */
  classId?: string;
  /** Drafts that are done with once it has arrived. */
  drafts?: readonly string[];
}

/** A change that has not arrived. */
export interface Waiting extends Change {
  /** Under which it is kept; later ones sort after it. */
  name: string;
  /** Its `Idempotency-Key`: sent several times, it is made once. */
  key: string;
  /** What the server said against it, and with which status. */
  refused?: { message: string; status: number; fields: readonly InputError[] };
}

const PREFIX = 'lotus-steady.outbox.';
/** Waited before the server is asked again, milliseconds; each time half as long again, up to the most. */
const FIRST_WAIT = 1000;
const LONGEST_WAIT = 15_000;
/** What is not answered for so long is asked again, milliseconds: a network that is gone says nothing. */
const ANSWERED_WITHIN = 15_000;

const ownPrefix = (): string => `${PREFIX}${owner()}.`;
const listeners = new Set<() => void>();
let shown: readonly Waiting[] = [];
let isFresh = false;
let count = 0;

const changed = (): void => {
  isFresh = false;
  for (const listener of listeners) listener();
};

/** What waits, in the order in which it was done. The same list until something changes. */
export function waiting(): readonly Waiting[] {
  if (!isFresh) {
    shown = Object.keys(localStorage)
      .filter((name) => name.startsWith(ownPrefix()))
      .sort()
      .map((name) => ({ ...(JSON.parse(localStorage.getItem(name)!) as Omit<Waiting, 'name'>), name }));
    isFresh = true;
  }
  return shown;
}

/** @returns to listen no more */
export function onOutbox(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/**
 * Keeps a change on this device, where a reload or a crash does not reach it, and sends it after those before it.
 *
 * @param done ms since 1970
 * @throws where the browser keeps nothing, or has no more room: it is not sent then either
 */
export function sendSoon(change: Change, done = Date.now()): Promise<void> {
  const order = `${String(done).padStart(15, '0')}-${String(count++).padStart(6, '0')}`;
  localStorage.setItem(`${ownPrefix()}${order}`, JSON.stringify({ ...change, key: crypto.randomUUID() }));
  changed();
  return deliver().then(() => {
    // What was on its way just then may have been at its end.
    if (again === undefined && firstToSend()) return deliver();
  });
}

/** Takes a change that has not arrived out again. */
export function takeOut({ name }: Pick<Waiting, 'name'>): void {
  localStorage.removeItem(name);
  changed();
}

/** Forgets all of hers: she leaves this computer. */
export function forgetOutbox(): void {
  for (const one of waiting()) localStorage.removeItem(one.name);
  changed();
}

let delivering: Promise<void> | undefined;
let again: ReturnType<typeof setTimeout> | undefined;
let wait = FIRST_WAIT;

/** Sends what waits, one after another and from one window alone, until something is not answered. */
export function deliver(): Promise<void> {
  delivering ??= alone(sendAll).finally(() => {
    delivering = undefined;
  });
  return delivering;
}

const alone = (work: () => Promise<void>): Promise<void> =>
  'locks' in navigator ? navigator.locks.request('lotus-steady.outbox', work) : work();

async function sendAll(): Promise<void> {
  clearTimeout(again);
  again = undefined;
  // Another window may have sent some of it meanwhile, or somebody else has signed in.
  changed();
  for (let next = firstToSend(); next; next = firstToSend())
    if (!(await send(next))) {
      again = setTimeout(() => void deliver(), wait);
      wait = Math.min(LONGEST_WAIT, wait * 1.5);
      return;
    }
  wait = FIRST_WAIT;
}

const firstToSend = (): Waiting | undefined => waiting().find(({ refused }) => refused === undefined);

/** @returns whether it was answered: with yes, and it waits no more, or with no, and it says so */
async function send({ name, ...change }: Waiting): Promise<boolean> {
  const { key, method, path, body, version, drafts = [] } = change;
  const token = tokenFor(new URL(path, window.location.href).href);
  const response = await fetch(path, {
    method,
    headers: {
      'Idempotency-Key': key,
      ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
      ...(version === undefined ? {} : ifMatch(version)),
      ...(token ? { 'X-Lotus-Token': token } : {}),
    },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    signal: AbortSignal.timeout(ANSWERED_WITHIN),
  }).catch(() => undefined);
  setAnswered(response !== undefined && response.status < 500);
  // Signed out: it goes once she has signed in again.
  if (!response || response.status >= 500 || response.status === 401) return false;
  if (response.ok) {
    localStorage.removeItem(name);
    drafts.forEach(forgetDraft);
  } else {
    const said = (await response.json().catch(() => ({}))) as Partial<Waiting['refused'] & object>;
    const refused = {
      message: said.message ?? 'It was refused.',
      status: response.status,
      fields: said.fields ?? [],
    };
    localStorage.setItem(name, JSON.stringify({ ...change, refused }));
  }
  changed();
  return true;
}

/** Sends what waits as soon as there is a network again, or somebody looks. @returns to do so no more */
export function beginDelivering(): () => void {
  const soon = (): void => {
    wait = FIRST_WAIT;
    if (document.visibilityState === 'visible' && owner()) void deliver();
  };
  const inAnotherWindow = (event: StorageEvent): void => {
    if (event.key?.startsWith(PREFIX)) changed();
  };
  window.addEventListener('online', soon);
  window.addEventListener('storage', inAnotherWindow);
  document.addEventListener('visibilitychange', soon);
  return () => {
    window.removeEventListener('online', soon);
    window.removeEventListener('storage', inAnotherWindow);
    document.removeEventListener('visibilitychange', soon);
  };
}
