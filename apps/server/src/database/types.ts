import type { Today } from '@lotus-steady/core';

/** A person as a class remembers them: their id and what was known, as it would be written. */
export interface ClassPerson {
  id: string;
  person: Record<string, unknown>;
  today: Today;
}

/** A step that was eased or stopped on the day. */
export interface StepChange {
  step: number;
  what: 'eased' | 'stopped';
}
