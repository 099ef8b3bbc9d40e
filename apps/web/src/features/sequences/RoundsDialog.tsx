import { readPlan, roundLine, type Known, type Step } from '@lotus-steady/core';
import { Plus, Repeat } from 'lucide-react';
import { useState } from 'react';
import { useAddSequence } from '../../data/sequences/useAddSequence.js';
import { useSequences } from '../../data/sequences/useSequences.js';
import { LazyFigure } from '../../domain/figure/LazyFigure.js';
import { nameOfStep } from '../../domain/words/nameOfStep.js';
import { Button } from '../../ui/Button.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { Modal } from '../../ui/Modal.js';
import { Problem } from '../../ui/states.js';

/** By this tag a sequence of the library is known as a round of hers. */
const ROUND_TAG = 'round';

/** A round as it is offered: its line in a plan, and its shapes. */
interface Offered {
  name: string;
  about: string;
  line: string;
  shapes: readonly string[];
}

interface Props {
  steps: readonly Step[];
  known: Known;
  /** Puts a line behind a step; 0 is the beginning. */
  onAdd: (line: string, after: number) => void;
  onClose: () => void;
}

/** Rounds with the breath, the catalogue's and her own, to be put into a plan; and new ones made of its steps. */
export function RoundsDialog({ steps, known, onAdd, onClose }: Props) {
  const { data: sequences = [] } = useSequences();
  const [after, setAfter] = useState(usualPlace(steps));
  const own = sequences.filter(({ tags, archived }) => tags.includes(ROUND_TAG) && !archived);
  const offered: Offered[] = [
    ...own.flatMap(({ source }) => ownRound(source, known)),
    ...known.flows.map(({ name, meaning, usual, shapes }) => ({
      name,
      about: meaning,
      line: `${name} × ${usual}`,
      shapes: shapes.map(({ variant }) => variant),
    })),
  ];
  return (
    <Modal title="Rounds" onClose={onClose} wide>
      <div className="grid gap-6 md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div className="space-y-3">
          <SelectField
            label="It goes after"
            value={after}
            onChange={(event) => setAfter(Number(event.target.value))}
          >
            <option value={0}>the beginning</option>
            {steps.map((step) => (
              <option key={step.number} value={step.number}>
                {sayStep(step)}
              </option>
            ))}
          </SelectField>
          <ul className="max-h-[55vh] divide-y divide-line overflow-y-auto rounded-xl border border-line">
            {offered.map(({ name, about, line, shapes }) => (
              <li key={`${name} ${line}`} className="px-4 py-2">
                <div className="flex items-center gap-2">
                  <span className="flex-1">
                    <b className="block">{name}</b>
                    <span className="text-sm text-soft">{about}</span>
                  </span>
                  <Button look="quiet" aria-label={`Add ${name}`} onClick={() => onAdd(line, after)}>
                    <Plus aria-hidden size={18} />
                    Add
                  </Button>
                </div>
                <span className="flex flex-wrap">
                  {shapes.map((variant, i) => (
                    <LazyFigure
                      key={`${variant} ${i}`}
                      variant={variant}
                      width={44}
                      height={36}
                      className="w-11"
                      decorative
                    />
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </div>
        <MakeRound steps={steps} known={known} />
      </div>
      <div className="mt-4 flex justify-end">
        <Button onClick={onClose}>Close</Button>
      </div>
    </Modal>
  );
}

const sayStep = (step: Step): string => `${step.number}. ${nameOfStep(step)}`;

/** Rounds are done standing, most of them: behind the last step there; or else before the rest. */
const usualPlace = (steps: readonly Step[]): number =>
  (
    steps.findLast(({ variant }) => variant.level === 'standing') ??
    steps.findLast(({ pose }) => pose.purposes[0].action !== 'rest')
  )?.number ?? steps.length;

/** What a sequence of the library is that was kept as a round; nothing where it is no more. */
function ownRound(source: string, known: Known): Offered[] {
  const { title, steps } = readPlan(source, known);
  const [first] = steps;
  if (!first?.flow) return [];
  const line = source.split('\n')[first.line - 1]!.replace(/^\s*[-•*]\s*/, '');
  return [{ name: title, about: 'Yours', line, shapes: steps.map(({ variant }) => variant.id) }];
}

/** A round of one's own: some steps of the plan that follow each other, under a name. */
function MakeRound({ steps, known }: Pick<Props, 'steps' | 'known'>) {
  const [name, setName] = useState('');
  const [from, setFrom] = useState(1);
  const [to, setTo] = useState(Math.min(2, steps.length));
  const [problem, setProblem] = useState('');
  const add = useAddSequence();
  const chosen = steps.slice(from - 1, to);
  function make(): void {
    const title = name.trim();
    if (!title) return setProblem('Still needed: a name.');
    if (chosen.length < 2) return setProblem('A round has at least two steps.');
    const line = roundLine(title, chosen, known);
    if (!line)
      return setProblem('These steps cannot be kept under this name: try another name, or fewer steps.');
    setProblem('');
    add.mutate({ source: `# ${title}\n- ${line}\n`, tags: [ROUND_TAG] }, { onSuccess: () => setName('') });
  }
  const choices = steps.map((step) => (
    <option key={step.number} value={step.number}>
      {sayStep(step)}
    </option>
  ));
  return (
    <section aria-label="Make one" className="space-y-3">
      <h3 className="text-lg">Make one of this plan</h3>
      <TextField
        label="Name"
        value={name}
        placeholder="Tide salute"
        maxLength={60}
        onChange={(event) => setName(event.target.value)}
        {...(problem ? { error: problem } : {})}
      />
      <SelectField label="From" value={from} onChange={(event) => setFrom(Number(event.target.value))}>
        {choices}
      </SelectField>
      <SelectField label="To" value={to} onChange={(event) => setTo(Number(event.target.value))}>
        {choices}
      </SelectField>
      {add.error && <Problem error={add.error} />}
      <Button look="main" disabled={add.isPending || steps.length < 2} onClick={make}>
        <Repeat aria-hidden size={18} />
        Keep as a round
      </Button>
      <p className="text-sm text-soft">
        It stands in the library with the tag “{ROUND_TAG}”, and here for every plan. What is held a few
        breaths is held so in each round; all else moves with the breath.
      </p>
    </section>
  );
}
