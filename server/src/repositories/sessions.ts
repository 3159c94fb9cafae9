import type { Role } from '@omtel/core/roles';
import type { Database } from '../db/connect';
import { stillOpen } from './households';

interface Stored {
  token_hash: string;
  household_id: string;
  /** Nobody in the demo. */
  person_id: string | null;
  /** What is told of it; its token never is. Null of those that are older than this. */
  id: string | null;
  device: string | null;
  since: number | null;
  seen_at: number | null;
  expires_at: number;
}

/** More devices than any home has; the oldest sessions make room, so that nobody can fill the database by signing in. */
const MOST_OF_A_HOUSEHOLD = 500;

/** Who is signed in on a device; nobody of a name in the demo. */
export interface Visitor {
  readonly householdId: string;
  readonly person: { readonly id: string; readonly name: string; readonly role: Role } | null;
}

/** A device somebody is signed in on. */
export interface Session {
  readonly id: string;
  readonly person: { readonly id: string; readonly name: string };
  readonly device: string;
  readonly since: number;
  readonly seenAt: number;
}

/** Notes that a device is signed in, and forgets the household's sessions that have run out. */
export async function insertSession(
  db: Database,
  session: {
    readonly tokenHash: string;
    readonly visitor: Visitor;
    readonly id: string;
    readonly device: string;
    readonly expiresAt: number;
  },
  now: number,
): Promise<void> {
  const {
    tokenHash,
    visitor: { householdId, person },
    id,
    device,
    expiresAt,
  } = session;
  await db<Stored>('sessions').where({ household_id: householdId }).where('expires_at', '<=', now).delete();
  await db<Stored>('sessions').insert({
    token_hash: tokenHash,
    household_id: householdId,
    person_id: person?.id ?? null,
    id,
    device,
    since: now,
    seen_at: now,
    expires_at: expiresAt,
  });
  const tooOld = await db<Stored>('sessions')
    .where({ household_id: householdId })
    .orderBy('expires_at', 'desc')
    .offset(MOST_OF_A_HOUSEHOLD)
    .limit(1)
    .pluck('expires_at');
  if (tooOld.length)
    await db<Stored>('sessions')
      .where({ household_id: householdId })
      .where('expires_at', '<=', tooOld[0]!)
      .delete();
}

/** Who a device is signed in as, and to which household; null where it never was, no more, or for too long. */
export async function visitorOfSession(
  db: Database,
  tokenHash: string,
  now: number,
): Promise<(Visitor & { readonly seenAt: number }) | null> {
  const row = await db<Stored>('sessions')
    .leftJoin('people', 'people.id', 'sessions.person_id')
    .join('households', 'households.id', 'sessions.household_id')
    .where({ token_hash: tokenHash })
    .where(stillOpen(now))
    .where('expires_at', '>', now)
    .first<Named | undefined>(
      'sessions.household_id',
      'sessions.person_id',
      'sessions.seen_at',
      'people.name',
      'people.role',
    );
  return row
    ? {
        householdId: row.household_id,
        person: row.person_id ? { id: row.person_id, name: row.name, role: row.role } : null,
        seenAt: Number(row.seen_at),
      }
    : null;
}

interface Named extends Stored {
  name: string;
  role: Role;
}

/** Notes that a device was seen, and lets it stay signed in for longer. */
export async function renewSession(
  db: Database,
  tokenHash: string,
  { seenAt, expiresAt }: { readonly seenAt: number; readonly expiresAt: number },
): Promise<void> {
  await db<Stored>('sessions')
    .where({ token_hash: tokenHash })
    .update({ seen_at: seenAt, expires_at: expiresAt });
}

/** The devices of a household, or of one person in it. */
export interface WhoseDevices {
  readonly householdId: string;
  readonly personId: string | null;
}

const of = ({ householdId, personId }: WhoseDevices) => ({
  'sessions.household_id': householdId,
  ...(personId !== null && { 'sessions.person_id': personId }),
});

/** The devices people are signed in on, those seen last first; `here` is the one that has the token. */
export async function listSessions(
  db: Database,
  whose: WhoseDevices,
  tokenHash: string,
  now: number,
): Promise<readonly (Session & { readonly here: boolean })[]> {
  const rows = await db<Stored>('sessions')
    .join('people', 'people.id', 'sessions.person_id')
    .where(of(whose))
    .where('expires_at', '>', now)
    .orderBy('seen_at', 'desc')
    .select<Named[]>('sessions.*', 'people.name');
  return rows.map((row) => ({
    id: row.id!,
    person: { id: row.person_id!, name: row.name },
    device: row.device!,
    since: Number(row.since),
    seenAt: Number(row.seen_at),
    here: row.token_hash === tokenHash,
  }));
}

/** Signs one device out. */
export async function deleteSessionById(db: Database, whose: WhoseDevices, id: string): Promise<void> {
  await db<Stored>('sessions')
    .where({ ...of(whose), id })
    .delete();
}

/** Signs every device out but the one that has the token. */
export async function deleteOtherSessions(
  db: Database,
  whose: WhoseDevices,
  tokenHash: string,
): Promise<void> {
  await db<Stored>('sessions').where(of(whose)).whereNot({ token_hash: tokenHash }).delete();
}

/** Signs somebody out everywhere, but for the device that has the token. */
export async function deleteSessionsOf(
  db: Database,
  { householdId, id }: { readonly householdId: string; readonly id: string },
  tokenHash: string | null,
): Promise<void> {
  const theirs = db<Stored>('sessions').where({ household_id: householdId, person_id: id });
  if (tokenHash !== null) theirs.whereNot({ token_hash: tokenHash });
  await theirs.delete();
}

export async function deleteSession(db: Database, tokenHash: string): Promise<void> {
  await db<Stored>('sessions').where({ token_hash: tokenHash }).delete();
}
