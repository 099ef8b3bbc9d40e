import {
  followedChoices,
  NO_CHOICES,
  parseSequence,
  type Choices,
  type HouseView,
  type Today,
} from '@lotus-steady/core';
import { catalogue } from '../../data/catalogue.js';
import { today } from '../../data/today.js';
import type { ClassDraft, ClassWhole } from '../../data/types.js';
import { sayDate } from '../../domain/words/say.js';
import { differing, type Difference } from '../../ui/differences.js';

/** A class as its form has it: every value as it is typed, people by id with how they are today. */
export interface PlanValues {
  title: string;
  on: string;
  time: string;
  place: string;
  sequenceText: string;
  /** The sequence of the library that it begins from; empty where it is none of them. */
  sequenceId: string;
  /** The group that it is of; empty where it is of none. */
  groupId: string;
  people: Record<string, Today>;
  /** Only where the class differs from the hall. */
  houseView: Record<string, string>;
  choices: Choices;
}

export const emptyPlan = (): PlanValues => ({
  title: '',
  on: today(),
  time: '',
  place: '',
  sequenceText: '',
  sequenceId: '',
  groupId: '',
  people: {},
  houseView: {},
  choices: NO_CHOICES,
});

export const planOf = (known: ClassWhole, hall: HouseView): PlanValues => ({
  title: known.title,
  on: known.on,
  time: known.time ?? '',
  place: known.place ?? '',
  sequenceText: known.sequenceText,
  sequenceId: known.sequenceId ?? '',
  groupId: known.groupId ?? '',
  people: Object.fromEntries(known.people.map(({ id, today: state }) => [id, state])),
  houseView: Object.fromEntries(
    Object.entries(known.houseView).filter(([topic, position]) => hall[topic] !== position),
  ),
  choices: known.choices,
});

/** What each step says. */
const stepTexts = (source: string): string[] =>
  parseSequence(source, catalogue()).sequence.steps.map(({ text }) => text);

/** What is sent. `start`: the plan before it was changed; the teacher's choices follow their steps. */
export const draftOf = (plan: PlanValues, start: PlanValues, title: string): ClassDraft => ({
  title,
  on: plan.on,
  sequenceText: plan.sequenceText,
  people: Object.entries(plan.people).map(([id, state]) => ({ id, today: state })),
  houseView: plan.houseView,
  choices:
    plan.sequenceText === start.sequenceText
      ? start.choices
      : followedChoices(start.choices, stepTexts(start.sequenceText), stepTexts(plan.sequenceText)),
  ...(plan.time ? { time: plan.time } : {}),
  ...(plan.place ? { place: plan.place } : {}),
  ...(plan.sequenceId ? { sequenceId: plan.sequenceId } : {}),
  ...(plan.groupId ? { groupId: plan.groupId } : {}),
});

const onlyIn = (text: string, other: string): string => {
  const known = new Set(other.split('\n'));
  return text
    .split('\n')
    .filter((line) => line.trim() && !known.has(line))
    .join('\n');
};

/** Two plans of one class side by side, where they differ. */
export function planDifferences(
  mine: PlanValues,
  theirs: PlanValues,
  people: readonly { id: string; name: string }[],
): Difference[] {
  const names = (plan: PlanValues): string =>
    people
      .filter(({ id }) => id in plan.people)
      .map(({ name }) => name)
      .join(', ');
  return differing([
    ['Title', mine.title, theirs.title],
    ['Date', sayDate(mine.on), sayDate(theirs.on)],
    ['Time', mine.time, theirs.time],
    ['Place', mine.place, theirs.place],
    ['Who is coming', names(mine), names(theirs)],
    [
      'Only in this sequence',
      onlyIn(mine.sequenceText, theirs.sequenceText),
      onlyIn(theirs.sequenceText, mine.sequenceText),
    ],
  ]);
}
