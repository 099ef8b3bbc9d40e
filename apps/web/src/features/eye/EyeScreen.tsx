import { EYE_CASES } from '@lotus-steady/core';
import { useState } from 'react';
import { useAnswerCase, useEye, useNextCase } from '../../data/eye/useEye.js';
import type { EyeState } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Problem, Reading } from '../../ui/states.js';
import { CaseView, type Marks } from './CaseView.js';
import { OverTime } from './OverTime.js';
import { Revealed } from './Revealed.js';

/** Cases for the teacher's eye: what would you change, and how? Then what the fitting does, and why. */
export function EyeScreen() {
  const reading = useEye();
  const asked = useNextCase();
  const answering = useAnswerCase();
  const [isTimed, setTimed] = useState(true);
  const [isOpen, open] = useState(false);
  const { data: state } = reading;
  const { data: one } = asked;
  const next = (): void => {
    answering.reset();
    asked.mutate(undefined, { onSuccess: () => open(true) });
  };
  const answer = (marks: Marks): void =>
    answering.mutate({
      number: one!.number,
      marks: Object.entries(marks).map(([step, verdict]) => ({ step: Number(step), verdict })),
    });
  const again = (
    <p className="flex flex-wrap gap-3">
      <Button look="main" disabled={asked.isPending} onClick={next}>
        Another case
      </Button>
      <Button onClick={() => open(false)}>Enough for today</Button>
    </p>
  );
  const error = asked.error ?? answering.error;
  return (
    <Page
      title="The teacher’s eye"
      up={[{ to: '/rulebook', name: 'Rulebook' }]}
      about="Made-up people at the borders of the rules. What would you change? Then what the fitting does, and why."
    >
      <Reading what="Looking" of={reading} />
      {error && <Problem error={error} />}
      {state && !isOpen && (
        <Beginning state={state} isTimed={isTimed} busy={asked.isPending} onTimed={setTimed} onBegin={next} />
      )}
      {isOpen && one && !answering.data && (
        <CaseView key={one.number} of={one} isTimed={isTimed} busy={answering.isPending} onAnswer={answer} />
      )}
      {isOpen && one && answering.data && (
        <Revealed of={one} answer={answering.data}>
          {again}
        </Revealed>
      )}
    </Page>
  );
}

function Beginning({
  state: { left, due, answers },
  isTimed,
  busy,
  onTimed,
  onBegin,
}: {
  state: EyeState;
  isTimed: boolean;
  busy: boolean;
  onTimed: (isTimed: boolean) => void;
  onBegin: () => void;
}) {
  const seen = EYE_CASES - left;
  return (
    <>
      <div className="mb-8 max-w-3xl rounded-2xl border border-line bg-paper p-5">
        <p className="text-lg">
          {left > 0
            ? `You have looked at ${seen} of the first ${EYE_CASES} cases.`
            : `You have looked at all of the first ${EYE_CASES} cases. New ones are made from the rules’ borders.`}{' '}
          {due > 0 && <b>{due === 1 ? 'One is' : `${due} are`} to be looked at again today.</b>}
        </p>
        <p className="mb-3 text-soft">
          A case you missed something in comes back soon, one you saw rightly later. Nobody in them is real,
          and nobody else sees how you did.
        </p>
        <CheckField
          label="Two minutes for each; then it counts as it stands"
          checked={isTimed}
          onChange={({ target }) => onTimed(target.checked)}
        />
        <Button look="main" disabled={busy} onClick={onBegin}>
          {due > 0 || seen > 0 ? 'Look at the next case' : 'Look at a case'}
        </Button>
      </div>
      <OverTime answers={answers} />
    </>
  );
}
