import {
  courseWeeks,
  fillFrame,
  framePeople,
  lessonUnit,
  paceOf,
  writeLesson,
  type Catalogue,
  type Fitter,
  type FramePerson,
  type FrameTools,
  type LessonAsk,
  type OwnVariant,
} from '@lotus-steady/core';
import { AIMS, FRAMES, LESSON_AIMS, LESSON_BANDS, LESSON_WORDS } from '@lotus-steady/core/frames';
import { fitterOf, type DayRules } from './fitWork.js';
import { takeOwn } from './workCatalogue.js';

/** What is to be begun with, by ids: a frame, or a children's lesson with its story. */
export type Beginning =
  | { kind: 'frame'; frame: string; aim: string; minutes: number; seed: number }
  | { kind: 'lesson'; band: string; theme: string; aim: string; minutes: number; seed: number };

/** What a course begins with; a sequence may be for the people of a frame. */
export type CourseBeginning = Beginning | { kind: 'sequence'; source: string; frame?: string };

/** @throws where a list has nothing of that id */
function byId<T extends { id: string }>(list: readonly T[], id: string): T {
  const found = list.find((one) => one.id === id);
  if (!found) throw new Error(`There is no “${id}” to begin with.`);
  return found;
}

let ready: { of: string; catalogue: Catalogue; fitter: Fitter } | undefined;

/** People of a frame ready to be fitted, kept while the same ones are asked for. */
function readyFor(people: readonly FramePerson[], rules: DayRules, own: readonly OwnVariant[]): FrameTools {
  const of = JSON.stringify([people, rules, own]);
  if (ready?.of !== of) {
    const catalogue = takeOwn(own);
    ready = { of, catalogue, fitter: fitterOf(framePeople(people, rules.on), rules, catalogue) };
  }
  return { catalogue: ready.catalogue, fitter: ready.fitter, on: rules.on, pace: paceOf(rules.pace) };
}

/** What a lesson is asked to be, and what it is made with. */
function lessonOf(
  { band: bandId, theme, aim, minutes, seed }: Beginning & { kind: 'lesson' },
  rules: DayRules,
  own: readonly OwnVariant[],
): { ask: LessonAsk; tools: FrameTools } {
  const band = byId(LESSON_BANDS, bandId);
  const children = band.years.map((years) => ({ name: `${years} years`, years, heightCm: band.heightCm }));
  const tools = readyFor(children, rules, own);
  return {
    tools,
    ask: {
      band,
      theme: byId(tools.catalogue.themes, theme),
      aim: byId(LESSON_AIMS, aim),
      minutes,
      seed,
    },
  };
}

/** Writes a class from a frame, under the hall's view. */
export function begin(asked: Beginning, rules: DayRules, own: readonly OwnVariant[]): string {
  if (asked.kind === 'lesson') {
    const { ask, tools } = lessonOf(asked, rules, own);
    return writeLesson(ask, LESSON_WORDS, tools);
  }
  const { minutes, seed } = asked;
  const frame = byId(FRAMES, asked.frame);
  const aim = byId(AIMS, asked.aim);
  return fillFrame(frame, { minutes, aim, seed }, readyFor(frame.people, rules, own));
}

/** Writes a course of so many weeks: from a frame, as a unit of lessons, or from a sequence of hers. */
export function beginCourse(
  asked: CourseBeginning,
  weeks: number,
  rules: DayRules,
  own: readonly OwnVariant[],
): string[] {
  if (asked.kind === 'lesson') {
    const { ask, tools } = lessonOf(asked, rules, own);
    return lessonUnit(ask, weeks, LESSON_WORDS, tools);
  }
  if (asked.kind === 'sequence') {
    const people = asked.frame ? byId(FRAMES, asked.frame).people : [{ name: 'Grown' }];
    return courseWeeks(asked.source, weeks, 1, readyFor(people, rules, own));
  }
  const { people } = byId(FRAMES, asked.frame);
  return courseWeeks(begin(asked, rules, own), weeks, asked.seed, readyFor(people, rules, own));
}
