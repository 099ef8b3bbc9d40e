import { CONDITIONS, readPerson, type DetailField, type InputError } from '@lotus-steady/core';
import { X } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useForm, type UseFormReturn } from 'react-hook-form';
import type { ApiError } from '../../api/client.js';
import { useSavePerson, type PersonLine, type WrittenPerson } from '../../api/queries.js';
import { Button } from '../../ui/Button.js';
import { CheckField, SelectField, TextField } from '../../ui/Field.js';
import { today } from '../../ui/say.js';
import { Problem } from '../../ui/states.js';

/** Groups that the date of birth tells; nobody needs to enter them. */
const KNOWN_FROM_BIRTH = new Set(['child', 'older-adult']);

/** The form's own shape: every value as it is typed. */
interface Values {
  name: string; born: string; sex: string; heightCm: string; stand: boolean; floor: boolean; kneel: boolean; fallsLastYear: string;
  conditions: { condition: string; details: Record<string, string | boolean> }[];
}

const valuesOf = (person?: PersonLine): Values => ({
  name: person?.name ?? '', born: person?.born ?? '', sex: person?.sex ?? '', heightCm: person?.heightCm === undefined ? '' : String(person.heightCm),
  stand: person?.can.stand ?? true, floor: person?.can.floor ?? true, kneel: person?.can.kneel ?? true,
  fallsLastYear: person?.screening.fallsLastYear === undefined ? '' : String(person.screening.fallsLastYear),
  conditions: (person?.conditions ?? []).map(({ condition, ...details }) => ({
    condition, details: Object.fromEntries(Object.entries(details).map(([key, value]) => [key, typeof value === 'boolean' ? value : Array.isArray(value) ? value.join(', ') : String(value)])),
  })),
});

const detailOf = (field: DetailField | undefined, value: string | boolean): unknown => {
  if (typeof value === 'boolean') return value || undefined;
  const text = value.trim();
  if (!text) return undefined;
  if (field?.type === 'number') return Number(text);
  return field?.type === 'list' ? text.split(/\s*,\s*/).filter(Boolean) : text;
};

function writtenOf(values: Values, person?: PersonLine): WrittenPerson {
  const { fallsLastYear: _old, ...screening } = person?.screening ?? {};
  return {
    name: values.name, can: { stand: values.stand, floor: values.floor, kneel: values.kneel }, ranges: person?.ranges ?? {},
    screening: { ...screening, ...(values.fallsLastYear === '' ? {} : { fallsLastYear: Number(values.fallsLastYear) }) },
    ...(values.born ? { born: values.born } : {}), ...(values.sex ? { sex: values.sex as 'woman' | 'man' } : {}), ...(values.heightCm ? { heightCm: Number(values.heightCm) } : {}),
    ...(person?.weightKg === undefined ? {} : { weightKg: person.weightKg }),
    conditions: values.conditions.map(({ condition, details }) => {
      const fields = CONDITIONS.find((known) => known.id === condition)?.fields ?? [];
      return { condition, ...Object.fromEntries(Object.entries(details).map(([key, value]) => [key, detailOf(fields.find((field) => field.key === key), value)]).filter(([, value]) => value !== undefined)) };
    }),
  };
}

