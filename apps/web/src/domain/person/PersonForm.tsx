import { readPerson, type InputError } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { fieldsOf } from '../../data/client.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useCreatePerson } from '../../data/people/useCreatePerson.js';
import { today } from '../../data/today.js';
import { Button } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { ErrorSummary } from '../../ui/ErrorSummary.js';
import { Problem } from '../../ui/states.js';
import { ClearanceFields, LimitFields } from './LimitFields.js';
import { CanFields, ConditionFields, ScreeningFields, SizeFields, WhoFields } from './PersonFields.js';
import { valuesOf, writtenOf, type PersonValues } from './personValues.js';

/** The short form of somebody new, for a class that is planned just now. What is wrong is said at its field. */
export function PersonForm({ onSaved, onCancel }: { onSaved: (id: string) => void; onCancel: () => void }) {
  const form = useForm<PersonValues>({ defaultValues: valuesOf() });
  const draft = useDraft(form, 'person:new', undefined);
  const save = useCreatePerson();
  // What the core can tell is said at once and all together; the server checks again and knows the namesakes.
  const [found, setFound] = useState<readonly InputError[]>([]);
  const fields = [...found, ...fieldsOf(save.error)];
  const wrong = (field: string): string | undefined => fields.find((item) => item.field === field)?.message;
  const send = form.handleSubmit((values) => {
    const written = writtenOf(values);
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
  return (
    <form noValidate className="space-y-5" onSubmit={(event) => void send(event)}>
      <DraftNotice draft={draft} />
      <WhoFields form={form} wrong={wrong} />
      <SizeFields form={form} wrong={wrong} />
      <ScreeningFields form={form} wrong={wrong} />
      <CanFields form={form} wrong={wrong} />
      <ConditionFields form={form} wrong={wrong} />
      <LimitFields form={form} wrong={wrong} />
      <ClearanceFields form={form} wrong={wrong} />
      <ErrorSummary messages={fields.map(({ message }) => message)} attempt={form.formState.submitCount} />
      {save.error && !fieldsOf(save.error).length && <Problem error={save.error} />}
      <div className="flex justify-end gap-3">
        <Button
          onClick={() => {
            draft.forget();
            onCancel();
          }}
        >
          Cancel
        </Button>
        <Button look="main" type="submit" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : 'Save person'}
        </Button>
      </div>
    </form>
  );
}
