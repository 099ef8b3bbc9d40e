import type { Fitting, Lane, LaneStep } from '@lotus-steady/core';

/** What of an entry moves when something else in the class is edited. */
type Moving = Pick<LaneStep, 'step' | 'asked' | 'clock' | 'hold' | 'waits' | 'waitOut' | 'override' | 'because'>;
/** The rest stays while what is done and why does; it is sent once and then known by its number. */
type Body = Omit<LaneStep, keyof Moving>;
type PackedLane = Omit<Lane, 'steps'> & { steps: readonly (Moving & { body: number })[] };

/** A fitting as it crosses from the worker to the page: an edit sends what the edit changed. */
export interface PackedFitting { fitting: Omit<Fitting, 'lanes'>; lanes: readonly PackedLane[]; bodies: readonly (readonly [number, Body])[] }

const MEASURES = {} as LaneStep['measures'];

/** The worker's side. Every measure of every cell is left behind: nobody looks at it on that page. */
export function packer(): (fitting: Fitting) => PackedFitting {
  // Findings are made once for every entry and carried along unchanged: they tell whether an entry is known.
  const numbers = new WeakMap<LaneStep['findings'], number>();
  let last = 0;
  return ({ lanes, ...fitting }) => {
    const bodies: [number, Body][] = [];
    const packed = lanes.map(({ steps, ...lane }): PackedLane => ({
      ...lane, steps: steps.map(({ step, asked, clock, hold, waits, waitOut, override, because, ...rest }) => {
        let body = numbers.get(rest.findings);
        if (body === undefined) {
          numbers.set(rest.findings, body = ++last);
          bodies.push([body, { ...rest, measures: MEASURES }]);
        }
        return { step, asked, clock, hold, body, ...(waits === undefined ? {} : { waits }), ...(waitOut ? { waitOut } : {}), ...(override ? { override } : {}), ...(because ? { because } : {}) };
      }),
    }));
    return { fitting, lanes: packed, bodies };
  };
}

/** The page's side. Everything that is sent must be unpacked, also what has been overtaken: later ones build on it. */
export function unpacker(): (packed: PackedFitting) => Fitting {
  const known = new Map<number, Body>();
  return ({ fitting, lanes, bodies }) => {
    for (const [number, body] of bodies) known.set(number, body);
    return { ...fitting, lanes: lanes.map(({ steps, ...lane }) => ({ ...lane, steps: steps.map(({ body, ...moving }) => ({ ...known.get(body)!, ...moving })) })) };
  };
}
