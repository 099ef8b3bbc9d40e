import { EYE_CASES } from '@lotus-steady/core';
import { useState } from 'react';
import { useAnswerCase, useAnswerOwnCase, useEye, useNextCase } from '../../data/eye/useEye.js';
import type { EyeCase, EyeState } from '../../data/types.js';
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
  const answeringOwn = useAnswerOwnCase();
  const [isTimed, setTimed] = useState(true);
  const [isOpen, open] = useState(false);
  const { data: state } = reading;
  const { data: one } = asked;
  const next = (isOwn: boolean): void => {
    answering.reset();
    answeringOwn.reset();
    asked.mutate({ isOwn }, { onSuccess: () => open(true) });
  };
  const answer = (marks: Marks): void => {
    const list = Object.entries(marks).map(([step, verdict]) => ({ step: Number(step), verdict }));
    if (one!.own) answeringOwn.mutate({ ...one!.own, marks: list });
    else answering.mutate({ number: one!.number!, marks: list });
  };
  const told = one?.own ? answeringOwn.data : answering.data;
  const again = (
    <p className="flex flex-wrap gap-3">
      <Button look="main" disabled={asked.isPending} onClick={() => next(Boolean(one?.own))}>
        Another case
      </Button>
      <Button onClick={() => open(false)}>Enough for today</Button>
    </p>
  );
  const error = asked.error ?? answering.error ?? answeringOwn.error;
  const busy = answering.isPending || answeringOwn.isPending;
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
      {isOpen && one && !told && (
        <CaseView key={keyOf(one)} of={one} isTimed={isTimed} busy={busy} onAnswer={answer} />
      )}
      {isOpen && one && told && (
        <Revealed of={one} answer={told}>
          {again}
        </Revealed>
      )}
    </Page>
  );
}

const keyOf = ({ number, own }: EyeCase): string => (own ? `${own.classId} ${own.seat}` : `${number}`);

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
  /** @param isOwn somebody of a class that has been */
  onBegin: (isOwn: boolean) => void;
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
        <p className="flex flex-wrap gap-3">
          <Button look="main" disabled={busy} onClick={() => onBegin(false)}>
            {due > 0 || seen > 0 ? 'Look at the next case' : 'Look at a case'}
          </Button>
          <Button disabled={busy} onClick={() => onBegin(true)}>
            Somebody of your classes
          </Button>
        </p>
        <p className="mt-2 text-soft">
          Of your own classes of the last year, without a name, and only about as old and tall: nothing of it
          is kept.
        </p>
      </div>
      <OverTime answers={answers} />
    </>
  );
}
