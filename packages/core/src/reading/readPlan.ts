import { keep } from '../cache.js';
import { isHeading, isWay, KEYS } from './phrases.js';
import { linesOf, trimmed, type Piece } from './pieces.js';
import type { Known, Plan } from './plan.js';
import { PlanReader } from './planReader.js';
import { bare, readStep, takeApart } from './readStep.js';
import { countedFirst, flowsLike, readNamedFlow } from './readFlow.js';
import { readRepeat } from './readRepeat.js';
import { tableRows } from './tableRows.js';
import { whereTheyAre } from './whereTheyAre.js';

const MARKS = '[-–—*•◦▪▫‣●○·✓✔➤►▶❖★☆]|\\p{Extended_Pictographic}\\uFE0F?';
const NUMBERING = '\\(?\\d{1,3}[a-z]?[.)](?!\\d)|\\(\\d{1,3}\\)|step\\s+\\d+\\s*[:.)-]';
const BULLET = new RegExp(`^\\s*(?:(?:${MARKS}|${NUMBERING})\\s*)+(?=\\S)`, 'iu');

/**
 * Reads a plan as it was written: lists with any bullets, tables, headings in any style, speech. Everything that is
 * seen becomes a part, so that nothing is dropped: a step where it is sure, a question where it is not.
 *
 * @param known of the catalogue with the hall's own
 */
export function readPlan(source: string, known: Known): Plan {
  const read = plans.get(known.poses) ?? keep(plans, known.poses, new Map<string, Plan>());
  return read.get(source) ?? keep(read, source, readAnew(source, known), PLANS_MOST);
}

/** Plans are looked at again and again while they are worked on. */
const plans = new WeakMap<Known['poses'], Map<string, Plan>>();
const PLANS_MOST = 8;

function readAnew(source: string, known: Known): Plan {
  const reader = new PlanReader(known);
  const lines = linesOf(source.replace(/^\uFEFF/, ' '));
  const rows = tableRows(lines.map(({ text }) => text));
  let beyond: number | undefined;
  lines.forEach((raw, i) => {
    if (!raw.text.trim()) return;
    if (reader.isBeyond || (reader.isFull && beyond === undefined)) {
      beyond ??= i + 1;
      return;
    }
    readLine(reader, raw, i + 1, { row: rows[i], isFirst: !reader.parts.length, lines, known });
  });
  reader.endSection();
  return {
    title: reader.title ?? 'Untitled class',
    minutes: reader.minutes,
    steps: whereTheyAre(reader.steps),
    parts: reader.parts,
    ...(beyond === undefined ? {} : { beyond }),
  };
}

interface Around {
  row: ReturnType<typeof tableRows>[number];
  isFirst: boolean;
  lines: readonly Piece[];
  known: Known;
}

function readLine(reader: PlanReader, raw: Piece, line: number, { row, isFirst, known }: Around): void {
  const whole = trimmed(raw);
  const { text } = whole;
  if (row === 'head') return reader.part('note', line, whole);
  if (row) {
    if (row.section) reader.keepSection(line, { ...whole, text: row.section });
    if (!row.text) return;
    const piece = { ...whole, text: row.text };
    reader.readLine(line, piece, true);
    if (row.note) {
      const last = reader.steps.at(-1);
      if (last?.line === line) last.note = [last.note, row.note].filter(Boolean).join(' ');
      reader.part('note', line, { ...whole, text: row.note });
    }
    return;
  }
  if (/^#(?!#)/.test(text)) {
    reader.title = text.replace(/^#+\s*/, '') || reader.title;
    return reader.part('title', line, whole);
  }
  if (text.startsWith('##')) return reader.startSection(line, whole);
  if (text.startsWith('>') && !/^>\s*>/.test(text)) {
    const note = text.replace(/^>\s*/, '');
    const last = reader.steps.at(-1);
    if (last) last.note = [last.note, note].filter(Boolean).join(' ');
    return reader.part('note', line, whole);
  }
  if (/^[-–—=_*~\s]+$/.test(text)) return reader.part('note', line, whole);
  if (!reader.steps.length && ONLY_LENGTH.test(text)) return reader.length(line, whole, text);
  if (readKey(reader, whole, line)) return;
  const bullet = /^(\*\*|__)/.test(text) ? null : BULLET.exec(text);
  const body = bullet
    ? trimmed({ ...whole, from: whole.from + bullet[0].length, text: text.slice(bullet[0].length) })
    : whole;
  if (isHeading(text, body.text, bullet !== null, known))
    return reader.startSection(line, text.startsWith('##') ? whole : body);
  if (isFirst && !bullet && isTitle(body.text, known)) {
    reader.title = bare(body.text);
    const { hold } = takeApart(body.text, false);
    if (hold) reader.minutes = hold.count / 60;
    return reader.part('title', line, whole);
  }
  reader.readLine(line, body, bullet !== null || !isSpeech(body.text));
}

/** Whether a line is spoken, so that what stands between its commas may be anything. */
const isSpeech = (text: string): boolean =>
  /[.!?]\s/u.test(text) || /\bthen\b/iu.test(text) || text.split(/\s+/u).length > 16;

/** A line over the first step that only says how long the class is. */
const ONLY_LENGTH = new RegExp(
  '^\\(?\\s*(?:\\d+(?:[.,]\\d+)?\\s*(?:h|hrs?|hours?)\\s*(?:\\d{1,2}\\s*(?:m|min|mins|minutes)?)?|' +
    "\\d{2,3}\\s*(?:m|min|mins|minutes|['’′]))\\s*\\)?\\.?$",
  'iu',
);

/** Hours of the day, and from when to when. */
const CLOCK = /^\d{1,2}[:.]\d{2}\b|\b(?:am|pm|noon)\b/iu;

/** The first line of a plan that is no step is what the class is called. */
const isTitle = (text: string, known: Known): boolean =>
  text.length <= 60 &&
  !/[.,;→]/.test(text) &&
  !('step' in readStep(text, known.poses)) &&
  !readNamedFlow(text, known) &&
  !(/\d/.test(text) && flowsLike(countedFirst(text).name, known.flows).length) &&
  !isHeld(text) &&
  !isWay(text) &&
  !readRepeat(text);

/**
 * Whether a line says how long, how often or on which side: what a step does, and no name of a class. A quarter of an
 * hour and more is how long the class is.
 */
function isHeld(text: string): boolean {
  const { hold, times, sides } = takeApart(text, false);
  const isLength = hold?.unit === 'seconds' && hold.count >= 900 && hold.count <= 240 * 60;
  return (times ?? sides) !== undefined || (hold !== undefined && !isLength);
}

/** "minutes: 60", "for: backs": a few words that are known. */
function readKey(reader: PlanReader, whole: Piece, line: number): boolean {
  const match =
    /^[-*•\s]*([\p{L} ]{2,20}?)\s*[:=]\s*(.*)$/u.exec(whole.text) ??
    /^(duration|length)\s+(.+)$/iu.exec(whole.text);
  const kind = match && KEYS[match[1]!.trim().toLowerCase()];
  if (!match || !kind) return false;
  const value = match[2]!.trim();
  // "time: 18:00" is when the class is.
  if (kind === 'minutes' && !CLOCK.test(value)) {
    reader.length(line, whole, value);
    return true;
  }
  if (kind === 'title') reader.title = value || reader.title;
  reader.part(kind === 'title' ? 'title' : 'note', line, whole);
  return true;
}
