import { keep } from '../cache.js';
import { distance } from 'fastest-levenshtein';
import type { Pose, Variant } from '../poses/types.js';
import { words } from './fold.js';
import { plainSpelling } from '../poses/plainSpelling.js';

/**
 * A pose and rung that something written may mean, and how sure that is, from 0 to 1; and the words that neither its
 * names nor the rung's explain.
 */
export interface Ranked {
  pose: Pose;
  variant: Variant;
  sure: number;
  /** Words of the name that were not written. */
  missing: readonly string[];
  /** How like its name is to what was written, apart from what is beside it, 0 to 1. */
  alike: number;
  left: readonly string[];
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
  const joined = parts.join('');
  return { pose, parts, joined, ...(variant ? { variant } : {}) };
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
  /** Entries that have a word, by word; and words by how long they are. */
  byWord: ReadonlyMap<string, readonly Entry[]>;
  vocabulary: ReadonlyMap<number, readonly string[]>;
  /** Entries by their first letter, written in one piece. */
  byLetter: ReadonlyMap<string, readonly Entry[]>;
  /** Words of the vocabulary that are near a word that was written. */
  nearby: Map<string, readonly string[]>;
  ofPose: ReadonlyMap<Pose, readonly Entry[]>;
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
        ...(pose.writtenAs ?? []),
      ].map((name) => {
        const entry = entryOf(pose, name);
        return [entry.joined, entry] as const;
      }),
    ).values(),
    ...pose.ladder.flatMap((variant) =>
      [variant.id, `${pose.name} ${variant.name}`, ...(variant.writtenAs ?? [])].map((name) =>
        entryOf(pose, name, variant),
      ),
    ),
  ]);
  const owners = new Map<string, Set<Pose>>();
  for (const { pose, parts } of entries)
    for (const part of parts) owners.set(part, (owners.get(part) ?? new Set()).add(pose));
  const rarityOf = (shared: number): number =>
    Math.log(1 + poses.length / (1 + shared)) / Math.log(1 + poses.length / 2);
  const rarities = new Map([...owners].map(([word, { size }]) => [word, rarityOf(size)]));
  const unheardOf = rarityOf(0);
  const ofPose = new Map<Pose, Entry[]>();
  for (const entry of entries) ofPose.set(entry.pose, [...(ofPose.get(entry.pose) ?? []), entry]);
  const byWord = new Map<string, Entry[]>();
  const byLetter = new Map<string, Entry[]>();
  const vocabulary = new Map<number, string[]>();
  const file = <K, V>(into: Map<K, V[]>, key: K, value: V): void => {
    const list = into.get(key);
    if (list) list.push(value);
    else into.set(key, [value]);
  };
  for (const entry of entries) {
    file(byLetter, entry.joined[0] ?? '', entry);
    for (const part of new Set(entry.parts)) file(byWord, part, entry);
  }
  for (const word of byWord.keys()) file(vocabulary, word.length, word);
  return {
    entries,
    byWord,
    byLetter,
    vocabulary,
    nearby: new Map(),
    ofPose,
    rarity: (word) => rarities.get(word) ?? unheardOf,
  };
}

/** How alike two words are, 0 to 1; 0 where they cannot be more alike than `least`. */
const likeness = (a: string, b: string, least = 0): number => {
  const most = Math.max(a.length, b.length);
  if (most === 0 || Math.abs(a.length - b.length) > most * Math.min(0.45, 1 - least) + 1e-9) return 0;
  const far = distance(a, b);
  // Two letters that changed places are one slip.
  return (
    1 -
    (far === 2 && a.length === b.length && [...a].sort().join('') === [...b].sort().join('') ? 1 : far) / most
  );
};

/** Words less alike than this are two words. */
const LEAST_NEAR = 0.75;

/** Two words that are the same but for a slip of the hand or the ear. */
const near = (a: string, b: string): number => {
  if (a === b) return 1;
  // "Unsupported" is no slip for "supported".
  if (Math.min(a.length, b.length) < 4 || a.startsWith('un') !== b.startsWith('un')) return 0;
  const alike = likeness(a, b, LEAST_NEAR);
  return alike >= LEAST_NEAR ? alike : 0;
};

