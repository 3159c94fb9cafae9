import { type DeviceReading, lineOf } from '@omtel/core/devices';
import { coldStore } from '@omtel/devices';
import { DAY_MS, HOUR_MS, MINUTE_MS, SECOND_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { onServer, timed, type Bench } from './onServer';
import { median } from './phone';

const CHANNELS = ['1', '2', '3', '4'];
const AT_ONCE = 4000;
const YEAR_DAYS = 365;
const MEGA = 1e6;

/** Devices: an hour of four channels at a reading a second, and a year of four sensors at one a minute. */
export const devices = (): Promise<string[]> =>
  onServer('devices', async (bench) => [await anHour(bench), ...(await aYear(bench))]);

async function aDevice({
  ask,
}: Bench): Promise<{ readonly id: string; readonly send: (lines: string[]) => Promise<number> }> {
  const id = uuid();
  const { key } = (await ask('POST', '/api/devices', JSON.stringify({ id, name: 'Bench' }))) as {
    key: string;
  };
  return {
    id,
    send: async (lines) => {
      const headers = { authorization: `Bearer ${key}` };
      return ((await ask('POST', '/api/devices/readings', lines.join('\n'), headers)) as { taken: number })
        .taken;
    },
  };
}

async function anHour(bench: Bench): Promise<string> {
  const { send } = await aDevice(bench);
  const from = bench.now - HOUR_MS;
  let taken = 0;
  const each: number[] = [];
  for (let ms = 0; ms < HOUR_MS; ms += SECOND_MS) {
    const lines = CHANNELS.map((channel) =>
      lineOf({
        channel,
        at: from + ms,
        celsius: Math.round(30 * Math.sin(ms / 9e5 + Number(channel)) * 10) / 10,
      }),
    );
    each.push(await timed(async () => (taken += await send(lines))));
  }
  const sent = (HOUR_MS / SECOND_MS) * CHANNELS.length;
  return `4 channels a reading a second for an hour: ${sent - taken} of ${sent} lost; ${median(each).toFixed(1)} ms a second of them at the median, ${Math.max(...each).toFixed(0)} at most`;
}

async function aYear(bench: Bench): Promise<string[]> {
  const { db, now, ask } = bench;
  const { id, send } = await aDevice(bench);
  const from = now - YEAR_DAYS * DAY_MS;
  const size = async () => {
    await db.raw('ANALYZE TABLE device_readings');
    const [[row]] = (await db.raw(
      "SELECT data_length + index_length AS bytes, table_rows AS n FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name = 'device_readings'",
    )) as [[{ bytes: number; n: number }]];
    return { bytes: Number(row.bytes), rows: Number(row.n) };
  };
  const before = await size();
  let batch: DeviceReading[] = [];
  const flush = async () => {
    await send(batch.map(lineOf));
    batch = [];
  };
  for (const reading of coldStore({ store: 'refrigerator', seed: 1, from, to: now, everyMs: MINUTE_MS })) {
    batch.push(reading);
    if (batch.length === AT_ONCE) await flush();
  }
  if (batch.length) await flush();
  const after = await size();
  const spans = [1, 7, YEAR_DAYS].map(async (days) => {
    const path = `/api/devices/${id}/channels/1/record?from=${Math.round(now - days * DAY_MS)}&to=${Math.round(now)}`;
    const each: number[] = [];
    for (let i = 0; i < 5; i++) each.push(await timed(() => ask('GET', path)));
    return `${days} d in ${median(each).toFixed(0)} ms`;
  });
  const drawn: string[] = [];
  for (const span of spans) drawn.push(await span);
  return [
    `a year of a sensor a minute: ${after.rows - before.rows} readings kept, ${((after.bytes - before.bytes) / MEGA).toFixed(1)} MB; four of them ${((4 * (after.bytes - before.bytes)) / MEGA).toFixed(1)} MB`,
    `its record: ${drawn.join(', ')}`,
  ];
}
