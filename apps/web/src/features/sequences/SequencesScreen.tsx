import { readPlan, retitled, type Plan } from '@lotus-steady/core';
import { Archive, ArchiveRestore, ClipboardPaste, Copy, LayoutList, Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { catalogue } from '../../data/catalogue.js';
import { useAddSequence } from '../../data/sequences/useAddSequence.js';
import { useChangeSequence } from '../../data/sequences/useChangeSequence.js';
import { useSequences } from '../../data/sequences/useSequences.js';
import type { SequenceLine } from '../../data/types.js';
import { sayDate } from '../../domain/words/say.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { SearchField } from '../../ui/SearchField.js';
import { Empty, Problem, Reading } from '../../ui/states.js';
import { LibraryNav } from './LibraryNav.js';
import { PasteDialog } from './PasteDialog.js';
import { TagsField } from './TagsField.js';

const NEW = '# New sequence\nminutes: 60\n';

const folded = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Whether a sequence has all of some words: in its title, its tags, or the names of its poses. */
function has({ title, tags }: SequenceLine, plan: Plan, words: string): boolean {
  const poses = plan.steps.map(({ pose }) => pose.name);
  const text = folded([title, ...tags, ...poses].join(' '));
  return folded(words)
    .split(/\s+/)
    .every((word) => text.includes(word));
}

/** The library: what is written, to be found, copied, put away and taken up again. */
export function SequencesScreen() {
  const sequences = useSequences();
  const [words, setWords] = useState('');
  const [tag, setTag] = useState<string>();
  const [isArchive, setArchive] = useState(false);
  const [isPasting, setPasting] = useState(false);
  const add = useAddSequence();
  const navigate = useNavigate();
  const open = (source: string, tags?: string[]): void =>
    add.mutate(
      { source, ...(tags?.length ? { tags } : {}) },
      { onSuccess: ({ id }) => void navigate(`/sequences/${id}`) },
    );
  const known = catalogue();
  const read = useMemo(
    () =>
      (sequences.data ?? [])
        .filter(({ courseId }) => !courseId)
        .map((line) => ({ line, plan: readPlan(line.source, known) })),
    [sequences.data, known],
  );
  const tags = [...new Set(read.flatMap(({ line }) => line.tags))].sort((a, b) => a.localeCompare(b));
  const archived = read.filter(({ line }) => line.archived).length;
  const shown = read.filter(
    ({ line, plan }) =>
      line.archived === isArchive && (!tag || line.tags.includes(tag)) && has(line, plan, words),
  );
  const create = (
    <Button look="main" disabled={add.isPending} onClick={() => open(NEW)}>
      <Plus aria-hidden size={20} />
      New sequence
    </Button>
  );
  return (
    <Page
      title="Sequences"
      main={create}
      tools={
        <>
          <ButtonLink to="/sequences/start">
            <LayoutList aria-hidden size={20} />
            Start from a frame
          </ButtonLink>
          <Button onClick={() => setPasting(true)}>
            <ClipboardPaste aria-hidden size={20} />
            Paste or open
          </Button>
          <SearchField
            label="Find a sequence"
            placeholder="title, tag or pose"
            value={words}
            onChange={setWords}
            className="w-64"
          />
        </>
      }
    >
      <LibraryNav />
      <Reading what="Loading the sequences" of={sequences} />
      {isPasting && <PasteDialog onTake={(text) => open(text)} onClose={() => setPasting(false)} />}
      {add.error && <Problem error={add.error} />}
      {(tags.length > 0 || archived > 0) && (
        <div className="mb-4 flex flex-wrap gap-2" role="group" aria-label="Show only">
          {tags.map((one) => (
            <Button
              key={one}
              look={one === tag ? 'main' : 'plain'}
              aria-pressed={one === tag}
              className="min-h-9 py-0.5!"
              onClick={() => setTag(one === tag ? undefined : one)}
            >
              {one}
            </Button>
          ))}
          {archived > 0 && (
            <Button
              look={isArchive ? 'main' : 'plain'}
              aria-pressed={isArchive}
              className="min-h-9 py-0.5!"
              onClick={() => setArchive(!isArchive)}
            >
              Archive ({archived})
            </Button>
          )}
        </div>
      )}
      {sequences.data && !shown.length && (
        <Empty action={create}>
          {read.length ? 'No sequence like that.' : 'No sequence yet. Write one as you jot it down.'}
        </Empty>
      )}
      {shown.length > 0 && (
        <ul className="divide-y divide-line overflow-hidden rounded-2xl border border-line bg-paper">
          {shown.map(({ line, plan }) => (
            <Line
              key={line.id}
              line={line}
              plan={plan}
              onCopy={() => open(retitled(line.source, `${line.title}, copy`, known), line.tags)}
            />
          ))}
        </ul>
      )}
    </Page>
  );
}

function Line({ line, plan, onCopy }: { line: SequenceLine; plan: Plan; onCopy: () => void }) {
  const { id, title, tags, archived, changed, version, uses } = line;
  const change = useChangeSequence();
  const unsure = plan.parts.filter(({ kind }) => kind === 'unsure').length;
  return (
    <li className="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 py-4 hover:bg-teal-wash">
      <div className="min-w-56 flex-1">
        <Link to={`/sequences/${id}`} className="font-display text-xl font-semibold hover:text-teal">
          {title}
        </Link>
        <span className="block text-soft">
          {plan.steps.length} {plan.steps.length === 1 ? 'step' : 'steps'}, {plan.minutes} min · changed{' '}
          {sayDate(changed.slice(0, 10))}
          {unsure > 0 && <b className="text-clay"> · {unsure} asked about</b>}
        </span>
        <WhereUsed uses={uses} />
        <TagsField
          title={title}
          tags={tags}
          onChange={(next) => change.mutate({ id, version, change: { tags: next } })}
        />
        {change.error && <Problem error={change.error} />}
      </div>
      <div className="flex gap-1">
        <Button look="quiet" aria-label={`Copy, ${title}`} onClick={onCopy}>
          <Copy aria-hidden size={18} />
          Copy
        </Button>
        <Button
          look="quiet"
          aria-label={`${archived ? 'Take out of the archive' : 'Archive'}, ${title}`}
          onClick={() => change.mutate({ id, version, change: { archived: !archived } })}
        >
          {archived ? <ArchiveRestore aria-hidden size={18} /> : <Archive aria-hidden size={18} />}
          {archived ? 'Take out' : 'Archive'}
        </Button>
      </div>
    </li>
  );
}

/** Classes that were begun from a sequence. */
function WhereUsed({ uses }: Pick<SequenceLine, 'uses'>) {
  if (!uses.length) return <span className="block text-sm text-soft">No class from it yet</span>;
  return (
    <details className="text-sm">
      <summary className="min-h-9 w-fit cursor-pointer content-center text-soft">
        {uses.length === 1 ? 'One class' : `${uses.length} classes`} from it, the last on{' '}
        {sayDate(uses[0]!.on)}
      </summary>
      <ul className="py-1 pl-4">
        {uses.map(({ id, title, on }) => (
          <li key={id}>
            <Link to={`/classes/${id}/fitting`} className="text-teal hover:underline">
              {title}, {sayDate(on)}
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}
