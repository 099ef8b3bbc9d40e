import { CloudOff } from 'lucide-react';
import { Link } from 'react-router';
import { takeOut, type Waiting } from '../../data/outbox/outbox.js';
import { useOutbox } from '../../data/outbox/useOutbox.js';
import { useReach } from '../../data/useReach.js';
import { Button } from '../../ui/Button.js';
import { sayWaiting } from './sayWaiting.js';

/** What this device has not sent, and what was not taken; nothing where all has arrived. */
export function NotSent({ className = '' }: { className?: string }) {
  const all = useOutbox();
  const isAnswered = useReach();
  const refused = all.filter((one) => one.refused);
  const waits = all.filter((one) => !one.refused);
  if (!refused.length && (isAnswered || !waits.length)) return null;
  return (
    <div role="status" className={`space-y-1 ${className}`}>
      {!isAnswered && waits.length > 0 && (
        <p className="flex items-center gap-2">
          <CloudOff aria-hidden size={20} className="shrink-0 text-clay" />
          <span>
            The hall’s computer does not answer. Kept on this device until it does, and sent by itself:{' '}
            {sayWaiting(waits)}.
          </span>
        </p>
      )}
      {refused.map((one) => (
        <Refused key={one.name} one={one} />
      ))}
    </div>
  );
}

const CALLED = {
  record: 'The record of a class',
  note: 'A note made in class',
  entry: 'What you wrote',
} as const;

const Refused = ({ one }: { one: Waiting }) => (
  <p className="flex flex-wrap items-center gap-x-3">
    <span>
      {CALLED[one.what]} was not taken: {one.refused!.message}
    </span>
    {one.what === 'record' && (
      <Link to={`/classes/${one.classId}/after`} className="text-teal underline">
        Open the record
      </Link>
    )}
    <Button look="quiet" onClick={() => takeOut(one)}>
      {one.what === 'record' ? 'Do not send it' : 'Forget it'}
    </Button>
  </p>
);
