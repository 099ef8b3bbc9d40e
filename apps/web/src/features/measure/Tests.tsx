import {
  BALANCE_STAGES,
  keptOfStages,
  sayScreening,
  type BalanceStage,
  type ScreeningKey,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useState, type ReactNode } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { CAN_QUESTIONS } from '../../domain/person/canWords.js';
import type { PersonValues } from '../../domain/person/personValues.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { useStopwatch } from './useStopwatch.js';

interface Props {
  form: UseFormReturn<PersonValues>;
  person: PersonLine;
  age: number | undefined;
}

/** The tests that are counted and timed in a room: each with its own clock or counter, and what is usual beside it. */
export function Tests({ form, person, age }: Props) {
  const set = (key: ScreeningKey, value: number): void =>
    form.setValue(`screening.${key}`, String(value), { shouldDirty: true });
  const result = { form, person, age };
  return (
    <section aria-labelledby="tests">
      <h2 id="tests" className="mb-1 text-xl">
        Tests
      </h2>
      <p className="mb-3 text-soft">
        Stand beside them, with a chair or the wall within reach. Not with pain in the chest, a giddy head or
        a fresh operation.
      </p>
      <div className="grid gap-4 lg:grid-cols-2">
        <ChairStands onTake={(count) => set('chairStands', count)}>
          <Result of="chairStands" label="Stands in 30 s" {...result} />
        </ChairStands>
        <UpAndGo onTake={(seconds) => set('tugSeconds', seconds)}>
          <Result of="tugSeconds" label="Seconds" {...result} />
        </UpAndGo>
        <FourStages
          onTake={(kept) =>
            (Object.entries(kept) as [ScreeningKey, number][]).forEach(([key, value]) => set(key, value))
          }
        >
          <Result of="tandemSeconds" label="Heel to toe, seconds" {...result} />
        </FourStages>
        <OneLeg onTake={(seconds) => set('oneLegSeconds', seconds)}>
          <Result of="oneLegSeconds" label="Seconds on one leg" {...result} />
        </OneLeg>
        <FromFloor form={form} />
        <BellyGap form={form} />
        <Card
          title="Falls"
          how="How often have they fallen in the last year? With an injury: the doctor first."
        >
          <Result of="fallsLastYear" label="Falls" {...result} />
        </Card>
      </div>
    </section>
  );
}

const Card = ({ title, how, children }: { title: string; how: string; children: ReactNode }) => (
  <section className="space-y-3 rounded-2xl border border-line bg-paper p-4">
    <h3 className="text-lg">{title}</h3>
    <p className="text-soft">{how}</p>
    {children}
  </section>
);

/** What came out, and how it stands beside what is published. */
function Result({ of, label, form, person, age }: Props & { of: ScreeningKey; label: string }) {
  const typed = form.watch(`screening.${of}`);
  const value = Number(typed.replace(',', '.'));
  const said =
    typed.trim() && Number.isFinite(value)
      ? sayScreening(of, value, age, person.sex, RULEBOOK.norms)
      : undefined;
  const since = person.intake.dated?.[`screening.${of}`]?.on;
  return (
    <div className="flex flex-wrap items-start gap-4">
      <TextField
        label={label}
        inputMode="decimal"
        className="w-36"
        {...form.register(`screening.${of}`)}
        hint={since ? sayDate(since) : undefined}
      />
      {said && (
        <p className={`min-w-48 flex-1 ${said.low ? 'font-semibold text-clay' : ''}`} role="status">
          {said.low ? 'Below: ' : ''}
          {said.says}
          {said.cite && (
            <span className="block font-normal text-soft">
              {RULEBOOK.sources[said.cite]!.citation}, from memory
            </span>
          )}
        </p>
      )}
    </div>
  );
}

const HALF_MINUTE = 30;

function ChairStands({ onTake, children }: { onTake: (count: number) => void; children: ReactNode }) {
  const clock = useStopwatch(HALF_MINUTE);
  const [count, setCount] = useState(0);
  const left = HALF_MINUTE - clock.seconds;
  return (
    <Card
      title="Chair stands"
      how={
        'A chair without arms against the wall, arms crossed. Up and down for 30 seconds; using the arms counts as ' +
        'none; more than half-way up at the end counts.'
      }
    >
      <div className="flex flex-wrap items-center gap-2">
        <Button
          look={clock.isRunning ? 'plain' : 'main'}
          onClick={() => {
            setCount(0);
            clock.start();
          }}
        >
          {clock.seconds ? 'Begin again' : 'Begin'}
        </Button>
        <Button
          disabled={!clock.seconds && !clock.isRunning}
          onClick={() => setCount(count + 1)}
          className="min-w-36 tabular-nums"
        >
          One more: {count}
        </Button>
        <Button look="quiet" disabled={!count} onClick={() => setCount(count - 1)}>
          One less
        </Button>
        <span role="timer" className="text-xl tabular-nums">
          {left.toFixed(0)} s
        </span>
        {!clock.isRunning && clock.seconds >= HALF_MINUTE && (
          <Button look="main" onClick={() => onTake(count)}>
            Take {count}
          </Button>
        )}
      </div>
      {children}
    </Card>
  );
}

