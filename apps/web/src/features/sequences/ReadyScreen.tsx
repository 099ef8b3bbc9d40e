import { parseSequence, readPlan } from '@lotus-steady/core';
import { FRAMES } from '@lotus-steady/core/frames';
import { READY, READY_COURSES } from '@lotus-steady/core/ready';
import { CalendarRange, PencilLine } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { catalogue } from '../../data/catalogue.js';
import { useAddSequence } from '../../data/sequences/useAddSequence.js';
import { LazyFigure } from '../../domain/figure/LazyFigure.js';
import { Understood } from '../../domain/plan/Understood.js';
import { Button } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Problem } from '../../ui/states.js';
import type { CourseBeginning } from '../../workers/beginWork.js';
import { CourseDialog } from './course/CourseDialog.js';
import { LibraryNav } from './LibraryNav.js';
import { STARTS } from './startChoice.js';

type Ready = (typeof READY)[number];
type ReadyCourse = (typeof READY_COURSES)[number];

/** Sequences and courses that come with the program: looked through, and copied to be hers. */
export function ReadyScreen() {
  const [params, setParams] = useSearchParams();
  const shown = READY.find(({ id }) => id === params.get('show'));
  const add = useAddSequence();
  const navigate = useNavigate();
  const take = ({ source }: Ready): void =>
    add.mutate({ source }, { onSuccess: ({ id }) => void navigate(`/sequences/${id}`) });
  return (
    <Page title="Sequences" about="Ready to teach: copied, they are yours to change.">
      <LibraryNav />
      {add.error && <Problem error={add.error} />}
      <div className="grid gap-8 lg:grid-cols-2">
        <div className="space-y-6">
          {STARTS.filter(({ id }) => READY.some(({ frame }) => frame === id)).map(({ id, name }) => (
            <section key={id} aria-label={name}>
              <h2 className="mb-1 text-lg">{name}</h2>
              <ul className="divide-y divide-line overflow-hidden rounded-xl border border-line bg-paper">
                {READY.filter(({ frame }) => frame === id).map((ready) => (
                  <Line
                    key={ready.id}
                    ready={ready}
                    isShown={ready === shown}
                    onShow={() => setParams({ show: ready.id }, { replace: true })}
                  />
                ))}
              </ul>
            </section>
          ))}
          <Courses />
        </div>
        <div className="max-lg:order-first lg:sticky lg:top-4 lg:self-start">
          {shown ? (
            <Shown key={shown.id} ready={shown} busy={add.isPending} onTake={() => take(shown)} />
          ) : (
            <p className="text-soft">Choose one to see it step by step.</p>
          )}
        </div>
      </div>
    </Page>
  );
}

function Line({ ready, isShown, onShow }: { ready: Ready; isShown: boolean; onShow: () => void }) {
  const plan = useMemo(() => readPlan(ready.source, catalogue()), [ready]);
  return (
    <li>
      <button
        type="button"
        aria-pressed={isShown}
        onClick={onShow}
        className={`flex w-full items-center gap-3 px-4 py-2 text-left hover:bg-teal-wash ${
          isShown ? 'bg-teal-wash' : ''
        }`}
      >
        <span className="flex-1">
          <b className="block leading-snug">{plan.title}</b>
          <span className="text-sm text-soft">
            {plan.minutes} min · {ready.about}
          </span>
        </span>
        {middleOf(plan.steps).map(({ variant }) => (
          <LazyFigure
            key={variant.id}
            variant={variant.id}
            width={52}
            height={42}
            className="hidden w-13 shrink-0 sm:block"
            decorative
          />
        ))}
      </button>
    </li>
  );
}

/** Two steps that show what a class is like: a third and two thirds through. */
const middleOf = <T,>(steps: readonly T[]): T[] =>
  [1, 2].map((third) => steps[Math.floor((steps.length * third) / 3)]!);

function Shown({ ready, busy, onTake }: { ready: Ready; busy: boolean; onTake: () => void }) {
  const { sequence, parts } = useMemo(() => parseSequence(ready.source, catalogue()), [ready]);
  const section = useRef<HTMLElement>(null);
  // On a phone it stands above the list it was chosen from.
  useEffect(() => {
    // It may answer with a promise, which is no way to clean up.
    void section.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  const people = FRAMES.find(({ id }) => id === ready.frame)?.people.map(({ name }) => name);
  return (
    <section ref={section} aria-label={sequence.title} className="space-y-3">
      <h2 className="text-xl">{sequence.title}</h2>
      <p className="text-soft">
        {sequence.minutes} minutes.{' '}
        {people && `Under the usual house view it suits, as it is written: ${people.join('; ')}. `}
        Each person’s own doctor, midwife or physiotherapist comes first.
      </p>
      <Button look="main" disabled={busy} onClick={onTake}>
        <PencilLine aria-hidden size={20} />
        Copy to yours
      </Button>
      <Understood
        heading="Step by step"
        parts={parts.filter(({ kind }) => kind !== 'title' && kind !== 'minutes')}
        sequence={sequence}
      />
    </section>
  );
}

function Courses() {
  const [making, setMaking] = useState<ReadyCourse>();
  return (
    <section aria-label="Courses">
      <h2 className="mb-1 text-lg">Courses</h2>
      <ul className="divide-y divide-line rounded-xl border border-line bg-paper">
        {READY_COURSES.map((course) => (
          <li key={course.id} className="flex flex-wrap items-center gap-2 px-4 py-2">
            <span className="min-w-52 flex-1">
              <b className="block leading-snug">{course.title}</b>
              <span className="text-sm text-soft">
                {course.weeks} weeks · {course.about}
              </span>
            </span>
            <Button look="quiet" aria-label={`Begin ${course.title}`} onClick={() => setMaking(course)}>
              <CalendarRange aria-hidden size={18} />
              Begin
            </Button>
          </li>
        ))}
      </ul>
      {making && (
        <CourseDialog
          title={making.title}
          weeks={making.weeks}
          asked={beginningOfCourse(making)}
          onClose={() => setMaking(undefined)}
        />
      )}
    </section>
  );
}

function beginningOfCourse({ from }: ReadyCourse): CourseBeginning {
  if ('lesson' in from) return { kind: 'lesson', ...from.lesson };
  const { source, frame } = READY.find(({ id }) => id === from.sequence)!;
  return { kind: 'sequence', source, frame };
}
