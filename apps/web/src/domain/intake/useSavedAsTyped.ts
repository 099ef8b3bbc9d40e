import { mergePerson, readPerson, takeTheirs, type InputError, type MergeConflict } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { Autosave, type AutosaveState } from '../../data/drafts/Autosave.js';
import { useDraft, type DraftOfForm } from '../../data/drafts/useDraft.js';
import { useSentOnLeaving } from '../../data/drafts/useSentOnLeaving.js';
import { savePerson } from '../../data/people/savePerson.js';
import { ifMatch } from '../../data/client.js';
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

/** What somebody else has saved meanwhile, and what both had read before. */
interface Met {
  before: PersonDraft;
  theirs: PersonDraft;
  conflicts: readonly MergeConflict[];
}

/** A draft as somebody known: what was taken out of it does not come back from what was read. */
const asLine = ({ id, version }: PersonLine, draft: PersonDraft): PersonLine =>
  ({ id, version, ...draft }) as PersonLine;

export interface SavedAsTyped {
  draft: DraftOfForm<number>;
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
  const draft = useDraft(form, `person:${person.id}`, person.version);
  const base = useRef(draftOf(person));
  const [errors, setErrors] = useState<readonly InputError[]>([]);
  const [met, setMet] = useState<Met>();
  const autosave = useMemo(
    () =>
      new Autosave<PersonDraft, PersonLine>(person.version, {
        save: async (typed, version) => {
          const saved = await savePerson(person.id, typed, version);
          base.current = typed;
          draft.forget();
          return saved;
        },
        refuse: (typed) => {
          const found = errorsIn(typed);
          setErrors(found);
          return found[0]?.message;
        },
        request: (typed, version) => [
          `/api/people/${person.id}`,
          { method: 'PUT', headers: ifMatch(version), body: JSON.stringify(typed) },
        ],
        merge: (mine, line) => {
          const theirs = draftOf(line);
          const before = base.current;
          const { merged, conflicts } = mergePerson(before, mine, theirs);
          base.current = theirs;
          if (conflicts.length) {
            setMet({ before, theirs, conflicts });
            return undefined;
          }
          form.reset(valuesOf(asLine(line, merged)));
          return merged;
        },
      }),
    // One for the screen: what is saved meanwhile counts its versions itself.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [person.id],
  );
  useEffect(() => {
    // What was typed before and could not be saved is back, and is saved now if it can be.
    if (draft.typedAt !== undefined) autosave.change(writtenOf(form.getValues()));
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
  useSentOnLeaving(autosave);
  return {
    draft,
    state: useSyncExternalStore(autosave.watch, autosave.now),
    errors,
    conflicts: met?.conflicts ?? [],
    decide: (theirs) => {
      if (!met) return;
      // With what was typed since it was asked.
      const { merged } = mergePerson(met.before, writtenOf(form.getValues()), met.theirs);
      const decided = theirs.reduce((whole, one) => takeTheirs(whole, one), merged);
      form.reset(valuesOf(asLine(person, decided)));
      setMet(undefined);
      autosave.settle(decided);
    },
    flush: () => autosave.flush(),
  };
}
