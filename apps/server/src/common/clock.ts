/** The one clock of the server. */
export class Clock {
  /** @param fixed a day that it always is, `YYYY-MM-DD`; the real one unless given */
  constructor(private readonly fixed?: string) {}

  /** Today's date where a hall is, `YYYY-MM-DD`. @param timeZone an IANA name, like `Europe/London` */
  today(timeZone: string): string {
    // Canadian English writes dates as we do.
    return this.fixed ?? new Intl.DateTimeFormat('en-CA', { timeZone }).format(new Date());
  }
}
