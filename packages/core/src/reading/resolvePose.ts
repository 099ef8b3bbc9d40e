import { keep } from '../cache.js';
import type { Pose, Variant } from '../poses/types.js';
import { fold, words } from './fold.js';
import { isHarmless, matters } from './matters.js';
import { nearestNames, rankPoses } from './rankPoses.js';
import { writtenName } from './writtenNames.js';

/**
 * What was written was taken for a pose and a version of it, with what is left over of it and says nothing about the
 * shape; or it could not be, and these names come nearest.
 */
export type Resolved = Meant | { nearest: readonly string[] };
interface Meant {
  pose: Pose;
  variant: Variant;
  beside: readonly string[];
}

/** A name so like what was written is taken: a slip of the hand or the ear. */
const ALIKE = 0.86;
/** How far the next pose must be behind. */
const AHEAD = 0.03;

/** What a written name means, see {@link resolvePose}; undefined where it is not sure. */
export function surePose(written: string, poses: readonly Pose[]): Meant | undefined {
  const byWords = resolved.get(poses) ?? keep(resolved, poses, new Map<string, Meant | undefined>());
  if (byWords.has(written)) return byWords.get(written);
  return keep(byWords, written, resolve(written, poses), RESOLVED_MOST);
}

/**
 * From what a teacher writes to a pose and a version. Fully explained is sure; where a word is left over that could
 * make another version or another pose, nothing is guessed: the three nearest names come back.
 *
 * @example resolvePose('tree with a hand on the wall') // tree.hand-on-wall
 * @example resolvePose('tree with a twist') // asked about: nothing of the tree twists
 */
export const resolvePose = (written: string, poses: readonly Pose[]): Resolved =>
  surePose(written, poses) ?? { nearest: nearestTo(written, poses) };

/** The three names that come nearest to what was written. */
function nearestTo(written: string, poses: readonly Pose[]): string[] {
  const ranked = rankPoses(written, poses, 4).map(({ pose }) => pose.name);
  return [...new Set([...ranked, ...nearestNames(written, poses, 6)])].slice(0, 3);
}

/** The lines of a plan are read again at every edit, and most of them have not changed. */
const RESOLVED_MOST = 4000;
const resolved = new WeakMap<readonly Pose[], Map<string, Meant | undefined>>();

/** More words than any name has, with all that is said beside it. */
const WORDS_MOST = 14;

function resolve(text: string, poses: readonly Pose[]): Meant | undefined {
  const written = words(text);
  if (written.length > WORDS_MOST) return undefined;
  const { pose, variant } = writtenName(text, poses) ?? {};
  if (pose && variant) return { pose, variant, beside: [] };
  const ranked = rankPoses(text, poses, 4);
  const plain = fold(text);
  const named = plain ? ranked.find(({ pose }) => fold(pose.name) === plain)?.pose : undefined;
  // A plain name asks for the usual way, whatever its words look like elsewhere; what is written letter for letter
  // comes before what sounds like it: "tri" is no tree.
  const meant = named && (pose ?? named);
  if (meant) return { pose: meant, variant: meant.ladder.find(({ id }) => id === meant.usual)!, beside: [] };
  const explained = ranked
    .map((one) => ({ ...one, left: one.left.filter((word) => !isHarmless(word)) }))
    // Of what is mostly something else, a word is no name: "mind the knees".
    .filter(({ left }) => left.length * 2 < written.length && !left.some((word) => matters(word, poses)))
    // A name of which a telling word was not written is another name; what was written together is a slip.
    .filter(({ missing, alike }) => alike === 1 || !missing.some((word) => matters(word, poses)));
  const [first, second] = explained;
  if (first) {
    const isAhead = !second || first.sure - second.sure >= (first.sure >= 0.97 ? 0.005 : AHEAD);
    // One that explains less may still be the nearer name.
    const isNearest = !ranked.some(
      (other) =>
        other.pose !== first.pose &&
        !explained.some(({ pose }) => pose === other.pose) &&
        other.sure > first.sure + AHEAD,
    );
    if (first.alike >= ALIKE && isAhead && isNearest)
      return { pose: first.pose, variant: first.variant, beside: first.left };
  }
  return undefined;
}
