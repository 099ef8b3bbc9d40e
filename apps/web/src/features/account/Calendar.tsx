import { useCalendar, useEndCalendar, useMakeCalendar } from '../../data/account/useCalendar.js';
import { Button } from '../../ui/Button.js';
import { LinkOnce } from '../../ui/LinkOnce.js';
import { sayDay } from '../../ui/sayDay.js';
import { Problem } from '../../ui/states.js';

const NOTE =
  'It is shown here only now, and is read until you take it back. The calendar must reach this computer: ' +
  'on the hall’s network, and trusting its certificate.';

/** The classes in one's own calendar, by an address that nobody else has. */
export function Calendar() {
  const feed = useCalendar();
  const make = useMakeCalendar();
  const end = useEndCalendar();
  const since = feed.data?.since;
  return (
    <section aria-label="Your calendar">
      <h2 className="mb-2 text-xl">Your calendar</h2>
      <p className="mb-3 max-w-[60ch] text-soft">
        A calendar that reads addresses (iCalendar) shows the classes by itself: title, time and place, and
        nothing of anybody.{since && ` There has been such an address since ${sayDay(since)}.`}
      </p>
      <div className="flex flex-wrap gap-3">
        <Button disabled={make.isPending} onClick={() => make.mutate(undefined)}>
          {since ? 'Make a new address' : 'Make an address'}
        </Button>
        {since && (
          <Button
            look="quiet"
            disabled={end.isPending}
            onClick={() => end.mutate(undefined, { onSuccess: () => make.reset() })}
          >
            Take it back
          </Button>
        )}
      </div>
      {make.data && (
        <LinkOnce
          key={make.data.id}
          to={(secret) => `/api/calendar/${secret}.ics`}
          {...make.data}
          says="Give this address to your calendar. One from before shows nothing any more."
          note={NOTE}
        />
      )}
      {(make.error ?? end.error ?? feed.error) && (
        <Problem error={(make.error ?? end.error ?? feed.error)!} />
      )}
    </section>
  );
}
