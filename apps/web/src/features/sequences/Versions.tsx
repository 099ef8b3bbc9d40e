import { diffLines } from 'diff';
import { useState } from 'react';
import { useSequenceVersion, useSequenceVersions } from '../../data/sequences/useSequenceVersions.js';
import { Button } from '../../ui/Button.js';
import { Modal } from '../../ui/Modal.js';
import { Reading } from '../../ui/states.js';

interface Props {
  id: string;
  /** The text as it is now. */
  now: string;
  onTake: (source: string) => void;
  onClose: () => void;
}

const sayMoment = (moment: string): string =>
  new Date(moment).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** How a sequence was, beside how it is: compared line by line, and taken back. */
export function Versions({ id, now, onTake, onClose }: Props) {
  const versions = useSequenceVersions(id);
  const [chosen, setChosen] = useState<number>();
  const shown = chosen ?? versions.data?.[0]?.version;
  const version = useSequenceVersion(id, shown);
  return (
    <Modal title="Earlier versions" onClose={onClose} closes>
      <Reading what="Loading the versions" of={versions} />
      {versions.data?.length === 0 && (
        <p className="text-soft">
          None yet. How it was is kept when it is changed, at most every ten minutes.
        </p>
      )}
      <div className="grid gap-4 sm:grid-cols-[12rem_1fr]">
        <ul className="max-h-[50vh] space-y-1 overflow-y-auto">
          {versions.data?.map(({ version: number, title, saved }) => (
            <li key={number}>
              <button
                type="button"
                aria-pressed={number === shown}
                onClick={() => setChosen(number)}
                className={
                  `w-full rounded-lg border px-2 py-1 text-left ` +
                  `${number === shown ? 'border-teal bg-teal-wash' : 'border-line hover:border-teal'}`
                }
              >
                {sayMoment(saved)}
                <span className="block text-soft">{title}</span>
              </button>
            </li>
          ))}
        </ul>
        {version.data && (
          <div className="space-y-3">
            <Compared before={version.data.source} after={now} />
            <Button
              onClick={() => {
                onTake(version.data.source);
                onClose();
              }}
            >
              Use this version
            </Button>
          </div>
        )}
      </div>
    </Modal>
  );
}

/** Two texts line by line: what has gone, and what has come. */
const Compared = ({ before, after }: { before: string; after: string }) => (
  <div
    tabIndex={0}
    role="group"
    aria-label="Compared with now"
    className="max-h-[46vh] overflow-y-auto rounded-lg border border-line p-2"
  >
    {diffLines(before.trimEnd(), after.trimEnd()).map(({ added, removed, value }, i) => (
      <pre
        key={`${i} ${value}`}
        className={
          `font-body whitespace-pre-wrap ` +
          `${added ? 'bg-teal-wash' : ''} ${removed ? 'bg-clay-wash line-through' : ''}`
        }
      >
        {added && <span className="sr-only">New: </span>}
        {removed && <span className="sr-only">Then: </span>}
        {value.replace(/\n$/, '')}
      </pre>
    ))}
    {before.trimEnd() === after.trimEnd() && <p className="text-soft">The same as now.</p>}
  </div>
);
