/** Where a breath is. */
export interface BreathAt {
  half: 'in' | 'out';
  /** How full the chest is: 0 empty, 1 full; it swells and sinks as breath does, slow at both ends. */
  full: number;
}

/** The out-breath is a little longer than the in-breath. Common practice, no published source. */
const IN_SHARE = 0.45;

const eased = (t: number): number => t * t * (3 - 2 * t);

/**
 * The breath of a group at an instant of a hold, which begins with an in-breath.
 *
 * @param passed seconds of the hold
 * @param breath seconds of one breath
 * @example breathAt(0, 5.5) // { half: 'in', full: 0 }
 */
export function breathAt(passed: number, breath: number): BreathAt {
  const t = (passed / breath) % 1;
  return t < IN_SHARE
    ? { half: 'in', full: eased(t / IN_SHARE) }
    : { half: 'out', full: 1 - eased((t - IN_SHARE) / (1 - IN_SHARE)) };
}
