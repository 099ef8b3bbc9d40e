import type { Fitting } from '../fitting/types.js';
import { askedSeconds } from '../plan/askedSeconds.js';
import { lineOf } from '../plan/lineFor.js';
import type { Place, Pose, Variant } from '../poses/types.js';
import { parseSequence } from '../reading/parseSequence.js';
import { chanceFrom, pickOne, type Chance } from './chance.js';
import { likingOf } from './liking.js';
import { asStep, fromUsual, isForMany, partOf, partSeconds, type Part } from './part.js';
import type { FrameTools } from './tools.js';
import type { Aim, Frame, FrameSlot } from './types.js';

/** What is wanted of a frame. */
export interface FrameAsk {
  minutes: number;
  aim: Aim;
  /** The same seed gives the same class; another one another. */
  seed: number;
}

interface Chosen {
  slot: number;
  part: Part;
  /** It answers the one before it, and stays with that. */
  isAnswer?: true;
}

/** A class is as long as it should be within so much, seconds. */
const NEAR_SECONDS = 45;
/** So often a class is put together at most until it fits. */
const TRIES_MOST = 60;
/** Of the class the final rest takes so much, within bounds: 5 to 10 minutes are usual, less in short classes. */
const REST_SHARE = 0.15;
const REST_MOST = 600;
const restLeast = (minutes: number): number => (minutes < 25 ? 180 : 300);
/** In a longer class shapes are stayed in longer: an hour has some thirty, and not sixty (common practice). */
const longer = (minutes: number): number => Math.min(1.8, Math.max(1, 1 + (minutes - 15) / 60));
/** Nobody is left in one shape for longer than this, both sides together, seconds. */
const STAY_MOST = 600;
/** In which order poses come, by where in a class they may stand. */
const PARTS: readonly Place[] = ['opening', 'warm-up', 'work', 'closing', 'rest'];
/** Anyone of usual height: how much work a version is. */
const SOMEBODY_CM = 165;
/** A hold that is changed for time is changed by so much of it at once. */
const HOLD_STEP = 0.2;
const wholeMinutes = (seconds: number): number => Math.round(seconds / 60) * 60;

/**
 * A class written from a frame: each part is filled from the catalogue with what suits everybody of the frame as it is
 * written, what serves the aim before the rest, and no purpose twice while others wait; then steps are added, changed
 * and taken out until the fitting has nothing to change, the order nothing odd, and the minutes are full.
 *
 * @returns a sequence as it is written down
 */
export function fillFrame(frame: Frame, ask: FrameAsk, tools: FrameTools): string {
  return new Filling(frame, ask, tools).filled();
}

class Filling {
  private readonly chance: Chance;
  private readonly banned = new Set<Pose>();
  private readonly fits = new Map<string, Part | undefined>();
  private chosen: Chosen[] = [];
  private readonly rest: Part;

  constructor(
    private readonly frame: Frame,
    private readonly ask: FrameAsk,
    private readonly tools: FrameTools,
  ) {
    this.chance = chanceFrom(ask.seed);
    this.rest = this.restOf();
  }

  filled(): string {
    this.frame.slots.forEach((_, slot) => this.fill(slot));
    let best: { source: string; off: number } | undefined;
    for (let tries = 0; tries < TRIES_MOST; tries++) {
      const source = this.written();
      const { sequence } = parseSequence(source, this.tools.catalogue);
      const fitting = this.tools.fitter.fit(sequence);
      if (this.mendsSteps(fitting)) continue;
      const short = (this.ask.minutes - fitting.minutes.written) * 60;
      if (!best || Math.abs(short) < best.off) best = { source, off: Math.abs(short) };
      if (best.off <= NEAR_SECONDS || !this.mendsTime(short)) break;
    }
    return best?.source ?? this.written();
  }

  /** Seconds that a slot should have, and has. */
  private wanted({ share, minutes }: FrameSlot): number {
    if (minutes) return minutes * 60;
    const { slots } = this.frame;
    const fixed = slots.reduce((sum, slot) => sum + (slot.minutes ?? 0) * 60, 0);
    const shares = slots.reduce((sum, slot) => sum + slot.share, 0);
    return ((this.ask.minutes * 60 - fixed - this.seconds(this.rest)) * share) / shares;
  }

  private has(slot: number): number {
    return this.chosen
      .filter((one) => one.slot === slot)
      .reduce((sum, { part }) => sum + this.seconds(part), 0);
  }

  private seconds(part: Part): number {
    return partSeconds(part, this.tools);
  }

