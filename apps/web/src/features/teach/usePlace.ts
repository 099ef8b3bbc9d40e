import { useEffect, useState } from 'react';
import { forgetDraft, keepDraft, readDraft } from '../../data/drafts/drafts.js';

/** A class is gone on with for so long, milliseconds: six hours. After that it is begun. */
const GOES_ON_FOR = 6 * 60 * 60 * 1000;

/**
 * Where one is in a class while it is taught: kept over a reload or a crash.
 *
 * @param moments how many there are
 * @returns the moment, from 0; whether it is one that was gone back to
 */
export function usePlace(id: string, moments: number) {
  const name = `class:${id}:teach`;
  const [back] = useState(() => {
    const kept = readDraft<{ at: number }, undefined>(name, { at: 0 });
    return kept && Date.now() - kept.at < GOES_ON_FOR && kept.values.at < moments ? kept.values.at : 0;
  });
  const [at, setAt] = useState(back);
  useEffect(() => {
    if (at) keepDraft(name, { at }, undefined);
    else forgetDraft(name);
  }, [name, at]);
  return { at, setAt, isBack: back > 0 && at === back };
}
