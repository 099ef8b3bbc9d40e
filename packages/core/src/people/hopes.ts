import type { Action, Pose, Purpose, Region } from '../poses/types.js';

/** Something that people come for, and what poses serve it. */
export interface Hope {
  id: string;
  /** As people say it. */
  words: string;
  actions?: readonly Action[];
  regions?: readonly Region[];
  energy?: Pose['energy'];
}

/** What people hope for of a class. Common practice, no published source. */
export const HOPES: readonly Hope[] = [
  { id: 'move-easily', words: 'move more easily', actions: ['mobilise'] },
  { id: 'strength', words: 'get stronger', actions: ['strengthen'] },
  { id: 'balance', words: 'stand and walk more surely', actions: ['balance'], regions: ['feet'] },
  { id: 'back', words: 'a quieter back', regions: ['low back', 'upper back'] },
  { id: 'neck-shoulders', words: 'free neck and shoulders', regions: ['neck', 'shoulders'] },
  { id: 'hips', words: 'hips that give', regions: ['front hip', 'outer hip', 'inner thigh'] },
  { id: 'pelvic-floor', words: 'a pelvic floor that holds', regions: ['pelvic floor'] },
  { id: 'breath', words: 'breathe freely', actions: ['breathe'] },
  { id: 'calm', words: 'sleep and settle', actions: ['settle', 'rest'], energy: 'settling' },
  { id: 'lively', words: 'wake up and feel lively', energy: 'lifting' },
];

const serves = ({ action, region }: Purpose, { actions, regions }: Hope): boolean =>
  (actions?.includes(action) ?? false) || (regions?.includes(region) ?? false);

/** How much a pose serves one hope: by its first purpose, by one beside it, by its energy. */
function servesHope({ purposes: [first, ...beside], energy }: Pose, hope: Hope): number {
  const byPurpose = serves(first, hope) ? 4 : Number(beside.some((purpose) => serves(purpose, hope))) * 2;
  return byPurpose + Number(hope.energy === energy) * 2;
}

/**
 * Poses that serve what someone hopes for, those that serve most of it first; of the same worth in the order given.
 *
 * @param hopes ids of {@link HOPES}; one that is not known counts for nothing
 * @example posesFor(['balance'], poses)[0] // a pose whose first purpose is to balance
 */
export function posesFor(hopes: readonly string[], poses: readonly Pose[]): Pose[] {
  const wanted = HOPES.filter(({ id }) => hopes.includes(id));
  return poses
    .map((pose) => ({ pose, worth: wanted.reduce((sum, hope) => sum + servesHope(pose, hope), 0) }))
    .filter(({ worth }) => worth > 0)
    .sort((a, b) => b.worth - a.worth)
    .map(({ pose }) => pose);
}
