import type { Fitting, Lane, LaneStep } from '@lotus-steady/core';

/** What of an entry is the same for everyone at a step, and can be read there. */
type OfStep = Pick<LaneStep, 'step' | 'asked' | 'clock'>;
/** What few entries have, and an edit may give or take. */
type Rare = Pick<LaneStep, 'waitOut' | 'override' | 'because'> & Partial<Pick<LaneStep, 'hold'>>;
/** The rest stays while what is done and why does; it is sent once and then known by its number. */
type Body = Omit<LaneStep, keyof OfStep | 'waits' | 'waitOut' | 'override' | 'because'>;

/** Numbers of an entry: its body's, its step's, and the seconds it waits, or none. */
const WIDE = 3;
const NONE = -1;

/** A fitting as it crosses from the worker to the page: an edit sends what the edit changed. */
export interface PackedFitting {
  fitting: Omit<Fitting, 'lanes'>;
  lanes: readonly (Omit<Lane, 'steps'> & { entries: number })[];
  /** The entries of all lanes, one after another. */
  entries: Int32Array;
  rare: readonly (readonly [number, Rare])[];
  bodies: readonly (readonly [number, Body])[];
}

const MEASURES = {} as LaneStep['measures'];

/** The worker's side. Every measure of every cell is left behind: nobody looks at it on that page. */
export function packer(): (fitting: Fitting) => PackedFitting {
  // Findings are made once for every entry and carried along unchanged: they tell whether an entry is known.
  const known = new WeakMap<LaneStep['findings'], { number: number; hold: LaneStep['hold'] }>();
  let last = 0;
  return ({ lanes, ...fitting }) => {
    const bodies: [number, Body][] = [];
    const rare: [number, Rare][] = [];
    const entries = new Int32Array(WIDE * lanes.reduce((count, { steps }) => count + steps.length, 0));
    let at = 0;
    for (const { steps } of lanes)
      for (const entry of steps) {
        let body = known.get(entry.findings);
        if (!body) {
          const {
            step: _step,
            asked: _asked,
            clock: _clock,
            waits: _waits,
            waitOut: _waitOut,
            override: _override,
            because: _because,
            ...rest
          } = entry;
          known.set(entry.findings, (body = { number: ++last, hold: entry.hold }));
          bodies.push([body.number, { ...rest, measures: MEASURES }]);
        }
        const { step, waits = NONE, hold, waitOut, override, because } = entry;
        const cut = hold !== body.hold && hold.seconds !== body.hold.seconds;
        entries[at * WIDE] = body.number;
        entries[at * WIDE + 1] = step;
        entries[at * WIDE + 2] = waits;
        if (cut || waitOut || override || because)
          rare.push([
            at,
            {
              ...(cut ? { hold } : {}),
              ...(waitOut ? { waitOut } : {}),
              ...(override ? { override } : {}),
              ...(because ? { because } : {}),
            },
          ]);
        at++;
      }
    return {
      fitting,
      lanes: lanes.map(({ steps, ...lane }) => ({ ...lane, entries: steps.length })),
      entries,
      rare,
      bodies,
    };
  };
}

/**
 * The page's side. Everything that is sent must be unpacked, also what has been overtaken: later ones build
 * on it.
 */
export function unpacker(): (packed: PackedFitting) => Fitting {
  const known: Body[] = [];
  return ({ fitting, lanes, entries, rare, bodies }) => {
    for (const [number, body] of bodies) known[number] = body;
    const byEntry = new Map(rare);
    const ofStep = fitting.steps.map(({ step, text, start, end }): OfStep => ({
      step,
      asked: text,
      clock: { start, end },
    }));
    let at = 0;
    const unpacked = (): LaneStep => {
      const { step, asked, clock } = ofStep[entries[at * WIDE + 1]! - 1]!;
      const entry: LaneStep = { ...known[entries[at * WIDE]!]!, step, asked, clock };
      const waits = entries[at * WIDE + 2]!;
      if (waits !== NONE) entry.waits = waits;
      const more = byEntry.get(at++);
      return more ? { ...entry, ...more } : entry;
    };
    return {
      ...fitting,
      lanes: lanes.map(({ entries: count, ...lane }) => ({
        ...lane,
        steps: Array.from({ length: count }, unpacked),
      })),
    };
  };
}
