import { useForm } from 'react-hook-form';
import { variantById } from '../../data/catalogue.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { Button } from '../../ui/Button.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { Figure } from '../figure/Figure.js';

/** The chosen way, which version of it, and why. */
export function ReasonForm({
  about,
  name,
  variant,
  onVariant,
  onReason,
}: {
  /** What is chosen, so that a reason half typed is found again. */
  about: string;
  name: string;
  variant: string;
  onVariant: (variant: string | undefined) => void;
  onReason: (reason: string) => void;
}) {
  const chosen = variantById(variant);
  const form = useForm({ defaultValues: { reason: '' } });
  const { register, handleSubmit, formState } = form;
  const draft = useDraft(form, `choice:${about}`, undefined);
  return (
    <form
      className="mt-2 space-y-3"
      noValidate
      onSubmit={(event) =>
        void handleSubmit(({ reason }) => {
          draft.forget();
          onReason(reason.trim());
        })(event)
      }
    >
      <div className="flex items-center gap-2">
        <Figure variant={variant} className="w-24" decorative />
        <p>
          <b>{chosen.pose.name}</b>, {chosen.variant.name} for {name}
        </p>
      </div>
      {chosen.pose.ladder.length > 1 && (
        <SelectField
          label="Which version"
          value={variant}
          onChange={(event) => onVariant(event.target.value)}
        >
          {chosen.pose.ladder.map(({ id, name: rung }) => (
            <option key={id} value={id}>
              {rung}
            </option>
          ))}
        </SelectField>
      )}
      <TextField
        label="Why"
        autoFocus
        placeholder="Has done it this way for years"
        {...register('reason', {
          validate: (reason) => Boolean(reason.trim()) || 'Say why, so that it can be understood later.',
        })}
        error={formState.errors.reason?.message}
      />
      <p className="text-sm text-soft">
        Limits stay said. What must never be done needs a medical clearance.
      </p>
      <div className="flex gap-2">
        <Button look="main" type="submit">
          Use this
        </Button>
        <Button
          onClick={() => {
            draft.forget();
            onVariant(undefined);
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}
