import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { ifMatch } from '../../data/client.js';
import { useSentOnLeaving } from '../../data/drafts/useSentOnLeaving.js';
import { leavesWith } from '../../data/sequences/lastSaves.js';
import type { SequenceLine } from '../../data/types.js';
import { Autosave, type AutosaveState, type Saving } from '../../data/drafts/Autosave.js';

/** What is saved of a sequence while it is written. */
interface Text {
  source: string;
}

/** An empty page is not saved over what was written: it is nothing yet. */
const isNothing = ({ source }: Text): string | undefined =>
  source.trim() ? undefined : 'An empty sequence is not saved.';

/** A sequence's text saved as it is written; whoever leaves a moment after a change loses nothing. */
export function useAutosave(
  { id, version }: Pick<SequenceLine, 'id' | 'version'>,
  save: Saving<Text, SequenceLine>['save'],
): { autosave: Autosave<Text, SequenceLine>; state: AutosaveState<SequenceLine> } {
  const autosave = useMemo(
    () =>
      new Autosave<Text, SequenceLine>(version, {
        save,
        refuse: isNothing,
        request: (text, on) => [
          `/api/sequences/${id}`,
          { method: 'PUT', headers: ifMatch(on), body: JSON.stringify(text) },
        ],
      }),
    // One for the screen: what is saved meanwhile counts its versions itself.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [id],
  );
  useSentOnLeaving(autosave);
  useEffect(() => () => leavesWith(id, autosave.flush()), [autosave, id]);
  return { autosave, state: useSyncExternalStore(autosave.watch, autosave.now) };
}
