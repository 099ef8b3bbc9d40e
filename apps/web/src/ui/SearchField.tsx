interface Props {
  label: string;
  placeholder: string;
  value: string;
  onChange: (words: string) => void;
  className?: string;
}

/** Words that something is looked for by, as they are typed; in a form, Enter does not send it. */
export const SearchField = ({ label, placeholder, value, onChange, className = '' }: Props) => (
  <input
    type="search"
    aria-label={label}
    placeholder={placeholder}
    value={value}
    onChange={(event) => onChange(event.target.value)}
    onKeyDown={(event) => {
      if (event.key === 'Enter') event.preventDefault();
    }}
    className={`min-h-11 rounded-lg border border-strong-line bg-paper px-3 ${className}`}
  />
);
