import { readPerson, type InputError } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { fieldsOf } from '../../data/client.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useCreatePerson } from '../../data/people/useCreatePerson.js';
import { today } from '../../data/today.js';
import { GROUP_WORDS } from '../../domain/intake/groups.js';
import { WhoFields } from '../../domain/person/PersonFields.js';
import { valuesOf, writtenOf, type PersonValues } from '../../domain/person/personValues.js';
import { Button } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { Page } from '../../ui/Page.js';
import { Problem } from '../../ui/states.js';

/** Somebody new: who it is; from there on everything is saved as it is typed. */
export function NewPersonScreen() {
  const form = useForm<PersonValues>({ defaultValues: valuesOf() });
  const draft = useDraft(form, 'person:new', undefined);
  const save = useCreatePerson();
  const navigate = useNavigate();
  const [found, setFound] = useState<readonly InputError[]>([]);
  const fields = [...found, ...fieldsOf(save.error)];
  const wrong = (field: string): string | undefined => fields.find((one) => one.field === field)?.message;
  const begin = form.handleSubmit((values) => {
    const written = writtenOf({ ...values, asked: ['who'] });
    const errors: InputError[] = [];
    readPerson(written, '', errors, RULEBOOK, today());
    setFound(errors);
    save.reset();
    if (errors.length) return;
    save.mutate(written, {
      onSuccess: ({ id }) => {
        draft.forget();
        void navigate(`/people/${id}/intake?group=why`, { replace: true });
      },
    });
  });
  return (
    <Page title="A new person" up={[{ to: '/people', name: 'People' }]} about={GROUP_WORDS.who[1]}>
      <form noValidate onSubmit={(event) => void begin(event)} className="max-w-3xl space-y-5">
        <DraftNotice draft={draft} />
        <WhoFields form={form} wrong={wrong} />
        {save.error && !fieldsOf(save.error).length && <Problem error={save.error} />}
        <Button look="main" type="submit" disabled={save.isPending}>
          Next: why
        </Button>
      </form>
    </Page>
  );
}
