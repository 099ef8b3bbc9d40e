/** Days of the week, 1 Monday to 7 Sunday. */
export const WEEKDAYS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

/** When a group meets: "Mondays, 10:00". */
export const sayMeets = ({ weekday, time }: { weekday: number; time: string | null }): string =>
  `${WEEKDAYS[weekday - 1]}s${time ? `, ${time}` : ''}`;
