import type { Pose } from '../poses/types.js';
import { words } from './fold.js';
import { matters } from './matters.js';
import type { Known } from './plan.js';
import { countedFirst, flowsLike, readNamedFlow } from './readFlow.js';
import { readStep, takeApart } from './readStep.js';

/** Words before a colon that are no step: what becomes of what stands behind it. */
export const KEYS: Readonly<Record<string, 'minutes' | 'title' | 'note'>> = {
  minutes: 'minutes',
  mins: 'minutes',
  duration: 'minutes',
  length: 'minutes',
  time: 'minutes',
  title: 'title',
  class: 'title',
  for: 'note',
  group: 'note',
  note: 'note',
  notes: 'note',
  theme: 'note',
  focus: 'note',
  intention: 'note',
  aim: 'note',
  level: 'note',
  teacher: 'note',
  date: 'note',
  props: 'note',
  equipment: 'note',
  'you need': 'note',
  music: 'note',
  cue: 'note',
  cues: 'note',
};

/**
 * Minutes as they are written: "60", "75 min", "1h15", "1 hr", "90'".
 *
 * @returns undefined where no length is said
 */
export function readMinutes(text: string): number | undefined {
  const hours = /(\d+(?:[.,]\d+)?)\s*(?:h|hrs?|hours?)\s*(?::?\s*(\d{1,2}))?/iu.exec(text);
  if (hours) return Number(hours[1]!.replace(',', '.')) * 60 + Number(hours[2] ?? 0);
  const minutes = /\d+(?:[.,]\d+)?/.exec(text);
  return minutes ? Number(minutes[0].replace(',', '.')) : undefined;
}

const GO =
  'come|roll|walk|step|lie|lay|sit|stand|kneel|turn|swing|lower|push|press|move|get|go|return|make|rise|' +
  'release|transition|shift|crawl|slide|start|begin|unroll|uncurl|face|settle|hands|feet|bring|take|set|up|' +
  'down|back|over|onto|round';
const PLACE =
  'side|back|backs|front|belly|tummy|stomach|knees?|stand|standing|seat|seated|sit|sitting|floor|mat|hands|' +
  'fours|feet|up|down|top|lying|lie|wall|chair|edge|kneeling|kneel|centre|center|middle|hips?|round|forward|' +
  'over|legs?|ground';
const WAY_SMALL =
  'slowly|gently|carefully|now|then|and|to|onto|on|into|in|the|your|a|an|of|all|one|both|through|from|with|by|' +
  'towards?|long|right|left|sideways|together|apart|wide|again|way|using|help|ready|finally|next|for|end|' +
  'quietly|softly|at|time|r|l';
const GOING = new RegExp(`^(?:${GO})$`, 'iu');
const PLACED = new RegExp(`^(?:${PLACE})$`, 'iu');
const WAY_WORDS = new RegExp(`^(?:${GO}|${PLACE}|${WAY_SMALL})$`, 'iu');

/** Whether a piece of a line says how one gets from one shape to the next, and no more. */
export function isWay(text: string): boolean {
  const { hold, times } = takeApart(text, true);
  if (hold ?? times) return false;
  const said = text.split(/[^\p{L}’']+/u).filter(Boolean);
  const isGoing = said.some((word) => GOING.test(word));
  const isPlaced = said.some((word) => PLACED.test(word));
  return said.length > 1 && isGoing && isPlaced && said.every((word) => WAY_WORDS.test(word));
}

const TALK_STARTS =
  'remember|mind|notice|feel|observe|breathe|inhale|exhale|in-?breath|out-?breath|keep|' +
  'take (?:your|a|some) (?:time|moment)|allow|let|smile|listen|enjoy|relax|soften|check|ask|remind|explain|' +
  'demo|demonstrate|offer|encourage|talk|welcome|thank|namaste|focus|think|imagine|set an|set your|music|light|' +
  "lights|cue|tell|say|mention|watch|don['’]t|do not|if|for those|for anyone|optional|option:|nb|n\\.b|tip|" +
  'be (?:kind|aware|gentle)|pay|bring awareness|with (?:every|each)|gaze|look|spread|ground|root|engage|' +
  'activate|lengthen|grow|press|stay with|always|never|make sure|ensure|avoid|careful|no rush|as you|when you|' +
  'chat|intro|introduction|questions|tea';
const TALK = new RegExp(`^(?:please\\s+)?(?:${TALK_STARTS})(?!\\p{L})`, 'iu');

/**
 * Whether a piece of a line is talk: kept as a note. In a list only what begins like talk; in speech also what names
 * nothing that we know.
 */
export function isChat(text: string, isList: boolean, poses: readonly Pose[]): boolean {
  const { hold, times } = takeApart(text, isList);
  // Talk of something to hold for so long, or so often, is a step that is not understood.
  if (TALK.test(text.trim())) return !(hold ?? times);
  if (isList) return false;
  return !(hold ?? times) && !words(text).some((word) => matters(word, poses));
}

const SECTION_WORDS =
  'warm|warming|up|down|cool|cooling|standing|seated|sitting|floor|mat|kneeling|lying|supine|prone|closing|' +
  'opening|ending|beginning|start|end|finish|balance|balances|balancing|core|peak|arrive|arriving|arrival|' +
  'cent(?:er|re|ring|ering)|relaxation|breath|breathing|breathwork|pranayama|meditation|check|in|intro|main|' +
  'part|section|block|sequence|flow|series|work|practice|poses|asanas?|hips|shoulders|spine|backbends?|back|' +
  'bends|twists|folds|forward|inversions?|integration|settling|settle|preparation|prep|and|the|of|on|to|with|' +
  'one|two|three|\\d+|transition|strength|mobility|restorative|sun|moon|salutations?|surya|namaskar|a|b|c';
const SECTION_WORD = new RegExp(`^(?:${SECTION_WORDS})$`, 'iu');

/** Whether all words are such as stand over a part of a class: "warm-up", "balance". */
export const isSectionWords = (text: string): boolean =>
  text
    .split(/[^\p{L}\d]+/u)
    .filter(Boolean)
    .every((word) => SECTION_WORD.test(word));

/** Whether a line names a flow, or says how often of something that several flows are called. */
function isOfFlow(text: string, known: Known): boolean {
  const { name, hold, times } = countedFirst(text);
  const isCounted = (hold ?? times) !== undefined;
  return readNamedFlow(text, known) !== undefined || (isCounted && flowsLike(name, known.flows).length > 0);
}

/** Whether a line stands over what follows it: "## Floor", "Warm-up:", "**Balance**", "COOL DOWN". */
export function isHeading(text: string, body: string, isBullet: boolean, known: Known): boolean {
  const { poses } = known;
  const plain = body
    .replace(/[*_]{2}|:$/gu, '')
    .replace(/\((?:[^)]*)\)/gu, ' ')
    .trim();
  const isMarked = /^(\*\*|__).+\1:?$/u.test(body) || (/:\s*$/u.test(body) && !isBullet);
  const isCapitals = plain.length > 3 && /\p{Lu}/u.test(plain) && !/\p{Ll}/u.test(plain) && !isBullet;
  // Not of numbers alone; and in a list words that could all be of a pose are asked about.
  const isKnown =
    /\p{L}/u.test(plain) &&
    isSectionWords(plain) &&
    !(isBullet && words(plain).every((word) => matters(word, poses)));
  if (text.startsWith('##')) return true;
  if (!isMarked && isOfFlow(body, known)) return false;
  if (isMarked || isCapitals) return isKnown || !('step' in readStep(plain, poses));
  return isKnown && !takeApart(plain, false).sides && !('step' in readStep(plain, poses));
}
