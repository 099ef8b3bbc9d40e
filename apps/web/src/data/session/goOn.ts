/** The address that was asked for before signing in; a screen of ours, or the first one. */
export function placeAfter(search: string): string {
  const then = new URLSearchParams(search).get('then') ?? '';
  return /^\/[^/\\]/.test(then) ? then : '/classes';
}

/** Goes on as somebody else, or elsewhere: nothing that was read before is kept. */
export const goOn = (to: string): void => window.location.assign(to);
