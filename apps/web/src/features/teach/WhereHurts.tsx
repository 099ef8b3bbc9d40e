import { PAIN_PLACES, sayPlace } from '@lotus-steady/core';

/** Where something hurt, where it did. */
export const WhereHurts = ({
  label,
  shown,
  value,
  onChange,
}: {
  label: string;
  /** Seen beside it, where the label is not to be read off what stands around it. */
  shown?: string;
  value: string | undefined;
  onChange: (place: string | undefined) => void;
}) => (
  <label className="flex flex-wrap items-center gap-3">
    {shown}
    <select
      aria-label={label}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value || undefined)}
      className="min-h-11 rounded-lg border border-strong-line bg-paper px-2"
    >
      <option value="">nothing hurt</option>
      {PAIN_PLACES.map((place) => (
        <option key={place} value={place}>
          {sayPlace(place)} hurt
        </option>
      ))}
    </select>
  </label>
);
