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

/** Lets a request pass only with a whole session cookie, and tells the routes behind it whose household it is. */
export function signedIn(secret: string): MiddlewareHandler<SignedIn> {
  return async (c, next) => {
    const householdId = z.uuid().safeParse(await readCookie(c, secret));
    if (!householdId.success) return problem(c, 401, 'Sign in first.');
    c.set('householdId', householdId.data);
    return next();
  };
}

/** A cookie that was cut or changed counts as none. */
async function readCookie(c: Context, secret: string): Promise<string | undefined> {
  return (await getSignedCookie(c, secret, COOKIE)) || undefined;
}
