import { compareFittings, type Fitting } from '@lotus-steady/core';
import type { ReactNode } from 'react';
import type { PersonLine } from '../../data/types.js';
import { bodiesOf } from '../../domain/fitting/bodies.js';
import { Differences } from '../../domain/fitting/Differences.js';
import { FittingView } from '../../domain/fitting/FittingView.js';
import { sayDate, sayPeople } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import type { PlanValues } from './planValues.js';

/** A plan as it is fitted, not saved yet. `before`: the class as it is kept, to say what has changed. */
export function FittedPlan({
  title,
  plan,
  fitting,
  before,
  people,
  saving,
  onSave,
  onBack,
  children,
}: {
  title: string;
  plan: PlanValues;
  fitting: Fitting;
  before?: Fitting;
  people: readonly PersonLine[] | undefined;
  saving: boolean;
  onSave: () => void;
  onBack: () => void;
  /** What went wrong with saving. */
  children?: ReactNode;
}) {
  const coming = Object.keys(plan.people).length;
  return (
    <Page
      wide
      title={title}
      about={`${sayDate(plan.on)}${plan.time ? `, ${plan.time}` : ''} · ${sayPeople(coming)} · not saved yet`}
      actions={
        <>
          <Button look="main" disabled={saving} onClick={onSave}>
            {saving ? 'Saving …' : 'Save class'}
          </Button>
          <Button onClick={onBack}>Back to the plan</Button>
        </>
      }
    >
      <div className="p-4 empty:hidden">{children}</div>
      {before && <Differences comparison={compareFittings(before, fitting)} />}
      <FittingView fitting={fitting} bodies={bodiesOf(people, fitting.on)} />
    </Page>
  );
}
