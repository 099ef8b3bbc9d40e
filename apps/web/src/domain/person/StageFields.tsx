import type { Condition } from '@lotus-steady/core';
import { CheckField, SelectField, TextField } from '../../ui/Field.js';

export type TypedDetails = Readonly<Record<string, string | boolean>>;

interface Props {
  condition: Condition;
  details: TypedDetails;
  onChange: (details: TypedDetails) => void;
  wrong?: (key: string) => string | undefined;
}

/** What a condition asks about itself, with its questions. A yes or no may also be not known. */
export const StageFields = ({ condition, details, onChange, wrong = () => undefined }: Props) => (
  <div className="grid grid-cols-[repeat(auto-fit,minmax(min(14rem,100%),1fr))] gap-3">
    {condition.fields.map((field) => {
      const value = details[field.key] ?? '';
      const set = (next: string | boolean): void => onChange({ ...details, [field.key]: next });
      if (field.type === 'boolean' && field.key === 'cleared')
        return (
          <CheckField
            key={field.key}
            label={field.label}
            checked={value === true}
            onChange={(event) => set(event.target.checked)}
            className="self-end"
          />
        );
      if (field.type === 'boolean')
        return (
          <SelectField
            key={field.key}
            label={field.label}
            hint={field.question}
            error={wrong(field.key)}
            value={{ true: 'yes', false: 'no' }[String(value)] ?? ''}
            onChange={(event) => set(event.target.value === '' ? '' : event.target.value === 'yes')}
          >
            <option value="">not known</option>
            <option value="yes">yes</option>
            <option value="no">no</option>
          </SelectField>
        );
      if (field.type === 'choice')
        return (
          <SelectField
            key={field.key}
            label={field.label}
            hint={field.question}
            error={wrong(field.key)}
            value={String(value)}
            onChange={(event) => set(event.target.value)}
          >
            <option value="">not known</option>
            {field.choices!.map((choice) => (
              <option key={choice}>{choice}</option>
            ))}
          </SelectField>
        );
      return (
        <TextField
          key={field.key}
          label={field.label}
          type={field.type === 'date' ? 'date' : 'text'}
          inputMode={field.type === 'number' ? 'decimal' : undefined}
          error={wrong(field.key)}
          hint={field.type === 'list' ? 'Separated by commas' : field.question}
          value={String(value)}
          onChange={(event) => set(event.target.value)}
        />
      );
    })}
  </div>
);

/** Details as the core reads them: what was left open is left out. */
export const readDetails = (
  { fields }: Condition,
  details: TypedDetails,
): Record<string, string | number | boolean | string[]> =>
  Object.fromEntries(
    Object.entries(details).flatMap(([key, value]): [string, string | number | boolean | string[]][] => {
      const type = fields.find((field) => field.key === key)?.type;
      // Only a ticked clearance says something; an unticked one is not yet a no.
      if (typeof value === 'boolean') return key === 'cleared' && !value ? [] : [[key, value]];
      const text = value.trim();
      if (!text) return [];
      if (type === 'number') return [[key, Number(text.replace(',', '.'))]];
      return [[key, type === 'list' ? text.split(/\s*,\s*/).filter(Boolean) : text]];
    }),
  );
