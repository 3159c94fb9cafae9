import type { MiddlewareHandler } from 'hono';
import { problem } from './problem';

/**
 * Refuses text no database can keep: half a character, as a cut between two halves leaves it. Shape and meaning are read by
 * each route; a body that is no JSON is theirs to refuse.
 */
export const wellFormed: MiddlewareHandler = async (c, next) => {
  if (!c.req.header('content-type')?.includes('json')) return next();
  const path = illFormedIn(await c.req.json().catch(() => null));
  if (path === null) return next();
  const message = 'There is half a character in this text. Type it again.';
  return problem(c, 400, `Something in that could not be read: ${message}`, {
    fields: [{ path: path.join('.'), message }],
  });
};

/** Where the first ill-formed text lies, names of fields included; null where all is well. */
function illFormedIn(value: unknown, path: readonly string[] = []): readonly string[] | null {
  if (typeof value === 'string') return value.isWellFormed() ? null : path;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, each] of Object.entries(value)) {
    const found = key.isWellFormed() ? illFormedIn(each, [...path, key]) : path;
    if (found) return found;
  }
  return null;
}
