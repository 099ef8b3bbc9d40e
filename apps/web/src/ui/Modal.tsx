import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';
import { Button } from './Button.js';

/**
 * A form over the screen one came from. A stray click outside does nothing: Cancel closes it, and Escape, after
 * which it opens with what had been typed.
 */
export const Modal = ({
  title,
  onClose,
  closes = false,
  wide = false,
  children,
}: {
  title: string;
  onClose: () => void;
  /** Nothing is entered in it: it has a button that closes it. */
  closes?: boolean;
  /** Two things stand side by side in it. */
  wide?: boolean;
  children: ReactNode;
}) => (
  <Dialog
    open
    onClose={() => undefined}
    className="relative z-40"
    onKeyDown={(event) => {
      if (event.key !== 'Escape') return;
      // Closed before the key has gone all its way: the screen below must not take it for its own.
      event.preventDefault();
      onClose();
    }}
  >
    <DialogBackdrop className="fixed inset-0 bg-black/40" />
    <div className="fixed inset-0 overflow-y-auto p-4">
      <div className="flex min-h-full items-center justify-center">
        <DialogPanel
          className={`w-full ${wide ? 'max-w-5xl' : 'max-w-2xl'} rounded-2xl border border-line bg-paper p-6 shadow-xl`}
        >
          <DialogTitle className="mb-4 text-2xl">{title}</DialogTitle>
          {children}
          {closes && (
            <div className="mt-5 flex justify-end">
              <Button look="main" onClick={onClose}>
                Close
              </Button>
            </div>
          )}
        </DialogPanel>
      </div>
    </div>
  </Dialog>
);
