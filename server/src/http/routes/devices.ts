import type { ChannelRecord, DeviceKey, Devices, TakenIn } from '@omtel/core/api';
import {
  channelChangeSchema,
  channelNameSchema,
  deviceColumnsSchema,
  newDeviceSchema,
  recordSpanSchema,
} from '@omtel/core/intake';
import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi';
import { Hono } from 'hono';
import { hashOf } from '../../hashOf';
import { deviceOfKey } from '../../repositories/devices';
import { takeInReadings } from '../../services/deviceReadings';
import {
  addDevice,
  channelRecord,
  knownDevice,
  presentDevices,
  rememberColumns,
  removeDevice,
  renewKey,
  revokeKey,
  sayWhatChannelMeasures,
} from '../../services/devices';
import { invalid, problem } from '../problem';
import type { Services } from '../services';
import type { SignedIn } from '../session';
import { answers, jsonBody, shaped } from './documented';

const BY_ID = z.object({ id: z.uuid() });
const BY_CHANNEL = BY_ID.extend({ channel: channelNameSchema });
const BEARER = /^Bearer\s+(\S+)$/i;

/** Where devices send: JSON Lines, with the key of the device and no session. */
export function deviceIntake({ db, wall, refolding }: Services) {
  return new Hono().post('/readings', async (c) => {
    const key = BEARER.exec(c.req.header('authorization') ?? '')?.[1];
    const device = key ? await deviceOfKey(db, hashOf(key)) : null;
    if (!device) return problem(c, 401, 'No device has this key. Make a new one for it in Omtel.');
    await refolding.ahead(device.householdId);
    return c.json(await takeInReadings(db, device, await c.req.text(), wall), 200);
  });
}

/** The devices of a household, what their channels measure, and what they read. */
export function deviceRoutes({ db, wall }: Services) {
  return new OpenAPIHono<SignedIn>({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({
        method: 'get',
        path: '/',
        summary: 'The devices of the household, with their channels',
        responses: answers(shaped<Devices>('Devices')),
      }),
      async (c) => c.json({ devices: await presentDevices(db, c.var.householdId) }, 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/',
        summary: 'Note a device; its key is told this once',
        request: { body: jsonBody(newDeviceSchema) },
        responses: answers(shaped<DeviceKey>('DeviceKey')),
      }),
      async (c) => c.json(await addDevice(db, c.var.householdId, c.req.valid('json'), wall), 200),
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/{id}',
        summary: 'Take a device away, with all it read',
        request: { params: BY_ID },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await removeDevice(db, c.var.householdId, c.req.valid('param').id);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/{id}/key',
        summary: 'Another key; the one before opens nothing any more',
        request: { params: BY_ID },
        responses: answers(shaped<DeviceKey>('DeviceKey')),
      }),
      async (c) => c.json(await renewKey(db, c.var.householdId, c.req.valid('param').id), 200),
    )
    .openapi(
      createRoute({
        method: 'delete',
        path: '/{id}/key',
        summary: 'Let a device send no more',
        request: { params: BY_ID },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await revokeKey(db, c.var.householdId, c.req.valid('param').id);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'put',
        path: '/{id}/columns',
        summary: 'How the files of a device are read',
        request: { params: BY_ID, body: jsonBody(deviceColumnsSchema) },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await rememberColumns(db, c.var.householdId, c.req.valid('param').id, c.req.valid('json').columns);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'put',
        path: '/{id}/channels/{channel}',
        summary: 'What a channel measures, and since when',
        request: { params: BY_CHANNEL, body: jsonBody(channelChangeSchema) },
        responses: answers(z.object({})),
      }),
      async (c) => {
        await sayWhatChannelMeasures(db, c.var.householdId, c.req.valid('param'), c.req.valid('json'), wall);
        return c.json({}, 200);
      },
    )
    .openapi(
      createRoute({
        method: 'get',
        path: '/{id}/channels/{channel}/record',
        summary: 'What a channel read over a time',
        request: { params: BY_CHANNEL, query: recordSpanSchema },
        responses: answers(shaped<ChannelRecord>('ChannelRecord')),
      }),
      async (c) =>
        c.json(await channelRecord(db, c.var.householdId, c.req.valid('param'), c.req.valid('query')), 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/{id}/readings',
        summary: 'Readings a file of the device holds, as JSON Lines',
        request: {
          params: BY_ID,
          body: { required: true, content: { 'application/x-ndjson': { schema: z.string() } } },
        },
        responses: answers(shaped<TakenIn>('TakenIn')),
      }),
      async (c) => {
        const { householdId } = c.var;
        const { id } = c.req.valid('param');
        await knownDevice(db, householdId, id);
        return c.json(await takeInReadings(db, { householdId, id }, await c.req.text(), wall), 200);
      },
    );
}
