import type { AuthoredPosture } from '../body/posture.js';
import type { PropPlacement, Shape } from '../body/shape.js';

export type Action =
  'open' | 'strengthen' | 'mobilise' | 'balance' | 'settle' | 'breathe' | 'invert' | 'rest';
export type Region =
  | 'neck'
  | 'chest'
  | 'shoulders'
  | 'wrists'
  | 'upper back'
  | 'low back'
  | 'side body'
  | 'front hip'
  | 'outer hip'
  | 'inner thigh'
  | 'hamstrings'
  | 'calves'
  | 'feet'
  | 'belly'
  | 'pelvic floor'
  | 'whole';

/** Where a pose stands on the shelf: one of the catalogue's families. */
export type Family =
  | 'breath'
  | 'chair'
  | 'standing'
  | 'balance'
  | 'all-fours'
  | 'prone'
  | 'supine'
  | 'seated'
  | 'side-lying'
  | 'inverted'
  | 'rest'
  | 'children'
  | 'joints';

/** Where in a class a pose may come. */
export type Place = 'opening' | 'warm-up' | 'work' | 'closing' | 'rest';

/** What a pose is for: an action on a region; `spine` names the direction it takes the spine in. */
export interface Purpose {
  action: Action;
  region: Region;
  spine?: 'flexion' | 'extension' | 'twist' | 'side bend';
}

/** Where the body is (DESIGN section 3). */
export type Level =
  | 'lying'
  | 'side-lying'
  | 'prone'
  | 'sitting'
  | 'kneeling'
  | 'all-fours'
  | 'squatting'
  | 'chair'
  | 'standing'
  | 'inverted';

export type Breath = 'natural' | 'linked' | 'slow' | 'held' | 'rapid';

/** A hold and the bounds it may be changed within: breaths for held shapes, rounds for movements. */
export interface UsualHold {
  unit: 'breaths' | 'rounds';
  usual: number;
  least: number;
  most: number;
  /** Breaths that one round takes; one unless said. */ roundBreaths?: number;
}

/** What cannot be measured from the skeleton and is therefore declared. */
export interface Declared {
  /** Work of the belly wall that the moments do not give: what is moved, braced or breathed (DESIGN section 4). */
  abdominalLoad?: 1 | 2 | 3;
  /** Static effort that the moments do not give: many small muscles, a grip, a long lever that moves. */
  isometric?: 1 | 2 | 3;
  impact?: 'flowing' | 'hopping' | 'jumping';
  eyesClosed?: true;
  heelsLifted?: true;
  /** Something presses on the eyes. */
  eyeContact?: true;
  /** Hands or arms are clasped behind, or hold each other round a limb. */
  bind?: true;
  /** The weight hangs in a joint or from the arms. */
  hang?: true;
  /** A strap goes round trunk or limb. */
  strap?: true;
  /** The arm is taken across the opposite thigh. */
  closedTwist?: true;
  /** METs, with the compendium category they are taken from. */
  met: number;
  metFrom: string;
}

/**
 * What a teacher says, in the order in which she says it. Movements have a half for each breath;
 * a held shape has none.
 */
export interface Guide {
  setUp: string;
  /** What happens on the in-breath. */
  in?: string;
  /** What happens on the out-breath. */
  out?: string;
  /** Where the eyes rest. */
  look: string;
  /** Where it should be felt. */
  feel: string;
  /** Where it should not be felt. */
  notHere: string;
  comeOut: string;
}

/** Movements by which a pose grows, as they are said. */
export type Growth =
  | 'fold'
  | 'twist'
  | 'back-bend'
  | 'wave'
  | 'side-bend'
  | 'knee-bend'
  | 'lunge'
  | 'leg-lift'
  | 'draw-in'
  | 'arm-lift'
  | 'bridge'
  | 'lean'
  | 'head';

/** Where hands go that do not reach any more: down the leg as far as they come, to the seat, or hanging. */
export type HandsAfter = 'leg' | 'seat' | 'hang';

