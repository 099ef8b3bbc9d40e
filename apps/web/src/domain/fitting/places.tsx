import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { sayClock } from '../words/say.js';
import type { StepGroups } from './groupLanes.js';

/** Which step a row is, from 1, by the row's id; and how many there are. */
export interface Places {
  numbers: ReadonlyMap<string, number>;
  of: number;
}

const NumbersContext = createContext<Places>({ numbers: new Map(), of: 0 });
const StartsContext = createContext<ReadonlyMap<string, number>>(new Map());

/** The places of rows; the same object while the rows stay in order. */
export function usePlaces(rows: readonly StepGroups[]): Places {
  const ids = rows.map(({ id }) => id).join('\n');
  return useMemo(
    () => ({
      numbers: new Map(ids ? ids.split('\n').map((id, i) => [id, i + 1]) : []),
      of: ids ? ids.split('\n').length : 0,
    }),
    [ids],
  );
}

/**
 * Tells rows where they stand and when they begin, seconds: an edit moves all that come after it, and only
 * these words are drawn again.
 */
export function PlacesProvider({
  places,
  starts,
  children,
}: {
  places: Places;
  starts: readonly number[];
  children: ReactNode;
}) {
  const byId = useMemo(
    () => new Map([...places.numbers].map(([id, number]) => [id, starts[number - 1] ?? 0])),
    [places, starts],
  );
  return (
    <NumbersContext value={places}>
      <StartsContext value={byId}>{children}</StartsContext>
    </NumbersContext>
  );
}

export function usePlace(id: string): { number: number; of: number } {
  const { numbers, of } = useContext(NumbersContext);
  return { number: numbers.get(id) ?? 0, of };
}

export const StepNumber = ({ id }: { id: string }) => usePlace(id).number;
export const Start = ({ id }: { id: string }) => sayClock(useContext(StartsContext).get(id) ?? 0);
