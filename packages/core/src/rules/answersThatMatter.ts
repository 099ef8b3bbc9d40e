import type { Details, Person } from '../people/types.js';
import type { Catalogue } from '../poses/catalogue.js';
import { openPoses } from './openPoses.js';
import { stagePerson, type StageSettings } from './stagePerson.js';
import type { DetailField } from './types.js';

/** What one answer to a detail of a condition would change. */
export interface DetailAnswer {
  /** As it is kept. */
  value: string | boolean;
  opens: number;
  closes: number;
}

/** A detail that is worth asking about, and what each answer would change beside how things stand. */
export interface DetailThatMatters {
  condition: string;
  key: string;
  answers: readonly DetailAnswer[];
}

const answersOf = (field: DetailField): readonly (string | boolean)[] => {
  if (field.type === 'choice') return field.choices!;
  return field.type === 'boolean' ? [true, false] : [];
};

/** What is in force and said for someone: two that are alike here differ in nothing. */
function standingOf(person: Person, settings: StageSettings): string {
  const { rules, alerts, stages, stopped } = stagePerson(person, settings);
  return JSON.stringify([rules.map(({ rule }) => rule), alerts, stages, stopped]);
}

const withDetail = (person: Person, at: number, key: string, value: Details[string]): Person => ({
  ...person,
  conditions: person.conditions.map((one, i) =>
    i === at ? { ...one, details: { ...one.details, [key]: value } } : one,
  ),
});

/**
 * Which details of someone's conditions are worth asking: of a choice, or a yes or no, those where some answer changes
 * what is in force or said. Dates, numbers and words always are.
 *
 * @returns the details in the order of the conditions; answers only for choices
 */
export function answersThatMatter(
  person: Person,
  settings: StageSettings,
  catalogue: Catalogue,
): DetailThatMatters[] {
  const now = standingOf(person, settings);
  const open = openPoses(person, settings, catalogue);
  return person.conditions.flatMap(({ condition }, at) =>
    settings.rulebook.condition(condition).fields.flatMap((field): DetailThatMatters[] => {
      const { key } = field;
      const answers = answersOf(field).flatMap((value) => {
        const then = withDetail(person, at, key, value);
        if (standingOf(then, settings) === now) return [];
        const opened = openPoses(then, settings, catalogue);
        return [
          {
            value,
            opens: [...opened].filter((pose) => !open.has(pose)).length,
            closes: [...open].filter((pose) => !opened.has(pose)).length,
          },
        ];
      });
      const isChoice = answersOf(field).length > 0;
      return !isChoice || answers.length ? [{ condition, key, answers }] : [];
    }),
  );
}
