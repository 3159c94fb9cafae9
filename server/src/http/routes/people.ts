import { recoveryCodesSchema, signedInDevicesSchema } from '@omtel/core/household';
import { passkeysSchema, passphraseChangeSchema, shownSchema, signedSchema } from '@omtel/core/door';
import { whyNot } from '@omtel/core/roles';
import type { PublicKeyCredentialCreationOptionsJSON } from '@simplewebauthn/server';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { deletePasskey, listPasskeys } from '../../repositories/passkeys';
import { deleteOtherSessions, deleteSessionById, listSessions } from '../../repositories/sessions';
import { leave } from '../../services/members';
import { addPasskey, offerPasskey } from '../../services/passkeys';
import { changePassphrase, renewCodes } from '../../services/renewal';
import { getHousehold } from '../../services/household';
import { deviceNamed } from '../deviceNamed';
import { openedAt } from '../openedAt';
import { invalid } from '../problem';
import type { Services } from '../services';
import { roleOf, whoOf, type SignedIn } from '../session';
import { answers, jsonBody, shaped } from './documented';

const nothing = answers(z.object({}));

/** Whose devices somebody sees to: everybody's, or their own. */
const devicesOf = (known: SignedIn['Variables']) => {
  const { householdId, id } = whoOf(known);
  return { householdId, personId: whyNot(roleOf(known), 'people') ? id : null };
};

/** Who is signed in where, and what opens the door to them. */
export function peopleRoutes({ db }: Services) {
  return new OpenAPIHono<SignedIn>({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({
        method: 'get',
        path: '/devices',
        summary: 'The devices people are signed in on',
        responses: answers(signedInDevicesSchema),
      }),
      async (c) => {
        const devices = await listSessions(db, devicesOf(c.var), c.var.tokenHash, Date.now());
        return c.json({ devices: [...devices] }, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/devices',
        summary: 'Sign every device out but this one',
        responses: nothing,
      }),
      async (c) => {
        await deleteOtherSessions(db, devicesOf(c.var), c.var.tokenHash);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/devices/{id}',
        summary: 'Sign a device out',
        request: { params: z.object({ id: z.uuid() }) },
        responses: nothing,
      }),
      async (c) => {
        // Twice is once: it is out.
        await deleteSessionById(db, devicesOf(c.var), c.req.valid('param').id);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'put',
        path: '/passphrase',
        summary: 'Take another passphrase; other devices are signed out',
        request: { body: jsonBody(passphraseChangeSchema) },
        responses: nothing,
      }),
      async (c) => {
        const who = whoOf(c.var);
        const { name } = await getHousehold(db, who.householdId);
        const change = c.req.valid('json');
        await changePassphrase(db, { ...who, names: [name, who.name] }, change, c.var.tokenHash, Date.now());
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/codes',
        summary: 'Make other recovery codes; those before open nothing any more',
        request: { body: jsonBody(shownSchema) },
        responses: answers(recoveryCodesSchema),
      }),
      async (c) => {
        const codes = await renewCodes(db, whoOf(c.var), c.req.valid('json').passphrase, Date.now());
        return c.json({ codes: [...codes] }, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'get',
        path: '/passkeys',
        summary: 'The passkeys that open the door to who asks',
        responses: answers(passkeysSchema),
      }),
      async (c) => {
        const keys = await listPasskeys(db, whoOf(c.var));
        return c.json(
          { passkeys: keys.map(({ id, device, since, usedAt }) => ({ id, device, since, usedAt })) },
          200,
        );
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/passkeys/offer',
        summary: 'What a device is to sign that is to hold a passkey',
        request: { body: jsonBody(shownSchema) },
        responses: answers(shaped<PublicKeyCredentialCreationOptionsJSON>('PasskeyOffer')),
      }),
      async (c) => {
        const { passphrase } = c.req.valid('json');
        return c.json(await offerPasskey(db, whoOf(c.var), passphrase, openedAt(c), Date.now()), 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/passkeys',
        summary: 'Keep a passkey a device has made',
        request: { body: jsonBody(signedSchema) },
        responses: nothing,
      }),
      async (c) => {
        const made = { device: deviceNamed(c.req.header('user-agent')), now: Date.now() };
        const signed = c.req.valid('json') as never;
        await addPasskey(db, whoOf(c.var), signed, openedAt(c), made);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/passkeys/{id}',
        summary: 'A passkey opens nothing any more',
        request: { params: z.object({ id: z.uuid() }) },
        responses: nothing,
      }),
      async (c) => {
        await deletePasskey(db, whoOf(c.var), c.req.valid('param').id);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/leaving',
        summary: 'Belong to the household no more',
        request: { body: jsonBody(shownSchema) },
        responses: nothing,
      }),
      async (c) => {
        await leave(db, whoOf(c.var), c.req.valid('json').passphrase, Date.now());
        return c.json({}, 200);
      },
    );
}
