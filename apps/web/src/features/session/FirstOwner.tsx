import { useForm } from 'react-hook-form';
import { fieldsOf } from '../../data/client.js';
import { useBeginHall } from '../../data/session/useSignIn.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Problem } from '../../ui/states.js';
import { AccountFields } from './AccountFields.js';
import { NewPasswordField } from '../../ui/NewPasswordField.js';

/** A hall of one's own and its first owner. */
export function FirstOwner({ onBack }: { onBack?: (() => void) | undefined }) {
  const begin = useBeginHall();
  const { register, handleSubmit } = useForm({
    defaultValues: { hall: '', name: '', signIn: '', password: '' },
  });
  const wrong = (field: string): string | undefined =>
    fieldsOf(begin.error).find((one) => one.field === field)?.message;
  return (
    <form
      noValidate
      className="space-y-4"
      onSubmit={(event) =>
        void handleSubmit((values) => {
          const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
          begin.mutate({ ...values, timeZone });
        })(event)
      }
    >
      <p className="text-soft">
        Everything stays on this computer. You are the owner: you say who else may see your people.
      </p>
      <TextField label="What the hall is called" autoFocus error={wrong('hall')} {...register('hall')} />
      <AccountFields name={register('name')} signIn={register('signIn')} wrong={wrong} />
      <NewPasswordField error={wrong('password')} {...register('password')} />
      {begin.error && !fieldsOf(begin.error).length && <Problem error={begin.error} />}
      <div className="flex flex-wrap gap-3">
        <Button look="main" type="submit" disabled={begin.isPending}>
          {begin.isPending ? 'Beginning …' : 'Begin'}
        </Button>
        {onBack && <Button onClick={onBack}>Back</Button>}
      </div>
    </form>
  );
}
