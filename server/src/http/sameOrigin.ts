import type { MiddlewareHandler } from 'hono';
import { hostAsked } from './knownHost';
import { problem } from './problem';

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);
const OWN_SITES = new Set([undefined, 'same-origin', 'none']);

/**
 * Lets nothing be changed from a page elsewhere, whatever it calls what it sends. A browser says where a request comes from; what
 * is no browser says nothing, and has no session to borrow.
 */
export const sameOrigin: MiddlewareHandler = async (c, next) => {
  if (SAFE.has(c.req.method)) return next();
  const origin = c.req.header('origin');
  const own =
    origin === undefined
      ? OWN_SITES.has(c.req.header('sec-fetch-site'))
      : hostOf(origin) === hostAsked(c.req);
  return own ? next() : problem(c, 403, 'That was sent from another page. Open Omtel itself and try again.');
};

const hostOf = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);
