import { ANOTHER_KITCHEN, problemSchema, type Problem } from '@omtel/core/api';
import type { FetchBaseQueryError } from '@reduxjs/toolkit/query';
import type { SerializedError } from '@reduxjs/toolkit';

export type QueryError = FetchBaseQueryError | SerializedError | undefined;

/** The sentence for the cook behind an error of a request. */
export const sentenceOf = (error: QueryError): string =>
  saidOf(error) ?? 'The kitchen’s server cannot be reached. Nothing is lost; try again shortly.';

/** Why the server cannot be reached, in few words. */
export const whyAway = (error: QueryError): string =>
  saidOf(error) ?? 'The kitchen’s server cannot be reached.';

/** What the server itself said of it; null where it was not it that answered. */
const saidOf = (error: QueryError): string | null => problemIn(error)?.detail ?? null;

function problemIn(error: QueryError): Problem | null {
  if (!error || !('data' in error)) return null;
  const parsed = problemSchema.safeParse(typeof error.data === 'string' ? safeJson(error.data) : error.data);
  return parsed.success ? parsed.data : null;
}

/** Not signed in, rather than out of reach, or signed in to another kitchen since. */
export const isSignedOut = (error: QueryError): boolean =>
  Boolean(error && 'status' in error && error.status === 401 && problemIn(error)?.type !== ANOTHER_KITCHEN);

/** Said by what stands between here and the server, by a server without its database, and by one of another version. */
const AWAY = new Set([426, 502, 503, 504]);

/** The server was not reached, or what answered was not it: the same may well be answered later. */
export function isOutOfReach(error: QueryError): boolean {
  if (!error || !('status' in error)) return false;
  const { status } = error;
  if (status === 'PARSING_ERROR') return error.originalStatus < 300 || AWAY.has(error.originalStatus);
  return typeof status === 'number' ? AWAY.has(status) : status !== 'CUSTOM_ERROR';
}

/** Signed out, timed out, of another version, asked too often: the same may well be taken later. */
const PASSING = new Set([401, 408, 425, 426, 429]);

/** The server fails at what it was sent; out of reach it would have said 503, or nothing. */
const FAILS_AT_IT = 500;

/** The server said no, or fails at it: sending the same again would not help. */
export const isRefused = (error: QueryError): boolean =>
  Boolean(
    error &&
    'status' in error &&
    typeof error.status === 'number' &&
    error.status >= 400 &&
    error.status <= FAILS_AT_IT &&
    !PASSING.has(error.status),
  );

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    if (error instanceof SyntaxError) return null;
    throw error;
  }
}
