import { type LaneStep, type Override } from '@lotus-steady/core';
import { useState } from 'react';
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
  const [reason, setReason] = useState('');
  const [finding, setFinding] = useState(false);
  const [asked, setAsked] = useState(false);
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
      {chosen && (
        <form
          className="mt-2 space-y-3"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            setAsked(true);
            if (reason.trim())
              onOverride({ personId: person.id, step: entry.step, variant: variant!, reason: reason.trim() });
          }}
        >
          <div className="flex items-center gap-2">
            <Figure variant={variant!} className="w-24" decorative />
            <p>
              <b>{chosen.pose.name}</b>, {chosen.variant.name} for {person.name}
            </p>
          </div>
          {chosen.pose.ladder.length > 1 && (
            <SelectField
              label="Which version"
              value={variant}
              onChange={(event) => setVariant(event.target.value)}
            >
              {chosen.pose.ladder.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </SelectField>
          )}
          <TextField
            label="Why"
            autoFocus
            value={reason}
            error={asked && !reason.trim() ? 'Say why, so that it can be understood later.' : undefined}
            placeholder="Has done it this way for years"
            onChange={(event) => setReason(event.target.value)}
          />
          <p className="text-sm text-soft">
            Limits stay said. What must never be done needs a medical clearance.
          </p>
          <div className="flex gap-2">
            <Button look="main" type="submit">
              Use this
            </Button>
            <Button onClick={() => setVariant(undefined)}>Cancel</Button>
          </div>
        </form>
      )}
      {finding && (
        <PoseDialog
          title={`For ${person}`}
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
