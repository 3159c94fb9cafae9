import { randomBytes } from 'node:crypto';
import { calendarFeedSchema } from '@omtel/core/api';
import { createRoute, OpenAPIHono } from '@hono/zod-openapi';
import { Hono, type Context } from 'hono';
import { hashOf } from '../../hashOf';
import { deleteFeed, feedSince, householdOfFeed, saveFeed } from '../../repositories/calendarFeeds';
import { calendarOf } from '../../services/calendar';
import { getHousehold } from '../../services/household';
import { invalid, problem } from '../problem';
import type { Services } from '../services';
import type { SignedIn } from '../session';
import { answers } from './documented';

/** What a file is called, without what says that it is a calendar. */
const idOf = (file: string): string => file.slice(0, -'.ics'.length);

const asFile = (c: Context, text: string, name: string) =>
  c.body(text, 200, {
    'content-type': 'text/calendar; charset=utf-8',
    'content-disposition': `attachment; filename="${name}.ics"`,
  });

/** The plans as a calendar: a file of one meal or of all, and a private address a calendar can follow. */
export function calendarRoutes({ db, wall }: Services) {
  const responses = answers(calendarFeedSchema);
  return new OpenAPIHono<SignedIn>({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, result.error)),
  })
    .openapi(
      createRoute({ method: 'get', path: '/', summary: 'Whether there is an address to follow', responses }),
      async (c) => c.json({ since: await feedSince(db, c.var.householdId), path: null }, 200),
    )
    .openapi(
      createRoute({
        method: 'post',
        path: '/',
        summary: 'A new address to follow; the one before opens nothing any more',
        responses,
      }),
      async (c) => {
        const token = randomBytes(32).toString('base64url');
        const since = Math.round(wall.now());
        await saveFeed(db, c.var.householdId, hashOf(token), since);
        return c.json({ since, path: `/calendar/${token}.ics` }, 200);
      },
    )
    .openapi(
      createRoute({ method: 'delete', path: '/', summary: 'Take the address back', responses }),
      async (c) => {
        await deleteFeed(db, c.var.householdId);
        return c.json({ since: null, path: null }, 200);
      },
    )
    .get('/plans.ics', async (c) =>
      asFile(c, await calendarOf(db, await getHousehold(db, c.var.householdId), wall), 'plans'),
    )
    .get('/meals/:file{[0-9a-f-]+\\.ics}', async (c) => {
      const household = await getHousehold(db, c.var.householdId);
      return asFile(c, await calendarOf(db, household, wall, idOf(c.req.param('file'))), 'meal');
    });
}

/** What a calendar that knows the address reads, without signing in. */
export function feedRoutes({ db, wall, refolding }: Services) {
  return new Hono().get('/:file{[A-Za-z0-9_-]+\\.ics}', async (c) => {
    const householdId = await householdOfFeed(db, hashOf(idOf(c.req.param('file'))));
    if (!householdId) return problem(c, 404, 'There is no calendar at this address.');
    await refolding.ahead(householdId);
    c.header('cache-control', 'private, no-cache');
    return asFile(c, await calendarOf(db, await getHousehold(db, householdId), wall), 'plans');
  });
}
