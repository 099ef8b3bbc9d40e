import { distance } from 'fastest-levenshtein';
import { POSES } from '../../catalogue/poses/index.js';
import type { Pose, Variant } from '../poses/types.js';
import { fold, words } from './fold.js';

/** What a written name was taken to mean, or the nearest names where it could not be. */
export type Resolved = { pose: Pose; variant: Variant } | { nearest: readonly string[] };

interface Entry { pose: Pose; text: string; words: readonly string[]; variant?: Variant; alias?: boolean }

const ENTRIES: readonly Entry[] = POSES.flatMap((pose): Entry[] => [
  ...[pose.name, pose.id, pose.sanskrit, ...pose.aliases].filter((name) => name !== undefined).map((name) => ({ pose, text: fold(name), words: words(name), alias: pose.aliases.includes(name) })),
  ...pose.ladder.map((variant) => ({ pose, text: fold(variant.id), words: words(variant.id), variant })),
]);

/** Aliases that name one rung of a pose. */
const rungFor = (pose: Pose, rest: readonly string[], whole: readonly string[]): Variant => {
  let best = pose.ladder.find((variant) => variant.id === pose.usual)!, most = 0;
  for (const variant of pose.ladder) for (const asked of [variant.name, ...(variant.words ?? [])]) {
    const wanted = words(asked), score = wanted.length;
    const pool = wanted.every((word) => rest.includes(word)) || (whole.join(' ') === wanted.join(' '));
    if (pool && score > most) { best = variant; most = score; }
  }
  return best;
};

/** Whether the words of a name stand next to each other in what was written, and where. */
const indexOfRun = (text: readonly string[], run: readonly string[]): number => {
  for (let i = 0; i + run.length <= text.length; i++) if (run.every((word, k) => text[i + k] === word)) return i;
  return -1;
};

/**
 * From what a teacher writes to a pose and a variant. A plain name asks for the usual variant;
 * words after it choose another. What is not known is not guessed: the three nearest names come back.
 *
 * @example resolvePose('tree with a hand on the wall') // tree, tree.hand-on-wall
 */
export function resolvePose(written: string): Resolved {
  const text = words(written), whole = text.join(' ');
  let best: { entry: Entry; at: number } | undefined;
  for (const entry of ENTRIES) {
    const at = entry.text === whole.replaceAll('.', ' ') ? 0 : indexOfRun(text, entry.words);
    if (at < 0 || !entry.words.length) continue;
    // The name that explains most of the words wins; of equals the longer ("rest in child's pose" is child's pose).
    const more = best ? entry.words.length - best.entry.words.length || entry.text.length - best.entry.text.length || best.at - at : 1;
    if (more > 0) best = { entry, at };
  }
  if (best) {
    const { entry, at } = best;
    if (entry.variant) return { pose: entry.pose, variant: entry.variant };
    const rest = [...text.slice(0, at), ...text.slice(at + entry.words.length)];
    // The words of an alias may name the rung too: "seated side bend".
    return { pose: entry.pose, variant: rungFor(entry.pose, entry.alias ? text : rest, entry.words) };
  }
  const ranked = nearest(whole, ENTRIES.filter((entry) => !entry.variant));
  const first = ranked[0]!, second = ranked.find((other) => other.entry.pose !== first.entry.pose)!;
  // A slip of the hand in a long enough word is taken, if nothing else comes near.
  const slip = first.entry.text.length >= 8 ? 2 : first.entry.text.length >= 5 ? 1 : 0;
  if (first.far <= slip && second.far > first.far + 1) return { pose: first.entry.pose, variant: rungFor(first.entry.pose, [], first.entry.words) };
  return { nearest: [...new Set(ranked.map(({ entry }) => entry.pose.name))].slice(0, 3) };
}

const nearest = (text: string, entries: readonly Entry[]): { entry: Entry; far: number }[] =>
  entries.map((entry) => ({ entry, far: distance(text, entry.text) })).sort((a, b) => a.far - b.far || a.entry.pose.name.localeCompare(b.entry.pose.name));
