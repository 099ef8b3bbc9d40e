/** How long is waited before a change that was not answered is sent again, milliseconds. */
const WAITS = [300, 1200];
/** What a server says, or whoever stands before several, that cannot be reached just now. */
const UNREACHED = new Set([502, 503, 504]);

/**
 * Sends a request. A change goes under a key of its own, an `Idempotency-Key`, so that it may be sent again where
 * nothing answered: it is made once, though the first answer alone was lost.
 *
 * @param waits milliseconds before the second time, the third …
 * @throws TypeError where nothing answers
 */
export async function sentOnce(request: Request, waits: readonly number[] = WAITS): Promise<Response> {
  if (request.method === 'GET') return fetch(request);
  request.headers.set('Idempotency-Key', crypto.randomUUID());
  for (const wait of waits) {
    const response = await fetch(request.clone()).catch((error: unknown) => {
      if (request.signal.aborted) throw error;
    });
    if (response && !UNREACHED.has(response.status)) return response;
    await new Promise((resolve) => setTimeout(resolve, wait));
  }
  return fetch(request);
}
