import {
  courseWeeks,
  fillFrame,
  framePeople,
  lessonUnit,
  NO_CHOICES,
  paceOf,
  parseSequence,
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

/** A class that was begun, and what it comes to for those it was made for. */
export interface Begun {
  source: string;
  /** Minutes as it is written. */
  minutes: number;
  /** Who would do some of it otherwise, and how many steps: under a strict view a frame may not be filled wholly. */
  otherwise: readonly { person: string; steps: number }[];
}

/** Writes a class from a frame, under the hall's view, and holds it against its people. */
export function begin(asked: Beginning, rules: DayRules, own: readonly OwnVariant[]): Begun {
  const { source, tools } = written(asked, rules, own);
  const { sequence } = parseSequence(source, tools.catalogue);
  const { lanes, minutes } = tools.fitter.fit(sequence, NO_CHOICES);
  const otherwise = lanes.flatMap(({ person, steps }) => {
    const others = new Set(steps.filter(({ verdict }) => verdict !== 'as-written').map(({ step }) => step));
    return others.size ? [{ person, steps: others.size }] : [];
  });
  return { source, minutes: minutes.written, otherwise };
}

function written(
  asked: Beginning,
  rules: DayRules,
  own: readonly OwnVariant[],
): { source: string; tools: FrameTools } {
  if (asked.kind === 'lesson') {
    const { ask, tools } = lessonOf(asked, rules, own);
    return { source: writeLesson(ask, LESSON_WORDS, tools), tools };
  }
  const { minutes, seed } = asked;
  const frame = byId(FRAMES, asked.frame);
  const tools = readyFor(frame.people, rules, own);
  return { source: fillFrame(frame, { minutes, aim: byId(AIMS, asked.aim), seed }, tools), tools };
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
  return courseWeeks(written(asked, rules, own).source, weeks, asked.seed, readyFor(people, rules, own));
}
