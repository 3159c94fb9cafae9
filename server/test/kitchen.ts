import type { FoodTrail, Household } from '@omtel/core/api';
import type { EventType, FoodEvent, KitchenEvent, Payload } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { pushService } from '@omtel/devices/push';
import { v7 as uuid } from 'uuid';
import { fixedClock } from '../src/clock';
import { connect, type Database } from '../src/db/connect';
import { migrate } from '../src/db/migrate';
import { createApp } from '../src/http/app';
import type { LogLine } from '../src/log';
import { liveFrom } from '../src/services/live';
import type { Pushing } from '../src/services/push';
import { remindFrom } from '../src/services/reminding';
import { NOTHING_STALE, refoldBehind, type Refolding } from '../src/services/refolding';

export const WALL = Date.UTC(2026, 5, 12, 10);
/** Where the server is that is called without a port. */
export const OWN = 'http://localhost';

export interface Kitchen {
  readonly db: Database;
  readonly url: string;
  readonly logged: LogLine[];
  /** All that is served, as `GET /api/foods/:id`. */
  readonly routes: readonly string[];
  /** Asks as the demo household, once `signIn` was called. */
  ask(
    method: string,
    path: string,
    body?: unknown,
    headers?: Record<string, string | undefined>,
  ): Promise<Response>;
  signIn(): Promise<Household>;
  /** The same server as it starts on what the database holds. */
  restart(): Promise<Refolding>;
  /** Looks once for what devices are to be reminded of. */
  remind(): Promise<void>;
  close(): Promise<void>;
}

/** A server with an empty database of its own, called without a port. */
export async function openKitchen(
  webRoot: string | null = null,
  databaseUrl = process.env.OMTEL_TEST_DATABASE_URL!,
): Promise<Kitchen> {
  const url = new URL(databaseUrl);
  const name = `omtel_test_${uuid().replaceAll('-', '')}`;
  const admin = connect(url.href);
  await admin.raw(`CREATE DATABASE ${name}`);
  await admin.destroy();
  url.pathname = `/${name}`;
  await migrate(url.href);
  const db = connect(url.href);
  const logged: LogLine[] = [];
  const log = (line: LogLine) => void logged.push(line);
  const live = liveFrom(db);
  const pushing: Pushing = {
    db,
    post: async (endpoint, init) => app.request(endpoint.slice(OWN.length), init),
    pushServices: () => [OWN],
  };
  const receiving = pushService(() => `${OWN}/push`);
  const reminding = remindFrom(pushing, fixedClock(WALL), log);
  const started = (refolding: Refolding) =>
    createApp({
      db,
      wall: fixedClock(WALL),
      secret: 's'.repeat(32),
      zone: 'UTC',
      webRoot,
      hosts: ['localhost'],
      refolding,
      live,
      pushing,
      pushService: receiving,
      log,
    });
  let app = started(NOTHING_STALE);
  let cookie = '';

  const ask: Kitchen['ask'] = async (method, path, body, headers = {}) =>
    app.request(path, {
      method,
      headers: Object.entries({
        cookie,
        origin: OWN,
        'content-type': body === undefined ? undefined : 'application/json',
        ...headers,
      }).filter((header): header is [string, string] => header[1] !== undefined),
      body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
    });
  const signIn = async () => {
    const response = await ask('POST', '/api/session/demo');
    cookie = response.headers.get('set-cookie')!.split(';')[0]!;
    return (await response.json()) as Household;
  };
  const restart = async () => {
    const refolding = await refoldBehind(db, log);
    app = started(refolding);
    return refolding;
  };
  const routes = app.routes.map(({ method, path }) => `${method} ${path}`);
  const close = () => {
    live.end();
    reminding.end();
    return db.destroy();
  };
  return { db, url: url.href, logged, routes, ask, signIn, restart, remind: reminding.look, close };
}

export function event<Type extends EventType>(
  foodId: string,
  at: number,
  type: Type,
  payload?: Payload<Type>,
): FoodEvent {
  return { id: uuid(), foodId, at, type, payload: payload ?? {} } as FoodEvent;
}

export const lamb = (foodId: string, at: number, over: Partial<Payload<'added'>> = {}): FoodEvent =>
  event(foodId, at, 'added', {
    foodKey: 'lamb-shoulder-bone-in',
    name: 'Lamb',
    massKg: 2.4,
    form: 'boneInJoint',
    condition: 'frozen',
    place: 'freezer',
    since: null,
    ...over,
  });

/** The body of an answer. */
export const json = async <Body>(response: Response): Promise<Body> => (await response.json()) as Body;

/** A kitchen somebody is signed in to. */
export interface SignedInKitchen extends Kitchen {
  readonly household: Household;
  /** The household's moment, in whole milliseconds. */
  readonly now: number;
  record(...events: KitchenEvent[]): Promise<Response>;
  trailOf(foodId: string): Promise<FoodTrail>;
  stateOf(foodId: string): Promise<FoodState>;
}

async function signedIn(): Promise<SignedInKitchen> {
  const kitchen = await openKitchen();
  const household = await kitchen.signIn();
  const trailOf = async (foodId: string) => json<FoodTrail>(await kitchen.ask('GET', `/api/foods/${foodId}`));
  return {
    ...kitchen,
    household,
    now: Math.round(household.clock.now),
    record: (...events) => kitchen.ask('POST', '/api/events', { events }),
    trailOf,
    stateOf: async (foodId) => (await trailOf(foodId)).food.state,
  };
}

/** A kitchen of each test's own, or one for all tests of a file; what it holds is there from the first of them on. */
export function aKitchen(of: 'each' | 'all' = 'each'): SignedInKitchen {
  const kitchen = {} as SignedInKitchen;
  (of === 'each' ? beforeEach : beforeAll)(async () => void Object.assign(kitchen, await signedIn()));
  (of === 'each' ? afterEach : afterAll)(() => kitchen.close());
  return kitchen;
}

/** A litre of lentil soup, cooked as it comes. */
export const soup = (foodId: string, at: number, over: Partial<Payload<'added'>> = {}): FoodEvent =>
  event(foodId, at, 'added', {
    foodKey: 'lentil-soup',
    name: 'Soup',
    massKg: 1,
    form: 'liquid',
    condition: 'cooked',
    place: 'refrigerator',
    since: at,
    ...over,
  });
