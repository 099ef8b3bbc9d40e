import { resolvePose } from './resolvePose.js';
import type { Pose, Variant } from '../poses/types.js';

/** How long a step is asked for: breaths or rounds as counted, or seconds. */
export type AskedHold = { unit: 'breaths' | 'rounds' | 'seconds'; count: number };

/** One line of a sequence. */
export interface Step {
  /** Counts the step lines from 1. */
  number: number;
  /** What was written, without its bullet. */
  text: string;
  section?: string;
  note?: string;
  pose: Pose;
  variant: Variant;
  hold: AskedHold;
  /** Empty for a pose that is the same both sides. */
  sides: readonly ('right' | 'left')[];
}

export interface Sequence {
  title: string;
  minutes: number;
  steps: readonly Step[];
}

/** A line that could not be read. */
export interface SequenceError {
  line: number;
  text: string;
  message: string;
  nearest: readonly string[];
}

/** Length of a class when the sequence does not say. */
const USUAL_MINUTES = 60;

const HOLD = /(\d+(?:[.,]\d+)?)\s*(breaths?|rounds?|times|x|seconds?|secs?|s|minutes?|mins?|m)\b\.?/i;
/** "x 8": eight times. */
const TIMES = /[x×]\s*(\d+)\b/i;
const BULLET = /^\s*(?:[-–—*•·]|\d+[.)])\s+/;

function readHold(text: string, pose: Pose): AskedHold {
  const match = HOLD.exec(text);
  const times = TIMES.exec(text);
  if (!match && times) return { unit: pose.hold.unit, count: Number(times[1]) };
  if (!match) return { unit: pose.hold.unit, count: pose.hold.usual };
  const count = Number(match[1]!.replace(',', '.'));
  const word = match[2]!.toLowerCase();
  if (word.startsWith('b')) return { unit: 'breaths', count };
  if (word.startsWith('r') || word === 'times' || word === 'x') return { unit: 'rounds', count };
  return { unit: 'seconds', count: word.startsWith('m') ? count * 60 : count };
}

const SIDE_WORDS =
  /\b(?:on )?(?:each|both|either|the right|the left|right|left) sides?\b|\b(?:on the )?(?:right|left)\b/gi;
const SMALL_WORDS = /\bheld?\b|\bfor\b/gi;

/**
 * A step as written without what is said of holds and sides.
 *
 * @example bareName('Low lunge, 4 breaths right') // 'Low lunge'
 */
export const bareName = (text: string): string =>
  text
    .replace(HOLD, ' ')
    .replace(TIMES, ' ')
    .replace(SIDE_WORDS, ' ')
    .replace(SMALL_WORDS, ' ')
    .replace(/[,;:()]+/g, ' ')
    .trim();

/** More steps than any class has, and more letters than any name: looking them up would only take time. */
const STEPS_MOST = 200;
const NAME_MOST = 160;

/**
 * Reads a sequence: `#` title, `key: value` lines, `##` sections, `-` steps, `>` note to the step above.
 * Lenient about dashes, bullets, case and extra words; a pose that is not known is an error with its
 * line and the three nearest names, and the other lines are read all the same.
 */
export function parseSequence(
  source: string,
  poses: readonly Pose[],
): { sequence: Sequence; errors: SequenceError[] } {
  const errors: SequenceError[] = [];
  const steps: Step[] = [];
  let title = 'Untitled class';
  let minutes = USUAL_MINUTES;
  let section: string | undefined;
  /** The first line that is not looked at any more. */
  let beyond: number | undefined;
  source
    .replace(/^\uFEFF/, '')
    .split(/\r?\n/)
    .forEach((raw, i) => {
      const line = raw.trim();
      const fail = (message: string, nearest: readonly string[] = []): void => {
        errors.push({ line: i + 1, text: line, message, nearest });
      };
      if (!line) return;
      if (line.startsWith('##')) {
        section = line.replace(/^#+\s*/, '');
        return;
      }
      if (line.startsWith('#')) {
        title = line.replace(/^#+\s*/, '') || title;
        return;
      }
      if (line.startsWith('>')) {
        const last = steps[steps.length - 1];
        if (last) last.note = [last.note, line.replace(/^>\s*/, '')].filter(Boolean).join(' ');
        return;
      }
      if (BULLET.test(raw)) {
        const text = raw.replace(BULLET, '').trim();
        if (steps.length >= STEPS_MOST || errors.length >= STEPS_MOST) {
          beyond ??= i + 1;
          return;
        }
        if (bareName(text).length > NAME_MOST)
          return fail(`Line ${i + 1}: ${text.length} letters are too long for the name of a pose.`);
        const resolved = resolvePose(bareName(text), poses);
        if ('nearest' in resolved)
          return fail(
            `Line ${i + 1}: "${bareName(text)}" is not a pose we know. Nearest: ${resolved.nearest.join(', ')}.`,
            resolved.nearest,
          );
        const hold = readHold(text, resolved.pose);
        if (hold.count <= 0 || hold.count > 3600)
          return fail(`Line ${i + 1}: a hold of ${hold.count} cannot be right.`);
        const one = /\b(?:each|both|either)\b/i.test(text) ? null : /\b(right|left)\b/i.exec(text);
        const written = one ? [one[1]!.toLowerCase() as 'right' | 'left'] : (['right', 'left'] as const);
        const sides = resolved.pose.side ? written : [];
        steps.push({
          number: steps.length + 1,
          text,
          ...(section ? { section } : {}),
          ...resolved,
          hold,
          sides,
        });
        return;
      }
      const key = /^([\p{L} ]+):\s*(.*)$/u.exec(line);
      if (!key)
        return fail(
          `Line ${i + 1}: "${line}" is neither a step (start it with -), a title (#), a section (##), a ` +
            `note (>) nor "key: value".`,
        );
      if (key[1]!.trim().toLowerCase() === 'minutes') {
        const value = Number(key[2]!.replace(/[^\d.]/g, ''));
        if (!(value >= 5 && value <= 240)) return fail(`Line ${i + 1}: minutes are between 5 and 240.`);
        minutes = value;
      }
    });
  if (beyond)
    errors.push({
      line: beyond,
      text: '',
      message: `Line ${beyond}: a class has at most ${STEPS_MOST} steps; what follows is not read.`,
      nearest: [],
    });
  if (!steps.length && !errors.length)
    errors.push({
      line: 1,
      text: '',
      message: 'There is no step in this sequence. Start each step with a dash.',
      nearest: [],
    });
  return { sequence: { title, minutes, steps }, errors };
}
