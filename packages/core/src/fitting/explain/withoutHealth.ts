import { USUAL_BODY } from '../../body/bodyRanges.js';
import type { Catalogue } from '../../poses/catalogue.js';
import type { Fitting, Lane, LaneStep, Then, WayTaken } from '../types.js';

/**
 * A fitting for whoever helps in the room: what each person does and with which props, and nothing of why. What is not
 * named here is left out, so that what is added to a fitting one day is not shown by mistake.
 */
export function withoutHealth(fitting: Fitting, catalogue: Catalogue): Fitting {
  const { title, on, minutes, steps, room, places, notes, together } = fitting;
  return {
    title,
    on,
    rulebook: fitting.rulebook,
    catalogue: fitting.catalogue,
    minutes,
    steps: steps.map(({ insteadOf, ...step }) => ({
      ...step,
      ...(insteadOf ? { insteadOf: { ...insteadOf, reason: '' } } : {}),
    })),
    room,
    places,
    notes,
    together,
    refused: [],
    lanes: fitting.lanes.map((lane) => plainLane(lane, catalogue)),
  };
}

const plainLane = ({ personId, person, steps, sums }: Lane, catalogue: Catalogue): Lane => ({
  personId,
  person,
  ranges: USUAL_BODY,
  stages: [],
  alerts: [],
  sums,
  steps: steps.map((step) => plainStep(step, catalogue)),
});

function plainStep(step: LaneStep, catalogue: Catalogue): LaneStep {
  const { asFarAs, way, then, because, stays, waits } = step;
  return {
    step: step.step,
    asked: step.asked,
    askedPose: step.askedPose,
    askedVariant: step.askedVariant,
    pose: step.pose,
    variant: step.variant,
    verdict: step.verdict,
    level: step.level,
    breath: step.breath,
    hold: step.hold,
    sides: step.sides,
    clock: step.clock,
    props: step.props,
    cues: ofPose(step, catalogue),
    cost: 0,
    measures: {} as LaneStep['measures'],
    findings: [],
    alternatives: [],
    ...(asFarAs ? { asFarAs } : {}),
    ...(way ? { way: plainWay(way) } : {}),
    ...(then ? { then: plainThen(then, catalogue) } : {}),
    ...(because ? { because } : {}),
    ...(stays ? { stays } : {}),
    ...(waits ? { waits } : {}),
  };
}

/** What is said to everybody with a version, and not to her alone. */
function ofPose(
  { variant, cues }: Pick<LaneStep, 'variant' | 'cues'>,
  catalogue: Catalogue,
): readonly string[] {
  const own = new Set(catalogue.variant(variant).variant.cues);
  return cues.filter((cue) => own.has(cue));
}

const plainWay = ({ moves, seconds, none }: WayTaken): WayTaken => ({ moves, seconds, none, instead: [] });

function plainThen({ reason: _reason, way, cues, ...then }: Then, catalogue: Catalogue): Then {
  return {
    pose: then.pose,
    variant: then.variant,
    level: then.level,
    breath: then.breath,
    hold: then.hold,
    sides: then.sides,
    props: then.props,
    cues: ofPose({ variant: then.variant, cues }, catalogue),
    reason: '',
    ...(way ? { way: plainWay(way) } : {}),
  };
}
