import type { Context } from 'hono';
import type { OpenedAt } from '../services/passkeys';
import { hostAsked } from './knownHost';

/** The address the page was opened at that asks; it is one of our own, which is looked at before. */
export function openedAt(c: Context): OpenedAt {
  const asked = hostAsked(c.req);
  const origin = c.req.header('origin') ?? `http://${asked}`;
  return { host: new URL(`http://${asked}`).hostname, origin };
}
