import { HOPES, writeFhir, type KnownSince, type WrittenDown } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { Download, Eraser, Printer } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useEverything } from '../../data/people/useEverything.js';
import type { Everything } from '../../data/types.js';
import { changeLog } from '../../domain/person/changeLog.js';
import { sayPath, sayValue } from '../../domain/person/mergeWords.js';
import { sayDate, sayWhen } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { saveFile } from '../../ui/saveFile.js';
import { sayDay } from '../../ui/sayDay.js';
import { Reading } from '../../ui/states.js';
import { Terms } from '../../ui/Terms.js';
import { EraseDialog } from './EraseDialog.js';
import { ErasedProof, type Proof } from './ErasedProof.js';

/** Everything that is kept about somebody, to be read, printed and handed to her; and as a file for a program. */
export function EverythingScreen({ id }: { id: string }) {
  const [proof, setProof] = useState<Proof>();
  return proof ? <ErasedProof {...proof} /> : <Kept id={id} onErased={setProof} />;
}

function Kept({ id, onErased }: { id: string; onErased: (proof: Proof) => void }) {
  const [isErasing, setErasing] = useState(false);
  const reading = useEverything(id);
  const { data } = reading;
  const name = data?.person.name ?? '';
  return (
    <Page
      title={`All that is kept of ${name || 'somebody'}`}
      up={[
        { to: '/people', name: 'People' },
        { to: `/people/${id}`, name },
      ]}
      about={data && `${data.hall}, ${sayDate(data.on)}`}
      main={
        data && (
          <>
            <Button look="main" onClick={() => window.print()}>
              <Printer aria-hidden size={20} />
              Print
            </Button>
            <Button
              onClick={() => saveFile('everything.json', JSON.stringify(data, null, 2), 'application/json')}
            >
              <Download aria-hidden size={20} />
              Save as a file (JSON)
            </Button>
            <Button onClick={() => saveFile('person.fhir.json', fhirOf(data), 'application/fhir+json')}>
              <Download aria-hidden size={20} />
              Save for a clinic (FHIR)
            </Button>
          </>
        )
      }
    >
      <Reading what="Gathering everything" of={reading} />
      {data && <All of={data} />}
      {data && (
        <p className="mt-8 print:hidden">
          <Button look="quiet" onClick={() => setErasing(true)}>
            <Eraser aria-hidden size={20} />
            Erase all of it …
          </Button>
        </p>
      )}
      {isErasing && <EraseDialog id={id} name={name} onClose={() => setErasing(false)} onErased={onErased} />}
    </Page>
  );
}

/** Her as FHIR R4, for whoever keeps records in that. */
const fhirOf = ({ person, on }: Everything): string => {
  const { records: _records, propNotes: _propNotes, version: _version, ...written } = person;
  return JSON.stringify(writeFhir(written as unknown as WrittenDown & { id: string }, RULEBOOK, on), null, 2);
};

const sourceOf = ({ on, from, note }: KnownSince): string =>
  `${{ said: 'said', measured: 'measured', letter: 'from a letter' }[from]} ${sayDate(on)}${note ? `, ${note}` : ''}`;

/** Facts by name, each with its value and since when it is known. */
function factsOf({ person }: Everything): [string, string][] {
  const { can, ranges, screening, intake } = person;
  const { limbs, ...told } = can;
  const groups: [string, object][] = [
    ['can', told],
    ['limbs', limbs ?? {}],
    ['ranges', ranges],
    ['screening', screening],
  ];
  return groups.flatMap(([group, table]) =>
    Object.entries(table).map(([key, value]): [string, string] => {
      const since = intake.dated?.[`${group}.${key}`];
      return [sayPath([group, key]), `${sayValue(value)}${since ? ` (${sourceOf(since)})` : ''}`];
    }),
  );
}

