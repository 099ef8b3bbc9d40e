import {
  useDiary,
  useEndPersonLink,
  useMakePersonLink,
  usePersonLink,
} from '../../data/people/usePersonLink.js';
import { sayEntry } from '../../domain/person/sayEntry.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { LinkOnce } from '../../ui/LinkOnce.js';
import { sayDay } from '../../ui/sayDay.js';
import { Problem } from '../../ui/states.js';

/** Somebody's own page by a private link, and what she wrote there. */
export function OwnPage({ id, name }: { id: string; name: string }) {
  const link = usePersonLink(id);
  const make = useMakePersonLink(id);
  const end = useEndPersonLink(id);
  const diary = useDiary(id);
  const first = name.split(' ')[0]!;
  const [open] = link.data ?? [];
  const error = link.error ?? make.error ?? end.error ?? diary.error;
  return (
    <section className="mt-8 mb-8">
      <h2 className="mb-2 text-xl">{first}’s own page</h2>
      <p className="mb-3 max-w-[70ch] text-soft">
        By a private link {first} sees what to do in the coming classes, writes how it was, and fills in the
        form. Nothing else of the hall is on it.
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <Button disabled={make.isPending} onClick={() => make.mutate(undefined)}>
          {open ? 'Make a new link' : 'Make a link'}
        </Button>
        {open && (
          <>
            <Button
              look="quiet"
              disabled={end.isPending}
              onClick={() => end.mutate(undefined, { onSuccess: () => make.reset() })}
            >
              End it
            </Button>
            <span className="text-soft">There is one, until {sayDay(open.endsAt)}.</span>
          </>
        )}
      </div>
      {make.data && (
        <LinkOnce
          key={make.data.id}
          to="/mine"
          {...make.data}
          says={`${first}’s private link. One from before opens nothing any more.`}
        />
      )}
      {error && <Problem error={error} />}
      {diary.data && diary.data.length > 0 && (
        <>
          <h3 className="mt-5 mb-1 text-lg">What {first} wrote</h3>
          <ul className="divide-y divide-line rounded-xl border border-line bg-paper">
            {diary.data.map((entry) => (
              <li key={entry.id} className="flex flex-wrap gap-x-4 px-4 py-2">
                <span className="w-44 text-soft">{sayDate(entry.on)}</span>
                {entry.unreadable ? (
                  <span className="text-clay">This cannot be read: the key that sealed it is not here.</span>
                ) : (
                  <>
                    <span className={`flex-1 ${entry.after === 'more' ? 'text-clay' : ''}`}>
                      {sayEntry(entry)}
                    </span>
                  </>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
