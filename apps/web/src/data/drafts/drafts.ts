import { owner } from '../session/owner.js';

/** What was typed into a form and is not saved yet. */
export interface Draft<T, B> {
  values: T;
  /** What the form saves on: a version, or a version and the part it changes. */
  base: B;
  /** When it was last typed in, milliseconds since 1970. */
  at: number;
}

const PREFIX = 'lotus-steady.draft.';

const ownPrefix = (): string => `${PREFIX}${owner()}.`;
const keyOf = (name: string): string => `${ownPrefix()}${name}`;

/** How many forms of hers are not saved yet. */
export const countDrafts = (): number => ownKeys().length;

/** Forgets all of hers: she leaves this computer. */
export const forgetAllDrafts = (): void => ownKeys().forEach((key) => localStorage.removeItem(key));

const ownKeys = (): string[] => Object.keys(localStorage).filter((key) => key.startsWith(ownPrefix()));
/** What nobody has come back to for so long is forgotten, milliseconds: seven days. */
const KEPT_FOR = 7 * 24 * 60 * 60 * 1000;

/** Whether a draft is of the same form: another program wrote it where the fields have other names. */
const isLike = (values: object, like: object): boolean =>
  Object.keys(values).sort().join() === Object.keys(like).sort().join();

/**
 * A draft as it was left, on this computer alone.
 *
 * @param name which form of what: `person:<id>`
 * @param like values of the form as it is now: what has other fields is not given back
 * @param now milliseconds since 1970
 */
export function readDraft<T extends object, B>(
  name: string,
  like: T,
  now = Date.now(),
): Draft<T, B> | undefined {
  try {
    const draft = JSON.parse(localStorage.getItem(keyOf(name)) ?? 'null') as Draft<T, B> | null;
    if (!draft || now - draft.at > KEPT_FOR || !isLike(draft.values, like)) return undefined;
    return draft;
  } catch {
    return undefined;
  }
}

/** Keeps what is typed. A browser that keeps nothing is no reason not to type: the page has it still. */
export function keepDraft<T, B>(name: string, values: T, base: B, now = Date.now()): void {
  try {
    localStorage.setItem(keyOf(name), JSON.stringify({ values, base, at: now } satisfies Draft<T, B>));
  } catch {
    // Full, or not allowed.
  }
}

/** It was saved, or is not wanted. */
export const forgetDraft = (name: string): void => localStorage.removeItem(keyOf(name));

/** Forgets what nobody came back to: it may say how somebody is. */
export function forgetOldDrafts(now = Date.now()): void {
  for (const key of Object.keys(localStorage).filter((one) => one.startsWith(PREFIX))) {
    try {
      const { at } = JSON.parse(localStorage.getItem(key)!) as Draft<unknown, unknown>;
      if (!(now - at <= KEPT_FOR)) localStorage.removeItem(key);
    } catch {
      localStorage.removeItem(key);
    }
  }
}