function All({ of: all }: { of: Everything }) {
  const { person, diary, changes, coming, answers, links } = all;
  const who = (['name', 'born', 'sex', 'pronoun', 'heightCm', 'weightKg'] as const).flatMap(
    (key): [string, string][] => (person[key] === undefined ? [] : [[sayPath([key]), String(person[key])]]),
  );
  const { why, hopes, consent } = person.intake;
  return (
    <div className="space-y-6">
      <Part title="Who">
        <Terms look="framed" of={who} />
      </Part>
      {(why ?? hopes) && (
        <Part title="Why, and what for">
          <p>{why}</p>
          <p>
            {HOPES.filter(({ id }) => hopes?.includes(id))
              .map(({ words }) => words)
              .join(' · ')}
          </p>
        </Part>
      )}
      <List
        title="Health"
        of={person.conditions.map(({ condition, ...details }) => {
          const since = person.intake.dated?.[`conditions.${condition}`];
          const said = sayValue(details);
          const known = since ? ` (${sourceOf(since)})` : '';
          return `${RULEBOOK.conditionName(condition)}${said && `: ${said}`}${known}`;
        })}
      />
      <Part title="What they can do, and what was measured">
        <Terms look="framed" of={factsOf(all)} />
      </Part>
      <List title="Personal limits" of={person.limits.map(sayValue)} />
      <List title="Medical clearances" of={person.clearances.map(sayValue)} />
      {consent && (
        <Part title="Consent">
          <p>{consent.words}</p>
          <p className="text-soft">
            {sayDate(consent.on)}, taken down by {consent.by}
          </p>
        </Part>
      )}
      <List
        title="How classes were"
        of={person.records.map(
          ({ title, on, came, painBefore, painAfter, word }) =>
            `${sayDate(on)}, ${title}: ${came ? 'came' : 'did not come'}` +
            `${painBefore === null ? '' : `, pain before ${painBefore}`}` +
            `${painAfter === null ? '' : `, after ${painAfter}`}${word ? `; ${word}` : ''}`,
        )}
      />
      <List
        title="What happened to them"
        of={all.incidents.map(({ on, what, done, outcome }) =>
          [`${sayDate(on)}: ${what}`, done, outcome].filter(Boolean).join('; '),
        )}
      />
      <List title="Coming classes" of={coming.map((one) => `${one.title}, ${sayWhen(one)}`)} />
      <List title="Props that worked" of={person.propNotes.map(sayValue)} />
      <List
        title="Diary"
        of={diary.map(
          ({ on, pain, words, unreadable }) =>
            `${sayDate(on)}: ${unreadable ? 'cannot be read' : sayValue({ pain, words })}`,
        )}
      />
      <List
        title="Filled in, and not looked at yet"
        of={answers.map(
          ({ sentAt, answers: sent }) => `${sayDay(sentAt)}: ${sent ? sayValue(sent) : 'cannot be read'}`,
        )}
      />
      <List
        title="Documents (each is saved from the page before)"
        of={all.documents.map(({ name, on, by }) =>
          [name || 'cannot be read', on && sayDate(on), by && `from ${by}`].filter(Boolean).join(', '),
        )}
      />
      <List
        title="What was changed"
        of={changeLog(changes).map(
          ({ savedAt, by, says }) => `${sayDay(savedAt)}${by ? `, ${by}` : ''}: ${says.join('; ')}`,
        )}
      />
      <List
        title="Private links"
        of={links.map(({ createdAt, endsAt }) => `made ${sayDay(createdAt)}, until ${sayDay(endsAt)}`)}
      />
    </div>
  );
}

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <section>
    <h2 className="mb-1 text-xl">{title}</h2>
    {children}
  </section>
);

/** A list of sentences; nothing at all where there is none. */
const List = ({ title, of }: { title: string; of: readonly string[] }) =>
  of.length > 0 && (
    <Part title={title}>
      <ul className="list-disc pl-5">
        {of.map((words, i) => (
          <li key={i}>{words}</li>
        ))}
      </ul>
    </Part>
  );
