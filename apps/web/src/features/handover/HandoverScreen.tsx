import { handover } from '@lotus-steady/core';
import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useClass } from '../../data/classes/useClass.js';
import { catalogue } from '../../data/catalogue.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { useSession } from '../../data/session/useSession.js';
import { today } from '../../data/today.js';
import { bodiesOf } from '../../domain/fitting/bodies.js';
import { Button } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { sayWhen, shortNames } from '../../domain/words/say.js';
import { Reading } from '../../ui/states.js';
import { StepFigures } from './StepFigures.js';

/** Half a page that another teacher could take the class from. */
export function HandoverScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const { data } = reading;
  const [figures, setFigures] = useState(false);
  const { hall } = useSession();
  // Whoever helps in the room sees somebody in place of each.
  const drawn = figures && hall.role !== 'assistant' ? (data?.people ?? []) : [];
  const people = usePeopleByIds(drawn.map((one) => one.id));
  const bodies = useMemo(() => bodiesOf(people.data, data?.on ?? today()), [people.data, data?.on]);
  if (!data)
    return (
      <Page title="Handover sheet">
        <Reading what="Loading the class" of={reading} />
      </Page>
    );
  const { facts, know, sections } = handover(data.fitting, catalogue());
  const names = shortNames(data.fitting.lanes.map(({ person }) => person));
  const short = (people: readonly string[]): string =>
    people.map((name) => names.get(name) ?? name).join(', ');
  return (
    <Page
      up={[
        { to: '/classes', name: 'Classes' },
        { to: `/classes/${id}/fitting`, name: data.title },
      ]}
      title="Handover sheet"
      about={`${data.title} · ${sayWhen(data)} · ${facts.join(' · ')}`}
      actions={
        <>
          <CheckField label="With figures" checked={figures} onChange={() => setFigures(!figures)} />
          <Button onClick={() => window.print()}>
            <Printer aria-hidden size={20} />
            Print
          </Button>
        </>
      }
    >
      {know.length > 0 && (
        <section className="mb-4">
          <h2 className="text-xl print:text-base">Before anyone begins</h2>
          <ul className="lg:columns-2 lg:gap-8 print:columns-2">
            {know.map(({ person, text }) => (
              <li key={person + text} className="break-inside-avoid">
                <b>{names.get(person) ?? person}</b>: {text}
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="gap-10 lg:columns-2 print:columns-2 print:text-[11px]">
        {sections.map(({ name, steps }) => (
          <section key={steps[0]!.step} className="mb-3">
            {name && <h2 className="text-lg text-teal print:text-base">{name}</h2>}
            <ol>
              {steps.map(({ step, says, others }) => (
                <li key={step} className="mb-1 break-inside-avoid">
                  <b>
                    {step}. {says}
                  </b>
                  {figures && <StepFigures step={step} fitting={data.fitting} bodies={bodies} />}
                  {others.length > 0 && (
                    <ul className="ml-5">
                      {others.map((one) => (
                        <li key={one.says} className="leading-tight">
                          <span className="text-indigo">{short(one.people)}</span>: {one.says}
                        </li>
                      ))}
                    </ul>
                  )}
                </li>
              ))}
            </ol>
          </section>
        ))}
      </div>
      <p className="mt-4 text-soft">
        Anyone not named follows the plan. Sharp pain, dizziness, or breath that no longer comes easily: come
        out slowly and rest.
      </p>
    </Page>
  );
}
