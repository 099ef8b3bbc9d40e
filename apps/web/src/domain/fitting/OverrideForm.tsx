import { type LaneStep, type Override } from '@lotus-steady/core';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { variantById } from '../../data/catalogue.js';
import { Figure } from '../figure/Figure.js';
import { Button } from '../../ui/Button.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { Alternatives } from './Alternatives.js';
import { PoseDialog } from './PoseDialog.js';

interface Props {
  person: { id: string; name: string };
  entry: LaneStep;
  onOverride: (override: Override | undefined) => void;
}

/**
 * The teacher's own choice in a cell: another way, with the reason kept, and everything else fitted round
 * it.
 */
export function OverrideForm({ person, entry, onOverride }: Props) {
  const [variant, setVariant] = useState<string>();
  const [finding, setFinding] = useState(false);
  const chosen = variant ? variantById(variant) : undefined;
  return (
    <section className="mt-4 border-t border-line pt-3">
      <h3 className="text-lg">Choose yourself</h3>
      {entry.override && (
        <div className="mt-2 rounded-xl border-2 border-dashed border-clay p-3">
          <p>
            <b>Your choice:</b> {entry.override.reason}
          </p>
          <Button look="quiet" className="mt-1" onClick={() => onOverride(undefined)}>
            Back to what is fitted
          </Button>
        </div>
      )}
      {!chosen && (
        <div className="mt-2 flex flex-wrap gap-2">
          {!entry.override && <Button onClick={() => setVariant(entry.variant)}>Pin this one</Button>}
          {entry.variant !== entry.askedVariant && (
            <Button onClick={() => setVariant(entry.askedVariant)}>As written</Button>
          )}
          <Button onClick={() => setFinding(true)}>Another pose</Button>
        </div>
      )}
      {!chosen && <Alternatives entry={entry} onTake={setVariant} />}
      {variant && (
        <ReasonForm
          name={person.name}
          variant={variant}
          onVariant={setVariant}
          onReason={(reason) => onOverride({ personId: person.id, step: entry.step, variant, reason })}
        />
      )}
      {finding && (
        <PoseDialog
          title={`For ${person.name}`}
          onClose={() => setFinding(false)}
          onTake={(pose) => {
            setVariant(pose.usual);
            setFinding(false);
          }}
        />
      )}
    </section>
  );
}

/** The chosen way, which version of it, and why. */
function ReasonForm({
  name,
  variant,
  onVariant,
  onReason,
}: {
  name: string;
  variant: string;
  onVariant: (variant: string | undefined) => void;
  onReason: (reason: string) => void;
}) {
  const chosen = variantById(variant);
  const { register, handleSubmit, formState } = useForm({ defaultValues: { reason: '' } });
  return (
    <form
      className="mt-2 space-y-3"
      noValidate
      onSubmit={(event) => void handleSubmit(({ reason }) => onReason(reason.trim()))(event)}
    >
      <div className="flex items-center gap-2">
        <Figure variant={variant} className="w-24" decorative />
        <p>
          <b>{chosen.pose.name}</b>, {chosen.variant.name} for {name}
        </p>
      </div>
      {chosen.pose.ladder.length > 1 && (
        <SelectField
          label="Which version"
          value={variant}
          onChange={(event) => onVariant(event.target.value)}
        >
          {chosen.pose.ladder.map(({ id, name: rung }) => (
            <option key={id} value={id}>
              {rung}
            </option>
          ))}
        </SelectField>
      )}
      <TextField
        label="Why"
        autoFocus
        placeholder="Has done it this way for years"
        {...register('reason', {
          validate: (reason) => Boolean(reason.trim()) || 'Say why, so that it can be understood later.',
        })}
        error={formState.errors.reason?.message}
      />
      <p className="text-sm text-soft">
        Limits stay said. What must never be done needs a medical clearance.
      </p>
      <div className="flex gap-2">
        <Button look="main" type="submit">
          Use this
        </Button>
        <Button onClick={() => onVariant(undefined)}>Cancel</Button>
      </div>
    </form>
  );
}
