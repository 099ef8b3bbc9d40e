import { useQuery } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { fieldsOf } from '../../data/client.js';
import { sessionQuery } from '../../data/session/sessionQuery.js';
import { useJoin, useLink, useTakeLink } from '../../data/session/useLink.js';
import { ROLE_WORDS } from '../../domain/words/roles.js';
import { Button } from '../../ui/Button.js';
import { NewPasswordField } from '../../ui/NewPasswordField.js';
import { Loading, Problem } from '../../ui/states.js';
import { AccountFields } from './AccountFields.js';
import { Front } from './Front.js';

/** What a link opens: an invitation to a hall, or a new password. What is behind the `#` no server is sent. */
export function LinkScreen() {
  const secret = window.location.hash.slice(1);
  const link = useLink(secret);
  const { data: session } = useQuery(sessionQuery);
  if (!link.data)
    return (
      <Front title="Your link">
        {link.error ? <Problem error={link.error} /> : <Loading what="Opening" />}
      </Front>
    );
  const { kind, hall, name, role, signIn } = link.data;
  if (kind === 'reset')
    return (
      <Front title="A new password">
        <p className="mb-4">
          For {name} at {hall}
          {signIn ? <>, who signs in as {signIn}</> : null}. You are signed out everywhere else, and one-time
          codes are off until you begin them again.
        </p>
        <TakeLink secret={secret} isNew={false} />
      </Front>
    );
  return (
    <Front title={`${hall} invites you`}>
      <p className="mb-4">
        {name}, you are invited as <b>{ROLE_WORDS[role!].name}</b>: {ROLE_WORDS[role!].may}
      </p>
      {session?.account?.signIn && <Join secret={secret} as={session.account.name} />}
      <TakeLink secret={secret} isNew name={name} />
    </Front>
  );
}

/** With the account one is signed in with. */
function Join({ secret, as }: { secret: string; as: string }) {
  const join = useJoin();
  return (
    <div className="mb-6 border-b border-line pb-5">
      <Button look="main" disabled={join.isPending} onClick={() => join.mutate(secret)}>
        Join as {as}
      </Button>
      {join.error && <Problem error={join.error} />}
      <p className="mt-4 text-soft">Or with an account of its own:</p>
    </div>
  );
}

function TakeLink({ secret, isNew, name = '' }: { secret: string; isNew: boolean; name?: string }) {
  const take = useTakeLink();
  const { register, handleSubmit } = useForm({ defaultValues: { name, signIn: '', password: '' } });
  const wrong = (field: string): string | undefined =>
    fieldsOf(take.error).find((one) => one.field === field)?.message;
  return (
    <form
      noValidate
      className="space-y-4"
      onSubmit={(event) =>
        void handleSubmit(({ password, ...more }) =>
          take.mutate({ secret, password, ...(isNew ? more : {}) }),
        )(event)
      }
    >
      {isNew && <AccountFields name={register('name')} signIn={register('signIn')} wrong={wrong} />}
      <NewPasswordField
        label={isNew ? 'Password' : 'New password'}
        error={wrong('password')}
        {...register('password')}
      />
      {take.error && !fieldsOf(take.error).length && <Problem error={take.error} />}
      <Button look="main" type="submit" disabled={take.isPending}>
        {isNew ? 'Join' : 'Set the password'}
      </Button>
    </form>
  );
}
