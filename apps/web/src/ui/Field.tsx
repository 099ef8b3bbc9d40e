import { useId, type InputHTMLAttributes, type ReactNode, type Ref, type SelectHTMLAttributes } from 'react';

/** How a control looks. */
export const BOX = 'w-full min-h-11 rounded-lg border bg-paper px-3 py-2 text-ink';
export const edge = (error?: string): string => (error ? 'border-clay border-2' : 'border-strong-line');

/** How a label looks: above a form's field, above a small one in a bar, or for ears only. */
const LABELS = {
  plain: 'mb-1 block font-semibold',
  small: 'block text-sm text-soft',
  hidden: 'sr-only',
} as const;
export type LabelLook = keyof typeof LABELS;

interface FrameProps {
  label: string;
  error?: string;
  hint?: string;
  className?: string;
  labelLook?: LabelLook;
  children: (ids: { id: string; 'aria-describedby'?: string; 'aria-invalid'?: true }) => ReactNode;
}

/** A label, its control, and what is wrong with it, said where it is. */
export function FieldFrame({
  label,
  error,
  hint,
  className = '',
  labelLook = 'plain',
  children,
}: FrameProps) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div className={className}>
      <label htmlFor={id} className={LABELS[labelLook]}>
        {label}
      </label>
      {children({
        id,
        ...(note ? { 'aria-describedby': `${id}-note` } : {}),
        ...(error ? { 'aria-invalid': true as const } : {}),
      })}
      {note && (
        <p id={`${id}-note`} className={`mt-1 text-sm ${error ? 'font-semibold text-clay' : 'text-soft'}`}>
          {note}
        </p>
      )}
    </div>
  );
}

type TextProps = InputHTMLAttributes<HTMLInputElement> & {
  label: string;
  error?: string;
  hint?: string;
  ref?: Ref<HTMLInputElement>;
};
export const TextField = ({ label, error, hint, className, ref, ...rest }: TextProps) => (
  <FieldFrame label={label} error={error} hint={hint} className={className}>
    {(ids) => <input ref={ref} {...ids} {...rest} className={`${BOX} ${edge(error)}`} />}
  </FieldFrame>
);

type SelectProps = SelectHTMLAttributes<HTMLSelectElement> & {
  label: string;
  labelLook?: LabelLook;
  error?: string;
  hint?: string;
  ref?: Ref<HTMLSelectElement>;
};
export const SelectField = ({
  label,
  labelLook,
  error,
  hint,
  className,
  ref,
  children,
  ...rest
}: SelectProps) => (
  <FieldFrame label={label} labelLook={labelLook} error={error} hint={hint} className={className}>
    {(ids) => (
      <select ref={ref} {...ids} {...rest} className={`${BOX} ${edge(error)}`}>
        {children}
      </select>
    )}
  </FieldFrame>
);

type CheckProps = InputHTMLAttributes<HTMLInputElement> & { label: ReactNode; ref?: Ref<HTMLInputElement> };
export const CheckField = ({ label, ref, className = '', ...rest }: CheckProps) => (
  <label className={`flex min-h-11 cursor-pointer items-center gap-3 ${className}`}>
    <input ref={ref} type="checkbox" className="size-5 shrink-0 accent-(--teal)" {...rest} />
    <span>{label}</span>
  </label>
);
