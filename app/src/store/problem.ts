import { problemSchema } from '@omtel/core/api';
import type { FetchBaseQueryError } from '@reduxjs/toolkit/query';
import type { SerializedError } from '@reduxjs/toolkit';

export type QueryError = FetchBaseQueryError | SerializedError | undefined;

/** The sentence for the cook behind an error of a request. */
export function sentenceOf(error: QueryError): string {
  if (error && 'data' in error) {
    const parsed = problemSchema.safeParse(
      typeof error.data === 'string' ? safeJson(error.data) : error.data,
    );
    if (parsed.success) return parsed.data.detail;
  }
  return 'The kitchen’s server cannot be reached. Nothing is lost; try again shortly.';
}

/** Not signed in, rather than out of reach. */
export const isSignedOut = (error: QueryError): boolean =>
  Boolean(error && 'status' in error && error.status === 401);

/** Signed out, timed out, asked too often: the same may well be taken later. */
const PASSING = new Set([401, 408, 425, 429]);

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
