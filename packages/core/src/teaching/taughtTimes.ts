import type { Pace } from '../people/pace.js';
import type { Moment } from './moments.js';
import type { Teaching } from './teaching.js';

/** The parts of a pace that getting to a moment is made of. */
export const LEAD_PARTS = ['changeSide', 'changeLevel', 'props', 'talkNew', 'talkKnown'] as const;
export type LeadPart = (typeof LEAD_PARTS)[number];

/** What one moment of a class took, beside what was planned for it; nothing of anybody. */
export interface TaughtTime {
  /** What getting there mostly was, where one thing was most of it. */
  part?: LeadPart;
  /** Getting there: what is said, fetched and changed, and the pause before the hold. */
  lead: Took;
  /** Of the planned time to get there so much is that part, 0 to 1. */
  share?: number;
  /** The hold, and coming out of it, until the next was begun. */
  hold: Took;
  /** First or second side. */
  pass?: 1 | 2;
  /** Where in the class it is, by its planned time: 0 at the beginning, 1 at its end. */
  at: number;
}

/** Seconds. */
export interface Took {
  planned: number;
  real: number;
}

/** Getting there is mostly one thing where that is so much of it. */
const MOSTLY = 0.7;
/** What takes so much longer than planned is a break, seconds: no pace. */
const BREAK = 300;
/** A hold that was left before so much of it was over was skipped. */
const HELD = 0.5;

/**
 * What a class took, moment by moment. What was gone back to, repeated or skipped, and a break in it, tell
 * nothing and are left out.
 *
 * @param pace that the class was planned with
 */
export function taughtTimes(
  { spent }: Pick<Teaching, 'spent'>,
  moments: readonly Moment[],
  pace: Pace,
): TaughtTime[] {
  const total = moments.reduce((sum, { lead, seconds }) => sum + lead + seconds, 0);
  const seen = new Set<string>();
  let planned = 0;
  return moments.flatMap((moment, i): TaughtTime[] => {
    const at = planned / total;
    planned += moment.lead + moment.seconds;
    const isNew = !seen.has(moment.step.pose);
    seen.add(moment.step.pose);
    const own = spent.filter((one) => one.at === i);
    const [lead, hold, done, ...more] = own;
    if (lead?.phase !== 'lead' || hold?.phase !== 'hold' || more.length || (done && done.phase !== 'done'))
      return [];
    const held = (hold.ms + (done?.ms ?? 0)) / 1000;
    if (held < moment.seconds * HELD || held > moment.seconds + BREAK) return [];
    if (lead.ms / 1000 > moment.lead + BREAK) return [];
    const pass = passOf(moment, moments[i - 1], moments[i + 1]);
    return [
      {
        ...mostly(moment, isNew, pass === 2, pace),
        lead: { planned: moment.lead, real: lead.ms / 1000 },
        hold: { planned: moment.seconds, real: held },
        ...(pass ? { pass } : {}),
        at,
      },
    ];
  });
}

/** Which side of a step a moment is, where it has two. */
function passOf(moment: Moment, before?: Moment, after?: Moment): 1 | 2 | undefined {
  if (!moment.side || moment.round) return undefined;
  if (before?.step.step === moment.step.step) return 2;
  return after?.step.step === moment.step.step ? 1 : undefined;
}

/** What getting to a moment mostly is. */
function mostly(
  { lead, fetch }: Moment,
  isNew: boolean,
  isSecond: boolean,
  pace: Pace,
): Pick<TaughtTime, 'part' | 'share'> {
  if (!(lead > 0)) return {};
  if (isSecond) return { part: 'changeSide', share: 1 };
  const talk: LeadPart = isNew ? 'talkNew' : 'talkKnown';
  const props = fetch.length ? Math.min(pace.props, Math.max(0, lead - pace[talk])) : 0;
  const parts: [LeadPart, number][] = [
    [talk, Math.min(pace[talk], lead)],
    ['props', props],
    ['changeLevel', Math.max(0, lead - pace[talk] - props)],
  ];
  const [[part, seconds]] = parts.sort(([, a], [, b]) => b - a) as [[LeadPart, number]];
  return seconds / lead >= MOSTLY ? { part, share: seconds / lead } : {};
}
