import { BODY_PLACES, HOPES, LIMBS } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { usePerson } from '../../data/people/usePerson.js';
import { BodyOutline } from '../../domain/intake/BodyOutline.js';
import { CONSENT } from '../../domain/intake/ConsentFields.js';
import { CAN_QUESTIONS, LIMB_ANSWERS, LIMB_LABELS } from '../../domain/person/canWords.js';
import { KNOWN_BY_ITSELF } from '../../domain/person/PersonFields.js';
import { Button } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';

/** The same questions on paper, in the same order, so that what comes back is typed in from top to bottom. */
export function PaperScreen({ id }: { id: string }) {
  const { data } = usePerson(id);
  const name = data?.name ?? '';
  return (
    <Page
      title={`For ${name || 'you'} to fill in`}
      up={[
        { to: '/people', name: 'People' },
        { to: `/people/${id}`, name },
      ]}
      main={
        <Button look="main" onClick={() => window.print()}>
          <Printer aria-hidden size={20} />
          Print
        </Button>
      }
    >
      <p className="mb-4">
        Leave open what you do not know or do not want to say. Your teacher reads it with you.
      </p>
      <Part title="1 Who">
        <Line label="Name" /> <Line label="Born on" /> <Line label="Spoken of as" />
      </Part>
      <Part title="2 What brings you here?">
        <Line label="" /> <Line label="" />
      </Part>
      <Part title="3 Health: tick what there is, with the side and since when">
        <ul className="columns-2 gap-6 text-sm md:columns-3 print:columns-3">
          {RULEBOOK.conditions
            .filter(({ id: one }) => !KNOWN_BY_ITSELF.has(one) && one !== 'something-else')
            .map(({ id: one, name: words }) => (
              <li key={one} className="break-inside-avoid">
                <Box /> {words}
              </li>
            ))}
        </ul>
        <Line label="Something else" />
      </Part>
      <Part title="4 Dates: a due date, a birth, operations, a letter from doctor, midwife or physiotherapist">
        <Line label="" /> <Line label="" />
      </Part>
      <Part title="5 Body">
        <Line label="Height, cm" /> <Line label="Falls in the last year" />
      </Part>
      <Part title="6 Where does it hurt? Mark it">
        <div className="print:break-inside-avoid">
          <BodyOutline label="Where it hurts" />
          <p className="text-sm text-soft">
            {BODY_PLACES.map(({ words }) => words).join(', ')}, and anywhere else
          </p>
        </div>
      </Part>
      <Part title="7 What can you do?">
        <ul>
          <Choice label="Stands" of={['yes', 'no']} />
          <Choice label="Weight on the knees" of={['yes', 'no']} />
          {CAN_QUESTIONS.map(({ key, label, answers }) => (
            <Choice key={key} label={label} of={answers.map(([, words]) => words)} />
          ))}
          {LIMBS.map((limb) => (
            <Choice
              key={limb}
              label={LIMB_LABELS[limb]}
              of={['full', ...LIMB_ANSWERS.map(([, words]) => words)]}
            />
          ))}
        </ul>
      </Part>
      <Part title="8 What do you hope for?">
        <ul className="columns-2 gap-6">
          {HOPES.map(({ id: one, words }) => (
            <li key={one}>
              <Box /> {words}
            </li>
          ))}
        </ul>
      </Part>
      <Part title="9 Consent">
        <p>{CONSENT}</p>
        <Line label="Date and name" />
      </Part>
    </Page>
  );
}

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="mb-5">
    <h2 className="mb-1 text-lg">{title}</h2>
    {children}
  </section>
);

/** A box to tick by hand. */
const Box = () => (
  <span aria-hidden className="inline-block size-3.5 rounded-sm border border-ink align-middle" />
);

const Line = ({ label }: { label: string }) => (
  <p className="flex items-end gap-2 py-1">
    {label}
    <span aria-hidden className="h-6 flex-1 border-b border-strong-line" />
  </p>
);

const Choice = ({ label, of }: { label: string; of: readonly string[] }) => (
  <li className="flex flex-wrap gap-x-5 py-0.5">
    <span className="w-52">{label}</span>
    {of.map((words) => (
      <span key={words}>
        <Box /> {words}
      </span>
    ))}
  </li>
);
