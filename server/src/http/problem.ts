import { ANOTHER_KITCHEN, PROBLEM_TYPE, type Problem } from '@omtel/core/api';
import type { Context } from 'hono';
import { HTTPException } from 'hono/http-exception';
import type { ContentfulStatusCode } from 'hono/utils/http-status';
import type { ZodError } from 'zod';
import { isAway } from '../db/away';
import { kindOf, type Log } from '../log';
import { Refusal } from '../services/refusal';

const TITLES: Record<number, string> = {
  400: 'Not understood',
  401: 'Not signed in',
  403: 'Not allowed',
  404: 'Not found',
  409: 'Does not fit',
  413: 'Too large',
  421: 'Not this server',
  422: 'Not possible',
  500: 'Our fault',
  503: 'Not reachable',
};

/** An RFC 9457 problem with a sentence a cook understands. */
export function problem(
  c: Context,
  status: ContentfulStatusCode,
  detail: string,
  { type = 'about:blank', fields }: Partial<Pick<Problem, 'type' | 'fields'>> = {},
): Response {
  const requestId = c.get('requestId') as string | undefined;
  const body: Problem = {
    type,
    title: TITLES[status] ?? 'Problem',
    status,
    detail,
    ...(requestId && { instance: `urn:request:${requestId}` }),
    ...(fields && { fields }),
  };
  return c.body(JSON.stringify(body), status, { 'content-type': PROBLEM_TYPE });
}

/** A page asks for the household it was opened for, on a device that is signed in to another one now. */
export const anotherKitchen = (c: Context): Response =>
  problem(c, 401, 'Another kitchen is open on this device now. Reload the page.', { type: ANOTHER_KITCHEN });

/** What Zod found wrong, each at its field. */
export function invalid(c: Context, error: ZodError): Response {
  const fields = error.issues.map(({ path, message }) => ({ path: path.map(String).join('.'), message }));
  return problem(
    c,
    400,
    `Something in that could not be read: ${fields[0]?.message ?? 'check it and try again'}`,
    { fields },
  );
}

/** Turns whatever was thrown into a problem. Only the kind of an unexpected error is logged: its message may be private. */
export function onError(log: Log) {
  return (error: Error, c: Context): Response => {
    if (error instanceof Refusal) return problem(c, error.status, error.message);
    if (error instanceof HTTPException) {
      const sentence =
        error.status === 413
          ? 'That is more than Omtel takes at once.'
          : 'That could not be read. Reload and try again.';
      return problem(c, error.status as ContentfulStatusCode, sentence);
    }
    const code = kindOf(error);
    log({ request: String(c.get('requestId')), failed: code });
    if (isAway(error)) {
      return problem(
        c,
        503,
        'The kitchen’s records cannot be reached just now. Nothing is lost; try again shortly.',
      );
    }
    return problem(c, 500, 'Something went wrong on our side. Nothing is lost; try again.');
  };
}
