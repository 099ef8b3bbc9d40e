import { keep } from '../cache.js';
import { distance } from 'fastest-levenshtein';
import type { Pose, Variant } from '../poses/types.js';
import { words } from './fold.js';
import { plainSpelling } from '../poses/plainSpelling.js';

/** A pose and rung that something written may mean, and how sure that is, from 0 to 1. */
export interface Ranked {
  pose: Pose;
  variant: Variant;
  sure: number;
}

/** One way to name a pose. */
interface Entry {
  pose: Pose;
  parts: readonly string[];
  joined: string;
  variant?: Variant;
}

const entryOf = (pose: Pose, name: string, variant?: Variant): Entry => {
  const parts = words(name);
  return { pose, parts, joined: parts.join(''), ...(variant ? { variant } : {}) };
};

/** A rung's own words after a name of its pose also name it: "cobra on the forearms". */
function rungWords(variant: Variant): readonly string[][] {
  return (
    folded.get(variant) ??
    keep(folded, variant, [variant.name, ...(variant.words ?? []), variant.id.split('.')[1]!].map(words))
  );
}
const folded = new WeakMap<Variant, readonly string[][]>();

/**
 * All names of a list of poses, and how telling a word is: one that many names share says little
 * ("standing", "seated").
 */
interface Index {
  entries: readonly Entry[];
  rarity: (word: string) => number;
}

const indexes = new WeakMap<readonly Pose[], Index>();

const indexOf = (poses: readonly Pose[]): Index =>
  indexes.get(poses) ?? keep(indexes, poses, makeIndex(poses));

function makeIndex(poses: readonly Pose[]): Index {
  const entries = poses.flatMap((pose) => [
    ...new Map(
      [
        pose.name,
        pose.id,
        ...(pose.sanskrit ? [pose.sanskrit, plainSpelling(pose.sanskrit)] : []),
        ...pose.aliases,
      ].map((name) => {
        const entry = entryOf(pose, name);
        return [entry.joined, entry] as const;
      }),
    ).values(),
    ...pose.ladder.map((variant) => entryOf(pose, variant.id, variant)),
  ]);
  const owners = new Map<string, Set<Pose>>();
  for (const { pose, parts } of entries)
    for (const part of parts) owners.set(part, (owners.get(part) ?? new Set()).add(pose));
  return {
    entries,
    rarity: (word) =>
      Math.log(1 + poses.length / (1 + (owners.get(word)?.size ?? 0))) / Math.log(1 + poses.length / 2),
  };
}

const likeness = (a: string, b: string): number => {
  const most = Math.max(a.length, b.length);
  if (most === 0 || Math.abs(a.length - b.length) > most * 0.45) return 0;
  const far = distance(a, b);
  // Two letters that changed places are one slip.
  return (
    1 -
    (far === 2 && a.length === b.length && [...a].sort().join('') === [...b].sort().join('') ? 1 : far) / most
  );
};

/** Two words that are the same but for a slip of the hand or the ear. */
const near = (a: string, b: string): number => {
  if (a === b) return 1;
  // "Unsupported" is no slip for "supported".
  if (Math.min(a.length, b.length) < 4 || a.startsWith('un') !== b.startsWith('un')) return 0;
  const alike = likeness(a, b);
  return alike >= 0.75 ? alike : 0;
};

/** What words beside the name cost, each as telling as it is: they may name another pose. */
const LEFT_OVER = 0.16;
/** Words that some rung of the pose answers to cost nothing. */
const isOfLadder = (pose: Pose, word: string): boolean =>
  pose.ladder.some((variant) => rungWords(variant).some((list) => list.some((part) => near(part, word) > 0)));

/** A name written in one piece, anywhere among the words. */
function inOnePiece(
  asked: readonly string[],
  { joined, parts }: Entry,
): { alike: number; used: readonly number[] } {
  let best = { alike: 0, used: [] as number[] };
  for (let from = 0; from < asked.length; from++) {
    let run = '';
    if (best.alike === 1) break;
    for (let to = from; to < Math.min(asked.length, from + parts.length + 2); to++) {
      run += asked[to]!;
      const alike = run.length < 5 && run !== joined ? 0 : likeness(run, joined);
      if (alike > best.alike || (alike === best.alike && to - from + 1 > best.used.length))
        best = { alike, used: Array.from({ length: to - from + 1 }, (_, i) => from + i) };
    }
  }
  return best;
}

