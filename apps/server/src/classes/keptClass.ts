import type { ClassColumns, FittedKeptClass } from './class.repository.js';
import type { KeptFitting } from './unpackedFitting.js';

/** The fitting of a class that has one, as a thread reads it. */
export const keptOf = ({ people, fitting }: FittedKeptClass): KeptFitting => ({
  bytes: fitting!.fitting,
  format: fitting!.format,
  people: people.map(({ id, name }) => ({ id, name })),
});

/** The class as it is kept, as a draft to be fitted again. */
export const draftOf = ({
  title,
  on,
  time,
  place,
  sequenceId,
  groupId,
  sequenceText,
  people,
  ownView,
  choices,
}: ClassColumns) => ({
  title,
  on,
  ...(time ? { time } : {}),
  ...(place ? { place } : {}),
  ...(sequenceId ? { sequenceId } : {}),
  ...(groupId ? { groupId } : {}),
  sequenceText,
  people: people.map(({ id, today }) => ({ id, today: { ...today } })),
  houseView: ownView,
  choices: { ...choices },
});
