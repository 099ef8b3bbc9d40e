import type { UseFormRegisterReturn } from 'react-hook-form';
import { TextField } from '../../ui/Field.js';

/** Who somebody is, in a new account. */
export const AccountFields = ({
  name,
  signIn,
  wrong,
}: {
  name: UseFormRegisterReturn;
  signIn: UseFormRegisterReturn;
  /** What is wrong with a field. */
  wrong: (field: string) => string | undefined;
}) => (
  <>
    <TextField label="Your name" autoComplete="name" error={wrong('name')} {...name} />
    <TextField
      label="What you sign in with"
      hint="An e-mail address or any name; nothing is sent to it."
      autoComplete="username"
      autoCapitalize="none"
      error={wrong('signIn')}
      {...signIn}
    />
  </>
);
