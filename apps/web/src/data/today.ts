let now = '';

/** Today's date where the hall is, `YYYY-MM-DD`: the server's one clock says it with the hall. */
export const today = (): string => now;

export function setToday(date: string): void {
  now = date;
}
