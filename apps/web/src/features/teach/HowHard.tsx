/** Words for how hard something was, 0 to 10 (Borg CR10; what has no words of its own lies between). */
const WORDS: readonly string[] = [
  'nothing at all',
  'very light',
  'light',
  'moderate',
  '',
  'hard',
  '',
  'very hard',
  '',
  '',
  'as hard as can be',
];

/** How hard a class was, in a person's own words. */
export const HowHard = ({
  label,
  shown = label,
  value,
  onChange,
}: {
  /** For ears, with whose it is. */
  label: string;
  /** For eyes. */
  shown?: string;
  value: number | null;
  onChange: (value: number | null) => void;
}) => (
  <label className="flex items-center gap-2">
    {shown}
    <select
      aria-label={label}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value === '' ? null : Number(event.target.value))}
      className="min-h-11 rounded-lg border border-strong-line bg-paper px-2"
    >
      <option value="">not asked</option>
      {WORDS.map((words, effort) => (
        <option key={effort} value={effort}>
          {words ? `${effort} ${words}` : effort}
        </option>
      ))}
    </select>
  </label>
);
