/** Whose page it is: somebody's with an account, or a person's own. */
type Kind = 'session' | 'mine';

/**
 * What goes with every change, so that the server knows it was asked for here: a cookie that only its pages read.
 *
 * @param cookies as `document.cookie` has them
 * @param port of the address, `''` where it names none: another server on this computer has its own
 * @example changeToken('session', 'lotus-session-token-4310=abc', '4310') // 'abc'
 */
export function changeToken(kind: Kind, cookies: string, port: string): string | undefined {
  const named = cookies
    .split('; ')
    .map((cookie) => cookie.split('=') as [string, string])
    .filter(([name]) => new RegExp(`^(__Host-)?lotus-${kind}-token(-\\d+)?$`).test(name));
  // Where a page is served by another port than answers it, as while it is worked on, there is one alone.
  const own = named.find(([name]) => name.endsWith(`token${port ? `-${port}` : ''}`)) ?? named[0];
  return own?.[1];
}

/**
 * Whether somebody seems to be signed in: what the hall holds is then asked for at once, and not after the server has
 * said who she is. Where her session has ended she signs in again all the same.
 */
export const seemsSignedIn = (): boolean =>
  changeToken('session', document.cookie, window.location.port) !== undefined;

/** For a request: by its address. */
export const tokenFor = (url: string): string | undefined =>
  changeToken(/\/api\/mine(\/|$)/.test(url) ? 'mine' : 'session', document.cookie, window.location.port);
