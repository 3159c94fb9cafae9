import type { PushKey, PushSubscription } from '@omtel/core/reminders';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { deleteSubscription, saveSubscription, subscriptionOf } from '../../repositories/push';
import { getHousehold } from '../../services/household';
import { householdNow } from '../../services/householdClock';
import { checkEndpoint, push, trial, writerOf } from '../../services/push';
import { invalid } from '../problem';
import type { Services } from '../services';
import type { SignedIn } from '../session';
import { answers, jsonBody } from './documented';

const pushSubscriptionSchema = z.object({
  endpoint: z.url({ protocol: /^https?$/ }).max(500),
  keys: z.object({
    p256dh: z.string().regex(/^[\w-]{80,100}=*$/, { message: 'No public key of a device.' }),
    auth: z.string().regex(/^[\w-]{20,30}=*$/, { message: 'No secret of a device.' }),
  }),
}) satisfies z.ZodType<PushSubscription>;

const pushKeySchema = z.object({
  writer: z.string(),
  outside: z.boolean(),
  here: z.boolean(),
}) satisfies z.ZodType<PushKey>;

const TRIAL_TTL_S = 60;
const nothing = answers(z.object({}));

/** Whether this device is reminded of what falls due, and where its push service is. */
export function pushRoutes({ db, wall, pushing }: Services) {
  return new OpenAPIHono<SignedIn>({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({
        method: 'get',
        path: '/push',
        summary: 'By what this server writes to devices, and whether it writes to this one',
        responses: answers(pushKeySchema),
      }),
      async (c) => {
        const { publicKey } = await writerOf(db);
        const here = (await subscriptionOf(db, c.var.tokenHash)) !== null;
        return c.json({ writer: publicKey, outside: pushing.pushServices().length > 1, here }, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'put',
        path: '/push',
        summary: 'Remind this device',
        request: { body: jsonBody(pushSubscriptionSchema) },
        responses: nothing,
      }),
      async (c) => {
        const subscription = c.req.valid('json');
        checkEndpoint(subscription, pushing.pushServices());
        await saveSubscription(db, c.var, subscription);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/push',
        summary: 'Remind this device no more',
        responses: nothing,
      }),
      async (c) => {
        await deleteSubscription(db, c.var.tokenHash);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/push/trial',
        summary: 'Send this device a message, to see that it arrives',
        responses: answers(z.object({ arrived: z.boolean() })),
      }),
      async (c) => {
        const device = await subscriptionOf(db, c.var.tokenHash);
        const household = await getHousehold(db, c.var.householdId);
        const now = householdNow(household, wall);
        const devices = device ? [device] : [];
        const took = await push(pushing, devices, trial(household.settings, now), TRIAL_TTL_S);
        return c.json({ arrived: took > 0 }, 200);
      },
    );
}
