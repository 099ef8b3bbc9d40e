import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { forgetDraft, keepDraft, readDraft } from './drafts.js';

export interface DraftOfForm<B> {
  /** What the form saves on: what it began with, also where it began before a reload. */
  base: B;
  /** It goes on from another base: its part was saved, or another's was taken. */
  rebase: (base: B) => void;
  /** When what was given back had been typed; undefined where the form begins as it was read. */
  typedAt: number | undefined;
  /** It was saved, or is not wanted. */
  forget: () => void;
  /** Takes the form back to what was read. */
  startAgain: () => void;
}

/**
 * Keeps what is typed into a form until it is saved, and gives it back: after a reload, a crash, or Escape.
 *
 * @param name which form of what: `person:<id>`
 * @param read what the form saves on, as it was read just now
 */
export function useDraft<T extends FieldValues, B>(
  form: UseFormReturn<T>,
  name: string,
  read: B,
): DraftOfForm<B> {
  const [kept, setKept] = useState(() => readDraft<T, B>(name, form.getValues()));
  const [base, setBase] = useState(kept ? kept.base : read);
  const baseNow = useRef(base);
  const { reset, subscribe } = form;
  const rebase = (next: B): void => {
    baseNow.current = next;
    setBase(next);
  };
  const forget = (): void => {
    forgetDraft(name);
    setKept(undefined);
  };
  useLayoutEffect(() => {
    if (kept) reset(kept.values, { keepDefaultValues: true });
    // Given back once, when the form opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  useEffect(
    () =>
      subscribe({
        formState: { values: true, isDirty: true },
        callback: ({ values, isDirty }) =>
          isDirty ? keepDraft(name, values, baseNow.current) : forgetDraft(name),
      }),
    [name, subscribe],
  );
  return {
    base,
    rebase,
    typedAt: kept?.at,
    forget,
    startAgain: () => {
      rebase(read);
      reset();
      forget();
    },
  };
}
