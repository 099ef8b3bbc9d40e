import {
  fillFrame,
  framePeople,
  paceOf,
  writeLesson,
  type Catalogue,
  type Fitter,
  type FramePerson,
  type OwnVariant,
} from '@lotus-steady/core';
import { AIMS, FRAMES, LESSON_AIMS, LESSON_BANDS, LESSON_WORDS } from '@lotus-steady/core/frames';
import { fitterOf, type DayRules } from './fitWork.js';
import { takeOwn } from './workCatalogue.js';

/** What is to be begun with, by ids: a frame, or a children's lesson with its story. */
export type Beginning =
  | { kind: 'frame'; frame: string; aim: string; minutes: number; seed: number }
  | {
      kind: 'lesson';
      band: string;
      theme: string;
      aim: string;
      minutes: number;
      seed: number;
      recalled?: readonly string[];
      isOwnStory?: boolean;
    };

/** @throws where a list has nothing of that id */
function byId<T extends { id: string }>(list: readonly T[], id: string): T {
  const found = list.find((one) => one.id === id);
  if (!found) throw new Error(`There is no “${id}” to begin with.`);
  return found;
}

let ready: { of: string; catalogue: Catalogue; fitter: Fitter } | undefined;

/** People of a frame ready to be fitted, kept while the same ones are asked for. */
function readyFor(people: readonly FramePerson[], rules: DayRules, own: readonly OwnVariant[]) {
  const of = JSON.stringify([people, rules, own]);
  if (ready?.of !== of) {
    const catalogue = takeOwn(own);
    ready = { of, catalogue, fitter: fitterOf(framePeople(people, rules.on), rules, catalogue) };
  }
  return { catalogue: ready.catalogue, fitter: ready.fitter, on: rules.on, pace: paceOf(rules.pace) };
}

/** Writes a class from a frame, under the hall's view. */
export function begin(asked: Beginning, rules: DayRules, own: readonly OwnVariant[]): string {
  const { minutes, seed } = asked;
  if (asked.kind === 'frame') {
    const frame = byId(FRAMES, asked.frame);
    const aim = byId(AIMS, asked.aim);
    return fillFrame(frame, { minutes, aim, seed }, readyFor(frame.people, rules, own));
  }
  const { recalled, isOwnStory } = asked;
  const band = byId(LESSON_BANDS, asked.band);
  const children = band.years.map((years) => ({
    name: `${years} years`,
    years,
    heightCm: band.heightCm,
  }));
  const tools = readyFor(children, rules, own);
  const theme = byId(tools.catalogue.themes, asked.theme);
  const aim = byId(LESSON_AIMS, asked.aim);
  return writeLesson(
    {
      band,
      theme,
      aim,
      minutes,
      seed,
      ...(recalled ? { recalled } : {}),
      ...(isOwnStory ? { isOwnStory } : {}),
    },
    LESSON_WORDS,
    tools,
  );
}
