import { keep } from '../cache.js';
import { HALF_BREATH, type Flow, type FlowShape } from '../poses/flows.js';
import type { Pose, Variant } from '../poses/types.js';
import { PACE } from '../people/pace.js';
import type { Side } from '../side.js';
import { fold } from './fold.js';
import { cut } from './pieces.js';
import type { Known } from './plan.js';
import { readStep, takeApart, type Piece } from './readStep.js';

/** A shape of a flow as it was read. */
export interface ReadShape extends Omit<FlowShape, 'variant' | 'on'> {
  pose: Pose;
  variant: Variant;
  on?: 'in' | 'out';
}

/** A flow as it was read, and how many rounds of it. */
export interface ReadFlow {
  name: string;
  rounds: number;
  shapes: readonly ReadShape[];
}

/** Words round the name of a flow that say nothing of it. */
const ROUND_NAME =
  /^(?:(?:rounds?|sets?|times)\s+)?(?:of\s+)?|\b(?:for|slow|slowly|gentle|easy|full|complete|some|whole)\b|[()[\]]/gu;

/** The name of a flow in small letters, one of it and no more. */
export const plainName = (name: string): string =>
  name
    .toLowerCase()
    .replace(ROUND_NAME, ' ')
    .replace(/\b(salute|salutation|sal|namaskar|vinyasa)s\b/gu, '$1')
    .replace(/[\s,.-]+/gu, ' ')
    .trim();

/** All that flows are called, in small letters. */
const named = new WeakMap<readonly Flow[], ReadonlyMap<string, Flow>>();
const namesOf = (flows: readonly Flow[]): ReadonlyMap<string, Flow> =>
  named.get(flows) ??
  keep(
    named,
    flows,
    new Map(flows.flatMap((flow) => [flow.name, ...flow.aliases].map((name) => [plainName(name), flow]))),
  );

const flowNamed = (name: string, flows: readonly Flow[]): Flow | undefined =>
  namesOf(flows).get(plainName(name));

/** Names of flows that a word may mean: the one that is called so, or those of which it does not say which. */
export function flowsLike(name: string, flows: readonly Flow[]): string[] {
  const plain = plainName(name);
  const own = namesOf(flows).get(plain);
  const kin = flows.filter(({ family = [] }) => family.includes(plain));
  return [...(own ? [own] : []), ...kin].map(({ name: called }) => called);
}

