import type { Fitting, LaneStep } from '../types.js';

/** A step on somebody's own sheet. */
export interface SheetStep {
  step: number;
  section?: string;
  variant: string;
  /** Of the way, where it is done only part of it. */
  share?: number;
  hold: LaneStep['hold'];
  sides: LaneStep['sides'];
  props: LaneStep['props'];
  cues: readonly string[];
}

/** A class as one person does it, for herself: each step once, on one side where the sides differ. */
export function ownSheet(fitting: Fitting, personId: string): SheetStep[] {
  const lane = fitting.lanes.find((one) => one.personId === personId);
  const sections = new Map(fitting.steps.map(({ step, section }) => [step, section]));
  const leftOut = new Set(fitting.steps.filter((one) => one.leftOut).map(({ step }) => step));
  return (lane?.steps ?? [])
    .filter(({ step }) => !leftOut.has(step))
    .map(({ step, variant, asFarAs, hold, sides, props, cues }) => {
      const section = sections.get(step);
      return {
        step,
        ...(section ? { section } : {}),
        variant,
        ...(asFarAs ? { share: asFarAs.share } : {}),
        hold,
        sides,
        props,
        cues,
      };
    });
}
