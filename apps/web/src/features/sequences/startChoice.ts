import { AIMS, FRAMES, LESSON_AIMS, LESSON_BANDS } from '@lotus-steady/core/frames';
import type { Beginning } from '../../workers/beginWork.js';

/** Somebody a class can be begun for: a frame, or an age of children. */
export interface StartFor {
  id: string;
  name: string;
  about: string;
  minutes: { least: number; usual: number; most: number };
  isLesson: boolean;
}

const lessons = LESSON_BANDS.map(({ id, name, minutes }): StartFor => ({
  id: `children-${id}`,
  name: `Children, ${name}`,
  about: 'A whole lesson with the words to say: signal, breath game, story, balance, quiet, rest.',
  minutes,
  isLesson: true,
}));

/** Everybody a class can be begun for. */
export const STARTS: readonly StartFor[] = [
  ...FRAMES.map(({ id, name, about, minutes }) => ({ id, name, about, minutes, isLesson: false })),
  ...lessons,
];

/** What is chosen on the page, as its address says it. */
export interface StartChoice {
  start: StartFor;
  aims: readonly { id: string; name: string }[];
  aim: string;
  theme: string;
  minutes: number;
  seed: number;
}

const within = (value: number, { least, most }: StartFor['minutes']): number =>
  Math.min(most, Math.max(least, value));

/** Reads an address; what it does not say, or what is not there, is the usual. */
export function choiceOf(params: URLSearchParams, themes: readonly { id: string }[]): StartChoice {
  const start = STARTS.find(({ id }) => id === params.get('for')) ?? STARTS[0]!;
  const aims = start.isLesson ? LESSON_AIMS : AIMS;
  const known = (list: readonly { id: string }[], key: string): string =>
    (list.find(({ id }) => id === params.get(key)) ?? list[0]!).id;
  const minutes = Number(params.get('minutes')) || start.minutes.usual;
  return {
    start,
    aims,
    aim: known(aims, 'aim'),
    theme: known(themes, 'story'),
    minutes: within(Math.round(minutes), start.minutes),
    seed: Math.abs(Math.trunc(Number(params.get('nr')))) || 1,
  };
}

/** What the worker is asked to begin. */
export const beginningOf = ({ start, aim, theme, minutes, seed }: StartChoice): Beginning =>
  start.isLesson
    ? { kind: 'lesson', band: start.id.replace('children-', ''), theme, aim, minutes, seed }
    : { kind: 'frame', frame: start.id, aim, minutes, seed };
