import { useEffect, useState } from 'react';
import { Modal } from './Modal.js';

/** A key and what it does. */
export type KeyWords = readonly [key: string, does: string];

const EVERYWHERE: readonly KeyWords[] = [
  ['?', 'shows these keys'],
  ['Tab', 'goes to the next thing, Shift and Tab to the one before'],
  ['Escape', 'closes what is open'],
];

let own: readonly KeyWords[] = [];

/** The keys of the screen that is shown, for {@link KeysHelp}. */
export function useKeys(keys: readonly KeyWords[] | undefined): void {
  useEffect(() => {
    own = keys ?? [];
    return () => {
      own = [];
    };
  }, [keys]);
}

/** `?` shows the keys of the screen, wherever nothing is being typed. */
export function KeysHelp() {
  const [shown, setShown] = useState<readonly KeyWords[]>();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing = (event.target as HTMLElement).closest('input, textarea, select, [contenteditable]');
      if (event.key !== '?' || typing) return;
      event.preventDefault();
      setShown([...own, ...EVERYWHERE]);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  if (!shown) return null;
  return (
    <Modal title="Keys" onClose={() => setShown(undefined)} closes>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {shown.map(([key, does]) => (
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
}
