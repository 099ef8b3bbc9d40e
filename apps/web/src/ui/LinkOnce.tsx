import { Check, Copy } from 'lucide-react';
import { useState } from 'react';
import { sayDay } from './sayDay.js';
import { Button } from './Button.js';
import { ScanSquare } from './ScanSquare.js';

/** A link that was just made: it can be copied or scanned now, and is shown no more after that. */
export function LinkOnce({
  to,
  secret,
  endsAt,
  door,
  says,
  note,
}: {
  /** The screen that it opens: `/join`, the secret behind a `#`, which no server is sent; or all of the path. */
  to: string | ((secret: string) => string);
  secret: string;
  endsAt: string;
  /** Where other devices open it; none while nothing but this computer may. */
  door?: string;
  /** What it is, and who should have it. */
  says: string;
  /** What else there is to know, in place of until when it opens. */
  note?: string;
}) {
  const [copied, setCopied] = useState(false);
  const path = typeof to === 'string' ? `${to}#${secret}` : to(secret);
  const address = `${door?.replace(/\/$/, '') ?? window.location.origin}${path}`;
  const isHereOnly = !door && /^(127\.|localhost$|\[::1\]$)/.test(window.location.hostname);
  const copy = async (): Promise<void> => {
    await navigator.clipboard.writeText(address);
    setCopied(true);
  };
  return (
    <div
      className="mt-3 flex flex-wrap items-start gap-5 rounded-xl border border-teal bg-teal-wash p-4"
      role="status"
    >
      <ScanSquare of={address} label="The link, to be scanned" className="size-36 shrink-0" />
      <div className="min-w-60 flex-1 space-y-2">
        <p>{says}</p>
        <p className="rounded-lg bg-paper p-2 font-mono text-sm break-all select-all">{address}</p>
        <Button onClick={() => void copy()}>
          {copied ? <Check aria-hidden size={18} /> : <Copy aria-hidden size={18} />}
          {copied ? 'Copied' : 'Copy the link'}
        </Button>
        {isHereOnly && (
          <p className="font-semibold text-clay">
            It opens on this computer alone, until other devices are let in (under Hall).
          </p>
        )}
        <p className="text-sm text-soft">
          {note ??
            `It opens until ${sayDay(endsAt)}, and is shown here only now. ` +
              'Whoever has it gets in: send it to nobody else.'}
        </p>
      </div>
    </div>
  );
}
