import { editSequence, lineFor, readPlan, type SequenceEdit } from '@lotus-steady/core';
import { CalendarPlus, CalendarRange, History, Redo2, Repeat, Undo2 } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { catalogue } from '../../data/catalogue.js';
import { saveSequence } from '../../data/sequences/saveSequence.js';
import { useSequence } from '../../data/sequences/useSequence.js';
import type { SequenceLine } from '../../data/types.js';
import { PoseDialog } from '../../domain/fitting/PoseDialog.js';
import { PlanEditor, type PlanEditorHandle } from '../../domain/plan/PlanEditor.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { SAVED_WORDS } from '../../ui/savedWords.js';
import { OneOf } from '../../ui/OneOf.js';
import { Page } from '../../ui/Page.js';
import { Problem, Reading } from '../../ui/states.js';
import { AskedAbout } from './AskedAbout.js';
import { CourseDialog } from './course/CourseDialog.js';
import { RoundsDialog } from './RoundsDialog.js';
import { SaveAsFile } from './SaveAsFile.js';
import { SeePlan } from './SeePlan.js';
import { StepList } from './StepList.js';
import { TriedOn } from './TriedOn.js';
import { useAutosave } from './useAutosave.js';
import { useSketch } from './useSketch.js';
import { useTrial } from './useTrial.js';
import { Versions } from './Versions.js';

/** A sequence at the desk: written, seen, and tried on whoever may come. */
export function DeskScreen({ id }: { id: string }) {
  const reading = useSequence(id);
  // What it began with: what is saved meanwhile is known here.
  const [start, setStart] = useState<SequenceLine>();
  if (reading.data && !start) setStart(reading.data);
  return start ? (
    <Desk start={start} />
  ) : (
    <Page title="Sequence" up={[{ to: '/sequences', name: 'Sequences' }]}>
      <Reading what="Loading the sequence" of={reading} />
    </Page>
  );
}

function Desk({ start }: { start: SequenceLine }) {
  const [source, setSource] = useState(start.source);
  const [how, setHow] = useState<'text' | 'list'>('text');
  const trial = useTrial();
  const [addAfter, setAddAfter] = useState<number>();
  const [earlier, setEarlier] = useState(false);
  const [isCourse, setCourse] = useState(false);
  const [isRounds, setRounds] = useState(false);
  const editor = useRef<PlanEditorHandle>(null);
  const { autosave, state } = useAutosave(start, (change, version) =>
    saveSequence(start.id, change, version),
  );
  const known = catalogue();
  const plan = useMemo(() => readPlan(source, known), [source, known]);
  const sketch = useSketch(source, trial.people, trial.day);

  const changed = (next: string): void => {
    setSource(next);
    autosave.change({ source: next });
  };
  const write = (next: string): void => editor.current!.write(next);
  const edit = (change: SequenceEdit): void => write(editSequence(source, known, change).source);

  return (
    <Page
      wide
      up={[{ to: '/sequences', name: 'Sequences' }]}
      title={plan.title}
      about={
        <span role="status">
          {plan.steps.length} {plan.steps.length === 1 ? 'step' : 'steps'}, {plan.minutes} minutes ·{' '}
          {SAVED_WORDS[state.saved]}
        </span>
      }
      main={
        <ButtonLink look="main" to={`/classes/new?sequence=${start.id}`}>
          <CalendarPlus aria-hidden size={20} />
          New class from it
        </ButtonLink>
      }
      tools={
        <>
          <OneOf
            label="How it is written"
            of={[
              ['text', 'Text'],
              ['list', 'List'],
            ]}
            value={how}
            onChange={setHow}
          />
          <Button look="quiet" onClick={() => editor.current?.undo()}>
            <Undo2 aria-hidden size={18} />
            Undo
          </Button>
          <Button look="quiet" onClick={() => editor.current?.redo()}>
            <Redo2 aria-hidden size={18} />
            Redo
          </Button>
        </>
      }
      actions={
        <>
          <Button look="quiet" onClick={() => setEarlier(true)}>
            <History aria-hidden size={18} />
            Earlier versions
          </Button>
          <Button look="quiet" onClick={() => setRounds(true)}>
            <Repeat aria-hidden size={18} />
            Rounds
          </Button>
          <Button look="quiet" onClick={() => setCourse(true)}>
            <CalendarRange aria-hidden size={18} />
            Make a course
          </Button>
          <SaveAsFile plan={plan} source={source} />
        </>
      }
    >
      <div className="grid gap-6 px-5 py-5 lg:grid-cols-[minmax(0,3fr)_minmax(20rem,2fr)]">
        <div className="space-y-4">
          {state.problem && <Problem error={new Error(state.problem)} again={() => void autosave.flush()} />}
          {state.theirs && (
            <Conflict
              what="this sequence"
              differences={[{ label: 'Text', mine: source, theirs: state.theirs.source }]}
              onMine={() => autosave.settle({ source })}
              onTheirs={() => {
                const { source: theirs } = state.theirs!;
                write(theirs);
                autosave.settle(undefined);
              }}
            />
          )}
          {/* Both are one document: the list changes the text, and both are undone alike. */}
          <div className={how === 'text' ? 'h-[65vh]' : 'hidden'}>
            <PlanEditor
              ref={editor}
              source={source}
              known={known}
              label="The sequence as text"
              onChange={changed}
            />
          </div>
          {how === 'list' && (
            <StepList source={source} known={known} steps={plan.steps} onEdit={edit} onAdd={setAddAfter} />
          )}
          <AskedAbout
            parts={plan.parts}
            onTake={(from, to, text) => write(source.slice(0, from) + text + source.slice(to))}
            onShow={(from, to) => {
              setHow('text');
              // The text is there again once this is drawn.
              requestAnimationFrame(() => editor.current?.show(from, to));
            }}
          />
        </div>
        <div className="space-y-6">
          {sketch.error && <Problem error={sketch.error} again={() => void sketch.refetch()} />}
          {sketch.data ? (
            <>
              <SeePlan {...sketch.data} steps={plan.steps} onEdit={edit} />
              <TriedOn fitting={sketch.data.fitting} trial={trial} />
            </>
          ) : (
            <p role="status" className="text-soft">
              {plan.steps.length ? 'Working it out …' : 'What it comes to stands here when there is a step.'}
            </p>
          )}
        </div>
      </div>
      {addAfter !== undefined && (
        <PoseDialog
          title={addAfter ? `Add after step ${addAfter}` : 'Add at the beginning'}
          onClose={() => setAddAfter(undefined)}
          onTake={(pose) => {
            edit({ kind: 'add', after: addAfter, line: lineFor(pose) });
            setAddAfter(undefined);
          }}
        />
      )}
      {isRounds && (
        <RoundsDialog
          steps={plan.steps}
          known={known}
          onClose={() => setRounds(false)}
          onAdd={(line, after) => {
            edit({ kind: 'add', after, line });
            setRounds(false);
          }}
        />
      )}
      {isCourse && (
        <CourseDialog
          title={plan.title}
          asked={{ kind: 'sequence', source }}
          onClose={() => setCourse(false)}
        />
      )}
      {earlier && <Versions id={start.id} now={source} onTake={write} onClose={() => setEarlier(false)} />}
    </Page>
  );
}
