import { LIMBS, type Can, type Limb } from '@lotus-steady/core';

/** A question of what someone can do, and its answers; nothing chosen is not known. */
interface CanQuestion {
  key: Exclude<keyof Can, 'stand' | 'kneel' | 'limbs'>;
  label: string;
  answers: readonly (readonly [value: string, words: string])[];
}

const YES_NO = [
  ['yes', 'yes'],
  ['no', 'no'],
] as const;

/** What decides most of what someone may do, in the order of the form. */
export const CAN_QUESTIONS: readonly CanQuestion[] = [
  {
    key: 'floor',
    label: 'Up from the floor',
    answers: [
      ['alone', 'alone'],
      ['chair', 'with a chair'],
      ['help', 'with help'],
      ['no', 'no'],
    ],
  },
  {
    key: 'chair',
    label: 'Up from a chair',
    answers: [
      ['free', 'without hands'],
      ['hands', 'with hands'],
      ['help', 'with help'],
    ],
  },
  {
    key: 'oneLeg',
    label: 'On one leg',
    answers: [
      ['long', '10 s and more'],
      ['moment', 'a moment'],
      ['no', 'no'],
    ],
  },
  {
    key: 'walks',
    label: 'Walks',
    answers: [
      ['free', 'freely'],
      ['stick', 'with a stick'],
      ['frame', 'with a frame'],
    ],
  },
  {
    key: 'practised',
    label: 'Has practised',
    answers: [
      ['new', 'not yet'],
      ['months', 'for months'],
      ['years', 'for years'],
    ],
  },
  { key: 'hands', label: 'Weight on the hands', answers: YES_NO },
  { key: 'overhead', label: 'Reaches overhead', answers: YES_NO },
  { key: 'flat', label: 'Lies flat on the back', answers: YES_NO },
  { key: 'sits', label: 'Sits without a back', answers: YES_NO },
];

/** Limbs, and what may be the matter with one. */
export const LIMB_LABELS: Readonly<Record<Limb, string>> = {
  rightArm: 'Right arm',
  leftArm: 'Left arm',
  rightLeg: 'Right leg',
  leftLeg: 'Left leg',
};
export const LIMB_ANSWERS = [
  ['weak', 'weak'],
  ['still', 'does not move by itself'],
  ['missing', 'missing'],
] as const;

/** An answer as its field shows it. */
export function asAnswer(value: string | boolean | undefined): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return value ?? '';
}

/** What was answered, as words: "Walks: with a stick". */
export const canAnswers = (can: Can): string[] => [
  ...CAN_QUESTIONS.flatMap(({ key, label, answers }) => {
    const answer = answers.find(([one]) => one === asAnswer(can[key]));
    return answer ? [`${label}: ${answer[1]}`] : [];
  }),
  ...LIMBS.flatMap((limb) => {
    const answer = LIMB_ANSWERS.find(([one]) => one === can.limbs?.[limb]);
    return answer ? [`${LIMB_LABELS[limb]}: ${answer[1]}`] : [];
  }),
];
