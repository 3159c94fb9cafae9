import { randomBytes } from 'node:crypto';
import { MEANT_FOR } from '@omtel/core/api';
import type { Role } from '@omtel/core/roles';
import type { Context, MiddlewareHandler } from 'hono';
import { deleteCookie, getSignedCookie, setSignedCookie } from 'hono/cookie';
import { v7 as uuid } from 'uuid';
import { hashOf } from '../hashOf';
import {
  deleteSession,
  insertSession,
  renewSession,
  visitorOfSession,
  type Visitor,
} from '../repositories/sessions';
import { deviceNamed } from './deviceNamed';
import { Refusal } from '../services/refusal';
import { anotherKitchen, problem } from './problem';
import type { Services } from './services';

const COOKIE = 'omtel_session';
const DAYS_30 = 30 * 24 * 60 * 60;
/** Whoever is seen stays signed in; that is noted no more often than this. */
const NOTED_EVERY_MS = 60 * 60 * 1000;

/** What a request knows once it is signed in. */
export interface SignedIn {
  Variables: { householdId: string; person: Visitor['person']; tokenHash: string };
}

/** The demo’s anybody may do everything in it. */
export const roleOf = ({ person }: Pick<SignedIn['Variables'], 'person'>): Role => person?.role ?? 'cook';

/** @throws Refusal in the demo, which is nobody's own */
export function whoOf({
  householdId,
  person,
}: SignedIn['Variables']): NonNullable<Visitor['person']> & { readonly householdId: string } {
  if (!person) throw new Refusal(403, 'The demo is anybody’s: nobody signs in to it.');
  return { householdId, ...person };
}

type Doors = Pick<Services, 'db' | 'secret'>;

/** Signs somebody in on this device, for thirty days by the wall clock; a demo's own clock opens no door. */
export async function openSession(c: Context, doors: Doors, visitor: Visitor): Promise<void> {
  // Whoever comes in once more is on no list twice.
  const { db, secret } = doors;
  await forgetSession(c, doors);
  const token = randomBytes(32).toString('base64url');
  const now = Date.now();
  const session = {
    tokenHash: hashOf(token),
    visitor,
    id: uuid(),
    device: deviceNamed(c.req.header('user-agent')),
    expiresAt: now + DAYS_30 * 1000,
  };
  await insertSession(db, session, now);
  await giveCookie(c, secret, token);
}

const giveCookie = (c: Context, secret: string, token: string): Promise<void> =>
  setSignedCookie(c, COOKIE, token, secret, { httpOnly: true, sameSite: 'Lax', path: '/', maxAge: DAYS_30 });

/** Signs this device out: what it held opens nothing any more, on any server. */
export async function closeSession(c: Context, doors: Doors): Promise<void> {
  await forgetSession(c, doors);
  deleteCookie(c, COOKIE, { path: '/' });
}

async function forgetSession(c: Context, { db, secret }: Doors): Promise<void> {
  const token = await tokenIn(c, secret);
  if (token) await deleteSession(db, hashOf(token));
}

/** Who a request comes from. A cookie that was cut, changed or signed out counts as none. */
export async function visitorOf(c: Context, { db, secret }: Doors): Promise<Visitor | null> {
  const token = await tokenIn(c, secret);
  return token ? visitorOfSession(db, hashOf(token), Date.now()) : null;
}

const tokenIn = async (c: Context, secret: string): Promise<string | null> =>
  (await getSignedCookie(c, secret, COOKIE)) || null;

/**
 * Lets a request pass only with a whole session cookie, and tells the routes behind it whose household it is. A page that was opened
 * for another household than this device is signed in to now gets nothing, and changes nothing.
 */
export function signedIn(doors: Doors): MiddlewareHandler<SignedIn> {
  return async (c, next) => {
    const token = await tokenIn(c, doors.secret);
    const tokenHash = token && hashOf(token);
    const visitor = tokenHash && (await visitorOfSession(doors.db, tokenHash, Date.now()));
    if (!visitor) return problem(c, 401, 'Sign in first.');
    const meant = c.req.header(MEANT_FOR);
    if (meant !== undefined && meant !== visitor.householdId) return anotherKitchen(c);
    c.set('householdId', visitor.householdId);
    c.set('person', visitor.person);
    c.set('tokenHash', tokenHash);
    const now = Date.now();
    if (now - visitor.seenAt > NOTED_EVERY_MS) {
      await renewSession(doors.db, tokenHash, { seenAt: now, expiresAt: now + DAYS_30 * 1000 });
      await giveCookie(c, doors.secret, token);
    }
    return next();
  };
}
