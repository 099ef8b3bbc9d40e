import { useState } from 'react';
import { useSession } from '../../data/session/useSession.js';
import { Button } from '../../ui/Button.js';

const SEEN = 'lotus-steady.welcomed';

/** On a first visit: what this is, what it is not, and that nobody here is anybody. */
export function Welcome() {
  const [seen, setSeen] = useState(() => localStorage.getItem(SEEN) === 'yes');
  const { hall } = useSession();
  if (seen) return null;
  return (
    <section
      aria-label="Welcome"
      className="mb-6 flex flex-wrap items-center gap-4 rounded-2xl border border-teal bg-teal-wash p-5"
    >
      <div className="min-w-64 flex-1">
        <p>
          <b>Lotus Steady fits your sequence to the people who are coming</b>: what each does, why, and with
          what.
        </p>
        <p>Open a class to see it, or start a new one from a sequence you have.</p>
        <p className="text-soft">
          {hall.isDemo && 'The hall, its teacher and everybody in it are made up. '}Nothing here replaces a
          person’s own doctor, midwife or physiotherapist.
        </p>
      </div>
      <Button
        onClick={() => {
          localStorage.setItem(SEEN, 'yes');
          setSeen(true);
        }}
      >
        Good to know
      </Button>
    </section>
  );
}
