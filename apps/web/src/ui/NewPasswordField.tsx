import { useState, type InputHTMLAttributes, type Ref } from 'react';
import { CheckField, TextField } from './Field.js';

type Props = InputHTMLAttributes<HTMLInputElement> & {
  label?: string;
  error?: string;
  ref?: Ref<HTMLInputElement>;
};

/** A new password: it can be looked at while it is typed, and pasted from wherever passwords are kept. */
export function NewPasswordField({ label = 'Password', ...rest }: Props) {
  const [shown, setShown] = useState(false);
  return (
    <div>
      <TextField
        label={label}
        type={shown ? 'text' : 'password'}
        autoComplete="new-password"
        hint="12 characters or more; a few words that belong together only for you will do."
        {...rest}
      />
      <CheckField
        label="Show what I type"
        checked={shown}
        onChange={(event) => setShown(event.target.checked)}
      />
    </div>
  );
}
