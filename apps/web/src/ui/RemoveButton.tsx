import { Trash2 } from 'lucide-react';
import { useNavigate } from 'react-router';
import { Button } from './Button.js';
import { sayRemoved } from './toasts.js';

/** Removes what a screen is about, goes back to its list, and offers to bring it back. */
export function RemoveButton({
  name,
  list,
  busy,
  onRemove,
  onRestore,
  more,
}: {
  name: string;
  /** The address of the list it stood in. */
  list: string;
  busy: boolean;
  /** Told what to do once it is removed. */
  onRemove: (done: { onSuccess: () => void }) => void;
  onRestore: () => Promise<unknown>;
  /** What comes of it, where that is not plain. */
  more?: string;
}) {
  const navigate = useNavigate();
  return (
    <Button
      look="quiet"
      className="ml-auto"
      disabled={busy}
      onClick={() =>
        onRemove({
          onSuccess: () => {
            void navigate(list);
            sayRemoved(name, onRestore, more);
          },
        })
      }
    >
      <Trash2 aria-hidden size={20} />
      Remove
    </Button>
  );
}
