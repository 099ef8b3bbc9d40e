/** How it stands with what is saved as it is typed, in words. */
export const SAVED_WORDS = {
  saved: 'All changes saved',
  saving: 'Saving',
  waiting: 'Saving',
  'not-saved': 'Not saved yet',
  conflict: 'Not saved yet',
} as const;
