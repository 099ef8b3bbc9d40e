import { USUAL_BODY, type GivingJoint } from '../body/bodyRanges.js';
import { ageOn } from '../calendar/dates.js';
import { CAREFUL_FROM } from '../people/abilities.js';
import { atAge } from '../people/norms.js';
import type { Person } from '../people/types.js';
import type { Catalogue } from '../poses/catalogue.js';
import { openPoses } from './openPoses.js';
import type { StageSettings } from './stagePerson.js';

/** Something that is not known of someone, and which poses it would open if the answer were good. */
export interface OpenQuestion {
  /** What is to be asked or tested, and the good answer, as words: "gets up from the floor alone". */
  asks: string;
  /** Poses, by id, whose usual variant would be open then. */
  opens: readonly string[];
}

/** Ranges worth measuring, as words before the degrees. */
const REACHES = [
  ['hipFlexion', 'the hips bend'],
  ['hipFlexionWithKneeStraight', 'a straight leg lifts'],
  ['shoulderFlexion', 'both arms lift'],
] as const;

/** What nobody knows of someone, each with the person as they would be with a good answer. */
function unanswered(person: Person, { on, rulebook }: StageSettings): { asks: string; then: Person }[] {
  const { can, screening, born, sex } = person;
  const age = born === undefined ? CAREFUL_FROM : ageOn(born, on);
  const { men, women } = atAge(rulebook.norms.chairStands.byAge, age);
  const stands = Math.ceil(sex === 'man' ? men : women);
  const told = (more: Partial<Person['can']>): Person => ({ ...person, can: { ...can, ...more } });
  const tested = (more: Partial<Person['screening']>): Person => ({
    ...person,
    screening: { ...screening, ...more },
  });
  const measured = (more: Person['ranges']): Person => ({ ...person, ranges: { ...more, ...person.ranges } });
  const isUnmeasured = (joint: GivingJoint): boolean =>
    person.ranges[`${joint}Right` as 'hipFlexionRight'] === undefined ||
    person.ranges[`${joint}Left` as 'hipFlexionLeft'] === undefined;
  const onBothSides = (joint: 'hipFlexion' | 'hipFlexionWithKneeStraight' | 'shoulderFlexion'): Person =>
    measured({ [`${joint}Right`]: USUAL_BODY[joint], [`${joint}Left`]: USUAL_BODY[joint] });
  return [
    ...REACHES.flatMap(([joint, asks]) =>
      isUnmeasured(joint) ? [{ asks: `${asks} ${USUAL_BODY[joint]} degrees`, then: onBothSides(joint) }] : [],
    ),
    ...(can.floor ? [] : [{ asks: 'gets up from the floor alone', then: told({ floor: 'alone' }) }]),
    ...(can.practised ? [] : [{ asks: 'has practised for years', then: told({ practised: 'years' }) }]),
    ...(screening.oneLegSeconds === undefined
      ? [{ asks: 'stands on one leg for 10 seconds', then: tested({ oneLegSeconds: 10 }) }]
      : []),
    ...(screening.chairStands === undefined && age >= CAREFUL_FROM
      ? [
          {
            asks: `stands up from a chair ${stands} times in 30 seconds`,
            then: tested({ chairStands: stands }),
          },
        ]
      : []),
  ];
}

/**
 * What one good answer would open for someone: each thing that nobody has asked or tested, by itself, the most first.
 * What opens nothing is left out, for it need not be asked.
 */
export function answersThatOpen(
  person: Person,
  settings: StageSettings,
  catalogue: Catalogue,
): OpenQuestion[] {
  const now = openPoses(person, settings, catalogue);
  return unanswered(person, settings)
    .map(({ asks, then }) => ({
      asks,
      opens: [...openPoses(then, settings, catalogue)].filter((pose) => !now.has(pose)),
    }))
    .filter(({ opens }) => opens.length)
    .sort((a, b) => b.opens.length - a.opens.length);
}
