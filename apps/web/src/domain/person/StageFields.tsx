import type { Condition } from '@lotus-steady/core';
import type { TypedDetails } from './details.js';
import { CheckField, SelectField, TextField } from '../../ui/Field.js';

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
