import {
  BookOpenText,
  CalendarDays,
  House,
  Info,
  ListOrdered,
  PersonStanding,
  Scale,
  UsersRound,
  type LucideIcon,
} from 'lucide-react';

/** Where one can go, in the order of the work; then what one looks things up in. */
export const DOORS: readonly { to: string; name: string; Icon: LucideIcon }[] = [
  { to: '/classes', name: 'Classes', Icon: CalendarDays },
  { to: '/sequences', name: 'Sequences', Icon: ListOrdered },
  { to: '/people', name: 'People', Icon: UsersRound },
  { to: '/atlas', name: 'Atlas', Icon: PersonStanding },
  { to: '/rulebook', name: 'Rulebook', Icon: BookOpenText },
  { to: '/house-view', name: 'House view', Icon: Scale },
  { to: '/hall', name: 'Hall', Icon: House },
  { to: '/about', name: 'About', Icon: Info },
];
/** So many are on the bottom bar of a phone; the rest are behind *More*. */
export const ON_THE_BAR = 4;
