import type { Said } from '@lotus-steady/core';
import { useForm } from 'react-hook-form';
import { savedMeanwhile } from '../../data/client.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import type { OwnWords } from '../../data/types.js';
import { useSaveOwnWords } from '../../data/words/useOwnWords.js';
import { Button } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { Problem } from '../../ui/states.js';

/** What own words may take the place of. */
const OWN: ReadonlySet<Said['as']> = new Set(['invite', 'set-up', 'breath', 'feel', 'rest', 'own']);

/** The hall's words for a pose; they begin with ours, so that she changes and does not invent. */
export function OwnWordsForm({
  pose,
  name,
  known,
  suggested,
  onClose,
}: {
  pose: string;
  name: string;
  known: OwnWords;
  suggested: readonly Said[];
  onClose: () => void;
}) {
  const ours = suggested
    .filter(({ as, to }) => OWN.has(as) && !to)
    .map(({ says }) => says)
    .join(' ');
  const form = useForm({ defaultValues: { words: known.words || ours } });
  const draft = useDraft(form, `words:${pose}`, known.version);
  const save = useSaveOwnWords();
  const theirs = savedMeanwhile<OwnWords>(save.error);
  const send = (words: string): void =>
    save.mutate(
      { pose, words, version: draft.base },
      {
        onSuccess: () => {
          draft.forget();
          onClose();
        },
        onError: (error) => {
          const now = savedMeanwhile<OwnWords>(error);
          if (now) draft.rebase(now.version);
        },
      },
    );
  return (
    <form
      noValidate
      className="no-print my-2 space-y-2 rounded-xl border border-line bg-paper p-4"
      onSubmit={(event) => void form.handleSubmit(({ words }) => send(words))(event)}
    >
      <DraftNotice draft={draft} />
      <label className="block">
        <span className="font-semibold">Your words for {name.toLowerCase()}</span>
        <textarea
          rows={5}
          maxLength={4000}
          {...form.register('words')}
          className="mt-1 block w-full rounded-lg border border-strong-line bg-paper px-3 py-2"
        />
      </label>
      {theirs && (
        <p role="alert" className="rounded-lg border border-clay bg-clay-wash p-3">
          Somebody else has written meanwhile: “{theirs.words || 'the usual words'}”. Save again to put yours
          in its place.
        </p>
      )}
      {save.error && !theirs && <Problem error={save.error} />}
      <div className="flex flex-wrap justify-end gap-3">
        {known.words && (
          <Button look="quiet" className="mr-auto" disabled={save.isPending} onClick={() => send('')}>
            The usual words again
          </Button>
        )}
        <Button
          onClick={() => {
            draft.forget();
            onClose();
          }}
        >
          Cancel
        </Button>
        <Button look="main" type="submit" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : 'Save your words'}
        </Button>
      </div>
    </form>
  );
}
