import {
  changeFor,
  oneEach,
  stopped,
  type Act,
  type Doing,
  type Easier,
  type Moment,
  type Teaching,
} from '@lotus-steady/core';
import { useState } from 'react';
import { variantById } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import { Button } from '../../ui/Button.js';
import { Modal } from '../../ui/Modal.js';
import { WhereHurts } from './WhereHurts.js';

interface Props {
  moment: Moment;
  teaching: Teaching;
  names: ReadonlyMap<string, string>;
  /** Whose change it is, where somebody was pressed. */
  who?: string;
  onDo: (act: Act) => void;
  onStop: (personId: string, where: string | undefined) => void;
  onClose: () => void;
}

/**
 * She tires, or it hurts: two taps give something easier that suits her, and it is noted; where it hurts is said
 * before, by who has time for it.
 */
export function ChangeForOne({ moment, teaching, names, who, onDo, onStop, onClose }: Props) {
  const [chosen, setChosen] = useState(who);
  const [where, setWhere] = useState<string>();
  const out = stopped(teaching);
  const people = oneEach(moment);
  const doing = people.find(({ personId }) => personId === chosen);
  if (!doing)
    return (
      <Modal title="A change for whom?" onClose={onClose} wide>
        <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-4">
          {people.map(({ personId, name }) => (
            <li key={personId}>
              <Button
                className="min-h-16 w-full text-lg"
                disabled={out.has(personId)}
                onClick={() => setChosen(personId)}
              >
                {names.get(name) ?? name}
              </Button>
            </li>
          ))}
        </ul>
        <Cancel onClose={onClose} />
      </Modal>
    );
  return (
    <Modal title={`${names.get(doing.name) ?? doing.name}: what instead?`} onClose={onClose} wide>
      <div className="mb-4">
        <WhereHurts label="Where it hurts" shown="If it hurts:" value={where} onChange={setWhere} />
      </div>
      <Easier
        doing={doing}
        side={moment.side}
        onGive={(given, variant) => {
          onDo({
            act: 'change',
            id: crypto.randomUUID(),
            personId: doing.personId,
            step: doing.entry.step,
            ...(moment.then ? { then: true } : {}),
            given,
            ...(variant ? { variant } : {}),
            ...(where ? { where } : {}),
          });
          onClose();
        }}
      />
      <div className="mt-5 flex flex-wrap items-center justify-between gap-3">
        <Button className="border-clay! text-clay" onClick={() => onStop(doing.personId, where)}>
          Something is wrong: stop
        </Button>
        <span className="flex flex-wrap gap-3">
          {changeFor(teaching, doing.personId, moment) && (
            <Button
              onClick={() => {
                onDo({ act: 'change-back', personId: doing.personId });
                onClose();
              }}
            >
              Take the last change back
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
        </span>
      </div>
    </Modal>
  );
}

const Cancel = ({ onClose }: { onClose: () => void }) => (
  <div className="mt-5 flex justify-end">
    <Button onClick={onClose}>Cancel</Button>
  </div>
);

type Give = (given: 'less-far' | 'supported' | 'rest', variant?: string) => void;

/** What is easier for one person, each held to what she may do. Rest is always among it. */
function Easier({ doing: { entry }, side, onGive }: { doing: Doing; side: Moment['side']; onGive: Give }) {
  const { lessFar, supported, rest }: Easier = entry.easier ?? {};
  return (
    <ul className="grid gap-3 sm:grid-cols-3">
      {lessFar && (
        <Way
          title="Less far"
          says={lessFar.says}
          variant={lessFar.variant}
          side={side}
          onPress={() => onGive('less-far', lessFar.variant)}
        />
      )}
      {supported && (
        <Way
          title="An easier way"
          says={variantById(supported).variant.name}
          variant={supported}
          side={side}
          onPress={() => onGive('supported', supported)}
        />
      )}
      <Way
        title="Rest"
        says={
          rest
            ? `${variantById(rest).pose.name}, ${variantById(rest).variant.name}`
            : 'Sitting or lying as is comfortable, with the breath.'
        }
        variant={rest}
        onPress={() => onGive('rest', rest)}
      />
    </ul>
  );
}

const CARD =
  'flex h-full w-full flex-col items-center gap-2 rounded-2xl border-2 border-strong-line bg-paper p-4 text-center ' +
  'hover:bg-teal-wash';

const Way = ({
  title,
  says,
  variant,
  side,
  onPress,
}: {
  title: string;
  says: string;
  variant: string | undefined;
  side?: Moment['side'];
  onPress: () => void;
}) => (
  <li>
    <button type="button" onClick={onPress} className={CARD}>
      <b className="font-display text-2xl">{title}</b>
      {variant && (
        <Figure
          variant={variant}
          side={variantById(variant).pose.side ? side : undefined}
          width={224}
          height={170}
          className="w-56 max-w-full"
          decorative
        />
      )}
      <span className="text-lg">{says}</span>
    </button>
  </li>
);
