import type { Context, MiddlewareHandler } from 'hono';
import { deleteCookie, getSignedCookie, setSignedCookie } from 'hono/cookie';
import { z } from 'zod';
import { problem } from './problem';

const COOKIE = 'omtel_session';
const DAYS_30 = 30 * 24 * 60 * 60;

/** What a request knows once it is signed in. */
export interface SignedIn {
  Variables: { householdId: string };
}

/** Signs a household in on this device, for thirty days. */
export async function openSession(c: Context, secret: string, householdId: string): Promise<void> {
  await setSignedCookie(c, COOKIE, householdId, secret, {
    httpOnly: true,
    sameSite: 'Lax',
    path: '/',
    maxAge: DAYS_30,
  });
}

export function closeSession(c: Context): void {
  deleteCookie(c, COOKIE, { path: '/' });
}

/** The household a request is signed in to. A cookie that was cut or changed counts as none. */
export async function householdOf(c: Context, secret: string): Promise<string | null> {
  const householdId = z.uuid().safeParse((await getSignedCookie(c, secret, COOKIE)) || undefined);
  return householdId.data ?? null;
}

/** Lets a request pass only with a whole session cookie, and tells the routes behind it whose household it is. */
export function signedIn(secret: string): MiddlewareHandler<SignedIn> {
  return async (c, next) => {
    const householdId = await householdOf(c, secret);
    if (!householdId) return problem(c, 401, 'Sign in first.');
    c.set('householdId', householdId);
    return next();
  };
}
