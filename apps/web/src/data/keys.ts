/** Under which keys readings are cached. */
export const keys = {
  hall: ['hall'],
  classes: ['classes'],
  class: (id: string) => ['classes', id],
  classInputs: (id: string) => ['classes', id, 'inputs'],
  recheck: (id: string) => ['classes', id, 'recheck'],
  people: ['people'],
  person: (id: string) => ['people', id],
  sequences: ['sequences'],
  ownVariants: ['own-variants'],
} as const;
