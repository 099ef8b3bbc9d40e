import { placeOf } from '../people/bodyPlaces.js';
import type { LimitKind } from '../rules/types.js';
import type { Side } from '../side.js';
import { farOf } from './farOf.js';
import { PAIN_MATTERS, type Done, type HowFar, type RecordOf } from './types.js';

/** A step after which something hurt: of which class, and how far it went. */
export interface Flare {
  on: string;
  /** Left out where only the class as a whole is known to have hurt. */
  step?: number;
  pose?: string;
  /** How far it went, of the kind that is suspected. */
  far: number;
}

/** What somebody may be limited in, by what has hurt and what has not. */
export interface SeenLimit {
  kind: string;
  side?: Side;
  /** How far is still well, in the unit of the kind; left out of kinds that have none. */
  most?: number;
  /** The place that hurt. */
  place: string;
  /** How sure it is that it is this kind and not another, 0 to 1. */
  sure: number;
  flares: readonly Flare[];
  /** What else it may be, the likelier first. */
  others: readonly { kind: string; side?: Side; sure: number }[];
}

/**
 * What may limit a place that hurts, and how likely each is before anything is known, by kind of limit. Common
 * practice, no published source.
 */
const SUSPECTS: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  head: { 'no-head-down': 4, 'no-inversion': 2, 'head-back': 1, hold: 1 },
  neck: { 'head-back': 4, 'no-inversion': 2, 'no-head-down': 1, hold: 1 },
  shoulder: { 'arm-raise': 4, 'arm-out': 3, 'no-hands': 3, hold: 1 },
  elbow: { 'no-hands': 5, hold: 1 },
  wrist: { 'no-hands': 8, hold: 1 },
  'upper-back': { 'trunk-turns': 3, 'low-back-hollows': 2, 'arm-raise': 1, hold: 1 },
  'low-back': { 'low-back-rounds': 4, 'low-back-hollows': 4, 'trunk-turns': 2, hold: 1 },
  belly: { 'no-belly-down': 4, 'low-back-rounds': 1, hold: 1 },
  hip: { 'hip-bend': 5, 'no-balance': 1, hold: 1 },
  pelvis: { 'hip-bend': 2, 'no-balance': 2, hold: 1 },
  thigh: { 'hip-bend': 3, hold: 1 },
  knee: { 'knee-bend': 4, 'no-kneeling': 4, 'no-balance': 1, hold: 1 },
  ankle: { 'no-balance': 3, 'no-kneeling': 1, hold: 2 },
};
/** Of a place of which nothing better is known. */
const ANYWHERE: Readonly<Record<string, number>> = { hold: 1 };
/** It may be none of these: so much of what was likely before. */
const NONE = 0.15;

/** It is never surer than this: how people hurt is told by a rough model of ours. */
const SUREST = 0.95;
/** What goes further than a limit hurts so often; and what does not, hurts so seldom. Ours. */
const HURTS = 0.8;
const HURTS_ANYHOW = 0.02;
/** Of so many classes, the last that somebody came to: bodies change. */
const CLASSES = 20;
/** Limits are set in steps of so many degrees or seconds. */
const STEP = 5;

type Kinds = Readonly<Record<string, LimitKind>>;

/** One thing that was done: how far, and whether it hurt. */
interface Event {
  on: string;
  done?: Done;
  far: readonly HowFar[];
  hurt: boolean;
}

/** One way to tell what hurts: a kind of limit, on a side where it has sides. */
interface Hypothesis {
  kind: string;
  side?: Side;
  before: number;
}

/**
 * What limits somebody, told from what hurt and what did not: for each place that hurt, the kind of limit that fits
 * best over her last classes, by Bayes' rule over all kinds that may limit that place and every number that a limit
 * may be set at.
 *
 * @param records of one person, in any order; what hurt is a change that says where, or a class after which pain is up
 *   by {@link PAIN_MATTERS}
 * @returns the place that hurt last first; of kinds with a number always less than what has hurt
 * @example
 * // Dog (arms up to 170) hurt the right shoulder twice, cobra and triangle never:
 * limitsSeen(records, kinds) // [{ kind: 'arm-raise', side: 'right', most: 140, place: 'shoulder-right', … }]
 */
export function limitsSeen(records: readonly RecordOf[], kinds: Kinds): SeenLimit[] {
  const last = records
    .filter(({ came, did }) => came && did?.length)
    .sort((a, b) => b.on.localeCompare(a.on))
    .slice(0, CLASSES);
  const places = [...new Set(last.flatMap(({ changes }) => changes.flatMap(({ where }) => where ?? [])))];
  return places.flatMap((place) => limitSeenAt(place, last, kinds) ?? []);
}

function limitSeenAt(place: string, records: readonly RecordOf[], kinds: Kinds): SeenLimit | undefined {
  const events = records.flatMap((record) => eventsOf(record, place));
  const ways = hypothesesFor(place, kinds);
  const weighed = ways
    .map((way) => ({ way, weight: way.before * likelihoodSince(way, events) }))
    .sort((a, b) => b.weight - a.weight);
  const all = weighed.reduce((sum, { weight }) => sum + weight, 0) + NONE * unexplained(events);
  const [best, ...rest] = weighed;
  if (!best || !(best.weight > 0)) return undefined;
  const { kind, side } = best.way;
  const flares = events.flatMap(({ on, done, far, hurt }): Flare[] => {
    const most = furthest(far, best.way);
    return hurt && most > 0 ? [{ on, far: most, ...(done ? { step: done.step, pose: done.pose } : {}) }] : [];
  });
  if (!flares.length) return undefined;
  const most = kinds[kind]!.unit ? stillWell(events, best.way) : undefined;
  // That nothing at all is left to do explains nothing: it is to be asked about.
  if (most !== undefined && most < STEP) return undefined;
  return {
    kind,
    ...(side ? { side } : {}),
    ...(most === undefined ? {} : { most }),
    place,
    sure: Math.min(SUREST, best.weight / all),
    flares,
    others: rest
      .map(({ way, weight }) => ({
        kind: way.kind,
        ...(way.side ? { side: way.side } : {}),
        sure: weight / all,
      }))
      .filter(({ sure }) => sure >= 0.1),
  };
}

