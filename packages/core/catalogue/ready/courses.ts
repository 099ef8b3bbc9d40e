import type { ReadyCourse } from '../../src/authoring/frameWords.js';

/** Courses ready to begin: each is written on from a sequence or a lesson week by week. */
export const READY_COURSES: readonly ReadyCourse[] = [
  {
    id: 'eight-weeks-of-backs',
    title: 'Eight weeks for steady backs',
    about: 'A little further each week; the fourth and the last leave time to settle.',
    weeks: 8,
    from: { sequence: 'steady-backs' },
  },
  {
    id: 'six-weeks-growing',
    title: 'Six weeks with room to grow',
    about: 'Through the second trimester; whoever comes to week 28 on the way is told beside her week.',
    weeks: 6,
    from: { sequence: 'room-to-grow' },
  },
  {
    id: 'ten-weeks-on-your-feet',
    title: 'Ten weeks on your feet',
    about: 'Legs and balance from 65 on, behind a chair.',
    weeks: 10,
    from: { sequence: 'legs-that-carry' },
  },
  {
    id: 'six-nights',
    title: 'Six nights in the garden',
    about: 'A unit of lessons for 6 to 8 years; in the last one the story is theirs.',
    weeks: 6,
    from: { lesson: { band: '6-8', theme: 'night-garden', aim: 'attention', minutes: 30, seed: 41 } },
  },
];
