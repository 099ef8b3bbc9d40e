import { readPerson, type InputError } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useState, type FormEvent } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { fieldsOf } from '../../data/client.js';
import { useDraft, type DraftOfForm } from '../../data/drafts/useDraft.js';
import { useCreatePerson } from '../../data/people/useCreatePerson.js';
import { today } from '../../data/today.js';
import { valuesOf, writtenOf, type PersonValues } from './personValues.js';

export interface NewPerson {
  form: UseFormReturn<PersonValues>;
  draft: DraftOfForm<undefined>;
  send: (event: FormEvent) => void;
  isSending: boolean;
  /** What is wrong with a field, in words. */
  wrong: (field: string) => string | undefined;
  messages: readonly string[];
  /** What went wrong beside the fields. */
  problem: Error | undefined;
}

/**
 * A form of somebody new: what the core can tell is said at once and all together, the server checks again and knows
 * the namesakes; nothing typed is lost.
 *
 * @param onSaved with the new id
 * @param more what is saved beside what was typed
 */
export function useNewPerson(onSaved: (id: string) => void, more: Partial<PersonValues> = {}): NewPerson {
  const form = useForm<PersonValues>({ defaultValues: valuesOf() });
  const draft = useDraft(form, 'person:new', undefined);
  const save = useCreatePerson();
  const [found, setFound] = useState<readonly InputError[]>([]);
  const fields = [...found, ...fieldsOf(save.error)];
  const send = form.handleSubmit((values) => {
    const written = writtenOf({ ...values, ...more });
    const errors: InputError[] = [];
    readPerson(written, '', errors, RULEBOOK, today());
    setFound(errors);
    save.reset();
    if (errors.length) return;
    save.mutate(written, {
      onSuccess: ({ id }) => {
        draft.forget();
        onSaved(id);
      },
    });
  });
  return {
    form,
    draft,
    send: (event) => void send(event),
    isSending: save.isPending,
    wrong: (field) => fields.find((one) => one.field === field)?.message,
    messages: fields.map(({ message }) => message),
    problem: save.error && !fieldsOf(save.error).length ? save.error : undefined,
  };
}
