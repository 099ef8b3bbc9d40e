import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useBeginCodes, useConfirmCodes, useEndCodes } from '../../data/account/useAccount.js';
import { fieldsOf } from '../../data/client.js';
import { useSession } from '../../data/session/useSession.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { ScanSquare } from '../../ui/ScanSquare.js';
import { Problem } from '../../ui/states.js';

/** One-time codes from a phone beside the password, for whoever wants them. */
export function Codes() {
  const { account } = useSession();
  const [recovery, setRecovery] = useState<readonly string[]>();
  return (
    <section>
      <h2 className="mb-2 text-xl">One-time codes</h2>
      {recovery && <Recovery codes={recovery} onDone={() => setRecovery(undefined)} />}
      {!recovery && account.hasCodes && <EndCodes />}
      {!recovery && !account.hasCodes && <BeginCodes onDone={setRecovery} />}
    </section>
  );
}

function BeginCodes({ onDone }: { onDone: (codes: readonly string[]) => void }) {
  const begin = useBeginCodes();
  const confirm = useConfirmCodes();
  const { register, handleSubmit } = useForm({ defaultValues: { code: '' } });
  if (!begin.data)
    return (
      <>
        <p className="mb-3">
          Off. With them, whoever learns your password still cannot sign in: a program on your phone shows a
          new code every half minute.
        </p>
        <Button disabled={begin.isPending} onClick={() => begin.mutate(undefined)}>
          Begin one-time codes
        </Button>
        {begin.error && <Problem error={begin.error} />}
      </>
    );
  const { secret, address } = begin.data;
  return (
    <form
      noValidate
      className="space-y-3"
      onSubmit={(event) =>
        void handleSubmit(({ code }) => confirm.mutate(code, { onSuccess: ({ codes }) => onDone(codes) }))(
          event,
        )
      }
    >
      <p>
        Scan this with a program for one-time codes, or type the letters; then give the code that it shows.
      </p>
      <div className="flex flex-wrap items-center gap-5">
        <ScanSquare of={address} label="The secret of your codes, to be scanned" />
        <p className="font-mono break-all select-all">{secret.replace(/.{4}(?=.)/g, '$& ')}</p>
      </div>
      <TextField
        label="The code it shows"
        inputMode="numeric"
        autoComplete="one-time-code"
        error={fieldsOf(confirm.error)[0]?.message}
        {...register('code')}
      />
      {confirm.error && !fieldsOf(confirm.error).length && <Problem error={confirm.error} />}
      <Button look="main" type="submit" disabled={confirm.isPending}>
        Put them in force
      </Button>
    </form>
  );
}

/** Shown once: for the day on which the phone is lost. */
const Recovery = ({ codes, onDone }: { codes: readonly string[]; onDone: () => void }) => (
  <div role="status" className="rounded-xl border border-teal bg-teal-wash p-4">
    <p>
      <b>In force.</b> Keep these recovery codes where your phone is not; each lets you in once without it.
      They are shown only now.
    </p>
    <ul className="my-3 grid grid-cols-1 gap-x-6 font-mono sm:grid-cols-2">
      {codes.map((code) => (
        <li key={code}>{code}</li>
      ))}
    </ul>
    <div className="no-print flex flex-wrap gap-3">
      <Button onClick={() => window.print()}>Print</Button>
      <Button look="main" onClick={onDone}>
        I have kept them
      </Button>
    </div>
  </div>
);

function EndCodes() {
  const end = useEndCodes();
  const { register, handleSubmit } = useForm({ defaultValues: { password: '' } });
  return (
    <form
      noValidate
      onSubmit={(event) => void handleSubmit(({ password }) => end.mutate(password))(event)}
      className="space-y-3"
    >
      <p>On: you are asked for a code when you sign in.</p>
      <TextField
        label="Your password, to end them"
        type="password"
        autoComplete="current-password"
        error={fieldsOf(end.error)[0]?.message}
        {...register('password')}
      />
      {end.error && !fieldsOf(end.error).length && <Problem error={end.error} />}
      <Button type="submit" disabled={end.isPending}>
        End one-time codes
      </Button>
    </form>
  );
}
