import type { IntakeGroup } from '@lotus-steady/core';

/** What each group of questions is called, and what is asked first. */
export const GROUP_WORDS: Readonly<Record<IntakeGroup, readonly [name: string, ask: string]>> = {
  who: ['Who', 'Name, age, and how to speak of them.'],
  why: ['Why', 'What brings them here?'],
  health: [
    'Health',
    'Is there anything with heart, back, joints, eyes, breath, nerves? Pregnant, or lately given birth?',
  ],
  dates: [
    'Dates and details',
    'Since when, which side, how far along? Only what changes something is asked.',
  ],
  body: ['Body', 'Height, and what was counted and timed.'],
  hurts: ['What hurts', 'Where is there pain?'],
  can: ['What they can do', 'A tap each. What stays open is read from what people of that age can do.'],
  hopes: ['Hopes', 'What should be better in three months?'],
  consent: ['Consent', 'What is kept, and who sees it.'],
};
