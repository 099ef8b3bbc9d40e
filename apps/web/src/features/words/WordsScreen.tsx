import { momentsOf, paceOf, type Moment, type Said } from '@lotus-steady/core';
import { Pencil, Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { catalogue, poseName } from '../../data/catalogue.js';
import { useClass } from '../../data/classes/useClass.js';
import { useHall } from '../../data/hall/useHall.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import type { ClassWhole, OwnWords } from '../../data/types.js';
import { useOwnWords } from '../../data/words/useOwnWords.js';
import { Script } from '../../domain/script/Script.js';
import { useScripts } from '../../domain/script/useScripts.js';
import { sayWhen, shortNames } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Empty, Reading } from '../../ui/states.js';
import { OwnWordsForm } from './OwnWordsForm.js';

/** What to say in a class, step by step; in the hall's own words where it has some. */
export function WordsScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const words = useOwnWords();
  if (reading.data && words.data) return <Words known={reading.data} own={words.data} />;
  return (
    <Page title="Words to say">
      <Reading what="Loading the class" of={reading.data ? words : reading} />
    </Page>
  );
}

function Words({ known, own }: { known: ClassWhole; own: readonly OwnWords[] }) {
  const { pace } = useHall();
  const ids = useMemo(() => known.people.map(({ id }) => id), [known.people]);
  const people = usePeopleByIds(ids).data;
  const moments = useMemo(() => momentsOf(known.fitting, catalogue(), paceOf(pace)), [known.fitting, pace]);
  const scripts = useScripts(moments, people, known.on);
  const names = useMemo(() => shortNames(known.people.map(({ name }) => name)), [known.people]);
  const [writing, setWriting] = useState<string>();
  return (
    <Page
      up={[
        { to: '/classes', name: 'Classes' },
        { to: `/classes/${known.id}/fitting`, name: known.title },
      ]}
      title="Words to say"
      about={sayWhen(known)}
      main={
        <Button onClick={() => window.print()}>
          <Printer aria-hidden size={20} />
          Print
        </Button>
      }
    >
      <p className="mb-4 max-w-[70ch] text-soft">
        A suggestion, from each pose, its version, the side and who is there. Write your own words for a pose:
        they are said wherever it comes. What a rule asks to be said stays in.
      </p>
      {!moments.length && <Empty>This class has no steps yet.</Empty>}
      <ol className="max-w-[75ch] space-y-5">
        {moments.map((moment, i) => (
          <Step
            key={i}
            moment={moment}
            said={scripts[i] ?? []}
            names={names}
            own={own.find(({ pose }) => pose === moment.step.pose)}
            isFirst={moments.findIndex(({ step }) => step.pose === moment.step.pose) === i}
            isWriting={writing === moment.step.pose}
            onWrite={setWriting}
          />
        ))}
      </ol>
    </Page>
  );
}

function Step({
  moment: { step, side, round, then },
  said,
  names,
  own,
  isFirst,
  isWriting,
  onWrite,
}: {
  moment: Moment;
  said: readonly Said[];
  names: ReadonlyMap<string, string>;
  own: OwnWords | undefined;
  /** The first time that the pose comes in the class. */
  isFirst: boolean;
  isWriting: boolean;
  onWrite: (pose: string | undefined) => void;
}) {
  const name = poseName(step.pose);
  const write = own?.words ? 'Change your words' : 'Write your own';
  return (
    <li className="break-inside-avoid">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <span className="text-soft tabular-nums">{step.step}</span>
        <h2 className="text-xl">
          {then ? `After ${name.toLowerCase()}` : name}
          {side && <span className="text-teal">, their {side}</span>}
          {round && <span className="text-soft">, round {round.at}</span>}
        </h2>
        {isFirst && !isWriting && (
          <Button
            look="quiet"
            className="no-print"
            aria-label={`${write}: ${name}`}
            onClick={() => onWrite(step.pose)}
          >
            <Pencil aria-hidden size={16} />
            {write}
          </Button>
        )}
      </div>
      {isFirst && isWriting && (
        <OwnWordsForm
          pose={step.pose}
          name={name}
          known={own ?? { pose: step.pose, words: '', version: 0 }}
          suggested={said}
          onClose={() => onWrite(undefined)}
        />
      )}
      <Script said={said} names={names} />
    </li>
  );
}
