import { OpenAPIHono } from '@hono/zod-openapi';
import type { FirstPage } from '@omtel/core/api';
import type { Context } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { csrf } from 'hono/csrf';
import { HTTPException } from 'hono/http-exception';
import { secureHeaders } from 'hono/secure-headers';
import { kindOf, onError, problem } from './problem';
import { foodRoutes } from './routes/foods';
import { householdRoutes } from './routes/household';
import { sessionRoutes } from './routes/session';
import { storeRoutes } from './routes/stores';
import { firstPage } from '../services/firstPage';
import { Refusal } from '../services/refusal';
import type { Services } from './services';
import { householdOf, signedIn } from './session';
import { webClient } from './webClient';
import { wellFormed } from './wellFormed';

/** A full outbox of two hundred events is far below this. */
const LARGEST_BODY = 512 * 1024;

/** The whole server as one value: tests call it without a port. */
export function createApp(services: Services): OpenAPIHono {
  const app = new OpenAPIHono();
  app.onError(onError(services.log));
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
      },
    }),
  );
  app.use('/api/*', csrf());
  app.use(
    '/api/*',
    bodyLimit({
      maxSize: LARGEST_BODY,
      onError: () => {
        throw new HTTPException(413);
      },
    }),
  );
  app.use('/api/*', wellFormed);
  app.get('/api/health', (c) => c.json({ ok: true }));
  app.doc('/api/openapi.json', { openapi: '3.0.0', info: { title: 'Omtel', version: '0.1.0' } });
  app.route('/api/session', sessionRoutes(services));
  for (const guarded of [
    '/api/household',
    '/api/household/*',
    '/api/foods',
    '/api/foods/*',
    '/api/events',
    '/api/stores/*',
  ]) {
    app.use(guarded, signedIn(services.secret));
  }
  app.route('/api/household', householdRoutes(services));
  app.route('/api', foodRoutes(services));
  app.route('/api/stores', storeRoutes(services));
  app.all('/api/*', (c) => problem(c, 404, 'There is nothing at this address.'));
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
async function toldAtFirst(c: Context, { db, wall, secret, log }: Services): Promise<FirstPage | null> {
  const householdId = await householdOf(c, secret);
  if (!householdId) return null;
  try {
    return await firstPage(db, householdId, wall);
  } catch (error) {
    if (!(error instanceof Refusal)) log(`The page was told nothing: ${kindOf(error as Error)}`);
    return null;
  }
}
