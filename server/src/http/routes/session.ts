import { householdSchema } from '@omtel/core/api';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { ensureDemoHousehold } from '../../demo/demoHousehold';
import { presentHousehold } from '../../services/household';
import type { Services } from '../services';
import { closeSession, openSession } from '../session';
import { answers } from './documented';

/** Signing in and out. So far there is one door: the demo household. */
export function sessionRoutes(services: Services) {
  const { db, wall, zone } = services;
  return new OpenAPIHono()
    .openapi(
      createRoute({
        method: 'post',
        path: '/demo',
        summary: 'Sign in as the demo household',
        responses: answers(householdSchema),
      }),
      async (c) => {
        const household = await ensureDemoHousehold(db, wall, zone);
        await openSession(c, services, household.id);
        return c.json(presentHousehold(household, wall), 200);
      },
    )
    .openapi(
      createRoute({ method: 'delete', path: '/', summary: 'Sign out', responses: answers(z.object({})) }),
      async (c) => {
        await closeSession(c, services);
        return c.json({}, 200);
      },
    );
}
