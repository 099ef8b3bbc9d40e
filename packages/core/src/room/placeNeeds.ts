import type { Fitting } from '../fitting/types.js';
import { ageOf } from '../people/abilities.js';
import type { Norms } from '../people/norms.js';
import type { Person } from '../people/types.js';
import { unsteadySigns } from '../people/unsteady.js';
import type { PlaceNeeds } from './types.js';

/** Whom it matters for where she is, by condition: why (common practice, no published source). */
const WISHES: Readonly<Record<string, Pick<PlaceNeeds, 'nearDoor' | 'nearTeacher'>>> = {
  'anxiety-trauma': { nearDoor: 'a way out at hand' },
  pregnancy: { nearDoor: 'may have to go out' },
  'complicated-pregnancy': { nearDoor: 'may have to go out' },
  'after-birth': { nearDoor: 'may have to go out' },
  'bowel-disease': { nearDoor: 'may have to go out' },
  stoma: { nearDoor: 'may have to go out' },
  'wheelchair-user': { nearDoor: 'no way between mats' },
  'hearing-loss': { nearTeacher: 'hears badly' },
  'sight-loss': { nearTeacher: 'sees badly' },
  'macular-degeneration': { nearTeacher: 'sees badly' },
  'cognitive-impairment': { nearTeacher: 'follows by looking' },
  child: { nearTeacher: 'a child' },
};

/** What is known of somebody that has to do with where she is. */
export type Placed = Pick<Person, 'id' | 'born' | 'sex' | 'screening' | 'can'> & {
  conditions: readonly { condition: string }[];
};

/**
 * What is wanted of everybody's place, in the order of the room.
 *
 * @param known who comes; nobody where health is not to be told, and then only what the class asks for counts
 * @param norms by which somebody is unsteady
 */
export function placeNeeds(
  { lanes, places, steps, on }: Pick<Fitting, 'lanes' | 'places' | 'steps' | 'on'>,
  known: readonly Placed[],
  norms: Norms,
): PlaceNeeds[] {
  const people = new Map(known.map((person) => [person.id, person]));
  const leftOut = new Set(steps.filter((one) => one.leftOut).map(({ step }) => step));
  return places.map(({ personId, station }): PlaceNeeds => {
    const person = people.get(personId);
    const wishes = (person?.conditions ?? []).map(({ condition }) => WISHES[condition] ?? {});
    const onWheels = person?.conditions.some(({ condition }) => condition === 'wheelchair-user');
    const nearDoor = wishes.find((wish) => wish.nearDoor)?.nearDoor;
    const nearTeacher = wishes.find((wish) => wish.nearTeacher)?.nearTeacher;
    const nearWall = person && unsteadySigns(person, ageOf(person, on), norms)[0];
    const lane = lanes.find((one) => one.personId === personId);
    const wallSteps = (lane?.steps ?? [])
      .filter(({ step, props, then }) => {
        if (leftOut.has(step)) return false;
        return [...props, ...(then?.props ?? [])].some(({ prop }) => prop === 'wall');
      })
      .map(({ step }) => step);
    const seat = station === 'chair' || isMostlyOnChair(lane) ? 'chair' : 'mat';
    return {
      personId,
      kind: onWheels ? 'wheelchair' : seat,
      wallSteps: [...new Set(wallSteps)],
      ...(nearWall ? { nearWall } : {}),
      ...(nearDoor ? { nearDoor } : {}),
      ...(nearTeacher ? { nearTeacher } : {}),
    };
  });
}

/** Whoever is at the wall for some steps may sit for most of the class all the same. */
const isMostlyOnChair = (lane: Fitting['lanes'][number] | undefined): boolean => {
  const all = lane?.steps ?? [];
  return all.length > 0 && all.filter(({ level }) => level === 'chair').length * 2 >= all.length;
};
