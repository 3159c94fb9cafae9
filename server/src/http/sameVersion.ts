import { API_VERSION, SPEAKS } from '@omtel/core/api';
import type { MiddlewareHandler } from 'hono';
import { problem } from './problem';

/**
 * Answers only a page that means the same by what it says. A page can be older than its server, since it opens without one, and
 * newer, where a server was put back: neither then takes what the other did not mean.
 */
export const sameVersion: MiddlewareHandler = async (c, next) => {
  const said = c.req.header(SPEAKS);
  if (said === undefined || Number(said) === API_VERSION) return next();
  return problem(
    c,
    426,
    Number(said) < API_VERSION
      ? 'This page is of an older Omtel than the kitchen’s server. Take the new version; what was recorded here is kept, and sent then.'
      : 'The kitchen’s server is of an older Omtel than this page. What is recorded here is kept, and sent once the server is renewed.',
  );
};
