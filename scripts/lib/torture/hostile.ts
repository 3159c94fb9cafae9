import { v7 as uuid } from 'uuid';
import { connect } from '../../../server/src/db/connect';
import { type Chance, chances } from '@omtel/core/chance';
import { foodLife, oneOf } from '../inventedUse';
import type { Arena } from './arena';
import { ifUnreachable, signIn } from './device';

/** What came of requests nobody should send. */
export interface Withstood {
  readonly requests: number;
  /** Every way of every route that the description lists. */
  readonly routes: number;
  /** Answered as our fault. */
  readonly failed: number;
  /** Answers in which something of another household stood. */
  readonly leaked: number;
  /** How often each status came. */
  readonly statuses: Readonly<Record<number, number>>;
}

/** What only another household has: none of it may stand in any answer. */
const SECRET = 'Whitewashed heron';
const AT_ONCE = 8;

/** Asks every route of the server's own description for things it cannot or must not do. */
export async function sendHostile(arena: Arena, requests: number, chance: Chance): Promise<Withstood> {
  const foreign = await anotherHousehold(arena.databaseUrls[0]!);
  const routes = await routesOf(arena.addresses[0]!);
  const statuses: Record<number, number> = {};
  let [sent, failed, leaked] = [0, 0, 0];
  let { cookie } = await signIn(arena.addresses[0]!);
  const one = async () => {
    while (sent < requests) {
      sent += 1;
      const { path, ...asked } = anyRequest(oneOf(routes, chance), foreign, cookie, chance);
      // What no client library would even send is none of the server's trouble.
      const response = await fetch(`${arena.addresses[0]!}${path}`, asked).catch(ifUnreachable);
      if (!response) continue;
      const text = await response.text();
      statuses[response.status] = (statuses[response.status] ?? 0) + 1;
      if (response.status >= 500) failed += 1;
      if (text.includes(SECRET)) leaked += 1;
      // It may have signed this device out.
      if (sent % 50 === 0) ({ cookie } = await signIn(arena.addresses[0]!));
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, one));
  return { requests: sent, routes: routes.length, failed, leaked, statuses };
}

interface Route {
  readonly method: string;
  readonly path: string;
}

async function routesOf(address: string): Promise<Route[]> {
  const { paths } = (await (await fetch(`${address}/api/openapi.json`)).json()) as {
    paths: Record<string, Record<string, unknown>>;
  };
  return Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => ({ path, method: method.toUpperCase() })),
  );
}

/** A household nobody signs in to, with a food and a reading. Returns the ids somebody might guess. */
async function anotherHousehold(databaseUrl: string): Promise<readonly string[]> {
  const db = connect(databaseUrl);
  const household = uuid();
  const life = foodLife(Date.now() - 10 * 24 * 60 * 60 * 1000, chances(1));
  const { foodId } = life[0]!;
  const reading = uuid();
  try {
    const { settings } = await db('households').first('settings');
    await db('households').insert({ id: household, name: SECRET, settings, demo: false });
    await db('events').insert(
      life.map(({ id, at, type, payload }, index) => ({
        household_id: household,
        id,
        food_id: foodId,
        type,
        at,
        recorded_at: at,
        payload: JSON.stringify(type === 'added' ? { ...payload, name: SECRET } : payload),
        seq: index + 1,
      })),
    );
    await db('foods').insert({
      household_id: household,
      id: foodId,
      state: JSON.stringify({ name: SECRET, foodId }),
      event_count: life.length,
      gone: false,
      fold: 1_000,
    });
    const temperature = JSON.stringify({ value: 4, unit: 'C' });
    await db('store_readings').insert({
      household_id: household,
      id: reading,
      store: 'freezer',
      at: Date.now(),
      temperature,
    });
    return [household, foodId, reading, ...life.map(({ id }) => id)];
  } finally {
    await db.destroy();
  }
}

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
const TYPES = [
  'application/json',
  'text/plain',
  'application/x-www-form-urlencoded',
  'application/json; charset=x',
  '',
];
const ODD: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  1e308,
  2 ** 53,
  -(2 ** 63),
  0.1,
  '',
  ' ',
  '\u0000',
  '\ud800',
  '💥'.repeat(300),
  "' OR 1=1 --",
  '<script>',
  '__proto__',
  '../../etc/passwd',
  'x'.repeat(70_000),
  [],
  [[[[[[]]]]]],
  {},
  { __proto__: null, constructor: { prototype: 1 } },
  { toString: 1 },
  Array.from({ length: 300 }, () => null),
];

