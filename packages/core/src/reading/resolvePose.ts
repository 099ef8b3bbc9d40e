import { keep } from '../cache.js';
import type { Pose, Variant } from '../poses/types.js';
import { fold } from './fold.js';
import { nearestNames, rankPoses } from './rankPoses.js';

/** What a written name was taken to mean, or the nearest names where it could not be. */
export type Resolved = { pose: Pose; variant: Variant } | { nearest: readonly string[] };

/** From here on a name is taken; below it is asked about. */
const SURE = 0.86;
/** How far the next pose must be behind. */
const AHEAD = 0.045;

/**
 * From what a teacher writes to a pose and a variant. A plain name asks for the usual variant;
 * words after it choose another. Sure is taken; unsure is not guessed: the three nearest names come back.
 *
 * @example resolvePose('tree with a hand on the wall') // tree, tree.hand-on-wall
 */
export function resolvePose(written: string, poses: readonly Pose[]): Resolved {
  const byWords = resolved.get(poses) ?? keep(resolved, poses, new Map<string, Resolved>());
  return byWords.get(written) ?? keep(byWords, written, resolve(written, poses), RESOLVED_MOST);
}

/** The lines of a sequence are read again at every edit, and most of them have not changed. */
const RESOLVED_MOST = 2000;
const resolved = new WeakMap<readonly Pose[], Map<string, Resolved>>();

function resolve(written: string, poses: readonly Pose[]): Resolved {
  const ranked = rankPoses(written, poses, 3);
  const [first, second] = ranked;
  // A plain name asks for the usual way, whatever its words look like elsewhere.
  const plain = fold(written);
  const named = ranked.find(({ pose }) => fold(pose.name) === plain)?.pose;
  if (named) return { pose: named, variant: named.ladder.find(({ id }) => id === named.usual)! };
  if (first && first.sure >= SURE && first.sure - (second?.sure ?? 0) >= (first.sure >= 0.97 ? 0.005 : AHEAD))
    return { pose: first.pose, variant: first.variant };
  return {
    nearest: [...new Set([...ranked.map(({ pose }) => pose.name), ...nearestNames(written, poses, 6)])].slice(
      0,
      3,
    ),
  };
}
