import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { ifMatch } from '../../data/client.js';
import { leavesWith } from '../../data/sequences/lastSaves.js';
import type { SequenceLine } from '../../data/types.js';
import { Autosave, type AutosaveState, type Save } from './Autosave.js';

/** A sequence's text saved as it is written; whoever leaves a moment after a change loses nothing. */
export function useAutosave(
  { id, version }: Pick<SequenceLine, 'id' | 'version'>,
  save: Save,
): { autosave: Autosave; state: AutosaveState } {
  // One for the screen: what is saved meanwhile counts its versions itself.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const autosave = useMemo(() => new Autosave(version, save), [id]);
  useEffect(() => {
    const leave = (): void => {
      const left = autosave.unsaved();
      if (!left?.source.trim()) return;
      void fetch(`/api/sequences/${id}`, {
        method: 'PUT',
        keepalive: true,
        headers: { 'Content-Type': 'application/json', ...ifMatch(left.version) },
        body: JSON.stringify({ source: left.source }),
      });
    };
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leavesWith(id, autosave.flush());
    };
  }, [autosave, id]);
  return { autosave, state: useSyncExternalStore(autosave.watch, autosave.now) };
}
