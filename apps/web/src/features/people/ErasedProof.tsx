import { Printer } from 'lucide-react';
import { useHall } from '../../data/hall/useHall.js';
import type { Erased } from '../../data/types.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { sayDay } from '../../ui/sayDay.js';
import { Terms } from '../../ui/Terms.js';

/** What was erased of whom. */
export type Proof = Erased & { name: string };

/** What a proof counts, as one says it. */
const WORDS: Readonly<Record<string, string>> = {
  classes: 'Classes, taken out of each',
  versions: 'Versions of what was known',
  records: 'Records of classes',
  'decided proposals': 'What was decided about proposals',
  incidents: 'Incidents',
  'practice at home': 'Practice at home',
  mails: 'Mail',
  'prop heights': 'Prop heights that worked',
  'diary entries': 'Diary entries',
  'own answers': 'Own forms',
  documents: 'Documents',
  groups: 'Groups, taken out of each',
  links: 'Private links',
  sessions: 'Devices with the own page open',
  courses: 'Courses, taken out of each',
};

/** The proof that somebody was erased, to be printed and handed over: it is on this page alone. */
export function ErasedProof({ name, at, counts, copies }: Proof) {
  const hall = useHall();
  const last = copies.at(-1);
  return (
    <Page
      title={`All that was kept of ${name} is erased`}
      up={[{ to: '/people', name: 'People' }]}
      about={`${hall.name}, ${sayDay(at)}`}
      main={
        <>
          <Button look="main" onClick={() => window.print()}>
            <Printer aria-hidden size={20} />
            Print
          </Button>
          <ButtonLink to="/people">Back to the people</ButtonLink>
        </>
      }
    >
      <div role="status" className="space-y-4">
        <Terms
          look="framed"
          of={Object.entries(counts).map(([what, count]): [string, string] => [
            WORDS[what] ?? what,
            String(count),
          ])}
        />
        <p>
          Every table was looked through afterwards, and nothing of her was found. That it was done stays in
          the hall’s trail, without her name.
        </p>
        {last ? (
          <p>
            {copies.length === 1 ? 'One copy' : `${copies.length} copies`} of the database made before still{' '}
            {copies.length === 1 ? 'holds' : 'hold'} it, encrypted or from before encryption; the last is of{' '}
            {sayDay(last.madeAt)}. Each is deleted 90 days after it was made. In copies made from now on she
            is not.
          </p>
        ) : (
          <p>There is no copy of the database here that was made before.</p>
        )}
        <p className="text-soft">
          What you have written yourself into plans and titles, printed, exported or copied elsewhere is not
          reached from here. This page is not kept: print it if it is wanted in writing.
        </p>
      </div>
    </Page>
  );
}
