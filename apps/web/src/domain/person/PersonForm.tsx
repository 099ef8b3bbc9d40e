import { Button } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { ErrorSummary } from '../../ui/ErrorSummary.js';
import { Problem } from '../../ui/states.js';
import { ClearanceFields, LimitFields } from './LimitFields.js';
import { CanFields, ConditionFields, ScreeningFields, SizeFields, WhoFields } from './PersonFields.js';
import { useNewPerson } from './useNewPerson.js';

/** The short form of somebody new, for a class that is planned just now. What is wrong is said at its field. */
export function PersonForm({ onSaved, onCancel }: { onSaved: (id: string) => void; onCancel: () => void }) {
  const { form, draft, send, isSending, wrong, messages, problem } = useNewPerson(onSaved);
  return (
    <form noValidate className="space-y-5" onSubmit={send}>
      <DraftNotice draft={draft} />
      <WhoFields form={form} wrong={wrong} />
      <SizeFields form={form} wrong={wrong} />
      <ScreeningFields form={form} wrong={wrong} />
      <CanFields form={form} wrong={wrong} />
      <ConditionFields form={form} wrong={wrong} />
      <LimitFields form={form} wrong={wrong} />
      <ClearanceFields form={form} wrong={wrong} />
      <ErrorSummary messages={messages} attempt={form.formState.submitCount} />
      {problem && <Problem error={problem} />}
      <div className="flex justify-end gap-3">
        <Button
          onClick={() => {
            draft.forget();
            onCancel();
          }}
        >
          Cancel
        </Button>
        <Button look="main" type="submit" disabled={isSending}>
          {isSending ? 'Saving …' : 'Save person'}
        </Button>
      </div>
    </form>
  );
}
