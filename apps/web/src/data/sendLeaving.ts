import { tokenFor } from './session/changeToken.js';

/**
 * Sends a change while the window closes: the browser brings it to its end, and nobody is there for an answer.
 *
 * @param change method, headers and body, as {@link fetch} takes them
 */
export function sendLeaving(url: string, { headers, ...change }: RequestInit): void {
  const sent = new Headers(headers);
  sent.set('Content-Type', 'application/json');
  const token = tokenFor(new URL(url, window.location.href).href);
  if (token) sent.set('X-Lotus-Token', token);
  void fetch(url, { ...change, headers: sent, keepalive: true });
}