  private fill(slot: number): void {
    const wanted = this.wanted(this.frame.slots[slot]!);
    for (;;) {
      const next = this.nextFor(slot);
      if (!next) return;
      const has = this.has(slot);
      if (has > 0 && has + this.seconds(next) / 2 > wanted) return;
      this.chosen.push({ slot, part: next });
      if (this.frame.slots[slot]!.minutes) return;
    }
  }

  /** One more step for a slot, by chance among what suits and is liked. */
  private nextFor(slot: number): Part | undefined {
    const taken = this.chosen.map(({ part }) => part.pose);
    const open = this.tools.catalogue.poses.flatMap((pose) => {
      const part = taken.includes(pose) || this.banned.has(pose) ? undefined : this.partFor(slot, pose);
      return part ? [part] : [];
    });
    return pickOne(open, ({ pose }) => likingOf(pose, this.ask.aim, taken), this.chance);
  }

  /** How a pose may be done in a slot: the usual way, or the one nearest to it that suits everybody. */
  private partFor(at: number, pose: Pose): Part | undefined {
    const key = `${at} ${pose.id}`;
    if (!this.fits.has(key)) this.fits.set(key, this.findPart(this.frame.slots[at]!, pose));
    return this.fits.get(key);
  }

  private findPart({ from, minutes }: FrameSlot, pose: Pose): Part | undefined {
    const belongs =
      (from.poses?.includes(pose.id) ?? (pose.family !== 'children' && pose.family !== 'inverted')) &&
      ![...(from.not ?? []), ...(this.frame.not ?? [])].includes(pose.id) &&
      (from.places?.some((place) => pose.place.includes(place)) ?? true) &&
      (from.families?.includes(pose.family) ?? true) &&
      (from.actions?.includes(pose.purposes[0].action) ?? true);
    if (!belongs) return undefined;
    return fromUsual(pose)
      .filter(
        (variant) =>
          from.levels.includes(variant.level) &&
          (!from.propped || variant.props.length > 0) &&
          isForMany(variant) &&
          this.isNoMoreWork(variant),
      )
      .flatMap((variant) =>
        minutes
          ? [this.held(pose, variant, minutes * 60)]
          : [longer(this.ask.minutes), 1].map((share) => this.held(pose, variant, undefined, share)),
      )
      .find((part) => this.suits(part));
  }

  private isNoMoreWork({ id }: Variant): boolean {
    return this.tools.catalogue.measures(id, SOMEBODY_CM).isometric <= this.frame.work;
  }

  private held(pose: Pose, variant: Variant, seconds?: number, share = 1): Part {
    const { unit, usual, least, most } = pose.hold;
    const { on, pace } = this.tools;
    const part = partOf(pose, variant, { unit, count: 1 });
    const one = askedSeconds(part, {}, on, pace);
    const longest = Math.floor(STAY_MOST / Math.max(1, part.sides.length) / one);
    const wanted = Math.round(usual * this.frame.holds * share);
    const count = Math.min(most, longest, Math.max(least, wanted));
    return { ...part, hold: seconds ? { unit: 'seconds', count: seconds } : { unit, count } };
  }

  private suits(part: Part): boolean {
    return this.tools.fitter.suits(asStep(part));
  }

  private restOf(): Part {
    const { minutes } = this.ask;
    const seconds = Math.min(REST_MOST, Math.max(restLeast(minutes), minutes * 60 * REST_SHARE));
    const ways = this.frame.rest.map((id) => {
      const { pose, variant } = this.tools.catalogue.variant(id);
      const part = this.held(pose, variant, wholeMinutes(seconds));
      // Rest on one side is rest on the side she likes.
      return pose.side ? { ...part, sides: ['left' as const] } : part;
    });
    return ways.find((part) => this.suits(part)) ?? ways[0]!;
  }

  /** Takes out, or answers, the first step that is not all right; false where all are. */
  private mendsSteps({ lanes, notes }: Fitting): boolean {
    const order = this.inOrder();
    const led = lanes.flatMap(({ steps }) => steps).find(({ verdict }) => verdict !== 'as-written')?.step;
    if (led !== undefined) return led <= order.length && this.takesOut(order[led - 1]!);
    const odd = notes.find(({ kind, step }) => kind !== 'rest' && step !== undefined);
    const chosen = odd && order[odd.step! - 1];
    if (!chosen) return false;
    return (odd.kind === 'counter-pose' && this.answers(chosen)) || this.takesOut(chosen);
  }

  private takesOut(chosen: Chosen): boolean {
    this.chosen = this.chosen.filter((one) => one !== chosen);
    this.banned.add(chosen.part.pose);
    this.fill(chosen.slot);
    return true;
  }

