import { format } from 'date-fns';

/**
 * A moment as a day and a time of this computer.
 *
 * @param moment ISO 8601, with its zone
 * @example sayDay('2026-12-01T09:30:00Z') // 'Tue 1 December, 09:30'
 */
export const sayDay = (moment: string): string => format(new Date(moment), 'EEE d MMMM, HH:mm');
