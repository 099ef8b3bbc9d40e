import { LogOut } from 'lucide-react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useChangePassword, useDevices, useEndOthers, useRename } from '../../data/account/useAccount.js';
import { fieldsOf } from '../../data/client.js';
import { countDrafts, forgetAllDrafts } from '../../data/drafts/drafts.js';
import { forgetReadings } from '../../data/kept/keptReadings.js';
import { forgetOutbox } from '../../data/outbox/outbox.js';
import { useOutbox } from '../../data/outbox/useOutbox.js';
import { useAddHall, useMoveToHall } from '../../data/session/useHalls.js';
import { useSession } from '../../data/session/useSession.js';
import { useSignOut } from '../../data/session/useSignOut.js';
import { ROLE_WORDS } from '../../domain/words/roles.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { NewPasswordField } from '../../ui/NewPasswordField.js';
import { Page } from '../../ui/Page.js';
import { sayDay } from '../../ui/sayDay.js';
import { Modal } from '../../ui/Modal.js';
import { Problem, Reading } from '../../ui/states.js';
import { Calendar } from './Calendar.js';
import { Codes } from './Codes.js';

/** One's own account: name, password, one-time codes, devices, halls. */
export function AccountScreen() {
  const { account, hall } = useSession();
  return (
    <Page
      title="You"
      about={`${account.name}, ${ROLE_WORDS[hall.role as 'owner'].name} of ${hall.name}`}
      main={<SignOut />}
    >
      <div className="grid gap-x-12 gap-y-10 lg:grid-cols-2">
        <div className="space-y-10">
          <Name />
          {account.signIn && <Password />}
        </div>
        <div className="space-y-10">
          {account.signIn ? (
            <Codes />
          ) : (
            <p className="text-soft">
              This is the demo’s teacher: she has no password, and whoever sits at this computer can open the
              demo.
            </p>
          )}
          <Calendar />
          <Devices />
          <Halls />
        </div>
      </div>
    </Page>
  );
}

/** Leaves this computer; what is not saved yet is asked about first. */
function SignOut() {
  const signOut = useSignOut();
  const [asks, setAsks] = useState(false);
  const unsent = useOutbox().length;
  const unsaved = countDrafts();
  const leave = (): void => {
    forgetAllDrafts();
    forgetOutbox();
    void forgetReadings()
      .catch(() => undefined)
      .then(() => signOut.mutate());
  };
  return (
    <>
      <Button onClick={() => (unsaved || unsent ? setAsks(true) : leave())} disabled={signOut.isPending}>
        <LogOut aria-hidden size={18} />
        Sign out
      </Button>
      {signOut.error && <Problem error={signOut.error} />}
      {asks && (
        <Modal title="Something is not saved yet" onClose={() => setAsks(false)}>
          <p>
            {unsaved > 0 &&
              `${unsaved === 1 ? 'One form was' : `${unsaved} forms were`} begun on this computer and not saved. `}
            {unsent > 0 &&
              `${unsent === 1 ? 'One change has' : `${unsent} changes have`} not reached the hall’s computer yet. `}
            Signed out, nothing of it may stay here.
          </p>
          <div className="mt-5 flex flex-wrap justify-end gap-3">
            <Button onClick={leave}>Sign out and forget it</Button>
            <Button look="main" onClick={() => setAsks(false)}>
              Stay
            </Button>
          </div>
        </Modal>
      )}
    </>
  );
}

function Name() {
  const { account } = useSession();
  const rename = useRename();
  const { register, handleSubmit } = useForm({ values: { name: account.name } });
  return (
    <form noValidate onSubmit={(event) => void handleSubmit(({ name }) => rename.mutate(name))(event)}>
      <h2 className="mb-2 text-xl">Name</h2>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          label="What you are called"
          className="min-w-60 flex-1"
          error={fieldsOf(rename.error)[0]?.message}
          {...register('name')}
        />
        <Button type="submit" disabled={rename.isPending}>
          Save the name
        </Button>
      </div>
      {rename.isSuccess && <Said>Saved.</Said>}
    </form>
  );
}

