import { Download } from 'lucide-react';
import { useState } from 'react';
import {
  useBackup,
  useBackupFile,
  useForgetPassphrase,
  useSetPassphrase,
} from '../../data/backup/useBackup.js';
import { today } from '../../data/today.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { saveBlob } from '../../ui/saveFile.js';
import { sayDay } from '../../ui/sayDay.js';
import { Problem, Reading } from '../../ui/states.js';

/** Copies of everything: one a day beside the database, and one to take along. */
export function Backup() {
  const reading = useBackup();
  const { data } = reading;
  if (!data) return <Reading what="Looking for copies" of={reading} />;
  if (!data.isHere) return null;
  return (
    <section className="space-y-3">
      <h2 className="text-xl">Copies of everything</h2>
      <p className="text-soft">
        People, classes, records, documents and what opens them, in one encrypted file. A computer may be
        lost: keep a copy elsewhere, and the passphrase elsewhere again. Without it nobody opens a copy.
      </p>
      {data.isOn ? (
        <Copies copies={data.copies} {...(data.problem ? { problem: data.problem } : {})} />
      ) : (
        <First />
      )}
    </section>
  );
}

/** So long a passphrase is at least. */
const LEAST = 15;

/** The passphrase that copies are encrypted with, typed twice. */
function First() {
  const set = useSetPassphrase();
  const [typed, setTyped] = useState('');
  const [again, setAgain] = useState('');
  const differs = again !== '' && !typed.startsWith(again);
  const isReady = typed.length >= LEAST && typed === again;
  return (
    <form
      className="max-w-xl space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isReady) set.mutate(typed);
      }}
    >
      <TextField
        label="A passphrase for copies"
        type="password"
        autoComplete="new-password"
        hint={`Four or five words that belong to nobody’s saying; ${LEAST} letters or more. Write it down.`}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <TextField
        label="Once more"
        type="password"
        autoComplete="new-password"
        value={again}
        {...(differs ? { error: 'This is another one.' } : {})}
        onChange={(event) => setAgain(event.target.value)}
      />
      {set.error && <Problem error={set.error} />}
      {set.isPending && <p role="status">The first copy is being made …</p>}
      <Button look="main" type="submit" disabled={!isReady || set.isPending}>
        Make a copy every day
      </Button>
    </form>
  );
}

function Copies({
  copies,
  problem,
}: {
  copies: readonly { name: string; madeAt: string; size: number }[];
  problem?: string;
}) {
  const file = useBackupFile();
  const forget = useForgetPassphrase();
  const [last] = copies;
  return (
    <>
      {problem && <p className="font-semibold text-clay">{problem}</p>}
      <p>
        One is made every day; each of the last week is kept, then one a week, then one a month, and none
        longer than 90 days.{' '}
        {last ? (
          <>
            The last is of <b>{sayDay(last.madeAt)}</b>, {saySize(last.size)}; {copies.length} in all.
          </>
        ) : (
          'There is none yet.'
        )}
      </p>
      <div className="flex flex-wrap gap-3">
        <Button
          look="main"
          disabled={file.isPending}
          onClick={() =>
            file.mutate(undefined, { onSuccess: (blob) => saveBlob(`lotus-steady-${today()}.age`, blob) })
          }
        >
          <Download aria-hidden size={18} />
          {file.isPending ? 'Making it …' : 'Save a copy now'}
        </Button>
        <Button disabled={forget.isPending} onClick={() => forget.mutate()}>
          Another passphrase …
        </Button>
      </div>
      {(file.error ?? forget.error) && <Problem error={(file.error ?? forget.error)!} />}
      <p className="text-soft">
        Brought back on an empty computer with <code>npm run restore -- the-file.age</code>; any program that
        opens age files opens it too.
      </p>
    </>
  );
}

/** "1.4 MB". */
const saySize = (bytes: number): string => `${(bytes / 1e6).toFixed(1)} MB`;
