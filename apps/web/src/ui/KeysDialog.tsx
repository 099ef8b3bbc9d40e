import type { KeyWords } from './keys.js';
import { Modal } from './Modal.js';

/** Keys and what they do. */
export const KeysDialog = ({ keys, onClose }: { keys: readonly KeyWords[]; onClose: () => void }) => (
  <Modal title="Keys" onClose={onClose} closes>
    <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
      {keys.map(([key, does]) => (
        <div key={key} className="contents">
          <dt>
            <kbd className="rounded-md border border-strong-line bg-sunk px-2 py-0.5 font-sans font-semibold">
              {key}
            </kbd>
          </dt>
          <dd>{does}</dd>
        </div>
      ))}
    </dl>
  </Modal>
);