/** The name's words in any order. */
function inAnyOrder(
  asked: readonly string[],
  { parts }: Entry,
  rarity: Index['rarity'],
): { alike: number; used: readonly number[] } {
  let found = 0;
  let all = 0;
  const used: number[] = [];
  for (const part of parts) {
    const weight = rarity(part);
    all += weight;
    let best = 0;
    let at = -1;
    asked.forEach((word, i) => {
      const alike = used.includes(i) ? 0 : near(word, part);
      if (alike > best) {
        best = alike;
        at = i;
      }
    });
    if (at >= 0) {
      used.push(at);
      found += weight * best;
    }
  }
  return { alike: all ? (0.97 * found) / all : 0, used };
}

/** The rung that the words ask for; the usual one if none is named. */
function rungFor(pose: Pose, asked: readonly string[]): { variant: Variant; named: number } {
  let best = { variant: pose.ladder.find((variant) => variant.id === pose.usual)!, named: 0 };
  for (const variant of pose.ladder)
    for (const list of rungWords(variant)) {
      if (!list.length || !list.every((part) => asked.some((word) => near(part, word) > 0))) continue;
      const named = list.reduce((sum, part) => sum + part.length, 0);
      if (named > best.named) best = { variant, named };
    }
  return best;
}

/**
 * Poses that something written may mean, the likeliest first, one entry a pose.
 *
 * Spellings are folded (see `fold`), words may run together, be split, come in another order or
 * carry a slip; words beside the name choose the rung.
 *
 * @param most how many to return
 * @param poses which to look among
 * @example rankPoses('tree with a hand on the wall')[0] // tree, tree.hand-on-wall, sure 1
 */
export function rankPoses(written: string, poses: readonly Pose[], most = 5): Ranked[] {
  const { entries, rarity } = indexOf(poses);
  const asked = words(written);
  const best = new Map<Pose, { sure: number; entry: Entry }>();
  if (!asked.length) return [];
  const full = asked.join('');
  for (const entry of entries) {
    for (const { alike, used } of [inOnePiece(asked, entry), inAnyOrder(asked, entry, rarity)]) {
      if (alike < 0.55) continue;
      const left = asked.filter((_, i) => !used.includes(i));
      const cost = left.reduce(
        (sum, word) => sum + (isOfLadder(entry.pose, word) ? 0.02 : LEFT_OVER * Math.min(1, rarity(word))),
        0,
      );
      // Of two names that are both there, the one that explains more of what was written.
      const explained = used.reduce((sum, i) => sum + asked[i]!.length, 0) / full.length;
      const sure =
        Math.max(0, alike - Math.min(0.5, cost) - 0.02 * (1 - explained)) *
        (entry.joined === full ? 1.02 : 1);
      const known = best.get(entry.pose);
      if (!known || sure > known.sure) best.set(entry.pose, { sure, entry });
    }
  }
  return [...best.entries()]
    .sort(
      ([a, x], [b, y]) =>
        y.sure - x.sure || y.entry.joined.length - x.entry.joined.length || a.name.localeCompare(b.name),
    )
    .slice(0, most)
    .map(([pose, { sure, entry }]) => ({
      pose,
      variant: entry.variant ?? rungFor(pose, asked).variant,
      sure: Math.min(1, sure),
    }));
}

const joinedNames = new WeakMap<Pose, string>();
/** A pose's name as one word, its spelling folded. */
const joinedName = (pose: Pose): string =>
  joinedNames.get(pose) ?? keep(joinedNames, pose, words(pose.name).join(''));

/** Names that come nearest by their letters alone, for what nothing answers to. */
export const nearestNames = (written: string, poses: readonly Pose[], most: number): string[] => {
  const text = words(written).join('');
  return poses
    .map((pose) => ({ name: pose.name, far: distance(text, joinedName(pose)) }))
    .sort((a, b) => a.far - b.far || a.name.localeCompare(b.name))
    .slice(0, most)
    .map(({ name }) => name);
};
