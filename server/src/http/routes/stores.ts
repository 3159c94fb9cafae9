import { powerBackSchema, powerCutSchema, storeReadingSchema, type StoreRecord } from '@omtel/core/api';
import { pageSchema } from '@omtel/core/intake';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { pageOfStoreReadings } from '../../repositories/storeReadings';
import { endPowerCut, recordPowerCut, takeBackPowerBack, takeBackPowerCut } from '../../services/powerCuts';
import { recordStoreReading, takeBackStoreReading } from '../../services/storeReadings';
import type { Services } from '../services';
import { invalid } from '../problem';
import type { SignedIn } from '../session';
import { answers, jsonBody, shaped } from './documented';

const MOST_ON_PAGE = 200;
const BY_ID = z.object({ id: z.uuid() });

/** The record of the refrigerator and the freezer: what their air read, and when they had no power. */
export function storeRoutes({ db, wall }: Services) {
  return new OpenAPIHono<SignedIn>({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({
        method: 'get',
        path: '/readings',
        summary: 'What the air of the stores read, newest first, by page',
        request: { query: pageSchema },
        responses: answers(shaped<StoreRecord>('StoreRecord')),
      }),
      async (c) => {
        const { before } = c.req.valid('query');
        const { rows, next } = await pageOfStoreReadings(db, c.var.householdId, MOST_ON_PAGE, before);
        return c.json({ readings: rows, next }, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/readings',
        summary: 'Record what the air of a store reads; sending it again is harmless',
        request: { body: jsonBody(storeReadingSchema) },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await recordStoreReading(db, c.var.householdId, c.req.valid('json'), wall);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/readings/{id}',
        summary: 'Take a reading back, and all that foods were told by it',
        request: { params: BY_ID },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await takeBackStoreReading(db, c.var.householdId, c.req.valid('param').id, wall);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/power-cuts',
        summary: 'The power is off; said again, what was opened meanwhile',
        request: { body: jsonBody(powerCutSchema) },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await recordPowerCut(db, c.var.householdId, c.req.valid('json'), wall);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/power-cuts/{id}/end',
        summary: 'The power is back; saying it again is harmless',
        request: { params: BY_ID, body: jsonBody(powerBackSchema) },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await endPowerCut(db, c.var.householdId, c.req.valid('param').id, c.req.valid('json').onAt, wall);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/power-cuts/{id}',
        summary: 'The power never was off',
        request: { params: BY_ID },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await takeBackPowerCut(db, c.var.householdId, c.req.valid('param').id, wall);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/power-cuts/{id}/end',
        summary: 'The power is not back yet',
        request: { params: BY_ID },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await takeBackPowerBack(db, c.var.householdId, c.req.valid('param').id, wall);
        return c.json({}, 200);
      },
    );
}
