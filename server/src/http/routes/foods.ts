import type { FoodList, FoodTrail, Log, Recorded } from '@omtel/core/api';
import { pageSchema } from '@omtel/core/intake';
import { recordEventsSchema } from '@omtel/core/intake';
import type { Usual } from '@omtel/core/usual';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { findFood } from '../../repositories/foods';
import { historiesOf } from '../../services/histories';
import { getHousehold } from '../../services/household';
import { listKitchen } from '../../services/kitchen';
import { logOf } from '../../services/log';
import { recordEvents } from '../../services/recordEvents';
import { Refusal } from '../../services/refusal';
import { refuseNotTheirs } from '../../services/refuseNotTheirs';
import { usualIn } from '../../services/usual';
import type { Services } from '../services';
import { invalid } from '../problem';
import type { SignedIn } from '../session';
import { answers, jsonBody, shaped } from './documented';

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
        path: '/foods/{id}',
        summary: 'One food with its whole history',
        request: { params: z.object({ id: z.uuid() }) },
        responses: answers(shaped<FoodTrail>('FoodTrail')),
      }),
      async (c) => {
        const { id } = c.req.valid('param');
        await refolding.aheadOf(c.var.householdId, id);
        const food = await findFood(db, c.var.householdId, id);
        if (!food) throw new Refusal(404, 'There is no such food in this household.');
        const { [id]: events = [], ...others } = Object.fromEntries(
          await historiesOf(db, c.var.householdId, [id]),
        );
        return c.json({ food, events, others }, 200);
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
