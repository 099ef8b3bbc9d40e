import { parseSequence } from '@lotus-steady/core';
import { FolderOpen } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { catalogue } from '../../data/catalogue.js';
import { OPENED, openPlan } from '../../domain/plan/openPlan.js';
import { Understood } from '../../domain/plan/Understood.js';
import { Button } from '../../ui/Button.js';
import { Modal } from '../../ui/Modal.js';
import { Problem } from '../../ui/states.js';

/** Longer than a sequence may be, letters: said before it is sent. */
const SOURCE_MOST = 20_000;

const NOTHING = { sequence: undefined, errors: [], parts: [] };

interface Props {
  onTake: (source: string) => void;
  onClose: () => void;
}

/** A plan pasted, or opened from a file: what was written beside what was understood; nothing of it is dropped. */
export function PasteDialog({ onTake, onClose }: Props) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<Error>();
  const typed = useDeferredValue(text);
  const { sequence, parts } = useMemo(
    () => (typed.trim() ? parseSequence(typed, catalogue()) : NOTHING),
    [typed],
  );
  const unsure = parts.filter(({ kind }) => kind === 'unsure').length;
  const isTooLong = text.length > SOURCE_MOST;
  const canTake = text.trim() !== '' && !isTooLong;
  const open = (file: File | undefined): void => {
    if (!file) return;
    setProblem(undefined);
    openPlan(file).then(setText, setProblem);
  };
  return (
    <Modal title="Paste or open a plan" wide onClose={onClose}>
      <div
        className="space-y-4"
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          open(event.dataTransfer.files[0]);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && canTake) onTake(text);
        }}
      >
        <div className="grid gap-5 md:grid-cols-2">
          <div className="space-y-2">
            <label className="block">
              <span className="font-semibold">As it is written</span>
              <textarea
                autoFocus
                rows={15}
                spellCheck={false}
                value={text}
                placeholder="Paste a list, a table or a paragraph; or open a file, or drop it here."
                onChange={(event) => setText(event.target.value)}
                className="mt-1 w-full rounded-lg border border-strong-line bg-paper px-3 py-2 leading-relaxed"
              />
            </label>
            <label
              className={
                'flex min-h-11 w-fit cursor-pointer items-center gap-2 rounded-lg px-2 font-semibold text-teal ' +
                'hover:bg-teal-wash has-focus-visible:outline-3 has-focus-visible:outline-teal'
              }
            >
              <FolderOpen aria-hidden size={20} />
              Open a file
              <input
                type="file"
                className="sr-only"
                accept={OPENED.join(',')}
                onChange={(event) => {
                  open(event.target.files?.[0]);
                  event.target.value = '';
                }}
              />
            </label>
            <p className="text-sm text-soft">Word, text, spreadsheet, CSV, or a sequence saved from here.</p>
          </div>
          <div>{sequence && <Understood parts={parts} sequence={sequence} />}</div>
        </div>
        {problem && <Problem error={problem} />}
        {isTooLong && (
          <Problem
            error={
              new Error(`This is longer than a sequence may be: ${text.length} letters of ${SOURCE_MOST}.`)
            }
          />
        )}
        {unsure > 0 && (
          <p role="status">
            {unsure === 1 ? 'One line is' : `${unsure} lines are`} asked about at the desk; nothing is lost.
          </p>
        )}
        <div className="flex flex-wrap justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" disabled={!canTake} onClick={() => onTake(text)}>
            Use it
            <kbd className="text-sm font-normal opacity-80">Ctrl Enter</kbd>
          </Button>
        </div>
      </div>
    </Modal>
  );
}