/** A name less alike than this to what was written is not meant. */
const LEAST_ALIKE = 0.55;

/** What words beside the name cost, each as telling as it is: they may name another pose. */
const LEFT_OVER = 0.16;

/**
 * What was written, and how near each of its words is to a word of the catalogue. Names share their words
 * and rungs theirs, so each pair of words is compared once.
 */
class Asked {
  readonly words: readonly string[];
  /** All words in one piece. */
  readonly joined: string;
  private readonly nearness = new Map<string, readonly number[]>();
  private readonly ladders = new Map<Pose, readonly boolean[]>();
  private readonly runs = new Map<number, readonly Run[]>();

  constructor(written: string) {
    this.words = words(written);
    this.joined = this.words.join('');
  }

  /** How near each of the words is to this one, 0 to 1. */
  near(part: string): readonly number[] {
    return (
      this.nearness.get(part) ??
      keep(
        this.nearness,
        part,
        this.words.map((word) => near(word, part)),
      )
    );
  }

  /** Of each word, whether some rung of the pose answers to it: beside the name it costs nothing then. */
  ofLadder(pose: Pose): readonly boolean[] {
    return this.ladders.get(pose) ?? keep(this.ladders, pose, this.findOfLadder(pose));
  }

  private findOfLadder(pose: Pose): boolean[] {
    const parts = pose.ladder.flatMap(rungWords).flat();
    return this.words.map((_, i) => parts.some((part) => this.near(part)[i]! > 0));
  }

  /** The pieces of up to this many words beside each other. */
  pieces(most: number): readonly Run[] {
    return this.runs.get(most) ?? keep(this.runs, most, this.cut(most));
  }

  private cut(most: number): Run[] {
    return this.words.flatMap((_, from) =>
      this.words.slice(from, from + most).map((_, at) => {
        const count = at + 1;
        const text = this.words.slice(from, from + count).join('');
        return { from, count, text };
      }),
    );
  }
}

/** Some words beside each other, written as one. */
interface Run {
  from: number;
  count: number;
  text: string;
}

/** A name written in one piece, anywhere among the words. */
function inOnePiece(asked: Asked, { joined, parts }: Entry): { alike: number; used: readonly number[] } {
  let best: Run | undefined;
  let most = LEAST_ALIKE;
  for (const run of asked.pieces(parts.length + 2)) {
    if (best && most === 1 && run.from > best.from) break;
    if (run.text.length < 5 && run.text !== joined) continue;
    const alike = likeness(run.text, joined, most);
    if (alike < most || (best && alike === most && run.count <= best.count)) continue;
    most = alike;
    best = run;
  }
  if (!best) return { alike: 0, used: [] };
  const { from, count } = best;
  return { alike: most, used: Array.from({ length: count }, (_, i) => from + i) };
}

/** The name's words in any order. */
function inAnyOrder(
  asked: Asked,
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
    asked.near(part).forEach((alike, i) => {
      if (alike <= best || used.includes(i)) return;
      best = alike;
      at = i;
    });
    if (at >= 0) {
      used.push(at);
      found += weight * best;
    }
  }
  return { alike: all ? (0.97 * found) / all : 0, used };
}

/** Words written that are looked up near the catalogue's, kept. */
const NEARBY_MOST = 4000;

/** Words of the catalogue near a word that was written. */
function nearbyWords(word: string, { vocabulary, nearby }: Index): readonly string[] {
  const look = (): string[] => {
    const found: string[] = [];
    const least = Math.floor(word.length * LEAST_NEAR);
    for (let length = Math.max(1, least); length <= Math.ceil(word.length / LEAST_NEAR); length++)
      for (const known of vocabulary.get(length) ?? []) if (near(word, known) > 0) found.push(known);
    return found;
  };
  return nearby.get(word) ?? keep(nearby, word, look(), NEARBY_MOST);
}

/** More words than any name has: pieces of a name written as one word, or split, are looked for among so many. */
const PIECE_WORDS = 5;

