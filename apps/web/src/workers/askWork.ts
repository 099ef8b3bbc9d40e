import {
  answersThatMatter,
  answersThatOpen,
  nextChanges,
  openPoses,
  poseChanges,
  posesFor,
  readPeople,
  type Change,
  type DetailThatMatters,
  type OpenQuestion,
  type Person,
  type PoseChanges,
  type StageSettings,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { PersonLine } from '../data/types.js';
import { workCatalogue } from './workCatalogue.js';

type Settings = Pick<StageSettings, 'on' | 'houseView' | 'hall'>;

/** Someone as they were read; undefined where something entered no longer holds. */
function read({ version: _version, ...written }: PersonLine, on: string): Person | undefined {
  const { people, errors } = readPeople([written], RULEBOOK, on);
  return errors.length ? undefined : people[0];
}

const whole = (settings: Settings): StageSettings => ({
  ...settings,
  rulebook: RULEBOOK,
  poseName: workCatalogue().poseName,
});

/** Poses that are open to someone: what serves what they hope for, the most first, and how many of all. */
export interface PosesFor {
  good: readonly string[];
  open: readonly string[];
  out: readonly string[];
}

/** What is worked out for one person over the whole catalogue, or over the days to come. */
export const askWork = {
  /** What one good answer would open for someone; nothing where something entered no longer holds. */
  opens(line: PersonLine, settings: Settings): OpenQuestion[] {
    const person = read(line, settings.on);
    return person ? answersThatOpen(person, whole(settings), workCatalogue()) : [];
  },
  /** Which details of someone's conditions are worth asking, and what each answer changes. */
  matters(line: PersonLine, settings: Settings): DetailThatMatters[] {
    const person = read(line, settings.on);
    return person ? answersThatMatter(person, whole(settings), workCatalogue()) : [];
  },
  /** What something newly known of someone changes. */
  changes(before: PersonLine, after: PersonLine, settings: Settings): PoseChanges {
    const [was, is] = [read(before, settings.on), read(after, settings.on)];
    return was && is ? poseChanges(was, is, whole(settings), workCatalogue()) : { opens: [], closes: [] };
  },
  /** The next days on which something changes for someone; none where something entered no longer holds. */
  ahead(line: PersonLine, settings: Settings): Change[] {
    const person = read(line, settings.on);
    return person ? nextChanges(person, whole(settings)) : [];
  },
  /** What is open to someone, what of it serves what they hope for, and what is out. */
  posesOf(line: PersonLine, settings: Settings): PosesFor {
    const person = read(line, settings.on);
    if (!person) return { good: [], open: [], out: [] };
    const { poses } = workCatalogue();
    const open = openPoses(person, whole(settings), workCatalogue());
    const may = poses.filter(({ id }) => open.has(id));
    return {
      good: posesFor(person.intake?.hopes ?? [], may).map(({ id }) => id),
      open: may.map(({ id }) => id),
      out: poses.filter(({ id }) => !open.has(id)).map(({ id }) => id),
    };
  },
};
