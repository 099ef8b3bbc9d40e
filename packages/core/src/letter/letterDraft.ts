import { spokenDate } from '../calendar/dates.js';
import type { Lane } from '../fitting/types.js';
import { sayPlace } from '../people/bodyPlaces.js';
import { progressOf } from '../record/progress.js';
import type { RecordOf } from '../record/types.js';
import type { StagedPerson } from '../rules/stagePerson.js';

/** To whom a letter goes. */
export const LETTER_TO = ['doctor', 'midwife', 'physiotherapist'] as const;
export type LetterTo = (typeof LETTER_TO)[number];

/** What a letter about somebody is written from. */
export interface LetterInput {
  to: LetterTo;
  staged: StagedPerson;
  /** Of the last months, in any order. */
  records: readonly (RecordOf & { pressureAfter?: string | null })[];
  /** Her part of the last class that was fitted to her. */
  lane?: Pick<Lane, 'steps'>;
  poseName: (pose: string) => string;
  hall: string;
  teacher: string;
}

/** No more than so many of a kind are named. */
const NAMED = 10;

/**
 * A letter to whoever treats somebody: what is practised, what is left out and why, what was seen, and a question. It
 * is a beginning: the teacher edits it before it leaves.
 *
 * @returns paragraphs with empty lines between them
 */
export function letterDraft(input: LetterInput): string {
  const { staged, hall, teacher, to } = input;
  const { person } = staged;
  const born = person.born ? `, born ${spokenDate(person.born)} ${person.born.slice(0, 4)}` : '';
  return [
    `To the ${to} of ${person.name}${born}`,
    'Dear colleague,',
    practised(input),
    leftOut(input),
    seen(input),
    question(input),
    `${person.name} knows of this letter and has agreed that it is sent. Thank you for your time.`,
    [teacher, hall].filter(Boolean).join('\n'),
  ]
    .filter(Boolean)
    .join('\n\n');
}

const list = (items: readonly string[]): string => items.map((item) => `– ${item}`).join('\n');

function practised({ staged: { person }, records, lane, poseName }: LetterInput): string {
  const came = records
    .filter((record) => record.came)
    .map(({ on }) => on)
    .sort();
  const [first] = came;
  const times = first
    ? `${person.name} has come to ${came.length} yoga ${came.length === 1 ? 'class' : 'classes'} of mine since ` +
      `${spokenDate(first)} ${first.slice(0, 4)}. Every exercise is chosen for each person and shown before it is done.`
    : `${person.name} would like to come to my yoga classes. Every exercise is chosen for each person.`;
  const poses = [
    ...new Set((lane?.steps ?? []).filter(({ verdict }) => verdict !== 'rest').map(({ pose }) => pose)),
  ];
  const names = poses.slice(0, NAMED).map((pose) => poseName(pose).toLowerCase());
  const more = poses.length > NAMED ? ` and ${poses.length - NAMED} more` : '';
  return names.length ? `${times}\n\nIn the last class: ${names.join(', ')}${more}.` : times;
}

/** What was asked of the class and not of her, with the first reason of each. */
function leftOut({ staged: { person }, lane, poseName }: LetterInput): string {
  const reasons = new Map<string, string>();
  for (const { askedPose, pose, verdict, findings } of lane?.steps ?? []) {
    const finding = findings.find(({ on, level }) => on === 'asked' && level !== 'watch');
    if (!finding || verdict === 'as-written' || reasons.has(askedPose)) continue;
    const how = pose === askedPose ? 'made smaller' : 'left out';
    reasons.set(askedPose, `${poseName(askedPose)}, ${how}: ${finding.reason}`);
  }
  const limits = person.limits.flatMap(({ by, why }) => (why ? [`A limit from ${by}: ${why}`] : []));
  const all = [...reasons.values(), ...limits].slice(0, NAMED);
  return all.length ? `What I leave out or make smaller, and why:\n${list(all)}` : '';
}

function seen({ records }: LetterInput): string {
  const { pain, pressure } = progressOf(records);
  const worse = pain.filter(({ matters }) => matters === 'more').length;
  const better = pain.filter(({ matters }) => matters === 'less').length;
  const hurt = new Map<string, number>();
  for (const { changes } of records)
    for (const { where } of changes) if (where) hurt.set(where, (hurt.get(where) ?? 0) + 1);
  const highest = [...pressure].sort((a, b) => b.systolic - a.systolic)[0];
  const all = [
    ...(pain.length
      ? [
          `Pain was asked before and after ${pain.length === 1 ? 'a class' : `${pain.length} classes`}, 0 to 10: ` +
            `less by two or more after ${better}, more after ${worse}, otherwise about the same.`,
        ]
      : []),
    ...[...hurt].map(
      ([where, times]) => `${sayPlace(where)} hurt ${times === 1 ? 'once' : `${times} times`} in class.`,
    ),
    ...(highest
      ? [
          `Blood pressure after class, the highest of ${pressure.length}: ` +
            `${highest.systolic}/${highest.diastolic} mmHg on ${spokenDate(highest.on)}.`,
        ]
      : []),
  ];
  return all.length ? `What I saw:\n${list(all.map((one) => one[0]!.toUpperCase() + one.slice(1)))}` : '';
}

const QUESTIONS: Readonly<Record<LetterTo, string>> = {
  doctor: 'Is there anything that should not be done, or that I should watch for?',
  midwife: 'Is there anything in this pregnancy, or since the birth, that I should leave out or watch for?',
  physiotherapist: 'Which movements should be trained, which left out, and how far may they go?',
};

function question({ to, staged: { alerts } }: LetterInput): string {
  const open = alerts.filter(({ kind }) => kind === 'clearance' || kind === 'refer' || kind === 'stop');
  const asked = open.map(({ text }) => text);
  return asked.length ? `My question:\n${list(asked)}\n${QUESTIONS[to]}` : `My question: ${QUESTIONS[to]}`;
}
