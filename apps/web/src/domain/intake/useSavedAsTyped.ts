import { mergePerson, readPerson, takeTheirs, type InputError, type MergeConflict } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { Autosave, type AutosaveState } from '../../data/drafts/Autosave.js';
import { savePerson } from '../../data/people/savePerson.js';
import { ifMatch } from '../../data/client.js';
import { sendLeaving } from '../../data/sendLeaving.js';
import { today } from '../../data/today.js';
import type { PersonDraft, PersonLine } from '../../data/types.js';
import { valuesOf, writtenOf, type PersonValues } from '../person/personValues.js';

/** What is wrong with a draft, by field. */
function errorsIn(draft: PersonDraft): InputError[] {
  const errors: InputError[] = [];
  readPerson(draft, '', errors, RULEBOOK, today());
  return errors;
}

const draftOf = (line: PersonLine): PersonDraft => writtenOf(valuesOf(line));

export interface SavedAsTyped {
  state: AutosaveState<PersonLine>;
  errors: readonly InputError[];
  /** What somebody else has changed differently meanwhile. */
  conflicts: readonly MergeConflict[];
  /** Takes some of theirs, and saves. */
  decide: (theirs: readonly MergeConflict[]) => void;
  /** Saves at once what waits. */
  flush: () => Promise<void>;
}

/**
 * Saves somebody a moment after each change of a form. What another saves meanwhile is brought together with it, field
 * by field; where both said something else it is asked.
 */
export function useSavedAsTyped(person: PersonLine, form: UseFormReturn<PersonValues>): SavedAsTyped {
  const base = useRef(draftOf(person));
  const [errors, setErrors] = useState<readonly InputError[]>([]);
  const [met, setMet] = useState<{ merged: PersonDraft; conflicts: readonly MergeConflict[] }>();
  const autosave = useMemo(
    () =>
      new Autosave<PersonDraft, PersonLine>(person.version, {
        save: async (draft, version) => {
          const saved = await savePerson(person.id, draft, version);
          base.current = draft;
          return saved;
        },
        refuse: (draft) => {
          const found = errorsIn(draft);
          setErrors(found);
          return found[0]?.message;
        },
        merge: (mine, line) => {
          const theirs = draftOf(line);
          const { merged, conflicts } = mergePerson(base.current, mine, theirs);
          base.current = theirs;
          if (conflicts.length) {
            setMet({ merged, conflicts });
            return undefined;
          }
          form.reset(valuesOf({ ...line, ...merged } as PersonLine));
          return merged;
        },
      }),
    // One for the screen: what is saved meanwhile counts its versions itself.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [person.id],
  );
  useEffect(() => {
    const { unsubscribe } = form.watch((_values, { type, name }) => {
      // What was put back by a merge was not typed.
      if (type === undefined && name === undefined) return;
      autosave.change(writtenOf(form.getValues()));
    });
    return () => {
      unsubscribe();
      void autosave.flush();
    };
    // What it began with; ranges are measured on a screen of their own.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [autosave, form]);
  useEffect(() => {
    const leave = (): void => {
      const left = autosave.unsaved();
      if (!left || errorsIn(left.what).length) return;
      sendLeaving(`/api/people/${person.id}`, {
        method: 'PUT',
        headers: ifMatch(left.version),
        body: JSON.stringify(left.what),
      });
    };
    window.addEventListener('pagehide', leave);
    return () => window.removeEventListener('pagehide', leave);
  }, [autosave, person.id]);
  return {
    state: useSyncExternalStore(autosave.watch, autosave.now),
    errors,
    conflicts: met?.conflicts ?? [],
    decide: (theirs) => {
      if (!met) return;
      const decided = theirs.reduce((whole, one) => takeTheirs(whole, one), met.merged);
      form.reset(valuesOf({ ...person, ...decided } as PersonLine));
      setMet(undefined);
      autosave.settle(decided);
    },
    flush: () => autosave.flush(),
  };
}