/** A clock that is started and stopped, and what it says taken. */
function Timed({ most, onTake }: { most?: number; onTake: (seconds: number) => void }) {
  const clock = useStopwatch(most);
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button look={clock.isRunning ? 'main' : 'plain'} onClick={clock.isRunning ? clock.stop : clock.start}>
        {clock.isRunning ? 'Stop' : 'Start'}
      </Button>
      <span role="timer" className="min-w-20 text-xl tabular-nums">
        {clock.seconds.toFixed(1)} s
      </span>
      {!clock.isRunning && clock.seconds > 0 && (
        <Button
          look="main"
          onClick={() => {
            onTake(clock.seconds);
            clock.clear();
          }}
        >
          Take {clock.seconds.toFixed(1)}
        </Button>
      )}
    </div>
  );
}

const UpAndGo = ({ onTake, children }: { onTake: (seconds: number) => void; children: ReactNode }) => (
  <Card
    title="Up and go"
    how={
      'From the chair, three metres to a mark, round, back, and seated again, at their usual pace and with ' +
      'their usual aid.'
    }
  >
    <Timed onTake={onTake} />
    {children}
  </Card>
);

const OneLeg = ({ onTake, children }: { onTake: (seconds: number) => void; children: ReactNode }) => (
  <Card
    title="On one leg"
    how={
      'Eyes open, hands on the hips, the lifted leg not leaning on the other. The better leg of two; ' +
      'stop at 45 s.'
    }
  >
    <Timed most={45} onTake={onTake} />
    {children}
  </Card>
);

const TEN = 10;

function FourStages({
  onTake,
  children,
}: {
  onTake: (kept: ReturnType<typeof keptOfStages>) => void;
  children: ReactNode;
}) {
  const [held, setHeld] = useState<Partial<Record<BalanceStage, number>>>({});
  const next = BALANCE_STAGES.find(({ id }) => held[id] === undefined);
  const failed = Object.values(held).some((seconds) => seconds < TEN);
  return (
    <Card
      title="Four stages of balance"
      how="Eyes open, no aid, ten seconds each, from the first on; the first that fails ends it."
    >
      <ol className="space-y-1">
        {BALANCE_STAGES.map(({ id, words }) => (
          <li key={id} className={id === next?.id && !failed ? 'font-semibold' : 'text-soft'}>
            {words}
            {held[id] !== undefined && `: ${held[id]} s`}
          </li>
        ))}
      </ol>
      {next && !failed && (
        <Timed
          key={next.id}
          most={TEN}
          onTake={(seconds) => {
            const now = { ...held, [next.id]: seconds };
            setHeld(now);
            onTake(keptOfStages(now));
          }}
        />
      )}
      {Object.keys(held).length > 0 && (
        <Button look="quiet" onClick={() => setHeld({})}>
          Begin again
        </Button>
      )}
      {children}
    </Card>
  );
}

const FLOOR = CAN_QUESTIONS.find(({ key }) => key === 'floor')!.answers;

/** The gap between the belly muscles, of whoever has given birth: it is asked for with that. */
function BellyGap({ form }: Pick<Props, 'form'>) {
  const at = form.watch('conditions').findIndex(({ condition }) => condition === 'after-birth');
  if (at < 0) return null;
  const details = form.watch(`conditions.${at}.details`);
  const fingers = details.separationFingers;
  return (
    <Card
      title="Gap between the belly muscles"
      how={
        'On the back, knees bent, fingers across the belly above and below the navel; the head lifts a little, once. ' +
        'How many fingers sink in between? Over two: no head lift, no plank, no double leg lowering.'
      }
    >
      <TextField
        label="Finger-widths"
        inputMode="decimal"
        className="w-36"
        value={typeof fingers === 'string' ? fingers : ''}
        onChange={(event) => {
          form.setValue(
            `conditions.${at}.details`,
            { ...details, separationFingers: event.target.value },
            { shouldDirty: true },
          );
          form.setValue(
            'dated',
            { ...form.getValues('dated'), 'conditions.after-birth': { on: today(), from: 'measured' } },
            { shouldDirty: true },
          );
        }}
      />
    </Card>
  );
}

/** Down to the floor and up again, once, as they do it at home. */
function FromFloor({ form }: Pick<Props, 'form'>) {
  const value = form.watch('can.floor');
  return (
    <Card
      title="From the floor"
      how="Down to the floor and up again, as they do it at home; a chair stands near."
    >
      <div role="group" aria-label="Gets up from the floor" className="flex flex-wrap gap-2">
        {FLOOR.map(([answer, words]) => (
          <Button
            key={answer}
            look={value === answer ? 'main' : 'plain'}
            aria-pressed={value === answer}
            onClick={() => {
              form.setValue('can.floor', answer, { shouldDirty: true });
              form.setValue(
                'dated',
                { ...form.getValues('dated'), 'can.floor': { on: today(), from: 'measured' } },
                { shouldDirty: true },
              );
            }}
          >
            {words}
          </Button>
        ))}
      </div>
    </Card>
  );
}
