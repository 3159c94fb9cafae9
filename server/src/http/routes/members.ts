import { invitationKeySchema, invitingSchema, membersSchema } from '@omtel/core/door';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { deleteInvitation } from '../../repositories/invitations';
import { invite } from '../../services/invitations';
import { changeRole, membersOf, removePerson } from '../../services/members';
import { invalid } from '../problem';
import type { Services } from '../services';
import { whoOf, type SignedIn } from '../session';
import { answers, jsonBody } from './documented';

const BY_ID = z.object({ id: z.uuid() });
const nothing = answers(z.object({}));

/** Who belongs to a household, and who is invited to it. */
export function memberRoutes({ db }: Services) {
  return new OpenAPIHono<SignedIn>({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({
        method: 'get',
        path: '/',
        summary: 'Who belongs to the household, and the invitations that are open',
        responses: answers(membersSchema),
      }),
      async (c) => c.json(await membersOf(db, whoOf(c.var), Date.now()), 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/invitations',
        summary: 'Invite somebody, once; the key is told this once',
        request: { body: jsonBody(invitingSchema) },
        responses: answers(invitationKeySchema),
      }),
      async (c) => c.json(await invite(db, whoOf(c.var), c.req.valid('json').role, Date.now()), 200),
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/invitations/{id}',
        summary: 'Take an invitation back',
        request: { params: BY_ID },
        responses: nothing,
      }),
      async (c) => {
        // Twice is once: it opens nothing.
        await deleteInvitation(db, { ...c.var, ...c.req.valid('param') });
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'put',
        path: '/{id}/role',
        summary: 'Say what somebody may do',
        request: { params: BY_ID, body: jsonBody(invitingSchema) },
        responses: nothing,
      }),
      async (c) => {
        const { householdId } = whoOf(c.var);
        await changeRole(db, { householdId, ...c.req.valid('param') }, c.req.valid('json').role);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/{id}',
        summary: 'Somebody belongs to the household no more',
        request: { params: BY_ID },
        responses: nothing,
      }),
      async (c) => {
        const { householdId } = whoOf(c.var);
        await removePerson(db, { householdId, ...c.req.valid('param') }, Date.now());
        return c.json({}, 200);
      },
    );
}
