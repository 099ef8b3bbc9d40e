import type { InputError } from '@lotus-steady/core';
import createClient from 'openapi-fetch';
import type { operations, paths } from './contract.js';
import { setAnswered } from './reach.js';
import { sentOnce } from './sentOnce.js';
import { tokenFor } from './session/changeToken.js';
import { sayIsSignedOut } from './session/signedOut.js';

/** What the server said was wrong: a sentence, and the fields it is about. */
export class ApiError extends Error {
  constructor(
    message: string,
    /** 0 where nothing answered. */
    readonly status: number,
    readonly fields: readonly InputError[] = [],
    /** With 409: how it stands now. */
    readonly current?: Readonly<Record<string, unknown>>,
    /** With 401: what is still needed. */
    readonly needs?: string,
  ) {
    super(message);
  }
}

/** Asked for by whoever is not signed in yet; a person's own page says itself that it is closed. */
const IS_A_WAY_IN = /\/api\/(session|links|mine)(\/|$)/;

/** What was wrong with fields of what was sent; empty where it was something else. */
export const fieldsOf = (error: Error | null): readonly InputError[] =>
  error instanceof ApiError ? error.fields : [];

/** How something stands now, where someone else has saved it in between. */
export const savedMeanwhile = <T>(error: Error | null): T | undefined =>
  error instanceof ApiError && error.status === 409 ? (error.current as T) : undefined;

/** The API, typed by its contract. */
export const client = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => {
    const token = tokenFor(request.url);
    if (token && request.method !== 'GET') request.headers.set('X-Lotus-Token', token);
    return sentOnce(request);
  },
});

/** What an operation of the contract answers, by its name there. */
export type AnswerOf<Name extends keyof operations> = operations[Name]['responses'] extends
  | { 200: { content: { 'application/json': infer Body } } }
  | { 201: { content: { 'application/json': infer Body } } }
  ? Body
  : undefined;

/**
 * What a call answered.
 *
 * @example answered<AnswerOf<'Hall.current'>>(client.GET('/api/hall'))
 * @throws ApiError with words a person can act on
 */
export async function answered<T>(
  call: Promise<{ data?: unknown; error?: unknown; response: Response }>,
): Promise<T> {
  const answer = await call.catch(() => {
    setAnswered(false);
    throw new ApiError('The program on this computer does not answer. Is it still running?', 0);
  });
  const { data, error, response } = answer;
  setAnswered(true);
  if (response.ok) return data as T;
  const problem = (error ?? {}) as Partial<ApiError>;
  if (response.status === 401 && !IS_A_WAY_IN.test(response.url)) sayIsSignedOut();
  throw new ApiError(
    problem.message ?? 'Something went wrong.',
    response.status,
    problem.fields,
    problem.current,
    problem.needs,
  );
}

/** Saves on the version that was read. */
export const ifMatch = (version: number) => ({ 'If-Match': `"${version}"` });
