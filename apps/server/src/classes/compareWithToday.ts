import { compareFittings, type Comparison, type InputError } from '@lotus-steady/core';
import { fitted, type FitTask } from './fitDraft.js';
import { unpackedFitting, type KeptFitting } from './unpackedFitting.js';

/** How a kept class would differ if it were fitted today; nothing differs where none is kept. */
export async function compareWithToday({
  kept,
  ...task
}: FitTask & { kept: KeptFitting | undefined }): Promise<
  { comparison: Comparison } | { errors: InputError[] }
> {
  const done = fitted(task);
  if ('errors' in done) return done;
  if (!kept) return { comparison: { differences: [], steps: 0, says: '' } };
  return { comparison: compareFittings(await unpackedFitting(kept), done.fitting) };
}
