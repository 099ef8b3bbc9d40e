import { lazy, Suspense, useEffect, useState } from 'react';
import { keysOfScreen, type KeyWords } from './keys.js';

const KeysDialog = lazy(async () => ({ default: (await import('./KeysDialog.js')).KeysDialog }));

const EVERYWHERE: readonly KeyWords[] = [
  ['?', 'shows these keys'],
  ['Tab', 'goes to the next thing, Shift and Tab to the one before'],
  ['Escape', 'closes what is open'],
];

/** `?` shows the keys of the screen, wherever nothing is being typed; what shows them is loaded then. */
export function KeysHelp() {
  const [shown, setShown] = useState<readonly KeyWords[]>();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing = (event.target as HTMLElement).closest('input, textarea, select, [contenteditable]');
      if (event.key !== '?' || typing) return;
      event.preventDefault();
      setShown([...keysOfScreen(), ...EVERYWHERE]);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  if (!shown) return null;
  return (
    <Suspense>
      <KeysDialog keys={shown} onClose={() => setShown(undefined)} />
    </Suspense>
  );
}
