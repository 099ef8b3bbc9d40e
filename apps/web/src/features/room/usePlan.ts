import {
  layOut,
  placeNeeds,
  roomFor,
  roomProblems,
  type Fitting,
  type Placed,
  type PlaceNeeds,
  type Room,
  type RoomProblem,
  type Spot,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo, useState } from 'react';
import { useForgetSpots, useKeepSpots, useSpots } from '../../data/spots/useSpots.js';

/** A room with everybody in it, while places are moved. */
export interface Plan {
  room: Room;
  needs: readonly PlaceNeeds[];
  spots: readonly Spot[];
  /** For whom there is no room. */
  without: readonly string[];
  problems: readonly RoomProblem[];
  /** Whether it is known who was moved by hand: before that nobody is moved. */
  isRead: boolean;
  /** Whether anybody was moved by hand. */
  isByHand: boolean;
  move: (spot: Spot) => void;
  /** All are laid out by themselves again. */
  layOutAgain: () => void;
  /** Takes the last move back; nothing where there is none. */
  undo: (() => void) | undefined;
  error: Error | null;
}

/**
 * @param known who comes; nobody where health is not to be told
 * @param sized how large the room is; as large as is needed where nobody has said
 */
export function usePlan(
  id: string,
  fitting: Fitting,
  known: readonly Placed[],
  sized: Room | undefined,
): Plan {
  const saved = useSpots(id);
  const keep = useKeepSpots(id);
  const forget = useForgetSpots(id);
  const [past, setPast] = useState<readonly (readonly Spot[])[]>([]);
  const needs = useMemo(() => placeNeeds(fitting, known, RULEBOOK.norms), [fitting, known]);
  const room = useMemo(() => sized ?? roomFor(needs.length), [sized, needs]);
  const byHand = useMemo((): readonly Spot[] => saved.data ?? [], [saved.data]);
  const { spots, without } = useMemo(() => layOut(room, needs, byHand), [room, needs, byHand]);
  const problems = useMemo(() => roomProblems(room, needs, spots), [room, needs, spots]);
  // Only what is not so already is sent: what somebody else moves meanwhile stays.
  const replace = (next: readonly Spot[]): void => {
    if (!next.length) return forget.mutate();
    const now = new Map(byHand.map((spot) => [spot.personId, spot]));
    return keep.mutate(next.filter((spot) => !isAt(spot, now.get(spot.personId))));
  };
  return {
    room,
    needs,
    spots,
    without,
    problems,
    isRead: saved.data !== undefined,
    isByHand: byHand.length > 0,
    move: (spot) => {
      setPast((before) => [...before, byHand]);
      // From the first move on everybody stays where they are seen.
      replace([...spots.filter(({ personId }) => personId !== spot.personId), spot].map(inWholeCm));
    },
    layOutAgain: () => {
      setPast((before) => [...before, byHand]);
      forget.mutate();
    },
    undo: past.length
      ? () => {
          replace(past[past.length - 1]!);
          setPast((before) => before.slice(0, -1));
        }
      : undefined,
    error: saved.error ?? keep.error ?? forget.error,
  };
}

const isAt = (a: Spot, b: Spot | undefined): boolean =>
  a.xCm === b?.xCm && a.yCm === b.yCm && a.heading === b.heading;

const inWholeCm = ({ xCm, yCm, ...spot }: Spot): Spot => ({
  ...spot,
  xCm: Math.round(xCm),
  yCm: Math.round(yCm),
});