interface Asked extends RequestInit {
  readonly path: string;
}

/** A request of a route, broken somewhere; now and then one that is whole. */
function anyRequest(route: Route, foreign: readonly string[], cookie: string, chance: Chance): Asked {
  const own = foodLife(Date.now() - 20 * 24 * 60 * 60 * 1000, chance);
  const anyId = () => oneOf([uuid(), ...foreign, 'x', '%00', '%', '..', uuid().toUpperCase()], chance);
  const filled = route.path.replace(/\{\w+\}/g, anyId);
  const query =
    chance() < 0.2 ? `?before=${encodeURIComponent(JSON.stringify(oneOf(ODD, chance)).slice(0, 2000))}` : '';
  const method = chance() < 0.8 ? route.method : oneOf(METHODS, chance);
  const headers: Record<string, string> = {};
  if (chance() < 0.9) headers.cookie = chance() < 0.95 ? cookie : `${cookie.slice(0, 30)}x`;
  const type = chance() < 0.8 ? 'application/json' : oneOf(TYPES, chance);
  if (type) headers['content-type'] = type;
  if (chance() < 0.1)
    headers.origin = oneOf(['null', 'http://elsewhere.example', 'http://127.0.0.1'], chance);
  if (chance() < 0.05) headers['x-request-id'] = 'y'.repeat(5000);
  if (method === 'GET') return { path: filled + query, method, headers };
  return {
    path: filled + query,
    method,
    headers,
    body: bodyFrom(wholeBody(route.path, own, foreign, chance), chance),
  };
}

/** What a route would take, or nearly. */
function wholeBody(
  path: string,
  life: readonly object[],
  foreign: readonly string[],
  chance: Chance,
): unknown {
  if (path.endsWith('/events')) {
    const some = life.slice(0, 1 + Math.floor(chance() * life.length));
    return {
      events: some.map((event) => (chance() < 0.3 ? { ...event, foodId: oneOf(foreign, chance) } : event)),
    };
  }
  if (path.endsWith('/settings')) return { units: { temperature: 'F', mass: 'metric' }, zone: 'UTC' };
  if (path.endsWith('/clock')) return { aheadMs: Math.floor(chance() * 1e6) };
  if (path.endsWith('/end')) return { onAt: Date.now() };
  if (path.includes('power-cuts')) return { id: uuid(), offAt: Date.now(), freezer: 'full', opened: [] };
  return { id: uuid(), store: 'freezer', at: Date.now(), temperature: { value: 4, unit: 'C' } };
}

/** The body as it is sent: one place in it turned odd, or cut off, or none of all that. */
function bodyFrom(whole: unknown, chance: Chance): string {
  const roll = chance();
  if (roll < 0.1) return JSON.stringify(whole);
  if (roll < 0.2) return JSON.stringify(whole).slice(0, Math.floor(chance() * 200));
  if (roll < 0.25) return '['.repeat(20_000);
  return JSON.stringify(oddAt(whole, chance));
}

function oddAt(value: unknown, chance: Chance): unknown {
  if (typeof value !== 'object' || value === null || chance() < 0.15) return oneOf(ODD, chance);
  const keys = Object.keys(value);
  if (keys.length === 0) return oneOf(ODD, chance);
  const key = oneOf(keys, chance);
  const changed = oddAt((value as Record<string, unknown>)[key], chance);
  if (Array.isArray(value)) return value.map((each, i) => (String(i) === key ? changed : (each as unknown)));
  return { ...value, [key]: changed, ...(chance() < 0.1 && { extra: 1 }) };
}
