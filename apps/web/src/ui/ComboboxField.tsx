import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useMemo, useState, type FocusEventHandler, type Ref } from 'react';
import { matchingChoices, groupedChoices, type Choice } from './choices.js';
import { BOX, edge, FieldFrame, type LabelLook } from './Field.js';

interface Props {
  label: string;
  choices: readonly Choice[];
  /** The chosen one; empty where nothing is, or where a choice adds to a list and leaves the field empty. */
  value: string;
  onChange: (value: string) => void;
  placeholder?: string;
  hint?: string;
  error?: string;
  className?: string;
  labelLook?: LabelLook;
  /** Said where nothing matches. */
  nothing?: string;
  /** Takes what is none of the choices, as it was typed: the last of the list. */
  other?: { label: (typed: string) => string; take: (typed: string) => void };
  name?: string;
  onBlur?: FocusEventHandler;
  ref?: Ref<HTMLInputElement>;
}

/** So many are shown at once; a few letters find the rest. */
const SHOWN = 100;

const OPTION =
  'min-h-10 cursor-pointer content-center rounded-lg px-3 data-focus:bg-teal-wash data-selected:font-semibold';
/** Stands for what was typed and is none of the choices; no choice is called so. */
const OTHER = '\u0000other';

/** A field for one of many: typing finds, arrow keys look, Enter or a click picks, Escape leaves it as it was. */
export function ComboboxField({
  label,
  choices,
  value,
  onChange,
  placeholder,
  hint,
  error,
  className,
  labelLook,
  nothing = 'Nothing of that name.',
  other,
  name,
  onBlur,
  ref,
}: Props) {
  const [typed, setTyped] = useState('');
  const found = matchingChoices(choices, typed);
  const shown = found.slice(0, SHOWN);
  const labels = useMemo(() => new Map(choices.map((choice) => [choice.value, choice.label])), [choices]);
  return (
    <Combobox<string>
      immediate
      value={value}
      onChange={(chosen) => {
        setTyped('');
        if (chosen === OTHER) other!.take(typed.trim());
        else if (chosen !== null) onChange(chosen);
      }}
      onClose={() => setTyped('')}
    >
      <FieldFrame label={label} labelLook={labelLook} hint={hint} error={error} className={className}>
        {(ids) => (
          <ComboboxInput
            {...ids}
            ref={ref}
            name={name}
            autoComplete="off"
            displayValue={(chosen: string) => labels.get(chosen) ?? ''}
            placeholder={placeholder}
            onChange={(event) => setTyped(event.target.value)}
            onFocus={(event) => event.target.select()}
            onBlur={onBlur}
            className={`${BOX} ${edge(error)}`}
          />
        )}
      </FieldFrame>
      <ComboboxOptions
        anchor="bottom start"
        className={
          'z-50 max-h-80 w-(--input-width) min-w-60 overflow-y-auto rounded-xl border border-line ' +
          'bg-paper p-1 shadow-xl [--anchor-gap:4px]'
        }
      >
        {!shown.length && <p className="p-3 text-soft">{nothing}</p>}
        {groupedChoices(shown).map(([group, here]) => (
          <div key={group} {...(group ? { role: 'group', 'aria-label': group } : {})}>
            {group && (
              <p aria-hidden className="px-3 pt-2 text-sm text-soft">
                {group}
              </p>
            )}
            {here.map((choice) => (
              <ComboboxOption key={choice.value} value={choice.value} className={OPTION}>
                {choice.label}
              </ComboboxOption>
            ))}
          </div>
        ))}
        {other && typed.trim() && (
          <ComboboxOption value={OTHER} className={OPTION}>
            {other.label(typed.trim())}
          </ComboboxOption>
        )}
        {found.length > shown.length && (
          <p className="p-3 text-sm text-soft">{found.length - shown.length} more: type a few letters.</p>
        )}
      </ComboboxOptions>
    </Combobox>
  );
}
