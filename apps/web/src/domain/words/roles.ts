import type { StaffRole } from '../../data/types.js';

/** What each role is called, and what it may. */
export const ROLE_WORDS: Readonly<Record<StaffRole, { name: string; may: string }>> = {
  owner: {
    name: 'owner',
    may: 'plans, teaches, sees everybody’s health, and says who else may.',
  },
  teacher: {
    name: 'teacher',
    may: 'plans and teaches, and sees everybody’s health.',
  },
  assistant: {
    name: 'assistant',
    may: 'sees what each person does and with which props, and nothing of anybody’s health.',
  },
};
export const ROLES = Object.keys(ROLE_WORDS) as StaffRole[];
