import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useForm } from 'react-hook-form';
import { fieldsOf } from '../../data/client.js';
import { sessionQuery } from '../../data/session/sessionQuery.js';
import { useOpenDemo, useSignIn } from '../../data/session/useSignIn.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Loading, Problem } from '../../ui/states.js';
import { FirstOwner } from './FirstOwner.js';
import { Front } from './Front.js';

/** Before anybody is in: signing in, looking around the demo, or beginning a hall of one's own. */
export function SignInScreen() {
  const { data, error, refetch } = useQuery(sessionQuery);
  const [params] = useSearchParams();
  const [begins, setBegins] = useState(params.has('begin'));
  if (!data)
    return (
      <Front title="Welcome">
        {error ? <Problem error={error} again={() => void refetch()} /> : <Loading what="Opening" />}
      </Front>
    );
  const { demo, hall } = data.begin;
  if (hall && (hall === 'first' || begins))
    return (
      <Front title="Begin with your own hall">
        <FirstOwner onBack={hall === 'first' ? undefined : () => setBegins(false)} />
      </Front>
    );
  return (
    <Front title={hall ? 'Welcome' : 'Sign in'}>
      {!hall && <SignIn />}
      {demo && <Demo hall={demo.hall} teacher={demo.teacher} isMain={Boolean(hall)} />}
      {hall && (
        <div className="mt-6 border-t border-line pt-4">
          <p className="mb-2">When you want to plan for real people:</p>
          <Button onClick={() => setBegins(true)}>Begin with your own hall</Button>
        </div>
      )}
    </Front>
  );
}

/** A hall of made-up people, opened with one click. */
function Demo({ hall, teacher, isMain }: { hall: string; teacher: string; isMain: boolean }) {
  const open = useOpenDemo();
  return (
    <div className={isMain ? '' : 'mt-6 border-t border-line pt-4'}>
      <p className="mb-3">
        Look around <b>{hall}</b> as its teacher, {teacher}. The hall, she and everybody who comes to her
        classes are made up: try what you like.
      </p>
      <Button
        look={isMain ? 'main' : 'plain'}
        disabled={open.isPending}
        onClick={() => open.mutate(undefined)}
      >
        {open.isPending ? 'Opening …' : 'Open the demo'}
      </Button>
      {open.error && <Problem error={open.error} />}
    </div>
  );
}

function SignIn() {
  const signIn = useSignIn();
  const needsCode = signIn.error?.needs === 'code';
  const { register, handleSubmit, setFocus } = useForm({
    defaultValues: { signIn: '', password: '', code: '' },
  });
  const isFirstAsk = needsCode && /please/.test(signIn.error?.message ?? '');
  return (
    <form
      noValidate
      className="space-y-4"
      onSubmit={(event) =>
        void handleSubmit(({ code, ...values }) =>
          signIn.mutate(
            { ...values, ...(code ? { code } : {}) },
            { onError: ({ needs }) => setTimeout(() => setFocus(needs === 'code' ? 'code' : 'password')) },
          ),
        )(event)
      }
    >
      <TextField
        label="Name to sign in with"
        autoComplete="username"
        autoCapitalize="none"
        autoFocus
        required
        {...register('signIn')}
      />
      <TextField
        label="Password"
        type="password"
        autoComplete="current-password"
        required
        {...register('password')}
      />
      {needsCode && (
        <TextField
          label="One-time code"
          hint="From your phone, or one of your recovery codes."
          autoComplete="one-time-code"
          error={isFirstAsk ? undefined : signIn.error?.message}
          {...register('code')}
        />
      )}
      {signIn.error && !needsCode && !fieldsOf(signIn.error).length && <Problem error={signIn.error} />}
      <Button look="main" type="submit" disabled={signIn.isPending}>
        {signIn.isPending ? 'Signing in …' : 'Sign in'}
      </Button>
      <p className="text-sm text-soft">
        Forgotten your password? An owner of your hall can send you a link with which you set a new one.
      </p>
    </form>
  );
}
