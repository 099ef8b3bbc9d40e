import type { Act, WarningSign } from '@lotus-steady/core';
import { useState } from 'react';
import type { PersonLine } from '../../data/types.js';
import { warningSignsFor } from '../../domain/person/warningSigns.js';
import { Button } from '../../ui/Button.js';
import { Modal } from '../../ui/Modal.js';
import { WhereHurts } from './WhereHurts.js';

interface Props {
  /** Whoever is here, in the order of the room. */
  people: readonly { personId: string; name: string }[];
  /** What is known of them, by id; nothing while it is being read. */
  known: ReadonlyMap<string, PersonLine>;
  who?: string;
  /** Where it hurts, where that was said before. */
  where?: string;
  step: number;
  onDo: (act: Act) => void;
  onClose: () => void;
}

/** Signs by whom one turns to, in the rulebook's words. */
function byWhom(signs: readonly WarningSign[]): [whom: string, signs: WarningSign[]][] {
  const groups = new Map<string, WarningSign[]>();
  for (const sign of signs) groups.set(sign.who, [...(groups.get(sign.who) ?? []), sign]);
  return [...groups];
}

/** Common first aid, from memory: whoever does not answer has no signs to ask for. */
const FIRST_AID =
  'Who does not respond, does not breathe normally, or has a seizure that is the first or does not end within ' +
  '5 minutes: call the emergency services at once.';

/** Somebody stops: what to do first, the signs that need a call and whom, and it is noted. */
export function StopCard({ people, known, who, where: said, step, onDo, onClose }: Props) {
  const [chosen, setChosen] = useState(who);
  const [where, setWhere] = useState(said);
  const person = people.find(({ personId }) => personId === chosen);
  const signs = warningSignsFor(chosen ? known.get(chosen) : undefined).map(([, sign]) => sign);
  return (
    <Modal title={person ? `Stop: ${person.name}` : 'Somebody stops'} onClose={onClose} wide>
      <p className="mb-4 text-xl">
        Come out slowly, sit or lie as is comfortable, breathe, stay beside. Ask what it is.
        <b className="block text-clay">{FIRST_AID}</b>
      </p>
      {!person && (
        <ul aria-label="Who stops?" className="mb-4 flex flex-wrap gap-2">
          {people.map(({ personId, name }) => (
            <li key={personId}>
              <Button className="min-h-12" onClick={() => setChosen(personId)}>
                {name}
              </Button>
            </li>
          ))}
        </ul>
      )}
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
        {(['emergency', 'today'] as const).map((act) => (
          <div key={act} className="space-y-4">
            {byWhom(signs.filter((sign) => sign.act === act)).map(([whom, all]) => (
              <Signs
                key={whom}
                title={act === 'emergency' ? `At once: ${whom}` : `No more class; ${whom}`}
                signs={all}
                isUrgent={act === 'emergency'}
              />
            ))}
          </div>
        ))}
      </div>
      <p className="mt-4 text-soft">
        These are the usual signs. Local rules and the person’s own doctor or midwife come first; if you are
        not sure, call.
      </p>
      <div className="mt-5 flex flex-wrap items-center justify-end gap-3">
        {person && (
          <WhereHurts label="Where it hurts" shown="If it hurts:" value={where} onChange={setWhere} />
        )}
        <Button onClick={onClose}>Close the card</Button>
        {person && (
          <Button
            look="main"
            onClick={() => {
              onDo({
                act: 'change',
                id: crypto.randomUUID(),
                personId: person.personId,
                step,
                given: 'stopped',
                ...(where ? { where } : {}),
              });
              onClose();
            }}
          >
            Note that {person.name} has stopped
          </Button>
        )}
      </div>
    </Modal>
  );
}

const Signs = ({
  title,
  signs,
  isUrgent = false,
}: {
  title: string;
  signs: readonly WarningSign[];
  isUrgent?: boolean;
}) => (
  <section className={`rounded-xl border-2 p-4 ${isUrgent ? 'border-clay' : 'border-line'}`}>
    <h3 className={`mb-2 text-xl ${isUrgent ? 'text-clay' : ''}`}>{title}</h3>
    <ul className="space-y-1 text-lg leading-snug">
      {signs.map(({ asks }) => (
        <li key={asks}>{asks}</li>
      ))}
    </ul>
  </section>
);
