import type { Choices, Fitting, TimeLeft } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useClassInputs } from '../../data/classes/useClassInputs.js';
import { useOwnVariants } from '../../data/ownVariants/useOwnVariants.js';
import type { ClassWhole } from '../../data/types.js';
import { atDesk } from '../../workers/desk.js';

/** The class with what is left of it fitted into what is left of the time, on the page; nothing of it is saved. */
export function useEndOnTime(known: ClassWhole, left: TimeLeft | null) {
  const inputs = useClassInputs(known.id).data;
  const own = useOwnVariants().data;
  return useQuery({
    queryKey: ['end-on-time', known.id, known.version, left],
    enabled: left !== null && inputs !== undefined && own !== undefined,
    staleTime: Infinity,
    queryFn: (): Promise<Fitting> =>
      atDesk((work) =>
        work.endOnTime({
          source: known.sequenceText,
          choices: known.choices as unknown as Choices,
          inputs: inputs!,
          own: own!,
          left: left!,
        }),
      ),
  });
}