/** Entries that may be meant: those with a word near one of the written, or written nearly the same in one piece. */
function candidates(asked: Asked, index: Index): Set<Entry> {
  const found = new Set<Entry>();
  for (const word of asked.words)
    for (const known of nearbyWords(word, index))
      for (const entry of index.byWord.get(known)!) found.add(entry);
  for (const { text } of asked.pieces(PIECE_WORDS)) {
    if (text.length < 5) continue;
    for (const entry of index.byLetter.get(text[0]!) ?? [])
      if (!found.has(entry) && likeness(text, entry.joined, LEAST_NEAR) >= LEAST_NEAR) found.add(entry);
  }
  return found;
}

/** The rung that the words ask for; the usual one if none is named. */
function rungFor(pose: Pose, asked: Asked): { variant: Variant; named: number } {
  let best = { variant: pose.ladder.find((variant) => variant.id === pose.usual)!, named: 0 };
  for (const variant of pose.ladder)
    for (const list of rungWords(variant)) {
      if (!list.length || !list.every((part) => asked.near(part).some((alike) => alike > 0))) continue;
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
  const index = indexOf(poses);
  const { ofPose, rarity } = index;
  const asked = new Asked(written);
  const best = new Map<Pose, { sure: number; alike: number; entry: Entry; used: readonly number[] }>();
  for (const entry of candidates(asked, index)) {
    for (const { alike, used } of [inOnePiece(asked, entry), inAnyOrder(asked, entry, rarity)]) {
      if (alike < LEAST_ALIKE) continue;
      const ofLadder = asked.ofLadder(entry.pose);
      const cost = asked.words.reduce((sum, word, i) => {
        if (used.includes(i)) return sum;
        return sum + (ofLadder[i] ? 0.02 : LEFT_OVER * Math.min(1, rarity(word)));
      }, 0);
      // Of two names that are both there, the one that explains more of what was written.
      const explained = used.reduce((sum, i) => sum + asked.words[i]!.length, 0) / asked.joined.length;
      const sure =
        Math.max(0, alike - Math.min(0.5, cost) - 0.02 * (1 - explained)) *
        (entry.joined === asked.joined ? 1.02 : 1);
      const known = best.get(entry.pose);
      if (!known || sure > known.sure) best.set(entry.pose, { sure, alike, entry, used });
    }
  }
  return [...best.entries()]
    .sort(
      ([a, x], [b, y]) =>
        y.sure - x.sure || y.entry.joined.length - x.entry.joined.length || a.name.localeCompare(b.name),
    )
    .slice(0, most)
    .map(([pose, { sure, alike, entry, used }]) => {
      const variant = entry.variant ?? rungFor(pose, asked).variant;
      const left = unexplained(asked, used, variant, ofPose.get(pose)!);
      const missing = missingOf(asked, entry, used);
      return { pose, variant, sure: Math.min(1, sure), alike, left, missing };
    });
}

/** Words of a name that were not written, as they are or in one piece with others. */
function missingOf(asked: Asked, { parts }: Entry, used: readonly number[]): string[] {
  const piece = used.map((i) => asked.words[i]!).join('');
  return parts.filter((part) => !piece.includes(part) && asked.near(part).every((alike) => alike === 0));
}

/** Words that neither the found name explains, nor the rung's own, nor another name of the pose that is all there. */
function unexplained(
  asked: Asked,
  used: readonly number[],
  variant: Variant,
  entries: readonly Entry[],
): string[] {
  const explained = new Set(used);
  const note = (part: string): void =>
    asked.near(part).forEach((alike, i) => {
      if (alike > 0) explained.add(i);
    });
  for (const list of rungWords(variant)) list.forEach(note);
  // Its first name is what it is in full: "standing" of the standing thigh stretch.
  entries[0]?.parts.forEach(note);
  for (const { parts, variant: own } of entries)
    if (!own && parts.every((part) => asked.near(part).some((alike) => alike > 0))) parts.forEach(note);
  return asked.words.filter((_, i) => !explained.has(i));
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
