import { History } from 'lucide-react';
import { Button } from './Button.js';

/** Says that what was typed before and not saved is back, and offers to begin again without it. */
export function DraftNotice({
  draft: { typedAt, startAgain },
}: {
  draft: { typedAt: number | undefined; startAgain: () => void };
}) {
  if (typedAt === undefined) return null;
  const when = new Date(typedAt).toLocaleString('en-GB', {
    weekday: 'long',
    hour: '2-digit',
    minute: '2-digit',
  });
  return (
    <p
      role="status"
      className="flex flex-wrap items-center gap-x-3 rounded-xl border border-line bg-sunk py-1 pr-1 pl-4"
    >
      <History aria-hidden size={20} className="shrink-0 text-teal" />
      <span className="flex-1">Not saved yet: what you typed on {when} is back.</span>
      <Button look="quiet" onClick={startAgain}>
        Start again
      </Button>
    </p>
  );
}