/** What a class tells of a place: each step that was done as planned, and those that hurt it. */
function eventsOf({ on, painBefore, painAfter, changes, did = [] }: RecordOf, place: string): Event[] {
  const changed = new Map(changes.map((change) => [change.step, change]));
  const isSaid = changes.some(({ where }) => where !== undefined);
  const isWorse = (painAfter ?? 0) - (painBefore ?? painAfter ?? 0) >= PAIN_MATTERS;
  // It is not known which of all it was: the class as a whole hurt, and tells of no step that it was well.
  if (isWorse && !isSaid) return [{ on, far: did.map(({ far }) => far), hurt: true }];
  return did.flatMap((done): Event[] => {
    const change = changed.get(done.step);
    // Eased or stopped for something else: how far it went is not known.
    if (change && change.where !== place) return [];
    return [{ on, done, far: [done.far], hurt: change !== undefined }];
  });
}

function hypothesesFor(kept: string, kinds: Kinds): Hypothesis[] {
  const found = placeOf(kept);
  const suspects = Object.entries(SUSPECTS[found?.place.id ?? ''] ?? ANYWHERE);
  const sum = suspects.reduce((total, [, weight]) => total + weight, 0);
  return suspects.map(([kind, weight]) => ({
    kind,
    before: ((1 - NONE) * weight) / sum,
    ...(kinds[kind]!.sided && found?.side ? { side: found.side } : {}),
  }));
}

/** How far the furthest of some shapes goes, of what a hypothesis is about. */
const furthest = (far: readonly HowFar[], { kind, side }: Hypothesis): number =>
  Math.max(0, ...far.map((one) => farOf(one, kind, side)));

/** A limit may have come so many classes before it first hurt, the class itself counted; or it was always there. */
const CAME_BEFORE = [Infinity, 4, 1];

/**
 * How likely all of it is under a hypothesis, since whenever the limit is there: before, nothing was too far.
 */
function likelihoodSince(way: Hypothesis, events: readonly Event[]): number {
  const days = [...new Set(events.map(({ on }) => on))].sort();
  const first = days.indexOf(events.reduce((min, { on, hurt }) => (hurt && on < min ? on : min), '9999'));
  const each = CAME_BEFORE.map((classes) => {
    const since = days[Math.max(0, first + 1 - classes)] ?? '';
    const there = events.filter(({ on }) => on >= since);
    return likelihood(way, there) * (1 - HURTS_ANYHOW) ** (events.length - there.length);
  });
  return each.reduce((sum, one) => sum + one, 0) / each.length;
}

/**
 * How likely all of it is under a hypothesis: the mean over all numbers that the limit may be set at. One that nothing
 * that hurt goes beyond limits nobody.
 */
function likelihood(way: Hypothesis, events: readonly Event[]): number {
  const seen = events
    .map(({ far, hurt }) => ({ far: furthest(far, way), hurt }))
    .sort((a, b) => a.far - b.far);
  const hurts = seen.filter(({ hurt }) => hurt).length;
  // How many of what goes no further than the limit hurt, and how many did not.
  let hurt = 0;
  let well = 0;
  const chance = (): number =>
    HURTS ** (hurts - hurt) *
    (1 - HURTS) ** (seen.length - hurts - well) *
    HURTS_ANYHOW ** hurt *
    (1 - HURTS_ANYHOW) ** well;
  // Under the least of all, where that is not nothing; then between each two that differ, and at none of the furthest.
  const chances = seen[0] && seen[0].far > 0 ? [chance()] : [];
  seen.forEach((one, i) => {
    if (one.hurt) hurt++;
    else well++;
    const next = seen[i + 1];
    if (next && next.far !== one.far) chances.push(hurt < hurts ? chance() : 0);
  });
  return chances.length ? chances.reduce((sum, each) => sum + each, 0) / chances.length : 0;
}

/** How likely all of it is where none of the kinds limits her: it hurts as often as it hurt, whatever is done. */
function unexplained(events: readonly Event[]): number {
  const hurt = events.filter((event) => event.hurt).length;
  const share = (hurt + 1) / (events.length + 2);
  return share ** hurt * (1 - share) ** (events.length - hurt);
}

/**
 * The furthest that was well under the least that hurt, in whole steps: what lies between was not tried, and is not
 * known to be well. No less than half of what hurt, or she could not move at all where nothing near it was done.
 */
function stillWell(events: readonly Event[], way: Hypothesis): number {
  const seen = events.map(({ far, hurt }) => ({ far: furthest(far, way), hurt }));
  const least = Math.min(...seen.filter(({ far, hurt }) => hurt && far > 0).map(({ far }) => far));
  const well = Math.max(
    least / 2,
    ...seen.filter(({ far, hurt }) => !hurt && far < least).map(({ far }) => far),
  );
  const inSteps = Math.floor(well / STEP) * STEP;
  return inSteps < least ? inSteps : inSteps - STEP;
}
