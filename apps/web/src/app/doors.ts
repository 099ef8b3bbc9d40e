import {
  BookOpenText,
  CalendarDays,
  House,
  Info,
  ListOrdered,
  PersonStanding,
  Scale,
  Sun,
  UsersRound,
  type LucideIcon,
} from 'lucide-react';

/** Somewhere one can go. */
export interface Door {
  to: string;
  name: string;
  Icon: LucideIcon;
  /** Whoever helps in the room goes there too. */
  forAssistants?: true;
}

/** In the order of the work; then what one looks things up in. */
const DOORS: readonly Door[] = [
  { to: '/', name: 'Today', Icon: Sun },
  { to: '/classes', name: 'Classes', Icon: CalendarDays, forAssistants: true },
  { to: '/sequences', name: 'Sequences', Icon: ListOrdered },
  { to: '/people', name: 'People', Icon: UsersRound },
  { to: '/atlas', name: 'Atlas', Icon: PersonStanding, forAssistants: true },
  { to: '/rulebook', name: 'Rulebook', Icon: BookOpenText, forAssistants: true },
  { to: '/house-view', name: 'House view', Icon: Scale },
  { to: '/hall', name: 'Hall', Icon: House },
  { to: '/about', name: 'About', Icon: Info, forAssistants: true },
];

/** Where somebody can go. */
export const doorsFor = (role: string): readonly Door[] =>
  role === 'assistant' ? DOORS.filter(({ forAssistants }) => forAssistants) : DOORS;

/** So many are on the bottom bar of a phone; the rest are behind *More*. */
export const ON_THE_BAR = 4;
