import {
  LIMBS,
  type Can,
  type Hold,
  type IntakeGroup,
  type KnownSince,
  type Limb,
  type Opening,
  type Pronoun,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { PersonDraft, PersonLine } from '../../data/types.js';
import { asAnswer, CAN_QUESTIONS } from './canWords.js';
import { readDetails, type TypedDetails } from './details.js';

/** A kept detail as its field shows it. */
function asTyped(value: unknown): string | boolean {
  if (typeof value === 'boolean') return value;
  return Array.isArray(value) ? value.join(', ') : String(value);
}

/** What was counted and timed (CDC STEADI), in the order of the form. */
export const SCREENING = [
  ['fallsLastYear', 'Falls in the last year'],
  ['chairStands', 'Chair stands in 30 seconds'],
  ['tugSeconds', 'Timed up-and-go, seconds'],
  ['tandemSeconds', 'Heel to toe, seconds'],
  ['oneLegSeconds', 'On one leg, seconds'],
] as const;
export type ScreeningKey = (typeof SCREENING)[number][0];

/** The person form's own shape: every value as it is typed. */
export interface PersonValues {
  name: string;
  born: string;
  sex: string;
  pronoun: string;
  heightCm: string;
  weightKg: string;
  stand: boolean;
  kneel: boolean;
  /** Answers by question, and what is the matter with a limb; '' where it is not known, or nothing is. */
  can: Record<string, string>;
  limbs: Record<Limb, string>;
  screening: Record<ScreeningKey, string>;
  /** Measured ranges, degrees, by name. */
  ranges: Record<string, string>;
  conditions: { condition: string; details: TypedDetails }[];
  limits: { kind: string; side: string; most: string; by: string; until: string; why: string }[];
  clearances: {
    for: string;
    /** Whether it says for what; a bare yes opens what such a team usually means, and what is only ordered no more. */
    says: '' | 'for-what' | 'ordered';
    opens: Opening[];
    /** Poses that the team ordered, by id. */
    poses: string[];
    by: string;
    on: string;
    until: string;
    words: string;
  }[];
  why: string;
  hopes: string[];
  consent: { words: string; on: string; by: string };
  /** Facts whose day and source are said here, by name. */
  dated: Record<string, KnownSince>;
  asked: IntakeGroup[];
}

const typed = (value: unknown): string => (value === undefined || value === null ? '' : String(value));

export const valuesOf = (person?: PersonLine): PersonValues => ({
  name: person?.name ?? '',
  born: person?.born ?? '',
  sex: person?.sex ?? '',
  pronoun: person?.pronoun ?? '',
  heightCm: typed(person?.heightCm),
  weightKg: typed(person?.weightKg),
  stand: person?.can.stand ?? true,
  kneel: person?.can.kneel ?? true,
  can: Object.fromEntries(CAN_QUESTIONS.map(({ key }) => [key, asAnswer(person?.can[key])])),
  limbs: Object.fromEntries(LIMBS.map((limb) => [limb, person?.can.limbs?.[limb] ?? ''])) as Record<
    Limb,
    string
  >,
  screening: Object.fromEntries(
    SCREENING.map(([key]) => [key, typed(person?.screening[key])]),
  ) as PersonValues['screening'],
  ranges: Object.fromEntries(
    Object.entries(person?.ranges ?? {}).map(([range, degrees]) => [range, typed(degrees)]),
  ),
  conditions: (person?.conditions ?? []).map(({ condition, ...details }) => ({
    condition,
    details: Object.fromEntries(Object.entries(details).map(([key, value]) => [key, asTyped(value)])),
  })),
  limits: (person?.limits ?? []).map(({ kind, side, most, by, until, why }) => ({
    kind,
    side: typed(side),
    most: typed(most),
    by,
    until: typed(until),
    why: typed(why),
  })),
  clearances: (person?.clearances ?? []).map(({ for: what, opens, poses, by, on, until, words }) => ({
    for: what,
    says: saysOf(opens, poses),
    opens: [...(opens ?? [])],
    poses: [...(poses ?? [])],
    by,
    on,
    until: typed(until),
    words: typed(words),
  })),
  why: person?.intake.why ?? '',
  hopes: [...(person?.intake.hopes ?? [])],
  consent: person?.intake.consent ?? { words: '', on: '', by: '' },
  dated: {},
  asked: [...(person?.intake.asked ?? [])],
});

const saysOf = (
  opens: readonly Opening[] | undefined,
  poses: readonly string[] | undefined,
): PersonValues['clearances'][number]['says'] => {
  if (opens) return 'for-what';
  return poses ? 'ordered' : '';
};

/** How a condition waits for a clearance; undefined where it does not, and for a rule. */
export const waitsFor = (id: string): Hold | undefined =>
  RULEBOOK.conditions.find((one) => one.id === id)?.hold;

/** Leaves out what was left open. */
const filled = (table: Record<string, string>): Record<string, string> =>
  Object.fromEntries(Object.entries(table).filter(([, value]) => value.trim() !== ''));

/** Numbers as they were typed, with a comma or a point. */
export const numbersIn = (table: Record<string, string>): Record<string, number> =>
  Object.fromEntries(
    Object.entries(filled(table)).map(([key, value]) => [key, Number(value.replace(',', '.'))]),
  );

/** What someone can do, as it is kept: yes and no are true and false. */
export function canOf({ stand, kneel, can, limbs }: PersonValues): Can {
  const answers = Object.entries(filled(can)).map(([key, answer]) => [
    key,
    isYesNo(key) ? answer === 'yes' : answer,
  ]);
  const states = filled(limbs);
  return {
    stand,
    kneel,
    ...(Object.fromEntries(answers) as Partial<Can>),
    ...(Object.keys(states).length ? { limbs: states as NonNullable<Can['limbs']> } : {}),
  };
}

/** Whether a question is answered by yes or no: "no" of another is a word of its own. */
const isYesNo = (key: string): boolean =>
  CAN_QUESTIONS.find((question) => question.key === key)!.answers.some(([value]) => value === 'yes');

export function writtenOf(values: PersonValues): PersonDraft {
  return {
    name: values.name,
    can: canOf(values),
    ranges: numbersIn(values.ranges),
    screening: numbersIn(values.screening),
    ...(values.born ? { born: values.born } : {}),
    ...(values.sex ? { sex: values.sex as 'woman' | 'man' } : {}),
    ...(values.pronoun ? { pronoun: values.pronoun as Pronoun } : {}),
    ...(values.heightCm ? { heightCm: Number(values.heightCm) } : {}),
    ...(values.weightKg ? { weightKg: Number(values.weightKg.replace(',', '.')) } : {}),
    conditions: values.conditions.map(({ condition, details }) => ({
      condition,
      ...readDetails(
        RULEBOOK.conditions.find((known) => known.id === condition)!,
        details,
      ),
    })),
    limits: values.limits.map(({ most, ...limit }) => ({
      ...filled(limit),
      ...(most.trim() ? { most: Number(most.replace(',', '.')) } : {}),
    })) as unknown as PersonDraft['limits'],
    clearances: values.clearances.map(({ says, opens, poses, ...clearance }) => ({
      ...filled(clearance),
      ...(says === 'for-what' && waitsFor(clearance.for) ? { opens } : {}),
      // Only what was ordered, and nothing said of what: asked, and never a bare yes.
      ...((says === 'ordered' || (says && poses.length)) && waitsFor(clearance.for) ? { poses } : {}),
    })) as unknown as PersonDraft['clearances'],
    intake: {
      ...(values.why.trim() ? { why: values.why } : {}),
      ...(values.hopes.length ? { hopes: values.hopes } : {}),
      ...(values.consent.words ? { consent: values.consent } : {}),
      ...(Object.keys(values.dated).length ? { dated: values.dated } : {}),
      ...(values.asked.length ? { asked: values.asked } : {}),
    },
  };
}
