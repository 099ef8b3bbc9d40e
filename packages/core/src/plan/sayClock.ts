/**
 * Seconds as minutes and seconds, to the nearest second.
 *
 * @example sayClock(88) // '1:28'; sayClock(119.6) // '2:00'
 */
export function sayClock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
