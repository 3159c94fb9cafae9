import { clockMoveSchema, householdSchema, settingsChangeSchema } from '@omtel/core/household';
import { shownSchema } from '@omtel/core/door';
import { createRoute, OpenAPIHono } from '@hono/zod-openapi';
import { restartDemo } from '../../demo/demoHousehold';
import { forgetClosing } from '../../repositories/households';
import { closeHousehold } from '../../services/closing';
import { changeSettings, getHousehold, moveClock, presentHousehold } from '../../services/household';
import { Refusal } from '../../services/refusal';
import type { Services } from '../services';
import { invalid } from '../problem';
import { whoOf, type SignedIn } from '../session';
import { answers, jsonBody } from './documented';

/** The household itself: its settings, its clock, and the demo's story. */
export function householdRoutes({ db, wall }: Services) {
  const responses = answers(householdSchema);
  return new OpenAPIHono<SignedIn>({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({ method: 'get', path: '/', summary: 'The household signed in', responses }),
      async (c) => {
        return c.json(presentHousehold(await getHousehold(db, c.var.householdId), c.var.person, wall), 200);
      },
    )
    .openapi(
      createRoute({
        method: 'patch',
        path: '/settings',
        summary: 'Change settings',
        request: { body: jsonBody(settingsChangeSchema) },
        responses,
      }),
      async (c) => {
        const { was, ...patch } = c.req.valid('json');
        const changed = await changeSettings(db, c.var.householdId, { was, patch }, wall);
        return c.json(presentHousehold(changed, c.var.person, wall), 200);
      },
    )
    .openapi(
      createRoute({
        method: 'put',
        path: '/clock',
        summary: 'Move the demo’s clock ahead',
        request: { body: jsonBody(clockMoveSchema) },
        responses,
      }),
      async (c) =>
        c.json(
          presentHousehold(
            await moveClock(db, c.var.householdId, c.req.valid('json').aheadMs),
            c.var.person,
            wall,
          ),
          200,
        ),
    )
    .openapi(
      createRoute({ method: 'post', path: '/restart', summary: 'Start the demo’s story again', responses }),
      async (c) => {
        const household = await getHousehold(db, c.var.householdId);
        if (!household.demo) throw new Refusal(403, 'Only the demo’s story can be started again.');
        return c.json(presentHousehold(await restartDemo(db, household, wall), c.var.person, wall), 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/closing',
        summary: 'Delete the household after a week',
        request: { body: jsonBody(shownSchema) },
        responses,
      }),
      async (c) => {
        await closeHousehold(db, whoOf(c.var), c.req.valid('json').passphrase, Date.now());
        return c.json(presentHousehold(await getHousehold(db, c.var.householdId), c.var.person, wall), 200);
      },
    )
    .openapi(
      createRoute({ method: 'delete', path: '/closing', summary: 'Keep the household after all', responses }),
      async (c) => {
        await forgetClosing(db, c.var.householdId);
        return c.json(presentHousehold(await getHousehold(db, c.var.householdId), c.var.person, wall), 200);
      },
    );
}
