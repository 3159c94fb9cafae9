import { OpenAPIHono } from '@hono/zod-openapi';
import type { FirstPage } from '@omtel/core/api';
import type { Context, MiddlewareHandler } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { compress } from 'hono/compress';
import { HTTPException } from 'hono/http-exception';
import { requestId } from 'hono/request-id';
import { secureHeaders } from 'hono/secure-headers';
import { unlessSilent } from '../db/silence';
import { kindOf } from '../log';
import { knownHost } from './knownHost';
import { allowed } from './may';
import { onError, problem } from './problem';
import { requestLog } from './requestLog';
import { calendarRoutes, feedRoutes } from './routes/calendar';
import { deviceIntake, deviceRoutes } from './routes/devices';
import { fileRoutes } from './routes/files';
import { foodRoutes } from './routes/foods';
import { healthRoutes } from './routes/health';
import { householdRoutes } from './routes/household';
import { liveRoutes } from './routes/live';
import { memberRoutes } from './routes/members';
import { peopleRoutes } from './routes/people';
import { pushRoutes } from './routes/push';
import { sessionRoutes } from './routes/session';
import { storeRoutes } from './routes/stores';
import { TAKES_IN, takingInRoutes } from './routes/takingIn';
import { firstPage } from '../services/firstPage';
import { Refusal } from '../services/refusal';
import { sameOrigin } from './sameOrigin';
import { sameVersion } from './sameVersion';
import type { Services } from './services';
import { signedIn, visitorOf, type SignedIn } from './session';
import { webClient } from './webClient';
import { wellFormed } from './wellFormed';

/** A full outbox of two hundred events is far below this. */
const LARGEST_BODY = 512 * 1024;
/** Ten years of a household are less than half of this; a larger one would take the memory others need. */
const LARGEST_FILE = 64 * 1024 * 1024;
/** How long the database may be silent before a request is answered without it, and before a page is shown untold. */
const SILENT_MS = { request: 4_000, page: 1_000 } as const;

/** The whole server as one value: tests call it without a port. */
export function createApp(services: Services): OpenAPIHono {
  const { db, log, refolding } = services;
  const app = new OpenAPIHono();
  app.onError(onError(log));
  app.use(requestId());
  app.use(requestLog(log));
  app.use(knownHost(services.hosts));
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
        baseUri: ["'self'"],
        formAction: ["'self'"],
      },
    }),
  );
  app.use('/api/*', sameOrigin);
  app.use('/api/*', compress());
  // What is a household's own is kept by no cache.
  app.use('/api/*', async (c, next) => {
    await next();
    c.header('cache-control', 'no-store');
  });
  const tooLarge = () => {
    throw new HTTPException(413);
  };
  const limits = {
    usual: bodyLimit({ maxSize: LARGEST_BODY, onError: tooLarge }),
    file: bodyLimit({ maxSize: LARGEST_FILE, onError: tooLarge }),
  };
  app.use('/api/*', (c, next) => limits[c.req.path === TAKES_IN ? 'file' : 'usual'](c, next));
  app.use('/api/*', sameVersion);
  app.use('/api/*', wellFormed);
  app.route('/api/health', healthRoutes(services));
  app.use('/api/*', (_, next) => unlessSilent(db, SILENT_MS.request, next));
  app.doc('/api/openapi.json', { openapi: '3.0.0', info: { title: 'Omtel', version: '0.1.0' } });
  app.route('/api/session', sessionRoutes(services));
  app.route('/api/devices', deviceIntake(services));
  const folded: MiddlewareHandler<SignedIn> = async (c, next) => {
    await refolding.ahead(c.var.householdId);
    return next();
  };
  for (const guarded of [
    '/api/household',
    '/api/me/*',
    '/api/people',
    '/api/people/*',
    '/api/household/*',
    '/api/foods',
    '/api/foods/*',
    '/api/events',
    '/api/live',
    '/api/stores/*',
    '/api/calendar',
    '/api/calendar/*',
    '/api/devices',
    '/api/devices/*',
  ]) {
    app.use(guarded, signedIn(services));
    app.use(guarded, allowed);
    app.use(guarded, folded);
  }
  app.route('/api', fileRoutes(services));
  app.route('/api', takingInRoutes(services));
  app.route('/api/household', householdRoutes(services));
  app.route('/api/me', peopleRoutes(services));
  app.route('/api/me', pushRoutes(services));
  app.route('/api/people', memberRoutes(services));
  app.route('/api', foodRoutes(services));
  app.route('/api', liveRoutes(services));
  app.route('/api/stores', storeRoutes(services));
  app.route('/api/calendar', calendarRoutes(services));
  app.route('/api/devices', deviceRoutes(services));
  app.all('/api/*', (c) => problem(c, 404, 'There is nothing at this address.'));
  // Whoever has a device here is signed in; who writes to one shows that by the message.
  for (const ofDevices of ['/push/devices', '/push/devices/*']) {
    app.use(ofDevices, sameOrigin);
    app.use(ofDevices, (_, next) => unlessSilent(db, SILENT_MS.request, next));
    app.use(ofDevices, signedIn(services));
  }
  app.route('/push', services.pushService);
  app.use('/calendar/*', (_, next) => unlessSilent(db, SILENT_MS.request, next));
  app.route('/calendar', feedRoutes(services));
  if (services.webRoot) {
    // The app would find the way to its first place as well, but only once it has started.
    app.get('/', (c) => c.redirect('/now'));
    app.route(
      '/',
      webClient(services.webRoot, (c) => toldAtFirst(c, services)),
    );
  }
  return app;
}

/** What the page is told. A page that cannot be told anything asks for itself, and then says what is wrong. */
async function toldAtFirst(c: Context, services: Services): Promise<FirstPage | null> {
  const { db, wall, refolding, log } = services;
  try {
    return await unlessSilent(db, SILENT_MS.page, async () => {
      const visitor = await visitorOf(c, services);
      if (!visitor) return null;
      await refolding.ahead(visitor.householdId);
      return firstPage(db, visitor, wall);
    });
  } catch (error) {
    if (!(error instanceof Refusal))
      log({ request: String(c.get('requestId')), failed: 'page', kind: kindOf(error as Error) });
    return null;
  }
}
