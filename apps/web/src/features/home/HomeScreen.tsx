import { Download } from 'lucide-react';
import { homeSheetAddress, useEndHome, useHome } from '../../data/home/useHome.js';
import { useLatestClasses } from '../../data/people/useHistory.js';
import { useMakePersonLink } from '../../data/people/usePersonLink.js';
import { usePerson } from '../../data/people/usePerson.js';
import { today } from '../../data/today.js';
import type { HomePractice } from '../../data/types.js';
import { SendByMail } from '../../domain/mail/SendByMail.js';
import { sayDate } from '../../domain/words/say.js';
import { HomeSteps } from '../../domain/person/HomeSteps.js';
import { Button, SaveLink } from '../../ui/Button.js';
import { LinkOnce } from '../../ui/LinkOnce.js';
import { Page } from '../../ui/Page.js';
import { Problem, Reading } from '../../ui/states.js';
import { NewHome } from './NewHome.js';

/** What somebody practises at home: what she has now, and something new from one of her classes. */
export function HomeScreen({ id }: { id: string }) {
  const person = usePerson(id);
  const reading = useHome(id);
  const latest = useLatestClasses(id);
  const now = reading.data?.find(({ until }) => until >= today());
  return (
    <Page
      up={[
        { to: '/people', name: 'People' },
        { to: `/people/${id}`, name: person.data?.name ?? 'Person' },
      ]}
      title="Practice at home"
      about="From a class: what is safe alone, with what a house has."
    >
      <Reading what="Loading" of={[reading, latest].find(({ error }) => error) ?? person} />
      {person.data && reading.data && latest.data && (
        <>
          {now && <Now key={now.id} id={id} name={person.data.name} practice={now} />}
          <NewHome person={person.data} records={latest.data.records} isAnother={now !== undefined} />
          <Before all={reading.data.filter((one) => one !== now)} />
        </>
      )}
    </Page>
  );
}

function Now({ id, name, practice }: { id: string; name: string; practice: HomePractice }) {
  const end = useEndHome(id);
  const link = useMakePersonLink(id);
  const first = name.split(' ')[0]!;
  const { data: made } = link;
  const address = made && `${made.door?.replace(/\/$/, '') ?? window.location.origin}/mine#${made.secret}`;
  return (
    <section aria-labelledby="now" className="mb-10">
      <h2 id="now" className="text-xl">
        {first} practises, until {sayDate(practice.until)}
      </h2>
      <p className="mb-3 text-soft">
        From {practice.title}, since {sayDate(practice.on)}; about {practice.minutes} minutes.
      </p>
      {practice.leftOut && (
        <p role="status" className="mb-3 rounded-xl border-2 border-clay p-3">
          <b>Something else is known of {first} since.</b> {practice.leftOut}{' '}
          {practice.leftOut === 1 ? 'exercise is' : 'exercises are'} no longer for home, and not on {first}’s
          page any more: make something new.
        </p>
      )}
      {practice.words && <p className="mb-3 whitespace-pre-line">{practice.words}</p>}
      <HomeSteps steps={practice.steps} />
      <div className="my-4 flex flex-wrap gap-3">
        <SaveLink href={homeSheetAddress(id, practice.id)} target="_blank" rel="noreferrer">
          <Download aria-hidden size={18} />
          The sheet (PDF)
        </SaveLink>
        <Button disabled={link.isPending} onClick={() => link.mutate(undefined)}>
          A private page for {first}
        </Button>
        <Button look="quiet" disabled={end.isPending} onClick={() => end.mutate(practice.id)}>
          End it today
        </Button>
      </div>
      {(end.error ?? link.error) && <Problem error={(end.error ?? link.error)!} />}
      {made && (
        <LinkOnce
          key={made.id}
          to="/mine"
          {...made}
          says={
            `${first}’s private page: figures that move, a pacer, and how it went. ` +
            'One from before opens nothing any more.'
          }
        />
      )}
      <div className="mt-4 max-w-3xl">
        <SendByMail
          key={made?.id ?? 'none'}
          id={id}
          what={{ kind: 'home', home: practice.id }}
          subject="Your practice at home"
          text={[
            `Dear ${first},`,
            '',
            'your practice at home is attached.',
            ...(address ? ['On a phone it moves and counts, at your private page:', address] : []),
            '',
            'Nothing may hurt more. If it does, leave it out and tell me.',
          ].join('\n')}
          agreed={`${first} wants it by mail: it says what is practised, and nothing of anybody’s health`}
        />
      </div>
    </section>
  );
}

/** What was practised before. */
function Before({ all }: { all: readonly HomePractice[] }) {
  if (!all.length) return null;
  return (
    <details className="mt-8">
      <summary className="min-h-6 content-center text-teal">Before ({all.length})</summary>
      {all.map((one) => (
        <section key={one.id} className="mt-3">
          <h3 className="font-semibold">
            {sayDate(one.on)} to {sayDate(one.until)}: {one.title}
          </h3>
          <HomeSteps steps={one.steps} />
        </section>
      ))}
    </details>
  );
}
