import { INTAKE_GROUPS, sayOpenings, stagePerson } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { poseName } from '../../data/catalogue.js';
import { lineIn } from '../../data/people/lineIn.js';
import { usePerson } from '../../data/people/usePerson.js';
import { useSession } from '../../data/session/useSession.js';
import { useRemovePerson } from '../../data/people/useRemovePerson.js';
import type { PersonKnown, PersonLine } from '../../data/types.js';
import { ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Terms } from '../../ui/Terms.js';
import { RemoveButton } from '../../ui/RemoveButton.js';
import { sayDate } from '../../domain/words/say.js';
import { today } from '../../data/today.js';
import { Problem, Reading } from '../../ui/states.js';
import { ownLimits, personOf } from '../../domain/person/personWords.js';
import { useStaging } from '../../domain/person/useStaging.js';
import { useAhead } from '../../workers/useWork.js';
import { Abilities } from './Abilities.js';
import { OwnPage } from './OwnPage.js';
import { ChangeLog } from './ChangeLog.js';
import { ClassHistory } from './ClassHistory.js';
import { DocumentsOf } from './DocumentsOf.js';
import { NowPanel } from './NowPanel.js';
import { Proposals } from './Proposals.js';
import { PropSizes } from './PropSizes.js';
import { SentAnswers } from './SentAnswers.js';

/** One person: what is known, and how the classes were. */
export function PersonScreen({ id }: { id: string }) {
  const reading = usePerson(id);
  const { data: person } = reading;
  const { remove, restore } = useRemovePerson();
  const { hall } = useSession();
  return (
    <Page
      up={[{ to: '/people', name: 'People' }]}
      title={person?.name ?? 'Person'}
      actions={
        person && (
          <>
            <ButtonLink look="main" to={`/people/${id}/intake`}>
              {askedAll(person) ? 'Change' : 'Go on asking'}
            </ButtonLink>
            <ButtonLink to={`/people/${id}/measure`}>Measure and test</ButtonLink>
            <ButtonLink to={`/people/${id}/progress`}>Progress</ButtonLink>
            <ButtonLink to={`/people/${id}/home`}>Practice at home</ButtonLink>
            <ButtonLink to={`/people/${id}/letter`}>Letter</ButtonLink>
            <ButtonLink to={`/people/${id}/paper`}>On paper</ButtonLink>
            <ButtonLink to={`/people/${id}/everything`}>All that is kept</ButtonLink>
            {hall.role === 'owner' && <ButtonLink to={`/hall/trail?person=${id}`}>Who has looked</ButtonLink>}
            <RemoveButton
              name={person.name}
              list="/people"
              busy={remove.isPending}
              onRemove={(done) => remove.mutate(id, done)}
              onRestore={() => restore.mutateAsync(id)}
              more="In an hour everything is erased, in past classes too."
            />
          </>
        )
      }
    >
      <Reading what="Loading" of={reading} />
      {remove.error && <Problem error={remove.error} />}
      {person && <Whole person={person} />}
    </Page>
  );
}

function Whole({ person }: { person: PersonKnown }) {
  const staging = useStaging(today());
  const line = useMemo(() => lineIn(person), [person]);
  const now = useMemo(() => {
    const read = personOf(line);
    return read && { person: read, staged: stagePerson(read, staging) };
  }, [line, staging]);
  return (
    <>
      <SentAnswers person={line} />
      <Proposals id={person.id} version={person.version} name={person.name} />
      {now && <NowPanel line={line} now={now} />}
      <Known person={line} />
      <Ahead person={line} />
      {now && <Abilities line={line} abilities={now.staged.abilities} />}
      <PropSizes person={person} />
      <DocumentsOf id={person.id} />
      <ClassHistory id={person.id} />
      <ChangeLog id={person.id} />
      <OwnPage id={person.id} name={person.name} />
    </>
  );
}

/** Whether every group of questions has been gone through. */
const askedAll = ({ intake: { asked = [] } }: PersonKnown): boolean => asked.length === INTAKE_GROUPS.length;

function Known({ person }: { person: PersonLine }) {
  const limits = ownLimits(person).join(' · ');
  const facts: [string, string][] = [
    ['Height', person.heightCm ? `${person.heightCm} cm` : 'not known, 165 cm is used'],
    ...(person.born ? [['Born', sayDate(person.born)] as [string, string]] : []),
    ...(limits ? [['Personal limits', limits] as [string, string]] : []),
    ...person.clearances.map(({ for: what, opens, poses, by, on, until }): [string, string] => [
      'Medical clearance',
      `${RULEBOOK.rule(what)?.rule.reason ?? RULEBOOK.conditionName(what)} by ${by}, ` +
        `${sayDate(on)}${until ? `, until ${sayDate(until)}` : ''}` +
        `${opens ? `: ${sayOpenings(opens)}` : ''}` +
        `${poses ? `; ordered: ${poses.map((pose) => poseName(pose).toLowerCase()).join(', ')}` : ''}`,
    ]),
  ];
  return <Terms look="framed" of={facts} />;
}

/** The next days on which something changes. */
function Ahead({ person: line }: { person: PersonLine }) {
  const { data: changes = [] } = useAhead(line, useStaging(today()));
  if (!changes.length) return null;
  return (
    <section className="mb-8">
      <h2 className="mb-2 text-xl">What changes next</h2>
      <ul className="space-y-3">
        {changes.map(({ on, begins, ends, stages }) => (
          <li key={on}>
            <b>
              From {sayDate(on)}
              {stages.length > 0 && ` (${stages.join('; ')})`}
            </b>
            <ul className="list-disc pl-5">
              {begins.map((reason) => (
                <li key={reason}>{reason}</li>
              ))}
              {ends.map((reason) => (
                <li key={reason} className="text-soft">
                  <span className="sr-only">no longer: </span>
                  <s>{reason}</s>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}
