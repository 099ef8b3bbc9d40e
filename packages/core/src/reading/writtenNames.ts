import { keep } from '../cache.js';
import type { Pose, Variant } from '../poses/types.js';

/** What a name stands for: a pose, and a version of it where the name is that of one. */
export interface Named {
  pose: Pose;
  variant?: Variant;
}

const names = new WeakMap<readonly Pose[], ReadonlyMap<string, Named>>();

/** Letter for letter, but for capitals and spaces. */
const plain = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');

/**
 * All that poses and their versions are called, letter for letter. Spellings that fold to the same may still mean two
 * things, "knee to chest" and "knees to chest", and a number may be part of a name, "hop five times".
 */
export const writtenNames = (poses: readonly Pose[]): ReadonlyMap<string, Named> =>
  names.get(poses) ?? keep(names, poses, collect(poses));

function collect(poses: readonly Pose[]): Map<string, Named> {
  const found = new Map<string, Named>();
  const add = (name: string, named: Named): void => {
    const key = plain(name);
    if (!found.has(key)) found.set(key, named);
  };
  for (const pose of poses)
    add(pose.name, { pose, variant: pose.ladder.find(({ id }) => id === pose.usual)! });
  for (const pose of poses)
    for (const variant of pose.ladder) variant.writtenAs?.forEach((name) => add(name, { pose, variant }));
  for (const pose of poses)
    for (const name of [...pose.aliases, ...(pose.writtenAs ?? [])]) add(name, { pose });
  return found;
}

/**
 * What a text stands for that is a name and nothing else.
 *
 * @example writtenName('Knee to chest', poses) // one knee, not both
 */
export const writtenName = (text: string, poses: readonly Pose[]): Named | undefined =>
  writtenNames(poses).get(plain(text));
