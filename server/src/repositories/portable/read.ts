import type { Columns } from '@omtel/core/formats';
import type { Measured } from '@omtel/core/devices';
import type { Portable, Section } from '@omtel/core/portable';
import type { Temperature } from '@omtel/core/units';
import type { Knex } from 'knex';
import type { Database } from '../../db/connect';
import { readEvent, type StoredEvent } from '../events';
import { fromJson } from '../json';

/** So many rows are held at once. */
const PAGE = 2_000;
/** So many readings stand in one line. */
const READINGS = 500;
const HUNDREDTHS = 100;

/** All of a household's rows of each kind, in one order, as they are written into a file. */
export const householdRows = (
  db: Database,
  householdId: string,
): { readonly [Name in Section]: () => AsyncGenerator<Portable<Name>> } => ({
  people: async function* () {
    yield* await db('people').where({ household_id: householdId }).orderBy('id').select('id', 'name');
  },

  events: async function* () {
    for await (const row of inPages<StoredEvent & { recorded_at: number }>(
      () => db('events').where({ household_id: householdId }),
      'seq',
    )) {
      // The order stands for the number, which is each household's own.
      const event: { seq?: number } & ReturnType<typeof readEvent> = readEvent(row);
      delete event.seq;
      yield {
        event,
        recordedAt: Number(row.recorded_at),
        ...(row.person_id && { by: row.person_id }),
      };
    }
  },

  powerCuts: async function* () {
    const rows = await db('power_cuts').where({ household_id: householdId }).orderBy(['off_at', 'id']);
    for (const { id, off_at: offAt, on_at: onAt, freezer, opened } of rows)
      yield {
        id,
        offAt: Number(offAt),
        freezer,
        opened: fromJson(opened),
        onAt: onAt === null ? null : Number(onAt),
      };
  },

  devices: async function* () {
    const rows = await db('devices').where({ household_id: householdId }).orderBy('id');
    for (const { id, name, made_at: madeAt, columns } of rows)
      yield {
        id,
        name,
        madeAt: Number(madeAt),
        columns: columns === null ? null : fromJson<Columns>(columns),
      };
  },

  channels: async function* () {
    for (const row of await channelsOf(db, householdId))
      yield {
        device: row.device_id,
        name: row.name,
        measured: row.measured === null ? null : fromJson<Measured>(row.measured),
        since: Number(row.since),
        battery: row.battery,
        thinnedUntil: Number(row.thinned_until),
        judgedUntil: Number(row.judged_until),
        judgedLimit: row.judged_limit,
      };
  },

  storeReadings: async function* () {
    const channels = new Map((await channelsOf(db, householdId)).map((channel) => [channel.id, channel]));
    const rows = await db('store_readings').where({ household_id: householdId }).orderBy(['at', 'id']);
    for (const { id, store, at, temperature, channel_id: channelId } of rows) {
      const channel = channels.get(channelId);
      yield {
        id,
        store,
        at: Number(at),
        temperature: fromJson<Temperature>(temperature),
        ...(channel && { channel: { device: channel.device_id, name: channel.name } }),
      };
    }
  },

  deviceReadings: async function* () {
    for (const { id, device_id: device, name: channel } of await channelsOf(db, householdId)) {
      let readings: [number, number][] = [];
      for await (const { at, centi_c } of inPages<{ at: number; centi_c: number }>(
        () => db('device_readings').where({ channel_id: id }),
        'at',
      )) {
        readings.push([Number(at), centi_c / HUNDREDTHS]);
        if (readings.length < READINGS) continue;
        yield { device, channel, readings };
        readings = [];
      }
      if (readings.length) yield { device, channel, readings };
    }
  },
});

interface StoredChannel {
  readonly id: number;
  readonly device_id: string;
  readonly name: string;
  readonly measured: unknown;
  readonly since: number;
  readonly battery: number | null;
  readonly thinned_until: number;
  readonly judged_until: number;
  readonly judged_limit: number | null;
}

const channelsOf = (db: Database, householdId: string): Promise<StoredChannel[]> =>
  db('device_channels').where({ household_id: householdId }).orderBy(['device_id', 'name']) as never;

/** Rows in the order of a number none has twice, a page at a time. */
async function* inPages<Row extends object>(
  rows: () => Knex.QueryBuilder,
  by: keyof Row & string,
): AsyncGenerator<Row> {
  for (let after = -1; ;) {
    const page = (await rows().where(by, '>', after).orderBy(by).limit(PAGE)) as Row[];
    yield* page;
    if (page.length < PAGE) return;
    after = Number(page.at(-1)![by]);
  }
}
