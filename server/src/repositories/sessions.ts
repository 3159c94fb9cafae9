import type { Database } from '../db/connect';

interface Stored {
  token_hash: string;
  household_id: string;
  /** Nobody in the demo. */
  person_id: string | null;
  expires_at: number;
}

/** More devices than any home has; the oldest sessions make room, so that nobody can fill the database by signing in. */
const MOST_OF_A_HOUSEHOLD = 500;

/** Who is signed in on a device; nobody of a name in the demo. */
export interface Visitor {
  readonly householdId: string;
  readonly person: { readonly id: string; readonly name: string } | null;
}

/** Notes that a device is signed in, and forgets the household's sessions that have run out. */
export async function insertSession(
  db: Database,
  session: {
    readonly tokenHash: string;
    readonly visitor: Visitor;
    readonly expiresAt: number;
  },
  now: number,
): Promise<void> {
  const {
    tokenHash,
    visitor: { householdId, person },
    expiresAt,
  } = session;
  await db<Stored>('sessions').where({ household_id: householdId }).where('expires_at', '<=', now).delete();
  await db<Stored>('sessions').insert({
    token_hash: tokenHash,
    household_id: householdId,
    person_id: person?.id ?? null,
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
): Promise<Visitor | null> {
  const row = await db<Stored>('sessions')
    .leftJoin('people', 'people.id', 'sessions.person_id')
    .where({ token_hash: tokenHash })
    .where('expires_at', '>', now)
    .first<Seen | undefined>('sessions.household_id', 'sessions.person_id', 'people.name');
  return row
    ? {
        householdId: row.household_id,
        person: row.person_id ? { id: row.person_id, name: row.name } : null,
      }
    : null;
}

interface Seen extends Stored {
  name: string;
}

/** Signs somebody out everywhere. */
export async function deleteSessionsOf(
  db: Database,
  { householdId, id }: { readonly householdId: string; readonly id: string },
): Promise<void> {
  await db<Stored>('sessions').where({ household_id: householdId, person_id: id }).delete();
}

export async function deleteSession(db: Database, tokenHash: string): Promise<void> {
  await db<Stored>('sessions').where({ token_hash: tokenHash }).delete();
}
