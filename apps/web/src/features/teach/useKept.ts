import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useClassInputs } from '../../data/classes/useClassInputs.js';
import { useMarks } from '../../data/classes/useMarks.js';
import { keys } from '../../data/keys.js';
import { keepReadings } from '../../data/kept/keptReadings.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { usePlaces } from '../../data/places/usePlaces.js';
import { owner } from '../../data/session/owner.js';
import { useSpots } from '../../data/spots/useSpots.js';
import { useOwnWords } from '../../data/words/useOwnWords.js';
import type { ClassWhole } from '../../data/types.js';
import { keepProgram } from '../../offline/keepProgram.js';

/** Whether this device can go on, and open the class again, while nothing answers. */
export type KeptHere = 'not yet' | 'kept' | 'not here';

const HOUR = 60 * 60 * 1000;
/** Kept for so long at least, and at most, milliseconds; between them until the day of the class is over. */
const KEPT_AT_LEAST = 12 * HOUR;
const KEPT_AT_MOST = 7 * 24 * HOUR;

/** Until when a class that is opened to be taught is kept, ms since 1970. @param on `YYYY-MM-DD` */
export const keptUntil = (on: string, now: number): number =>
  now + Math.min(KEPT_AT_MOST, Math.max(KEPT_AT_LEAST, Date.parse(`${on}T23:59:59`) - now));

/** Keeps on this device all that it takes to teach a class and to write its record. */
export function useKept(known: ClassWhole, ids: readonly string[]): KeptHere {
  const cache = useQueryClient();
  const people = usePeopleByIds(ids).data;
  const inputs = useClassInputs(known.id).data;
  const marks = useMarks(known.id).data;
  const spots = useSpots(known.id).data;
  const places = usePlaces().data;
  const words = useOwnWords().data;
  const [isProgramKept, setProgramKept] = useState<boolean>();
  const [areReadingsKept, setReadingsKept] = useState<boolean>();
  useEffect(() => void keepProgram().then(setProgramKept), []);
  useEffect(() => {
    if (!inputs || !marks || !spots || !places || !words || (ids.length > 0 && !people)) return;
    const readings = [
      keys.session,
      keys.hall,
      keys.ownVariants,
      keys.class(known.id),
      keys.classInputs(known.id),
      keys.marks(known.id),
      keys.spots(known.id),
      keys.places,
      keys.ownWords,
      keys.peopleByIds([...ids].sort()),
    ].map((key) => [key, cache.getQueryData(key)] as const);
    keepReadings(
      owner(),
      keptUntil(known.on, Date.now()),
      readings.filter(([, value]) => value !== undefined),
    ).then(
      () => setReadingsKept(true),
      () => setReadingsKept(false),
    );
  }, [cache, known, ids, people, inputs, marks, spots, places, words]);
  if (isProgramKept === false || areReadingsKept === false) return 'not here';
  return isProgramKept && areReadingsKept ? 'kept' : 'not yet';
}
