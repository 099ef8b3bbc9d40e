/** Under which keys readings are cached. */
export const keys = {
  hall: ['hall'],
  classes: ['classes'],
  classList: (when: 'coming' | 'past') => ['classes', 'list', when],
  class: (id: string) => ['classes', id],
  classInputs: (id: string) => ['classes', id, 'inputs'],
  recheck: (id: string) => ['classes', id, 'recheck'],
  people: ['people'],
  peopleFound: (words: string) => ['people', 'found', words],
  peopleByIds: (ids: readonly string[]) => ['people', 'ids', ...ids],
  person: (id: string) => ['people', id],
  sequences: ['sequences'],
  sequence: (id: string) => ['sequences', id],
  sequenceVersions: (id: string) => ['sequences', id, 'versions'],
  sequenceVersion: (id: string, version: number) => ['sequences', id, 'versions', version],
  /** `under`: all else a try depends on, the day's rules and the hall's own variants. */
  sketch: (source: string, people: readonly unknown[], under: object) => ['sketch', source, people, under],
  courses: ['courses'],
  course: (id: string) => ['courses', id],
  begun: (asked: object, under: object) => ['begun', asked, under],
  ownVariants: ['own-variants'],
} as const;
