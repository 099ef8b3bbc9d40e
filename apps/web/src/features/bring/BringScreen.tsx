import type { BroughtIn } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { FolderOpen } from 'lucide-react';
import { useState } from 'react';
import { readNames } from '../../data/people/readNames.js';
import { today } from '../../data/today.js';
import { PEOPLE_FILES, peopleIn } from '../../domain/formats/peopleIn.js';
import { sayPeople } from '../../domain/words/say.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Loading, Problem } from '../../ui/states.js';
import { useBringIn } from './useBringIn.js';

const ABOUT =
  'From a table (CSV, Excel), cards (vCard) or FHIR. The file is read here and not kept; nobody comes in before ' +
  'you say so.';

/** Looks at a file and says who is in it; nobody comes in until it is said. */
export function BringScreen() {
  const [people, setPeople] = useState<readonly BroughtIn[]>();
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [problem, setProblem] = useState<Error>();
  const [isReading, setReading] = useState(false);
  const bringing = useBringIn();
  const { came, under } = bringing;

  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setReading(true);
    setProblem(undefined);
    try {
      const taken = await readNames();
      setPeople(await peopleIn(file, { rulebook: RULEBOOK, today: today(), taken }));
      setLeft(new Set());
      bringing.forget();
    } catch (error) {
      setProblem(error as Error);
    } finally {
      setReading(false);
    }
  };
  const good = (people ?? []).filter(
    ({ at, problems }) => !problems.length && !left.has(at) && !came.has(at),
  );
  const ids = [...came.values()].filter((one) => 'id' in one);
  const able = (people ?? []).filter(({ problems }) => !problems.length).length;
  return (
    <Page
      title="Bring people in"
      up={[{ to: '/people', name: 'People' }]}
      about={ABOUT}
      main={<OpenFile onOpen={(file) => void open(file)} isMain={!people} />}
    >
      <div
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          void open(event.dataTransfer.files[0]);
        }}
        className="min-h-60 space-y-4"
      >
        {isReading && <Loading what="Reading the file" />}
        {problem && <Problem error={problem} />}
        {!people && !isReading && <WhatIsRead />}
        {people && (
          <>
            <div role="status" className="flex flex-wrap items-center gap-3">
              {under ? (
                <>
                  <progress
                    aria-label="Brought in"
                    value={under.done}
                    max={under.of}
                    className="accent-(--teal)"
                  />
                  {under.done} of {under.of}
                </>
              ) : (
                <>
                  <b>
                    {ids.length > 0
                      ? `${sayPeople(ids.length)} came in.`
                      : `${sayPeople(able)} of ${people.length} can come in.`}
                  </b>
                  {good.length > 0 && (
                    <Button look="main" onClick={() => void bringing.bring(good)}>
                      Bring in {sayPeople(good.length)}
                    </Button>
                  )}
                  {ids.length > 0 && (
                    <>
                      <ButtonLink to="/people">To the people</ButtonLink>
                      <Button look="quiet" onClick={() => void bringing.takeBack()}>
                        Take them out again
                      </Button>
                    </>
                  )}
                </>
              )}
            </div>
            <Entries
              people={people}
              came={came}
              left={left}
              onLeave={(at, isLeft) => {
                const next = new Set(left);
                if (isLeft) next.add(at);
                else next.delete(at);
                setLeft(next);
              }}
            />
          </>
        )}
      </div>
    </Page>
  );
}

const OpenFile = ({ onOpen, isMain }: { onOpen: (file: File | undefined) => void; isMain: boolean }) => (
  <label
    className={
      'flex min-h-11 w-fit cursor-pointer items-center gap-2 rounded-lg border px-4 font-semibold ' +
      'has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-teal ' +
      (isMain ? 'border-teal bg-teal text-teal-ink' : 'border-strong-line bg-paper')
    }
  >
    <FolderOpen aria-hidden size={20} />
    Open a file
    <input
      type="file"
      className="sr-only"
      accept={PEOPLE_FILES.join(',')}
      onChange={(event) => {
        onOpen(event.target.files?.[0]);
        event.target.value = '';
      }}
    />
  </label>
);

/** What a file should hold, before one is opened. */
const WhatIsRead = () => (
  <div className="max-w-3xl space-y-3 rounded-2xl border border-dashed border-strong-line p-6">
    <p>Open a file, or drop it here.</p>
    <ul className="list-disc space-y-1 pl-5 text-soft">
      <li>
        <b className="text-ink">A table</b>: the first line names the columns. <em>Name</em> is enough;{' '}
        <em>Date of birth</em>, <em>Height</em> and <em>Conditions</em> (with semicolons between) are read
        too. A table saved from the list of people comes back whole.
      </li>
      <li>
        <b className="text-ink">Cards</b> (.vcf): names and days of birth. Telephone, address and notes are
        not kept.
      </li>
      <li>
        <b className="text-ink">FHIR R4</b> (.json): Patient, Condition, Observation.
      </li>
    </ul>
    <p className="text-soft">
      What a file calls by a name that is not known here stays in its own words, as something else, and is
      read carefully until you have asked.
    </p>
  </div>
);

function Entries({
  people,
  came,
  left,
  onLeave,
}: {
  people: readonly BroughtIn[];
  came: ReturnType<typeof useBringIn>['came'];
  left: ReadonlySet<number>;
  onLeave: (at: number, isLeft: boolean) => void;
}) {
  return (
    <div className="overflow-x-auto rounded-2xl border border-line bg-paper">
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-line text-soft">
            {['Take', 'Line', 'Name', 'Known', 'Comes in'].map((head) => (
              <th key={head} scope="col" className="px-4 py-2 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {people.map((entry) => {
            const { at, name, told, notes, problems } = entry;
            const what = came.get(at);
            const reasons = problems.map(({ field, message }) => `${field}: ${message}`);
            if (what && 'problem' in what) reasons.push(what.problem);
            return (
              <tr key={at} className="border-b border-line align-top last:border-0">
                <td className="px-4 py-1">
                  <input
                    type="checkbox"
                    className="mt-2 size-5 accent-(--teal)"
                    aria-label={`Take ${name || `line ${at}`}`}
                    checked={!problems.length && !left.has(at)}
                    disabled={problems.length > 0 || came.has(at)}
                    onChange={({ target }) => onLeave(at, !target.checked)}
                  />
                </td>
                <td className="px-4 py-2 text-soft tabular-nums">{at}</td>
                <th scope="row" className="px-4 py-2 font-semibold">
                  {name || '(no name)'}
                </th>
                <td className="px-4 py-2">
                  {knownOf(told).join(' · ') || <span className="text-soft">nothing but the name</span>}
                  {notes.map((note) => (
                    <span key={note} className="block text-sm text-soft">
                      {note}
                    </span>
                  ))}
                </td>
                <td className="px-4 py-2">
                  {reasons.length > 0 ? (
                    <span className="font-semibold text-clay">
                      No. <span className="font-normal">{reasons.join(' ')}</span>
                    </span>
                  ) : (
                    (what && 'is in') || (left.has(at) ? 'left out' : 'yes')
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** What a file tells of somebody, in short. */
function knownOf(told: BroughtIn['told']): string[] {
  const conditions = Array.isArray(told.conditions)
    ? (told.conditions as { condition: string; words?: unknown }[])
    : [];
  return [
    ...(typeof told.born === 'string' ? [`born ${told.born}`] : []),
    ...(typeof told.heightCm === 'number' ? [`${told.heightCm} cm`] : []),
    ...conditions.map(({ condition, words }) =>
      typeof words === 'string' ? `something else: “${words}”` : RULEBOOK.conditionName(condition),
    ),
  ];
}