/** The short form of a person. What is wrong is said at its field; nothing typed is lost. */
export function PersonForm({ person, onSaved, onCancel }: { person?: PersonLine; onSaved: (id: string) => void; onCancel: () => void }) {
  const form = useForm<Values>({ defaultValues: valuesOf(person) }), { register, handleSubmit, control } = form;
  const conditions = useFieldArray({ control, name: 'conditions' }), save = useSavePerson(person?.id);
  // What the core can tell is said at once and all together; the server checks again and knows the namesakes.
  const [found, setFound] = useState<readonly InputError[]>([]), problem = save.error as ApiError | null, fields = [...found, ...(problem?.fields ?? [])];
  const wrong = (field: string): string | undefined => fields.find((item) => item.field === field)?.message;
  const shown = new Set(['name', 'born', 'heightCm', 'sex', 'screening.fallsLastYear']);
  const others = fields.filter((item) => !shown.has(item.field) && !item.field.startsWith('conditions['));
  return (
    <form noValidate className="space-y-5" onSubmit={(event) => void handleSubmit(async (values) => {
      const written = writtenOf(values, person), errors: InputError[] = [];
      readPerson(written, '', errors, today());
      setFound(errors);
      save.reset();
      if (errors.length) return;
      const saved = await save.mutateAsync(written).catch(() => undefined);
      if (saved) onSaved(saved.id);
    })(event)}>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField label="Name" autoFocus {...register('name')} error={wrong('name')} />
        <TextField label="Date of birth" type="date" {...register('born')} error={wrong('born')} hint="Children and older adults are known from it." />
        <TextField label="Height in cm" inputMode="numeric" placeholder="165" {...register('heightCm')} error={wrong('heightCm')} />
        <SelectField label="Norms for" {...register('sex')} error={wrong('sex')}><option value="">not said</option><option value="woman">women</option><option value="man">men</option></SelectField>
        <TextField label="Falls in the last year" inputMode="numeric" {...register('fallsLastYear')} error={wrong('screening.fallsLastYear')} />
      </div>
      <fieldset className="flex flex-wrap gap-x-8"><legend className="font-semibold">What works</legend>
        <CheckField label="stands" {...register('stand')} /><CheckField label="gets to the floor and back" {...register('floor')} /><CheckField label="puts weight on the knees" {...register('kneel')} />
      </fieldset>
      <fieldset className="space-y-3"><legend className="font-semibold">Conditions and groups</legend>
        {conditions.fields.map((entry, i) => <ConditionFields key={entry.id} form={form} index={i} wrong={(key) => wrong(`conditions[${i}].${key}`)} remove={() => conditions.remove(i)} />)}
        <SelectField label="Add one" value="" onChange={(event) => { if (event.target.value) conditions.append({ condition: event.target.value, details: {} }); }}>
          <option value="">Choose …</option>
          {CONDITIONS.filter((condition) => !KNOWN_FROM_BIRTH.has(condition.id)).map((condition) => <option key={condition.id} value={condition.id}>{condition.name}</option>)}
        </SelectField>
      </fieldset>
      {others.length > 0 && <ul role="alert" className="text-clay">{others.map((item) => <li key={item.field}>{item.message}</li>)}</ul>}
      {problem && !problem.fields.length && <Problem error={problem} />}
      <div className="flex justify-end gap-3"><Button onClick={onCancel}>Cancel</Button><Button look="main" type="submit" disabled={save.isPending}>{save.isPending ? 'Saving …' : 'Save person'}</Button></div>
    </form>
  );
}

interface ConditionProps { form: UseFormReturn<Values>; index: number; wrong: (key: string) => string | undefined; remove: () => void }

function ConditionFields({ form: { register, watch }, index, wrong, remove }: ConditionProps) {
  const condition = CONDITIONS.find((known) => known.id === watch(`conditions.${index}.condition`));
  if (!condition) return null;
  return (
    <div className="rounded-xl border border-line bg-sunk p-4">
      <div className="flex items-center justify-between"><h3 className="text-lg">{condition.name}</h3><Button look="quiet" onClick={remove} aria-label={`Take ${condition.name} away`}><X aria-hidden size={20} /></Button></div>
      {wrong('condition') && <p className="font-semibold text-clay">{wrong('condition')}</p>}
      <div className="grid gap-3 sm:grid-cols-2">
        {condition.fields.map((field) => {
          const name = `conditions.${index}.details.${field.key}` as const;
          if (field.type === 'boolean') return <CheckField key={field.key} label={field.label} {...register(name)} className="self-end" />;
          if (field.type === 'choice') return <SelectField key={field.key} label={field.label} error={wrong(field.key)} {...register(name)}><option value="">not known</option>{field.choices!.map((choice) => <option key={choice}>{choice}</option>)}</SelectField>;
          return <TextField key={field.key} label={field.label} type={field.type === 'date' ? 'date' : 'text'} error={wrong(field.key)} hint={field.type === 'list' ? 'Separated by commas' : undefined} {...register(name)} />;
        })}
      </div>
    </div>
  );
}
