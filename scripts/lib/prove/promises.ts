/** What easing promises, held against a lane that was fitted. */
import {
  asksAnew,
  asksMore,
  asksMorePartway,
  buildOf,
  ageOn,
  lesserRanges,
  skillOf,
  type Catalogue,
  type Judged,
  type Lane,
  type LaneStep,
  type Person,
  type Pose,
} from '@lotus-steady/core';

/** A swap is held so long at the least, seconds, or done so many rounds, unless less was asked. */
const WORTH_SECONDS = 10;
const WORTH_ROUNDS = 3;

/**
 * What of a lane breaks a promise, in a few words each; none where all are kept.
 *
 * @param isInFlow whether a step, by its number, is one shape of a flow
 */
export function brokenPromises(
  { steps, ranges }: Pick<Lane, 'steps' | 'ranges'>,
  person: Person,
  on: string,
  catalogue: Catalogue,
  isInFlow: (step: number) => boolean,
): string[] {
  const build = buildOf(person.born === undefined ? undefined : ageOn(person.born, on));
  const judged = (id: string): Judged => {
    const { variant } = catalogue.variant(id);
    const { level, breath, support } = variant;
    return {
      measures: catalogue.measures(id, person.heightCm, build, lesserRanges(ranges)),
      level,
      breath,
      support,
      skill: skillOf(variant),
    };
  };
  const broken: string[] = [];
  for (const entry of steps) {
    if (entry.verdict === 'rest') continue;
    const say = (what: string): void => {
      broken.push(`${what}: ${entry.askedVariant} > ${entry.variant}`);
    };
    for (const { on: of, level, met, rule } of entry.findings)
      if (of === 'chosen' && level !== 'watch' && !met)
        say(level === 'never' ? `never ${rule}` : `unmet ${rule}`);
    if (entry.verdict === 'as-written') continue;
    const asked = catalogue.variant(entry.askedVariant);
    const taken = catalogue.variant(entry.variant);
    if (asked.variant.level === 'chair' && taken.variant.level !== 'chair') say('leaves the chair');
    if (asked.pose === taken.pose) {
      const { ladder } = asked.pose;
      const { partOf } = taken.variant;
      if (partOf && asksMorePartway(judged(asked.variant.id), judged(taken.variant.id)))
        say('part of the way asks more');
      if (partOf && !(entry.asFarAs && entry.asFarAs.share >= partOf.share && entry.asFarAs.share < 1))
        say('part of the way is not said');
      const isFuller = ladder.indexOf(taken.variant) > ladder.indexOf(asked.variant);
      if (isFuller && asksMore(judged(asked.variant.id), judged(taken.variant.id))) say('fuller asks more');
      if (!partOf && asksAnew(judged(asked.variant.id), judged(taken.variant.id)))
        say('rung asks for something new');
      continue;
    }
    if (asksAnew(judged(asked.variant.id), judged(taken.variant.id))) say('asks for something new');
    const strengthens = taken.pose.purposes.some(({ action }) => action === 'strengthen');
    if (asked.pose.purposes[0].action === 'strengthen' && !strengthens) say('no strength for strength');
    // One shape of a flow is a breath.
    if (!isInFlow(entry.step) && isTooShort(entry, asked.pose, taken.pose)) say('too short');
  }
  return [...broken, ...sidesApart(steps, catalogue)];
}

/** Seconds that a breath, or a round, takes at the least: a child's. */
const BREATH = 2;

/** Whether a swap is shorter than does anything, both sides of a pose that stands in for one without together. */
function isTooShort({ hold, sides }: LaneStep, asked: Pose, taken: Pose): boolean {
  const times = asked.side || !taken.side ? 1 : Math.max(1, sides.length);
  const usual = asked.hold.usual * BREATH;
  return hold.rounds === undefined
    ? hold.seconds * times < Math.min(WORTH_SECONDS, usual) - 0.01
    : hold.rounds * times < WORTH_ROUNDS && hold.seconds * times < Math.min(WORTH_SECONDS, usual);
}

/** Steps whose two sides are on different levels, though neither is as written. */
function sidesApart(steps: readonly LaneStep[], catalogue: Catalogue): string[] {
  return [...new Set(steps.map(({ step }) => step))].flatMap((step) => {
    const sides = steps.filter((entry) => entry.step === step && entry.verdict !== 'rest');
    if (sides.length < 2 || sides.some(({ verdict }) => verdict === 'as-written')) return [];
    const levels = new Set(sides.map(({ variant }) => catalogue.variant(variant).variant.level));
    return levels.size > 1
      ? [`sides on two levels: ${sides.map(({ variant }) => variant).join(' and ')}`]
      : [];
  });
}
