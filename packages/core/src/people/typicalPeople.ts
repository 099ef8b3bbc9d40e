import { dateAfter } from '../calendar/dates.js';

/** Somebody whom a plan is tried on before anyone is named, written as people are written down. */
export interface TypicalPerson {
  id: string;
  name: string;
  /** As `readPeople` reads it, but for the name. */
  written: Readonly<Record<string, unknown>>;
}

const yearsBefore = (on: string, years: number): string => `${Number(on.slice(0, 4)) - years}-06-01`;

/**
 * People as they come to most halls, on the day of a class. Made up: common practice, no published source.
 *
 * @example typicalPeople('2026-12-01')[2] // 30 weeks pregnant on that day
 */
export const typicalPeople = (on: string): readonly TypicalPerson[] => [
  { id: 'anyone', name: 'Grown, nothing known', written: {} },
  {
    id: 'first-class',
    name: 'First class, 40',
    written: { born: yearsBefore(on, 40), can: { practised: 'new' } },
  },
  {
    id: 'week-30',
    name: 'Week 30 of pregnancy',
    written: { conditions: [{ condition: 'pregnancy', dueDate: dateAfter(on, 70) }] },
  },
  { id: 'seat-only', name: 'Stays on a chair', written: { can: { stand: false, floor: 'no' } } },
  {
    id: 'pressure',
    name: 'Blood pressure not under control',
    written: {
      born: yearsBefore(on, 58),
      conditions: [{ condition: 'high blood pressure', control: 'uncontrolled' }],
    },
  },
  {
    id: 'one-fall',
    name: '78 years, one fall',
    written: { born: yearsBefore(on, 78), screening: { fallsLastYear: 1 } },
  },
  {
    id: 'disc',
    name: 'Low back disc, settled',
    written: { born: yearsBefore(on, 45), conditions: [{ condition: 'disc', phase: 'settled' }] },
  },
  {
    id: 'bone',
    name: 'Thin bone, 68',
    written: {
      born: yearsBefore(on, 68),
      conditions: [{ condition: 'low bone density', bone: 'osteoporosis' }],
    },
  },
  { id: 'child', name: 'Child of 8', written: { born: yearsBefore(on, 8) } },
];
