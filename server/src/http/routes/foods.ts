import {
  MOST_TRAILS,
  type FoodList,
  type FoodTrail,
  type FoodTrails,
  type Log,
  type Recorded,
} from '@omtel/core/api';
import { pageSchema } from '@omtel/core/intake';
import { recordEventsSchema } from '@omtel/core/intake';
import type { LookBack } from '@omtel/core/lookback';
import type { Usual } from '@omtel/core/usual';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { getHousehold } from '../../services/household';
import { listKitchen } from '../../services/kitchen';
import { lookBackOn } from '../../services/lookBack';
import { logOf } from '../../services/log';
import { recordEvents } from '../../services/recordEvents';
import { Refusal } from '../../services/refusal';
import { refuseNotTheirs } from '../../services/refuseNotTheirs';
import { trailsOf } from '../../services/trails';
import { usualIn } from '../../services/usual';
import type { Services } from '../services';
import { invalid } from '../problem';
import type { SignedIn } from '../session';
import { answers, jsonBody, shaped } from './documented';

/** The ids of several foods, parted by commas. */
const trailsSchema = z.object({
  ids: z
    .string()
    .transform((ids) => ids.split(','))
    .pipe(z.array(z.uuid()).max(MOST_TRAILS)),
});

/** Foods and what happened to them. There is one way to change anything: recording an event. */
export function foodRoutes({ db, wall, refolding }: Services) {
  return new OpenAPIHono<SignedIn>({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({
        method: 'get',
        path: '/foods',
        summary: 'The foods at hand and the meals to come, as they stand',
        responses: answers(shaped<FoodList>('FoodList')),
      }),
      async (c) => c.json(await listKitchen(db, await getHousehold(db, c.var.householdId), wall), 200),
    )
    .openapi(
      createRoute({
        method: 'get',
        path: '/foods/usual',
        summary:
          'What the household is likely to put in, by what came lately and at this time of earlier years',
        responses: answers(shaped<Usual>('Usual')),
      }),
      async (c) => c.json(await usualIn(db, c.var.householdId, wall), 200),
    )
    .openapi(
      createRoute({
        method: 'get',
        path: '/foods/partings',
        summary: 'What was eaten and what was thrown away in the last months, and why',
        responses: answers(shaped<LookBack>('LookBack')),
      }),
      async (c) => c.json(await lookBackOn(db, c.var.householdId, wall), 200),
    )
    .openapi(
      createRoute({
        method: 'get',
        path: '/foods/trails',
        summary:
          'Several foods with their whole histories, for a device that is to know them without a network',
        request: { query: trailsSchema },
        responses: answers(shaped<FoodTrails>('FoodTrails')),
      }),
      async (c) => c.json({ trails: await trailsOf(db, c.var.householdId, c.req.valid('query').ids) }, 200),
    )
    .openapi(
      createRoute({
        method: 'get',
        path: '/foods/{id}',
        summary: 'One food with its whole history',
        request: { params: z.object({ id: z.uuid() }) },
        responses: answers(shaped<FoodTrail>('FoodTrail')),
      }),
      async (c) => {
        const { id } = c.req.valid('param');
        await refolding.aheadOf(c.var.householdId, id);
        const [trail] = await trailsOf(db, c.var.householdId, [id]);
        if (!trail) throw new Refusal(404, 'There is no such food in this household.');
        return c.json(trail, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'get',
        path: '/events',
        summary: 'What happened, newest first, by page',
        request: { query: pageSchema },
        responses: answers(shaped<Log>('Log')),
      }),
      async (c) => c.json(await logOf(db, c.var.householdId, c.req.valid('query').before), 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/events',
        summary: 'Record what happened; sending it again is harmless',
        request: { body: jsonBody(recordEventsSchema) },
        responses: answers(shaped<Recorded>('Recorded')),
      }),
      async (c) => {
        const { householdId, person } = c.var;
        const { events } = c.req.valid('json');
        if (person) await refuseNotTheirs(db, householdId, events, person);
        return c.json(await recordEvents(db, householdId, events, wall, person?.id), 200);
      },
    );
}
