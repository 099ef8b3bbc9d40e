import { retitled } from '../reading/retitled.js';
import { parseSequence } from '../reading/parseSequence.js';
import type { FrameTools } from './tools.js';
import type { LessonWords } from './lessonTypes.js';
import { shapesOf, writeLesson, type LessonAsk } from './writeLesson.js';

/**
 * A unit of children's lessons over weeks: each calls to mind the shapes of the one before and brings new ones; in the
 * last the story is the children's own.
 *
 * @param first what its first lesson is asked to be
 */
export function lessonUnit(first: LessonAsk, weeks: number, words: LessonWords, tools: FrameTools): string[] {
  let recalled: readonly string[] = [];
  return Array.from({ length: weeks }, (_, i) => {
    const isOwnStory = i === weeks - 1;
    const lesson = writeLesson({ ...first, seed: first.seed + i, recalled, isOwnStory }, words, tools);
    recalled = shapesOf(lesson, first.theme);
    const { title } = parseSequence(lesson, tools.catalogue).sequence;
    return retitled(lesson, `${title}, week ${i + 1}`, tools.catalogue);
  });
}