/** How a pose grows out of a plain start, so that it can be done only part of the way. */
export interface Grows {
  /**
   * What it starts from: the shape that is given; for a movement its first frame; `stance`: the same feet, legs
   * straight, trunk upright; `upright`: sitting or kneeling as in the pose, trunk upright; or the pose itself with
   * these angles.
   */
  from: Shape | 'first-frame' | 'stance' | 'upright' | AuthoredPosture;
  /** The joint that says how far it is, see `jointAngle`. */
  by: string;
  how: Growth;
  /** Hands that touch something stay with it where this is left out. */
  hands?: HandsAfter;
}

/** What a variant is part of that is only done part of its way. */
export interface PartOf {
  /** The variant itself, by id. */
  variant: string;
  /** Of the way of its limiting joint, 0 to 1. */
  share: number;
  by: string;
  how: Growth;
  /** The limiting joint's angle at the start, and at the end of the way, degrees. */
  from: number;
  to: number;
  /** Where hands are that have let go of what they hold at the end: "shins". */
  hands?: string;
}

/** One concrete way to do a pose. */
export interface Variant {
  id: string;
  /** A teacher's short name for this way: "hands on a chair back". */
  name: string;
  /** Words after the pose's name that ask for this variant. */
  words?: readonly string[];
  /** Names of its own, as they are jotted down: read, and not shown. */
  writtenAs?: readonly string[];
  level: Level;
  /** Where she is before and after, if that is not the level of the pose itself. */
  entry?: Level;
  exit?: Level;
  /** A way in or out that this variant asks for, by id, in place of the usual way between levels. */
  wayIn?: string;
  wayOut?: string;
  breath: Breath;
  props: readonly PropPlacement[];
  /** One for a held shape, two or more for a movement. */
  frames: readonly Shape[];
  /** Camera: degrees from her right side (90 from the front), and degrees above. */
  view: readonly [turn: number, tilt: number];
  declared: Declared;
  /** How it grows, where it can be done part of the way. */
  grows?: Grows;
  /** Where it is another one, only part of the way. */
  partOf?: PartOf;
  /** Practice it takes: 0 none, 1 a first class, 2 some weeks, 3 months, 4 years; 1 unless said. */
  skill?: 0 | 1 | 2 | 3 | 4;
  /** The person leans her trunk on something (wall, chair back, bolster) or holds it: balance is helped. */
  support: 'none' | 'hand' | 'trunk';
  /** A limb that the hands lift: it need not lift itself. */
  helped?: 'arm' | 'leg';
  /** One leg at a time in a pose without sides, changed half way through: both are judged. */
  alternates?: true;
  /** Of a movement: the key frame that the in-breath leads to, where that is not the last. */
  inBreathTo?: 'first';
  cues: readonly string[];
}

/** An asana or movement with a purpose, and its ladder of variants from most supported to fullest. */
export interface Pose {
  id: string;
  family: Family;
  name: string;
  /** With its diacritics; the plain spelling is derived from it. */
  sanskrit?: string;
  aliases: readonly string[];
  /** How it is jotted down, and called in other languages: read, and not shown. */
  writtenAs?: readonly string[];
  /** What the name means, or what the movement is, in plain words. */
  meaning: string;
  purposes: readonly [Purpose, ...Purpose[]];
  /** Parts of the body that a teacher would look it up by. */
  parts: readonly Region[];
  energy: 'settling' | 'neutral' | 'lifting';
  /** Where in a class it may stand. */
  place: readonly Place[];
  hold: UsualHold;
  /** What right and left name; absent for a pose that is the same both sides. */
  side?: string;
  /** The variant a plain name asks for. */
  usual: string;
  /** Poses it likes before it, by id. */
  before: readonly string[];
  /** Poses it likes after it (counter-poses), by id. */
  after: readonly string[];
  guide: Guide;
  /** What often goes wrong. */
  mistakes: readonly string[];
  ladder: readonly Variant[];
}
