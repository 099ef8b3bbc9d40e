import { type LaneStep, type Override } from '@lotus-steady/core';
import { lazy, Suspense, useState } from 'react';
import { Loading } from '../../ui/states.js';
import { variantById } from '../../data/catalogue.js';
import { Button } from '../../ui/Button.js';
import { Alternatives } from './Alternatives.js';
import { PoseDialog } from './PoseDialog.js';

/** Only who chooses needs the form. */
const ReasonForm = lazy(async () => ({ default: (await import('./ReasonForm.js')).ReasonForm }));

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
        <Suspense fallback={<Loading />}>
          <ReasonForm
            about={`${person.id}:${entry.step}`}
            name={person.name}
            variant={variant}
            onVariant={setVariant}
            onReason={(reason) => onOverride({ personId: person.id, step: entry.step, variant, reason })}
          />
        </Suspense>
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
