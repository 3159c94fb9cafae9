import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { unlessSilent } from '../../db/silence';
import { countSetAside } from '../../repositories/foods';
import { kindOf } from '../../log';
import type { Services } from '../services';

const healthSchema = z.object({
  ready: z.boolean(),
  database: z.enum(['answers', 'silent', 'refuses']),
  /** Foods an older version stored that are still to be folded again. */
  refolding: z.number().int(),
  /** Foods whose history will not fold. */
  setAside: z.number().int().nullable(),
});
type Health = z.infer<typeof healthSchema>;

const SILENT_MS = 2_000;

/** Whether the server is alive, and whether it is any use. */
export function healthRoutes({ db, refolding }: Pick<Services, 'db' | 'refolding'>) {
  const asked = async (): Promise<Health> => {
    const left = refolding.left();
    try {
      const setAside = await unlessSilent(db, SILENT_MS, () => countSetAside(db));
      return { ready: true, database: 'answers', refolding: left, setAside };
    } catch (error) {
      const silent = kindOf(error as Error) === 'ETIMEDOUT';
      return { ready: false, database: silent ? 'silent' : 'refuses', refolding: left, setAside: null };
    }
  };
  const health = { content: { 'application/json': { schema: healthSchema } } };
  return new OpenAPIHono()
    .openapi(
      createRoute({
        method: 'get',
        path: '/',
        summary: 'Whether requests can be served: the server, its database and what it still has to do',
        responses: {
          200: { description: 'Ready', ...health },
          503: { description: 'Alive, but its database cannot be used', ...health },
        },
      }),
      async (c) => {
        const found = await asked();
        return c.json(found, found.ready ? 200 : 503);
      },
    )
    .openapi(
      createRoute({
        method: 'get',
        path: '/alive',
        summary: 'Whether the server runs, whatever its database does',
        responses: {
          200: {
            description: 'Alive',
            content: { 'application/json': { schema: z.object({ alive: z.literal(true) }) } },
          },
        },
      }),
      (c) => c.json({ alive: true } as const, 200),
    );
}
