import type { HonoRequest, MiddlewareHandler } from 'hono';
import { problem } from './problem';

/**
 * Answers only what was asked of one of its own names. A page elsewhere whose name was made to point here would otherwise pass
 * for Omtel itself.
 *
 * @param hosts names without a port
 */
export function knownHost(hosts: readonly string[]): MiddlewareHandler {
  const known = new Set(hosts);
  return async (c, next) => {
    if (known.has(nameOf(hostAsked(c.req)))) return next();
    return problem(c, 421, 'Omtel does not answer to that name here. Open it by the address it was given.');
  };
}

/** The host, with its port, that a request was sent to. */
export const hostAsked = (request: HonoRequest): string =>
  request.header('host') ?? new URL(request.url).host;

/** A host without its port; of an address in brackets with them. */
const nameOf = (host: string): string => host.toLowerCase().replace(/:\d+$/, '');
