import type { Context, MiddlewareHandler } from 'hono';
import { matchedRoutes } from 'hono/route';
import type { Log } from '../log';

/** One line for each request: when, which, what route, how it ended and how long it took. Never what was said, nor whose it is. */
export function requestLog(log: Log): MiddlewareHandler {
  return async (c, next) => {
    const began = performance.now();
    await next();
    log({
      request: c.get('requestId'),
      method: c.req.method,
      route: routeOf(c),
      status: c.res.status,
      ms: Math.round((performance.now() - began) * 10) / 10,
    });
  };
}

/** The pattern of the route that answered, which names no food; what only guards addresses is none. */
const routeOf = (c: Context): string =>
  matchedRoutes(c)
    .map(({ path }) => path)
    .findLast((path) => !path.endsWith('*')) ?? '*';
