import { rankPoses, type Pose } from '@lotus-steady/core';
import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { catalogue } from '../../data/catalogue.js';
import { Figure } from '../figure/Figure.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Modal } from '../../ui/Modal.js';

/** So many are shown; a few letters more find the rest. */
const SHOWN = 12;

const search = (typed: string): Pose[] =>
  typed.trim()
    ? rankPoses(typed, catalogue().poses, SHOWN).map(({ pose }) => pose)
    : catalogue().poses.slice(0, SHOWN);

interface Props {
  title: string;
  onTake: (pose: Pose) => void;
  onClose: () => void;
  /** Asked before the pose. */ children?: ReactNode;
}

/** Finds a pose of the atlas by whatever it is called, and takes it. */
export function PoseDialog({ title, onTake, onClose, children }: Props) {
  const [find, setFind] = useState('');
  const typed = useDeferredValue(find);
  const found = useMemo(() => search(typed), [typed]);
  return (
    <Modal title={title} onClose={onClose}>
      {children}
      <TextField
        label="Find a pose"
        type="search"
        autoFocus
        value={find}
        placeholder="tree, vrksasana, warrior two"
        onChange={(event) => setFind(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          // What is shown may lag behind what has been typed; what is taken must not.
          const [first] = search(find);
          if (first) onTake(first);
        }}
      />
      <ul className="mt-4 grid max-h-[50vh] grid-cols-2 gap-2 overflow-y-auto p-1 sm:grid-cols-3">
        {found.map((pose) => (
          <li key={pose.id}>
            <button
              type="button"
              onClick={() => onTake(pose)}
              className={
                'flex size-full flex-col items-center rounded-xl border border-line ' +
                'bg-(--fig-paper) p-2 text-center hover:border-teal'
              }
            >
              <Figure variant={pose.usual} className="w-24" decorative />
              <span className="leading-tight font-semibold">{pose.name}</span>
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex justify-end">
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </Modal>
  );
}