  /** Puts what a pose likes after it behind it. */
  private answers({ slot, part: { pose } }: Chosen): boolean {
    const taken = new Set(this.chosen.map(({ part }) => part.pose.id));
    const next = pose.after
      .filter((id) => !taken.has(id))
      .map((id) => this.tools.catalogue.poses.find((one) => one.id === id)!)
      .map((one) => this.partFor(slot, one))
      .find((part) => part !== undefined);
    if (!next) return false;
    const at = this.chosen.findIndex(({ part }) => part.pose === pose);
    this.chosen.splice(at + 1, 0, { slot, part: next, isAnswer: true });
    return true;
  }

  /** Brings the class nearer to its minutes; false where nothing is left to do. */
  private mendsTime(short: number): boolean {
    const { hold } = this.rest;
    const most = Math.max(REST_MOST, hold.count);
    const rest = Math.min(most, Math.max(restLeast(this.ask.minutes), hold.count + short));
    const stepped = wholeMinutes(rest);
    if (Math.abs(short) < 150 && stepped !== hold.count) {
      hold.count = stepped;
      return true;
    }
    const isSmall = Math.abs(short) < this.usualSeconds() / 2;
    if (isSmall && this.holdsFor(short)) return true;
    return short > 0
      ? this.addsStep() || this.holdsFor(short)
      : this.leavesOut() || this.holdsFor(short) || this.dropsPart();
  }

  /** What a step takes in the middle, seconds. */
  private usualSeconds(): number {
    return this.chosen.reduce((sum, { part }) => sum + this.seconds(part), 0) / this.chosen.length;
  }

  private bySurplus(): number[] {
    return this.frame.slots
      .map((slot, at) => ({ at, over: slot.minutes ? 0 : this.has(at) - this.wanted(slot) }))
      .filter(({ at }) => !this.frame.slots[at]!.minutes)
      .sort((a, b) => a.over - b.over)
      .map(({ at }) => at);
  }

  private addsStep(): boolean {
    for (const slot of this.bySurplus()) {
      const next = this.nextFor(slot);
      if (next) return this.chosen.push({ slot, part: next }) > 0;
    }
    return false;
  }

  /** Holds one step longer, or shorter, where that suits everybody. */
  private holdsFor(short: number): boolean {
    const changed = this.chosen.flatMap((chosen) => {
      const { pose, hold } = chosen.part;
      const by = Math.max(1, Math.round(hold.count * HOLD_STEP)) * Math.sign(short);
      const count = Math.min(pose.hold.most, Math.max(pose.hold.least, hold.count + by));
      const part = { ...chosen.part, hold: { ...hold, count } };
      const isFixed = this.frame.slots[chosen.slot]!.minutes !== undefined || count === hold.count;
      return isFixed || !this.suits(part) ? [] : [{ chosen, part }];
    });
    const one = pickOne(changed, () => 1, this.chance);
    if (one) one.chosen.part = one.part;
    return one !== undefined;
  }

  private leavesOut(): boolean {
    for (const slot of this.bySurplus().reverse()) {
      const own = this.chosen.filter((one) => one.slot === slot);
      const last = own.findLast(({ isAnswer }) => !isAnswer);
      if (last && own.length > 1) {
        this.chosen = this.chosen.filter((one) => one !== last);
        return true;
      }
    }
    return false;
  }

  /** Leaves out a whole part, the smallest, where a short class has no room for it. */
  private dropsPart(): boolean {
    const own = this.chosen.filter(({ slot }) => !this.frame.slots[slot]!.minutes);
    const [least] = own.sort((a, b) => this.frame.slots[a.slot]!.share - this.frame.slots[b.slot]!.share);
    if (!least || own.length < 3) return false;
    this.chosen = this.chosen.filter((one) => one !== least);
    return true;
  }

  /** Slot by slot, level by level; within a level what loosens first and what settles last. */
  private inOrder(): Chosen[] {
    return this.frame.slots.flatMap(({ from }, slot) => {
      const place = ({ part: { pose, variant } }: Chosen): number =>
        from.levels.indexOf(variant.level) * PARTS.length +
        PARTS.findIndex((part) => pose.place.includes(part));
      return this.chosen.filter((one) => one.slot === slot).sort((a, b) => place(a) - place(b));
    });
  }

  private written(): string {
    const { frame, ask } = this;
    const aim = ask.aim.regions || ask.aim.actions ? `: ${ask.aim.name.toLowerCase()}` : '';
    const lines = [`# ${frame.name}${aim}`, `minutes: ${ask.minutes}`];
    let last = -1;
    for (const { slot, part } of this.inOrder()) {
      if (slot !== last) lines.push(`## ${frame.slots[slot]!.section}`);
      last = slot;
      lines.push(`- ${lineOf(part)}`);
    }
    return [...lines, '## Rest', `- ${lineOf(this.rest)}`, ''].join('\n');
  }
}
