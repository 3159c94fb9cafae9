import { foundedSchema, householdSchema } from '@omtel/core/household';
import {
  foundingSchema,
  invitedSchema,
  joiningSchema,
  keySaidSchema,
  recoverySchema,
  signedSchema,
  signingInSchema,
} from '@omtel/core/door';
import type { PublicKeyCredentialRequestOptionsJSON } from '@simplewebauthn/server';
import { getConnInfo } from '@hono/node-server/conninfo';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import type { Context } from 'hono';
import { ensureDemoHousehold } from '../../demo/demoHousehold';
import { found, recover, signIn, type AtTheDoor } from '../../services/door';
import { askPasskey, signInByPasskey } from '../../services/passkeys';
import { join, lookAtInvitation } from '../../services/invitations';
import type { Visitor } from '../../repositories/sessions';
import { getHousehold, presentHousehold } from '../../services/household';
import { openedAt } from '../openedAt';
import { invalid } from '../problem';
import type { Services } from '../services';
import { closeSession, openSession } from '../session';
import { answers, jsonBody, shaped } from './documented';

/** Who knocks: by the wall clock, since a household's own opens no door. A test without a port comes from nowhere. */
const knocks = (c: Context): AtTheDoor => ({
  now: Date.now(),
  address: (c.env && getConnInfo(c).remote.address) || 'nowhere',
});

/** The door: a household of one's own, signing in and out, the way back without the passphrase, and the demo. */
export function sessionRoutes(services: Services) {
  const { db, wall, zone } = services;
  const came = answers(householdSchema);
  const comesIn = async (c: Context, visitor: Visitor) => {
    await openSession(c, services, visitor);
    return presentHousehold(await getHousehold(db, visitor.householdId), visitor.person, wall);
  };
  return new OpenAPIHono({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({
        method: 'post',
        path: '/new',
        summary: 'Found a household of one’s own, and come in',
        request: { body: jsonBody(foundingSchema) },
        responses: answers(foundedSchema),
      }),
      async (c) => {
        const { visitor, codes } = await found(db, c.req.valid('json'), knocks(c));
        return c.json({ household: await comesIn(c, visitor), codes: [...codes] }, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/',
        summary: 'Sign in',
        request: { body: jsonBody(signingInSchema) },
        responses: came,
      }),
      async (c) => c.json(await comesIn(c, await signIn(db, c.req.valid('json'), knocks(c))), 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/passkey/asked',
        summary: 'What a device is to sign to come in by a passkey',
        responses: answers(shaped<PublicKeyCredentialRequestOptionsJSON>('PasskeyAsked')),
      }),
      async (c) => c.json(await askPasskey(db, openedAt(c), knocks(c)), 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/passkey',
        summary: 'Sign in by a passkey',
        request: { body: jsonBody(signedSchema) },
        responses: came,
      }),
      async (c) => {
        const signed = c.req.valid('json') as never;
        return c.json(await comesIn(c, await signInByPasskey(db, signed, openedAt(c), knocks(c))), 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/invitation',
        summary: 'What an invitation is to',
        request: { body: jsonBody(keySaidSchema) },
        responses: answers(invitedSchema),
      }),
      async (c) => c.json(await lookAtInvitation(db, c.req.valid('json').key, knocks(c)), 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/join',
        summary: 'Come in by an invitation',
        request: { body: jsonBody(joiningSchema) },
        responses: answers(foundedSchema),
      }),
      async (c) => {
        const { visitor, codes } = await join(db, c.req.valid('json'), knocks(c));
        return c.json({ household: await comesIn(c, visitor), codes: [...codes] }, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/recover',
        summary: 'Come in by a recovery code, with a new passphrase',
        request: { body: jsonBody(recoverySchema) },
        responses: came,
      }),
      async (c) => c.json(await comesIn(c, await recover(db, c.req.valid('json'), knocks(c))), 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/demo',
        summary: 'Come into the demo’s kitchen',
        responses: came,
      }),
      async (c) => {
        const { id } = await ensureDemoHousehold(db, wall, zone);
        return c.json(await comesIn(c, { householdId: id, person: null }), 200);
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
