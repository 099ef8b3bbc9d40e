/** The types that frames of classes and children's lessons are made of. */
export type { BreathGame, LessonAim, LessonBand, LessonWords } from '../frames/lessonTypes.js';
export type { Aim, Frame, FrameSlot, ReadyCourse, ReadySequence, SlotFrom } from '../frames/types.js';