const COUNT_FIRST = /^\s*(\d{1,3}|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+(?=\p{L})/iu;
/** A piece taken apart; a number before a name is how often: "5 sun salutations". */
export function countedFirst(text: string): Piece {
  const first = COUNT_FIRST.exec(text);
  const piece = takeApart(text, true);
  if (!first || piece.hold || piece.times) return piece;
  return takeApart(`${text.slice(first[0].length)} × ${first[1]}`, true);
}

/** How often a line says that something is done; undefined where it says something else. */
function roundsSaid({ hold, times }: Piece, usual: number, breaths: number): number | undefined {
  if (times !== undefined) return hold ? undefined : times;
  if (!hold) return usual;
  if (hold.unit === undefined || hold.unit === 'rounds') return hold.count;
  // "Ten minutes of it": as many as fit in.
  return hold.unit === 'seconds' ? Math.max(1, Math.floor(hold.count / (breaths * PACE.breath))) : undefined;
}

/** Breaths of one round. */
const breathsOf = (shapes: readonly Pick<FlowShape, 'breaths'>[]): number =>
  shapes.reduce((sum, { breaths = HALF_BREATH }) => sum + breaths, 0);

/**
 * Reads a salute by its name, with how often it is done; a side that is said is the one that leads.
 *
 * @example readNamedFlow('3 rounds of Surya Namaskar A', known) // Sun salutation A, 3 rounds
 */
export function readNamedFlow(text: string, { poses, flows }: Known): ReadFlow | undefined {
  const piece = countedFirst(text);
  const flow = flowNamed(piece.name, flows);
  if (!flow || piece.sides === 'other') return undefined;
  const said = roundsSaid(piece, flow.usual, breathsOf(flow.shapes));
  if (said === undefined) return undefined;
  const leads = flow.shapes.some(({ side }) => side === 'leading');
  // "Each side" is a pair of rounds.
  const rounds = leads && piece.sides?.length === 2 ? said * 2 : said;
  const only = piece.sides?.length === 1 ? piece.sides[0] : undefined;
  return {
    name: flow.name,
    rounds,
    shapes: flow.shapes.map(({ variant: id, side, ...shape }): ReadShape => {
      const pose = poses.find(({ ladder }) => ladder.some((variant) => variant.id === id))!;
      const own = side === 'leading' ? (only ?? side) : side;
      return {
        ...shape,
        pose,
        variant: pose.ladder.find((variant) => variant.id === id)!,
        ...(own ? { side: own } : {}),
      };
    }),
  };
}

/** Between two shapes that follow each other with the breath: "dog to plank", "dog ↔ plank". */
const TO = /\s*(?:↔|⇄|<->|<>)\s*|(?<!,)\s+(?:to|and back to)\s+/giu;
const AND = /\s+(?:and|&|\+)\s+/giu;
const BOTH_WAYS = /↔|⇄|<->|<>/u;

/** "Moving between dog and plank", "from dog to plank". */
const LEADS_BETWEEN = /^\s*(?:(?:move|moving|go|going|flow|flowing)\s+)?(?:between|from)\s+/iu;

/** A shape that a piece names, and nothing of how long. */
function shapeNamed(text: string, poses: readonly Pose[]): ReadShape | undefined {
  const read = readStep(text, poses);
  if (!('step' in read) || read.beside.length || read.step.isHeld || read.step.times > 1) return undefined;
  const { pose, variant, sides } = read.step;
  return { pose, variant, ...(pose.side ? { side: sides.length === 1 ? sides[0]! : 'leading' } : {}) };
}

/**
 * Reads a movement of two shapes: out into the one and in into the other, so many rounds.
 *
 * @example readTwoShapes('Dog to plank × 5', known) // Downward-facing dog and plank, 5 rounds
 */
export function readTwoShapes(text: string, { poses }: Known): ReadFlow | undefined {
  const piece = takeApart(text, true);
  const said = roundsSaid(piece, USUAL_ROUNDS, 2 * HALF_BREATH);
  const isCounted = piece.times !== undefined || piece.hold !== undefined;
  if (said === undefined || !(isCounted || BOTH_WAYS.test(text))) return undefined;
  const between = /\bbetween\b/iu.test(LEADS_BETWEEN.exec(text)?.[0] ?? '');
  // Where a comma stands before it, "to" is part of a version: "bridge with the breath, to the full bridge".
  const parts = cut({ from: 0, to: text.length, text: text.replace(LEADS_BETWEEN, '') }, between ? AND : TO);
  if (parts.length !== 2) return undefined;
  const [first, second] = parts.map((part) => shapeNamed(takeApart(part.text, true).name, poses));
  if (!first || !second || first.variant === second.variant) return undefined;
  // Two versions of one pose, where the whole is one too: "knees to chest, one knee". "Boat to low boat" names it
  // twice.
  const isNamedTwice = parts.every(({ text: part }) => fold(part).includes(fold(first.pose.name)));
  if (first.pose === second.pose && !isNamedTwice && 'step' in readStep(text, poses)) return undefined;
  return {
    name: flowName([first, second]),
    rounds: said,
    shapes: [
      { ...first, on: 'out' },
      { ...second, on: 'in' },
    ],
  };
}

/** Rounds of a movement of two shapes that nobody counts: common practice, no published source. */
const USUAL_ROUNDS = 5;

/** What a flow is called that has no name: by its shapes, or where it begins and ends. */
export function flowName(shapes: readonly { pose: Pose }[]): string {
  const first = shapes[0]!.pose.name;
  const last = shapes.at(-1)!.pose.name.toLowerCase();
  return shapes.length === 2 ? `${first} and ${last}` : `${first} to ${last}`;
}

/** "Inhale: arms up", "fold on the out-breath". */
const BREATHED_FIRST = new RegExp(
  '^(?:(?:breathe\\s+)?(in|out)(?:[- ]?breath)?\\s*[:,–-]\\s*|' +
    '(inhale|exhale|breathe in|breathe out|in-?breath|out-?breath)\\b[\\s:,–-]*(?:(?:to|into|and)\\s+)?)',
  'iu',
);
const BREATHED_LAST = new RegExp(
  '(?<=\\S)[\\s,(]+(?:on|with)\\s+(?:(?:the|an?|each|every|your)\\s+)?' +
    '(in-?breath|out-?breath|inhale|exhale|inhalation|exhalation)s?\\)?(?=[\\s,]|$)',
  'iu',
);

/** Takes what is said of the breath that leads into a shape off a piece of a line. */
export function readBreathed(text: string): { on: 'in' | 'out'; rest: string } | undefined {
  for (const pattern of [BREATHED_FIRST, BREATHED_LAST]) {
    const match = pattern.exec(text);
    const word = match && (match[1] ?? match[2]);
    if (!match || !word) continue;
    const rest = (text.slice(0, match.index) + text.slice(match.index + match[0].length)).trim();
    return { on: /^(?:in|breathe in)/iu.test(word) ? 'in' : 'out', rest };
  }
  return undefined;
}

/** Sides of a shape in so many rounds, and how often it is done on each. */
export function sidesIn(side: ReadShape['side'], rounds: number): { sides: readonly Side[]; times: number } {
  if (side === undefined) return { sides: [], times: rounds };
  if (side !== 'leading') return { sides: [side], times: rounds };
  return rounds < 2
    ? { sides: ['right'], times: 1 }
    : { sides: ['right', 'left'], times: Math.ceil(rounds / 2) };
}
