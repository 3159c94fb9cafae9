import {
  channelRows,
  checkRows,
  csvOf,
  eventRows,
  foodRows,
  storeRows,
  type TableRow,
} from '@omtel/core/formats';
import { Hono, type Context } from 'hono';
import { stream } from 'hono/streaming';
import { listChannels, listDevices } from '../../repositories/devices';
import { readingsBetween } from '../../repositories/deviceReadings';
import { listFoods } from '../../repositories/foods';
import { allStoreReadings } from '../../repositories/storeReadings';
import { wholeLog } from '../../services/log';
import { writtenHousehold } from '../../services/portable/write';
import { getHousehold } from '../../services/household';
import type { Services } from '../services';
import type { SignedIn } from '../session';
import { problem } from '../problem';

const COLUMNS = {
  readings: ['time', 'zone', 'device', 'channel', 'value', 'unit'],
  foods: ['time', 'zone', 'food', 'name', 'kind', 'place', 'kg'],
  events: ['time', 'zone', 'of', 'name', 'type', 'words', 'by', 'said'],
  stores: ['time', 'zone', 'store', 'value', 'unit'],
  checks: ['time', 'zone', 'thermometer', 'kind', 'what', 'point', 'value', 'unit', 'expected'],
} as const;

const EVER = [0, Number.MAX_SAFE_INTEGER] as const;

/** A table as a file, in the form its name asks for. */
function asFile(c: Context, name: string, columns: readonly string[], rows: readonly TableRow[]) {
  const json = c.req.path.endsWith('.json');
  return c.body(json ? JSON.stringify(rows, null, 1) : csvOf(columns, rows), 200, {
    'content-type': json ? 'application/json; charset=utf-8' : 'text/csv; charset=utf-8',
    'content-disposition': `attachment; filename="${name}.${json ? 'json' : 'csv'}"`,
  });
}

/** A household's own figures as files: CSV for a spreadsheet, JSON for a program, with units and zone. */
export function fileRoutes({ db }: Services) {
  return new Hono<SignedIn>()
    .get('/devices/:id/:file{readings\\.(csv|json)}', async (c) => {
      const { householdId } = c.var;
      const { settings } = await getHousehold(db, householdId);
      const device = (await listDevices(db, householdId)).find(({ id }) => id === c.req.param('id'));
      if (!device) return problem(c, 404, 'There is no such device.');
      const rows: TableRow[] = [];
      for (const channel of await listChannels(db, householdId, device.id))
        rows.push(
          ...channelRows(device.name, channel.name, await readingsBetween(db, channel, EVER), settings.zone),
        );
      return asFile(c, 'readings', COLUMNS.readings, rows);
    })
    .get('/stores/:file{readings\\.(csv|json)}', async (c) => {
      const { householdId } = c.var;
      const { settings } = await getHousehold(db, householdId);
      return asFile(
        c,
        'stores',
        COLUMNS.stores,
        storeRows(await allStoreReadings(db, householdId), settings.zone),
      );
    })
    .get('/household/:file{foods\\.(csv|json)}', async (c) => {
      const { householdId } = c.var;
      const { settings } = await getHousehold(db, householdId);
      const states = (await listFoods(db, householdId)).map(({ state }) => state);
      return asFile(c, 'foods', COLUMNS.foods, foodRows(states, settings.zone));
    })
    .get('/household/:file{events\\.(csv|json)}', async (c) => {
      const { householdId } = c.var;
      const { settings } = await getHousehold(db, householdId);
      const rows: TableRow[] = [];
      for await (const entries of wholeLog(db, householdId)) rows.push(...eventRows(entries, settings.zone));
      return asFile(c, 'events', COLUMNS.events, rows);
    })
    .get('/household/:file{omtel\\.json}', (c) => {
      c.header('content-type', 'application/json; charset=utf-8');
      c.header('content-disposition', 'attachment; filename="omtel.json"');
      return stream(c, async (out) => {
        for await (const piece of writtenHousehold(db, c.var.householdId, Date.now())) await out.write(piece);
      });
    })
    .get('/household/:file{checks\\.(csv|json)}', async (c) => {
      const { settings } = await getHousehold(db, c.var.householdId);
      return asFile(c, 'checks', COLUMNS.checks, checkRows(settings.thermometers, settings.zone));
    });
}
