import { CloudOff } from 'lucide-react';
import { useOutbox } from '../../data/outbox/useOutbox.js';
import { useReach } from '../../data/useReach.js';
import { NotSent } from '../../domain/outbox/NotSent.js';

/** Nothing answers: the class goes on all the same, and what is noted in it is kept. */
export function NotAnswered() {
  const isAnswered = useReach();
  const waits = useOutbox().length;
  if (isAnswered || waits) return <NotSent className="border-b border-line bg-sunk px-5 py-1 empty:hidden" />;
  return (
    <p role="status" className="flex items-center gap-2 border-b border-line bg-sunk px-5 py-1">
      <CloudOff aria-hidden size={20} className="shrink-0 text-clay" />
      The hall’s computer does not answer: the class goes on with what this device keeps.
    </p>
  );
}
