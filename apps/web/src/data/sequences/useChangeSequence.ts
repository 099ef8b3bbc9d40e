import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';
import { saveSequence, type SequenceChange } from './saveSequence.js';

/** Changes a sequence from a screen that shows how it went. */
export const useChangeSequence = () =>
  useSaving(
    ({ id, version, change }: { id: string; version: number; change: SequenceChange }) =>
      saveSequence(id, change, version),
    keys.sequences,
  );