function Password() {
  const change = useChangePassword();
  const { register, handleSubmit, reset } = useForm({ defaultValues: { password: '', newPassword: '' } });
  const wrong = (field: string): string | undefined =>
    fieldsOf(change.error).find((one) => one.field === field)?.message;
  return (
    <form
      noValidate
      className="space-y-3"
      onSubmit={(event) =>
        void handleSubmit((values) => change.mutate(values, { onSuccess: () => reset() }))(event)
      }
    >
      <h2 className="text-xl">Password</h2>
      <TextField
        label="The one you have"
        type="password"
        autoComplete="current-password"
        error={wrong('password')}
        {...register('password')}
      />
      <NewPasswordField label="The new one" error={wrong('newPassword')} {...register('newPassword')} />
      {change.error && !fieldsOf(change.error).length && <Problem error={change.error} />}
      <Button type="submit" disabled={change.isPending}>
        Change the password
      </Button>
      {change.isSuccess && <Said>Changed. You are signed out everywhere else.</Said>}
    </form>
  );
}

const Said = ({ children }: { children: string }) => (
  <p role="status" className="mt-2 text-soft">
    {children}
  </p>
);

/** Where one is signed in. */
function Devices() {
  const devices = useDevices();
  const end = useEndOthers();
  return (
    <section>
      <h2 className="mb-2 text-xl">Where you are signed in</h2>
      <Reading what="Looking" of={devices} />
      <ul className="divide-y divide-line rounded-xl border border-line bg-paper">
        {devices.data?.map(({ device, seenAt, isThis }) => (
          <li key={device + seenAt} className="flex justify-between gap-4 px-4 py-2">
            <span>{device}</span>
            <span className="text-soft">{isThis ? 'this one' : sayDay(seenAt)}</span>
          </li>
        ))}
      </ul>
      {(devices.data?.length ?? 0) > 1 && (
        <Button className="mt-3" disabled={end.isPending} onClick={() => end.mutate(undefined)}>
          Sign out everywhere else
        </Button>
      )}
      {end.error && <Problem error={end.error} />}
    </section>
  );
}

/** Halls one belongs to; an owner may begin another. */
function Halls() {
  const { halls, hall } = useSession();
  const move = useMoveToHall();
  const add = useAddHall();
  const { register, handleSubmit } = useForm({ defaultValues: { name: '' } });
  return (
    <section>
      <h2 className="mb-2 text-xl">Your halls</h2>
      <ul className="divide-y divide-line rounded-xl border border-line bg-paper">
        {halls.map(({ id, name, role }) => (
          <li key={id} className="flex min-h-14 items-center justify-between gap-4 px-4 py-1">
            <span>
              {name} <span className="text-soft">{ROLE_WORDS[role as 'owner'].name}</span>
            </span>
            {id === hall.id ? (
              <span className="text-soft">you are here</span>
            ) : (
              <Button look="quiet" disabled={move.isPending} onClick={() => move.mutate(id)}>
                Go there
              </Button>
            )}
          </li>
        ))}
      </ul>
      {hall.role === 'owner' && !hall.isDemo && (
        <form
          noValidate
          className="mt-4 flex flex-wrap items-end gap-3"
          onSubmit={(event) => void handleSubmit(({ name }) => add.mutate(name))(event)}
        >
          <TextField
            label="Begin another hall"
            hint="Nobody of this one sees anything of it."
            className="min-w-60 flex-1"
            error={fieldsOf(add.error)[0]?.message}
            {...register('name')}
          />
          <Button type="submit" className="mb-7" disabled={add.isPending}>
            Begin it
          </Button>
        </form>
      )}
      {(move.error ?? (add.error && !fieldsOf(add.error).length ? add.error : null)) && (
        <Problem error={(move.error ?? add.error)!} />
      )}
    </section>
  );
}
