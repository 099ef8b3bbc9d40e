import { useEffect, useRef, useState } from 'react';

interface Props {
  /** Where no label names it: what is looked for. */
  label?: string;
  /** Where a label names it. */
  id?: string;
  placeholder: string;
  value: string;
  onChange: (words: string) => void;
  className?: string;
}

/**
 * Words that something is looked for by, as they are typed; in a form, Enter does not send it. No letter waits for
 * what is found: where `value` stands in an address, it comes later than the next letter.
 */
export function SearchField({ label, id, placeholder, value, onChange, className = '' }: Props) {
  const field = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState(value);
  useEffect(() => {
    if (document.activeElement !== field.current) setTyped(value);
  }, [value]);
  return (
    <input
      ref={field}
      id={id}
      type="search"
      aria-label={label}
      placeholder={placeholder}
      value={typed}
      onChange={({ target }) => {
        setTyped(target.value);
        onChange(target.value);
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.preventDefault();
      }}
      className={`min-h-11 rounded-lg border border-strong-line bg-paper px-3 ${className}`}
    />
  );
}
