import { whyNot, type Act } from '@omtel/core/roles';
import type { MiddlewareHandler } from 'hono';
import { matchedRoutes } from 'hono/route';
import { problem } from './problem';
import { roleOf, type SignedIn } from './session';

/**
 * What each request of who is signed in asks for. What is not named here nobody may: whoever adds a route says it here, and nowhere
 * else. What an entry asks for besides is looked at when it is recorded.
 */
export const ASKS: Readonly<Record<string, Act>> = {
  'GET /api/household': 'read',
  'GET /api/household/:file{checks\\.(csv|json)}': 'read',
  'GET /api/household/:file{foods\\.(csv|json)}': 'read',
  'GET /api/household/:file{events\\.(csv|json)}': 'read',
  'GET /api/household/:file{omtel\\.json}': 'decide',
  'POST /api/household/import': 'decide',
  'PATCH /api/household/settings': 'decide',
  'PUT /api/household/clock': 'decide',
  'POST /api/household/restart': 'decide',
  'POST /api/household/closing': 'people',
  'DELETE /api/household/closing': 'people',

  'GET /api/people': 'read',
  'POST /api/people/invitations': 'people',
  'DELETE /api/people/invitations/:id': 'people',
  'PUT /api/people/:id/role': 'people',
  'DELETE /api/people/:id': 'people',

  'GET /api/me/devices': 'own',
  'DELETE /api/me/devices': 'own',
  'DELETE /api/me/devices/:id': 'own',
  'PUT /api/me/passphrase': 'own',
  'POST /api/me/codes': 'own',
  'GET /api/me/passkeys': 'own',
  'POST /api/me/passkeys/offer': 'own',
  'POST /api/me/passkeys': 'own',
  'DELETE /api/me/passkeys/:id': 'own',
  'POST /api/me/leaving': 'own',
  'GET /api/me/push': 'own',
  'PUT /api/me/push': 'own',
  'DELETE /api/me/push': 'own',
  'POST /api/me/push/trial': 'own',

  'GET /api/foods': 'read',
  'GET /api/foods/usual': 'read',
  'GET /api/foods/partings': 'read',
  'GET /api/foods/trails': 'read',
  'GET /api/foods/:id': 'read',
  'GET /api/events': 'read',
  'POST /api/events': 'record',
  'GET /api/live': 'read',

  'GET /api/stores/readings': 'read',
  'GET /api/stores/:file{readings\\.(csv|json)}': 'read',
  'POST /api/stores/readings': 'record',
  'DELETE /api/stores/readings/:id': 'takeAway',
  'POST /api/stores/power-cuts': 'record',
  'DELETE /api/stores/power-cuts/:id': 'takeAway',
  'POST /api/stores/power-cuts/:id/end': 'record',
  'DELETE /api/stores/power-cuts/:id/end': 'takeAway',

  'GET /api/calendar': 'read',
  'GET /api/calendar/plans.ics': 'read',
  'GET /api/calendar/meals/:file{[0-9a-f-]+\\.ics}': 'read',
  'POST /api/calendar': 'decide',
  'DELETE /api/calendar': 'decide',

  'GET /api/devices': 'read',
  'GET /api/devices/:id/:file{readings\\.(csv|json)}': 'read',
  'POST /api/devices': 'decide',
  'DELETE /api/devices/:id': 'takeAway',
  'POST /api/devices/:id/key': 'decide',
  'DELETE /api/devices/:id/key': 'decide',
  'PUT /api/devices/:id/columns': 'decide',
  'PUT /api/devices/:id/channels/:channel': 'decide',
  'GET /api/devices/:id/channels/:channel/record': 'read',
  'POST /api/devices/:id/readings': 'record',
};

/** Lets a request pass that its person may make; it stands behind `signedIn`. */
export const allowed: MiddlewareHandler<SignedIn> = async (c, next) => {
  const method = c.req.method === 'HEAD' ? 'GET' : c.req.method;
  const route = matchedRoutes(c).find((one) => one.method === method);
  // Nothing is at that address, which is said further on.
  if (!route) return next();
  const act = ASKS[`${method} ${route.path}`];
  const why = act ? whyNot(roleOf(c.var), act) : 'Nobody may do that here.';
  return why ? problem(c, 403, why) : next();
};
