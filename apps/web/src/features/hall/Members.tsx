import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { fieldsOf } from '../../data/client.js';
import {
  useChangeRole,
  useInvitations,
  useInvite,
  useMembers,
  useRemoveMember,
  useResetMember,
  useTakeBackInvitation,
} from '../../data/members/useMembers.js';
import { useSession } from '../../data/session/useSession.js';
import type { NewLink, StaffRole } from '../../data/types.js';
import { ROLE_WORDS, ROLES } from '../../domain/words/roles.js';
import { Button } from '../../ui/Button.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { LinkOnce } from '../../ui/LinkOnce.js';
import { sayDay } from '../../ui/sayDay.js';
import { Problem, Reading } from '../../ui/states.js';

/** Who else may: an owner invites, changes what somebody is, sends a new password, and takes out. */
export function Members() {
  const members = useMembers();
  const { account } = useSession();
  return (
    <section>
      <h2 className="text-xl">Who works here</h2>
      <p className="mb-3 text-soft">
        {ROLES.map((role, i) => (
          <span key={role}>
            {i > 0 && ' '}
            {role === 'teacher' ? 'A' : 'An'} <b>{ROLE_WORDS[role].name}</b> {ROLE_WORDS[role].may}
          </span>
        ))}
      </p>
      <Reading what="Looking" of={members} />
      <ul className="divide-y divide-line rounded-xl border border-line bg-paper">
        {members.data?.map((member) => (
          <Member key={member.id} {...member} isSelf={member.id === account.id} />
        ))}
      </ul>
      <Invitations />
      <Invite />
    </section>
  );
}

function Member({
  id,
  name,
  signIn,
  hasCodes,
  role,
  isSelf,
}: {
  id: string;
  name: string;
  signIn?: string;
  hasCodes: boolean;
  role: string;
  isSelf: boolean;
}) {
  const change = useChangeRole();
  const reset = useResetMember();
  const remove = useRemoveMember();
  const error = change.error ?? reset.error ?? remove.error;
  return (
    <li className="px-4 py-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <span className="min-w-40 flex-1 self-center">
          <b>{name}</b>
          {isSelf && ' (you)'}
          <span className="block text-sm text-soft">
            {signIn ?? 'no password'}
            {hasCodes ? ' · one-time codes' : ''}
          </span>
        </span>
        <SelectField
          label={`What ${name} is`}
          labelLook="hidden"
          value={role}
          disabled={change.isPending}
          onChange={(event) => change.mutate({ id, role: event.target.value as StaffRole })}
        >
          {ROLES.map((one) => (
            <option key={one} value={one}>
              {ROLE_WORDS[one].name}
            </option>
          ))}
        </SelectField>
        {!isSelf && signIn && (
          <Button look="quiet" disabled={reset.isPending} onClick={() => reset.mutate(id)}>
            New password
          </Button>
        )}
        {!isSelf && (
          <Button look="quiet" disabled={remove.isPending} onClick={() => remove.mutate(id)}>
            Take out
          </Button>
        )}
      </div>
      {error && <Problem error={error} />}
      {reset.data && (
        <LinkOnce to="/join" {...reset.data} says={`With this link ${name} sets a new password.`} />
      )}
    </li>
  );
}

function Invitations() {
  const invitations = useInvitations();
  const takeBack = useTakeBackInvitation();
  if (!invitations.data?.length) return null;
  return (
    <>
      <h3 className="mt-4 text-lg">Invited</h3>
      <ul className="divide-y divide-line rounded-xl border border-line bg-paper">
        {invitations.data.map(({ id, name, role, endsAt }) => (
          <li key={id} className="flex flex-wrap items-center justify-between gap-3 px-4 py-1">
            <span>
              {name}, as {ROLE_WORDS[role as StaffRole].name}{' '}
              <span className="text-soft">until {sayDay(endsAt)}</span>
            </span>
            <Button look="quiet" disabled={takeBack.isPending} onClick={() => takeBack.mutate(id)}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
      {takeBack.error && <Problem error={takeBack.error} />}
    </>
  );
}

function Invite() {
  const invite = useInvite();
  const [made, setMade] = useState<NewLink & { name: string }>();
  const { register, handleSubmit, reset } = useForm<{ name: string; role: StaffRole }>({
    defaultValues: { name: '', role: 'teacher' },
  });
  const wrong = (field: string): string | undefined =>
    fieldsOf(invite.error).find((one) => one.field === field)?.message;
  return (
    <form
      noValidate
      className="mt-4"
      onSubmit={(event) =>
        void handleSubmit((values) =>
          invite.mutate(values, {
            onSuccess: (link) => {
              setMade({ ...link, name: values.name });
              reset();
            },
          }),
        )(event)
      }
    >
      <h3 className="mb-1 text-lg">Invite somebody</h3>
      <div className="flex flex-wrap items-end gap-3">
        <TextField label="Name" className="min-w-48 flex-1" error={wrong('name')} {...register('name')} />
        <SelectField label="As" {...register('role')}>
          {ROLES.map((role) => (
            <option key={role} value={role}>
              {ROLE_WORDS[role].name}
            </option>
          ))}
        </SelectField>
        <Button type="submit" disabled={invite.isPending}>
          Make a link
        </Button>
      </div>
      {invite.error && !fieldsOf(invite.error).length && <Problem error={invite.error} />}
      {made && (
        <LinkOnce key={made.id} to="/join" {...made} says={`With this link ${made.name} joins the hall.`} />
      )}
    </form>
  );
}
