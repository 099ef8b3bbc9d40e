import { readPerson, type InputError } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useSavePerson } from '../../data/people/useSavePerson.js';
import type { PersonLine } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { ErrorSummary } from '../../ui/ErrorSummary.js';
import { today } from '../../data/today.js';
import { Problem } from '../../ui/states.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { ClearanceFields, LimitFields } from './LimitFields.js';
import { BodyFields, CanFields, ConditionFields, WhoFields } from './PersonFields.js';
import { personDifferences } from './personDifferences.js';
import { valuesOf, writtenOf, type PersonValues } from './personValues.js';

/** The short form of a person. What is wrong is said at its field; nothing typed is lost. */
export function PersonForm({
  person,
  onSaved,
  onCancel,
}: {
  person?: PersonLine;
  onSaved: (id: string) => void;
  onCancel: () => void;
}) {
  const form = useForm<PersonValues>({ defaultValues: valuesOf(person) });
  const { handleSubmit, getValues, reset, formState } = form;
  const draft = useDraft(form, `person:${person?.id ?? 'new'}`, person?.version);
  const save = useSavePerson(person?.id);
  // What the core can tell is said at once and all together; the server checks again and knows the namesakes.
  const [found, setFound] = useState<readonly InputError[]>([]);
  const fields = [...found, ...fieldsOf(save.error)];
  const wrong = (field: string): string | undefined => fields.find((item) => item.field === field)?.message;
  const theirs = savedMeanwhile<PersonLine>(save.error);
  const send = (onto: number | undefined) =>
    handleSubmit((values) => {
      const written = writtenOf(values);
      const errors: InputError[] = [];
      readPerson(written, '', errors, RULEBOOK, today());
      setFound(errors);
      save.reset();
      if (errors.length) return;
      save.mutate(
        { version: onto, draft: written },
        {
          onSuccess: ({ id }) => {
            draft.forget();
            onSaved(id);
          },
        },
      );
    });
  return (
    <form noValidate className="space-y-5" onSubmit={(event) => void send(draft.base)(event)}>
      <DraftNotice draft={draft} />
      <WhoFields form={form} wrong={wrong} />
      <BodyFields form={form} wrong={wrong} />
      <CanFields form={form} wrong={wrong} />
      <ConditionFields form={form} wrong={wrong} />
      <LimitFields form={form} wrong={wrong} />
      <ClearanceFields form={form} wrong={wrong} />
      <ErrorSummary messages={fields.map(({ message }) => message)} attempt={formState.submitCount} />
      {theirs ? (
        <Conflict
          what="this person"
          differences={personDifferences(getValues(), valuesOf(theirs))}
          onMine={() => void send(theirs.version)()}
          onTheirs={() => {
            reset(valuesOf(theirs));
            draft.rebase(theirs.version);
            save.reset();
          }}
        />
      ) : (
        save.error && !fieldsOf(save.error).length && <Problem error={save.error} />
      )}
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
