import { differencesOf, takeTheirs, type MergeConflict } from '@lotus-steady/core';
import { useMemo, useState } from 'react';
import { savePerson } from '../../data/people/savePerson.js';
import { useAnswersDone, useSentAnswers } from '../../data/people/useSentAnswers.js';
import type { PersonDraft, PersonLine } from '../../data/types.js';
import { sayPath, sayValue } from '../../domain/person/mergeWords.js';
import { valuesOf, writtenOf } from '../../domain/person/personValues.js';
import { Button } from '../../ui/Button.js';
import { sayDay } from '../../ui/sayDay.js';
import { Problem } from '../../ui/states.js';

/**
 * What somebody has filled in herself, beside what is known: nothing of it counts until it is taken over here, point by
 * point. What would take something away is not ticked beforehand.
 */
export function SentAnswers({ person }: { person: PersonLine }) {
  const sent = useSentAnswers(person.id);
  const done = useAnswersDone(person.id);
  const [problem, setProblem] = useState<Error>();
  const known = useMemo(() => writtenOf(valuesOf(person)), [person]);
  const answers = sent.data?.answers;
  const differences = useMemo(() => (answers ? differing(known, answers) : []), [known, answers]);
  const [ticked, setTicked] = useState<ReadonlyMap<string, boolean>>(new Map());
  if (!sent.data) return null;
  const first = person.name.split(' ')[0]!;
  const isTicked = (one: MergeConflict): boolean =>
    ticked.get(one.path.join('.')) ?? one.theirs !== undefined;
  const accept = async (): Promise<void> => {
    try {
      const taken = differences.filter(isTicked).reduce((whole, one) => takeTheirs(whole, one), known);
      await savePerson(person.id, taken, person.version);
      done.mutate(undefined);
    } catch (error) {
      setProblem(error as Error);
    }
  };
  return (
    <section aria-labelledby="sent" className="mb-8 rounded-2xl border border-teal bg-teal-wash p-4">
      <h2 id="sent" className="text-xl">
        {first} has filled in the form
      </h2>
      <p className="mb-2 text-soft">
        {sayDay(sent.data.sentAt)}. Nothing of it counts until you have looked: tick what you take over.
      </p>
      {sent.data.unreadable && (
        <p className="text-clay">This cannot be read: the key that sealed it is not here.</p>
      )}
      {answers && !differences.length && <p>It says what is known already.</p>}
      <ul>
        {differences.map((one) => {
          const name = one.path.join('.');
          return (
            <li key={name} className="border-t border-line py-1">
              <label className="flex min-h-9 cursor-pointer items-start gap-3">
                <input
                  type="checkbox"
                  className="mt-1 size-5 shrink-0 accent-(--teal)"
                  checked={isTicked(one)}
                  onChange={(event) => setTicked(new Map(ticked).set(name, event.target.checked))}
                />
                <span>
                  <b>{sayPath(one.path)}</b>: {sayValue(one.theirs)}{' '}
                  <span className="text-soft">(known: {sayValue(one.mine)})</span>
                </span>
              </label>
            </li>
          );
        })}
      </ul>
      {(problem ?? done.error) && <Problem error={(problem ?? done.error)!} />}
      <div className="mt-3 flex flex-wrap gap-3">
        {differences.length > 0 && (
          <Button look="main" onClick={() => void accept()}>
            Take over what is ticked
          </Button>
        )}
        <Button disabled={done.isPending} onClick={() => done.mutate(undefined)}>
          {differences.length ? 'Set aside' : 'Done'}
        </Button>
      </div>
    </section>
  );
}

/** Where her answers say something else than is known; of what she was not asked nothing is said. */
function differing(known: PersonDraft, answers: Partial<PersonDraft>): MergeConflict[] {
  const { intake, ...rest } = answers;
  const asked = Object.fromEntries(
    Object.entries(rest).filter(([, value]) => value !== undefined),
  ) as Partial<PersonDraft>;
  return differencesOf(known, {
    ...known,
    ...asked,
    intake: {
      ...known.intake,
      why: intake?.why ?? known.intake?.why,
      hopes: intake?.hopes ?? known.intake?.hopes,
    },
  });
}
