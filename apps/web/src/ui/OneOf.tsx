import { Button } from './Button.js';

/** Buttons of which one is pressed. */
export const OneOf = <T extends string | number>({
  label,
  of,
  value,
  onChange,
}: {
  label: string;
  of: readonly (readonly [T, string])[];
  value: T;
  onChange: (value: T) => void;
}) => (
  <span role="group" aria-label={label} className="flex flex-wrap gap-1">
    {of.map(([each, word]) => (
      <Button
        key={each}
        look={each === value ? 'main' : 'plain'}
        aria-pressed={each === value}
        onClick={() => onChange(each)}
      >
        {word}
      </Button>
    ))}
  </span>
);
