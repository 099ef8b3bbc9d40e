import type { InputError } from '@lotus-steady/core';

/** What the server said was wrong: a sentence, and the fields it is about. */
export class ApiError extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly fields: readonly InputError[] = [],
  ) {
    super(message);
  }
}

/** Calls the API. @throws ApiError with words a person can act on */
export async function call<T>(
  path: string,
  method: 'GET' | 'POST' | 'PUT' | 'DELETE' = 'GET',
  body?: unknown,
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
    throw new ApiError('The program on this computer does not answer. Is it still running?', 0);
  }
  if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T;
  const problem = (await response.json().catch(() => ({}))) as { message?: string; fields?: InputError[] };
  throw new ApiError(problem.message ?? 'Something went wrong.', response.status, problem.fields);
}
